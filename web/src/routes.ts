import type { RouteRecordRaw } from 'vue-router'

/** The views, each with its address. */
export const routes: RouteRecordRaw[] = [
  { path: '/', name: 'repertoire', component: () => import('./repertoire/RepertoireView.vue') },
  { path: '/bench/:id', name: 'bench', component: () => import('./bench/BenchView.vue') },
  { path: '/rehearse/:id', name: 'rehearse', component: () => import('./rehearse/RehearseView.vue') },
  { path: '/drills', name: 'drills', component: () => import('./rehearse/DrillsView.vue') },
  { path: '/reckoner', name: 'reckoner', component: () => import('./reckoner/ReckonerView.vue') },
  {
    path: '/tonight/:id?',
    name: 'tonight',
    props: true,
    component: () => import('./tonight/TonightView.vue'),
  },
  {
    path: '/perform/:id',
    name: 'perform',
    props: true,
    component: () => import('./tonight/PerformView.vue'),
  },
  { path: '/journal', name: 'journal', component: () => import('./journal/JournalView.vue') },
  { path: '/settings', name: 'settings', component: () => import('./settings/SettingsView.vue') },
  { path: '/about', name: 'about', component: () => import('./about/AboutView.vue') },
  { path: '/moves/:move?', name: 'moves', component: () => import('./moves/MovesView.vue') },
  { path: '/:rest(.*)*', redirect: '/' },
]
