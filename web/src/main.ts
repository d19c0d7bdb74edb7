import { createApp } from 'vue'
createApp({ render: () => null }).mount('#app')
