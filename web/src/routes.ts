import type { Component } from 'vue'
import type { RouteRecordRaw } from 'vue-router'
import { allWords } from './words'

/** A view that is not the first: what it says is loaded beside it. */
const later = (view: () => Promise<{ default: Component }>) => () =>
  Promise.all([view(), allWords()]).then(([loaded]) => loaded)

/** The views, each with its address. */
export const routes: RouteRecordRaw[] = [
  { path: '/', name: 'repertoire', component: () => import('./repertoire/RepertoireView.vue') },
  { path: '/bench/:id', name: 'bench', component: later(() => import('./bench/BenchView.vue')) },
  { path: '/rehearse/:id', name: 'rehearse', component: later(() => import('./rehearse/RehearseView.vue')) },
  { path: '/drills', name: 'drills', component: later(() => import('./rehearse/DrillsView.vue')) },
  { path: '/reckoner', name: 'reckoner', component: later(() => import('./reckoner/ReckonerView.vue')) },
  { path: '/invent', name: 'invent', component: later(() => import('./invent/InventView.vue')) },
  {
    path: '/tonight/:id?',
    name: 'tonight',
    props: true,
    component: later(() => import('./tonight/TonightView.vue')),
  },
  {
    path: '/perform/:id',
    name: 'perform',
    props: true,
    component: later(() => import('./tonight/PerformView.vue')),
  },
  { path: '/journal', name: 'journal', component: later(() => import('./journal/JournalView.vue')) },
  { path: '/settings', name: 'settings', component: later(() => import('./settings/SettingsView.vue')) },
  { path: '/about', name: 'about', component: later(() => import('./about/AboutView.vue')) },
  { path: '/moves/:move?', name: 'moves', component: later(() => import('./moves/MovesView.vue')) },
  { path: '/:rest(.*)*', redirect: '/' },
]
