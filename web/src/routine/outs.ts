import { lineOf, lineWith, MAIN } from './lines'
import type { Out, Routine, Step } from '@/api/client'

/* On the Bench one line is edited at a time; what is edited there is put back where it is written. */

/** The ids of the steps that belong to this line alone and are edited in it. */
export function ownIds(routine: Routine, line: string): Set<string> {
  const steps = line === MAIN ? routine.steps : (routine.outs.find((o) => o.id === line)?.steps ?? [])
  return new Set(steps.map((s) => s.id))
}

/**
 * Puts an edited line back into its routine. Steps that were added belong to the out; steps of other lines take over what
 * was changed in them, and keep their order. What was not edited is as it was, not as the line says it.
 */
export function putBack(whole: Routine, line: string, changed: Routine): Routine {
  const before = lineOf(whole, line)
  const elsewhere = new Set(before.steps.map((s) => s.id))
  ownIds(whole, line).forEach((id) => elsewhere.delete(id))
  const all = [...whole.steps, ...whole.outs.flatMap((o) => o.steps)]
  const steps = asItWas(changed.steps, before.steps, all)
  const edited = new Map(steps.map((s) => [s.id, s]))
  const own = steps.filter((s) => !elsewhere.has(s.id))
  const taken = (those: Step[]) => those.map((s) => edited.get(s.id) ?? s)

  const seen = new Set(before.claims.map((c) => c.id))
  const claims = asItWas(changed.claims, before.claims, whole.claims)
  const kept = new Map(claims.map((c) => [c.id, c]))
  return {
    ...changed,
    steps: line === MAIN ? own : taken(whole.steps),
    outs: changed.outs.map((out) => ({ ...out, steps: out.id === line ? own : taken(out.steps) })),
    claims: [
      ...whole.claims.flatMap((c) => (seen.has(c.id) ? (kept.get(c.id) ?? []) : c)),
      ...claims.filter((c) => !seen.has(c.id)),
    ],
  }
}

/** Of what is now, the original wherever it still says what the line said before. */
function asItWas<T extends { id: string }>(now: T[], before: T[], original: T[]): T[] {
  const said = new Map(before.map((each) => [each.id, JSON.stringify(each)]))
  const whole = new Map(original.map((each) => [each.id, each]))
  return now.map((each) => (said.get(each.id) === JSON.stringify(each) ? (whole.get(each.id) ?? each) : each))
}

/** Changes some fields of an out. */
export function changeOut(whole: Routine, id: string, change: Partial<Out>): Routine {
  return { ...whole, outs: whole.outs.map((o) => (o.id === id ? { ...o, ...change } : o)) }
}

/** The steps at which an out may rejoin: those of the line it leaves, from where it begins. */
export function rejoinable(whole: Routine, out: Out): Step[] {
  const left = lineWith(whole, out) ?? whole.steps
  return out.after === '' ? left : left.slice(left.findIndex((s) => s.id === out.after) + 1)
}
