import { VueQueryPlugin } from '@tanstack/vue-query'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import { createRouter, createWebHistory } from 'vue-router'
import { queries } from './api/queries'
import App from './App.vue'
import './main.css'
import { routes } from './routes'
import { lookAfter, useOutbox } from './saving'
import { words } from './words'

const router = createRouter({ history: createWebHistory(), routes })

const pinia = createPinia()
const app = createApp(App).use(pinia)
lookAfter(useOutbox(pinia), router)
app.use(words).use(router).use(VueQueryPlugin, { queryClient: queries }).mount('#app')
