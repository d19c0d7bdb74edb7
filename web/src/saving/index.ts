export { useFolder } from './folder'
export { lookAfter } from './leaving'
export { useOutbox } from './outbox'
export type { RoutineQueue, SaveState } from './routineQueue'
