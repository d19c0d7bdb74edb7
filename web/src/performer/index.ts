export { usePerformer } from './performer'
