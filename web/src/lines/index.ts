export { alone, goesThrough, lineOf, lineWith, MAIN, stepsAlong } from './lines'
export { outLabel } from './outLabel'
export { plainSetUp } from './plainSetUp'
