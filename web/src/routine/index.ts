export {
  addClaim,
  addRole,
  addStep,
  changeClaim,
  changeRole,
  changeSetting,
  changeStep,
  duplicateStep,
  freshId,
  moveStep,
  newClaimSpec,
  newStep,
  removeClaim,
  removeRole,
  removeStep,
  rolesAt,
  withOwnMove,
  type RoleNow,
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
export { layCard } from './laying'
export { alone, goesThrough, lineOf, lineWith, MAIN, stepsAlong } from './lines'
export { outLabel } from './outLabel'
export { addOut, changeOut, ownIds, putBack, rejoinable, removeOut } from './outs'
export { isPart, knownPlaces, knownSpots, parts, placeLabel } from './places'
export { plainSetUp } from './plainSetUp'
export { taken, unknowns, type Unknown } from './unknowns'
