import type { ClaimSpec, Out, Routine, Step } from '@/api/client'

/*
 * A routine with outs has several lines: the main one, and one for each out. A line is seen, traced and rehearsed as a
 * routine of its own.
 */

/** The main line. */
export const MAIN = ''

/** The steps of the line that an out makes; nothing when it begins or rejoins where it cannot. */
export function stepsAlong(routine: Routine, outId: string, onTheWay: string[] = []): Step[] | undefined {
  const out = routine.outs.find((o) => o.id === outId)
  if (!out || onTheWay.includes(outId)) {
    return undefined
  }
  const left = lineWith(routine, out, [...onTheWay, outId])
  if (!left) {
    return undefined
  }
  const from = out.after === '' ? 0 : left.findIndex((s) => s.id === out.after) + 1
  const to = out.rejoin === '' ? left.length : left.findIndex((s) => s.id === out.rejoin)
  return to < from ? undefined : [...left.slice(0, from), ...out.steps, ...left.slice(to)]
}

/** The steps of the line in which an out begins; nothing when it begins nowhere. */
export function lineWith(routine: Routine, out: Out, onTheWay = [out.id]): Step[] | undefined {
  if (out.after === '' || routine.steps.some((s) => s.id === out.after)) {
    return routine.steps
  }
  const parent = routine.outs.find((o) => o.steps.some((s) => s.id === out.after))
  return parent && stepsAlong(routine, parent.id, onTheWay)
}

/** Whether a line goes from the set-up to an end: an out must rejoin after it begins. */
export function goesThrough(routine: Routine, line: string): boolean {
  return line === MAIN || !!stepsAlong(routine, line)
}

/**
 * One line as a routine: its steps, and the claims that stand on them or at the end. An out that does not rejoin ends. What counts since
 * a step that the out leaves out counts from where the out begins.
 */
export function lineOf(routine: Routine, line: string): Routine {
  const steps = line === MAIN ? routine.steps : (stepsAlong(routine, line) ?? untilItEnds(routine, line))
  const ids = new Set(steps.map((s) => s.id))
  const claims = routine.claims.filter((c) => c.after === '' || ids.has(c.after))
  const out = routine.outs.find((o) => o.id === line)
  const leftOut = new Set(
    ((out && lineWith(routine, out)) ?? []).map((s) => s.id).filter((id) => !ids.has(id)),
  )
  if (!out || leftOut.size === 0) {
    return { ...routine, steps, claims }
  }
  const since = (spec: ClaimSpec): ClaimSpec => ({
    ...spec,
    settings: leftOut.has(spec.settings.since ?? '') ? { ...spec.settings, since: out.after } : spec.settings,
    or: spec.or.map(since),
  })
  return {
    ...routine,
    steps: steps.map((s) => (s.onlyIf ? { ...s, onlyIf: since(s.onlyIf) } : s)),
    claims: claims.map((c) => ({ ...c, claim: since(c.claim) })),
  }
}

function untilItEnds(routine: Routine, outId: string): Step[] {
  const out = routine.outs.find((o) => o.id === outId)
  const from = routine.steps.findIndex((s) => s.id === out?.after) + 1
  return [...routine.steps.slice(0, from), ...(out?.steps ?? [])]
}

/** One line without anything else, as the server is asked about it. */
export function alone(routine: Routine): Routine {
  return { ...routine, outs: [] }
}
