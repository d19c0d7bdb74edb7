export { addClaim, addStep, newClaimSpec, newStep } from './edits'
