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
  return [...new Set([...ALWAYS.slice(0, 2), ...hands, ...laid, ...used, ...ALWAYS.slice(2)])]
}

/** The words for a place in a list to choose from. */
export function placeLabel(place: string): string {
  const [kind, name = ''] = place.split(':')
  switch (kind) {
    case 'deck':
      return 'the deck in hand'
    case 'other-hand':
      return 'the other hand'
    case 'table':
      return `table: ${name}`
    case 'spectator':
      return `${name}’s hand`
    case 'pocket':
      return `pocket: ${name}`
    case 'under':
      return `under the ${name}`
    case 'case':
      return 'the card case'
    default:
      return `the ${kind}`
  }
}
