import { VueQueryPlugin } from '@tanstack/vue-query'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import { createRouter, createWebHistory } from 'vue-router'
import App from './App.vue'
import './main.css'

const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'repertoire', component: () => import('./repertoire/RepertoireView.vue') },
    { path: '/bench/:id', name: 'bench', component: () => import('./bench/BenchView.vue') },
    { path: '/rehearse/:id', name: 'rehearse', component: () => import('./rehearse/RehearseView.vue') },
    { path: '/reckoner', name: 'reckoner', component: () => import('./reckoner/ReckonerView.vue') },
    { path: '/moves/:move?', name: 'moves', component: () => import('./moves/MovesView.vue') },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})

createApp(App).use(createPinia()).use(router).use(VueQueryPlugin).mount('#app')
