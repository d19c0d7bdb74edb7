export { findMoves } from './findMoves'
export { composed } from './ownMove'
