import type { ClaimSpec, Rehearsal, Trace } from '@/api/client'

/** What somebody sees when they look where a card really is: its place from the top, or nothing. */
export interface Observed {
  /** By role, from the top of the pile in which it should lie; 0 when nobody looked. */
  positions: number[]
  /** The top card of the deck as it is written, such as QC; empty when nobody looked. */
  top: string
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
  return top
    ? [...claims, { kind: 'pile-order', settings: { pile: 'deck', cards: top }, not: false, or: [] }]
    : claims
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
