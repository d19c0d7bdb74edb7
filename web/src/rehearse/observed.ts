import type { ClaimSpec, Rehearsal, Trace } from '@/api/client'

/** What somebody sees when they look where a card really is: its place from the top, or nothing. */
export interface Observed {
  /** By role, from the top of the pile in which it should lie; 0 when nobody looked. */
  positions: number[]
  /** The top card of the deck as it is written, such as QC; empty when nobody looked. */
  top: string
  /** Whatever else was seen. */
  more: Sight[]
}

/** Something else that can be seen of a pile, whichever end was looked at. */
export interface Sight {
  kind: 'card-at' | 'face-up-count' | 'pile-size'
  pile: string
  /** A card as it is written. */
  card: string
  /** A place, or how many cards. */
  number: string
  from: 'top' | 'bottom'
  side: 'any' | 'up' | 'down'
}

/** Nothing seen yet of a pile. */
export function sightOf(pile: string): Sight {
  return { kind: 'card-at', pile, card: '', number: '1', from: 'top', side: 'any' }
}

/** What somebody saw as a claim; nothing while a card or a number is missing. */
function claimOf(sight: Sight): ClaimSpec[] {
  const { pile, number, from, side } = sight
  const card = sight.card.trim()
  const settings: Record<string, string> =
    sight.kind === 'card-at' ? { card, nth: number, pile, from, side } : { cards: number, pile }
  const whole = /^\d+(-\d+)?$/.test(number) && (sight.kind !== 'card-at' || card !== '')
  return whole ? [{ kind: sight.kind, settings, not: false, or: [] }] : []
}

/** What was seen, as claims about the end. */
export function claimsOf(observed: Observed, trace: Trace): ClaimSpec[] {
  const end = trace.moments.at(-1)!
  const claims = observed.positions.flatMap((nth, role) =>
    nth > 0 && end.roles[role]?.place
      ? [
          {
            kind: 'position',
            settings: { role: trace.roles[role]!.letter, nth: String(nth), pile: end.roles[role]!.place },
            not: false,
            or: [],
          },
        ]
      : [],
  )
  const top = observed.top.trim()
  const more = observed.more.flatMap(claimOf)
  return top
    ? [...claims, ...more, { kind: 'pile-order', settings: { pile: 'deck', cards: top }, not: false, or: [] }]
    : [...claims, ...more]
}

/** How often each step went wrong in these runs, by its id. */
export function pastSlips(runs: Rehearsal[]): Record<string, number> {
  const slips: Record<string, number> = {}
  for (const step of runs.flatMap((run) => run.steps)) {
    if (step.slips > 0) {
      slips[step.stepId] = (slips[step.stepId] ?? 0) + step.slips
    }
  }
  return slips
}
