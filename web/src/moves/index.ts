export { findMoves } from './findMoves'
export { composed } from './ownMove'
export { default as BasicMoves } from './BasicMoves.vue'
export { useAsksBasics } from './asksBasics'
