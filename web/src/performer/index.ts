export { usePerformer } from './performer'
export { useMargin } from './margin'
