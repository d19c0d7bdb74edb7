export { default as SettingField } from './SettingField.vue'
export { default as CountBuilder } from './CountBuilder.vue'
export { knownPlaces, placeLabel } from './places'
export type { PlayedWorld } from './playedWorld'
