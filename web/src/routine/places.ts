import { t } from '@/words'
import type { Routine } from '@/api/client'

const ALWAYS = [
  'deck',
  'other-hand',
  'table:dealt',
  'table:packet',
  'table:rest',
  'palm',
  'pocket:left',
  'case',
  'wallet',
]

/** The places that a routine can name: those it uses, its spectators' hands, and the usual ones. */
export function knownPlaces(routine: Routine): string[] {
  const used = routine.steps.flatMap((step) =>
    Object.values(step.settings).filter((v) => /^[a-z-]+:/.test(v)),
  )
  const hands = routine.roles.filter((role) => role.owner).map((role) => `spectator:${role.owner}`)
  const laid = routine.setUp.piles.map((pile) => pile.place)
  return [
    ...new Set([...ALWAYS.slice(0, 2), ...hands, ...laid, ...used, ...ALWAYS.slice(2), ...parts(routine)]),
  ]
}

/** Where a thing can lie before the first step, apart from other things. */
export function knownSpots(routine: Routine): string[] {
  const spots = ['table:mat', 'pocket:left', 'pocket:inside']
  const known = knownPlaces(routine).filter((place) => place !== 'deck' && !isPart(place))
  return [...new Set([...spots, ...known])]
}

/** The parts of the things of a routine, as places. */
export function parts(routine: Routine): string[] {
  return routine.setUp.things
    .filter((thing) => thing.mouth !== 'none')
    .flatMap((thing) => {
      const names = thing.slots
        .split(',')
        .map((slot) => slot.trim())
        .filter(Boolean)
      return names.length > 0 ? names.map((name) => `in:${thing.name}/${name}`) : [`in:${thing.name}`]
    })
}

/** Whether a place is a part of a thing. */
export function isPart(place: string): boolean {
  return place.startsWith('in:')
}

/** The words for a place in a list to choose from. */
export function placeLabel(place: string): string {
  const [kind, name = ''] = place.split(':')
  switch (kind) {
    case 'deck':
      return t('routine.places.theDeckInHand')
    case 'other-hand':
      return t('routine.places.theOtherHand')
    case 'table':
      return t('routine.places.table', { name })
    case 'spectator':
      return t('routine.places.sHand', { name })
    case 'pocket':
      return t('routine.places.pocket', { name })
    case 'under':
      return t('routine.places.underThe', { name })
    case 'in':
      return t('routine.places.inThe', { name: name.replace('/', ', ') })
    case 'case':
      return t('routine.places.theCardCase')
    default:
      return t('routine.places.the', { kind })
  }
}
