export { default as RunningDeck } from './RunningDeck.vue'
export { roleStyle } from './roleStyle'
export { default as RoleChip } from './RoleChip.vue'
