export { default as ClaimFields } from './ClaimFields.vue'
export { default as SettingField } from './SettingField.vue'
export { default as CountBuilder } from './CountBuilder.vue'
export type { PlayedWorld } from './playedWorld'
