export { usePeople } from './sets'
