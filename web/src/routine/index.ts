export {
  addClaim,
  changeClaim,
  changeRole,
  changeSetting,
  changeStep,
  newClaimSpec,
  removeClaim,
} from './edits'
export {
  amountsOf,
  HOLDS,
  PARTS,
  putFollowedTogether,
  takeFollowedApart,
  type Followed,
  type FollowedKind,
} from './followed'
export { alone, goesThrough, lineOf, lineWith, MAIN, stepsAlong } from './lines'
export { outLabel } from './outLabel'
export { changeOut, ownIds, putBack, rejoinable } from './outs'
export { isPart, knownPlaces, knownSpots, parts, placeLabel } from './places'
export { plainSetUp } from './plainSetUp'
export { unknowns, type Unknown } from './unknowns'
