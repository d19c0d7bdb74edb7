import type { Catalogue, ClaimSpec, Role, Routine, RoutineClaim, Setting, Step } from '@/api/client'
import { parts } from './places'

/*
 * Edits for which nobody has to know what the routine means: what is typed into a field, a claim. All others are
 * asked for, as the core makes them. Each is a function from a routine to a new one. The old one is never changed, so that a failed
 * save loses nothing.
 */

/** An id that no claim of the routine has yet. */
function freshClaimId(routine: Routine): string {
  const taken = new Set(routine.claims.map((c) => c.id))
  let number = 1
  while (taken.has(`c${number}`)) {
    number++
  }
  return `c${number}`
}

/** The first thing of the set-up, or the first part of one, where a setting must name one. */
function usualThing(routine: Routine, setting: Setting): string {
  if (setting.kind === 'thing' && !setting.optional) {
    return routine.setUp.things[0]?.name ?? ''
  }
  return setting.parts && !setting.piles ? (parts(routine)[0] ?? '') : ''
}

/** Changes some fields of a step. */
export function changeStep(routine: Routine, id: string, change: Partial<Step>): Routine {
  return { ...routine, steps: routine.steps.map((s) => (s.id === id ? { ...s, ...change } : s)) }
}

/** Changes one setting of a step. */
export function changeSetting(routine: Routine, id: string, name: string, value: string): Routine {
  const step = routine.steps.find((s) => s.id === id)
  return step ? changeStep(routine, id, { settings: { ...step.settings, [name]: value } }) : routine
}

/** Changes some fields of a role. Where its owner gets another name, that is asked for: others speak of them too. */
export function changeRole(routine: Routine, letter: string, change: Partial<Role>): Routine {
  return { ...routine, roles: routine.roles.map((r) => (r.letter === letter ? { ...r, ...change } : r)) }
}

/** A claim of a kind with settings that make sense in this routine. */
export function newClaimSpec(routine: Routine, kind: string, catalogue: Catalogue): ClaimSpec {
  const settings: Record<string, string> = {}
  for (const setting of catalogue.claims.find((k) => k.id === kind)?.settings ?? []) {
    const ofRole = setting.kind === 'role' || setting.kind === 'face'
    const known = !ofRole || routine.roles.some((r) => r.letter === setting.usual)
    settings[setting.name] = known
      ? setting.usual || usualThing(routine, setting)
      : (routine.roles[0]?.letter ?? '')
  }
  return { kind, settings, not: false, or: [] }
}

/** Adds a claim after the step with this id; empty for the end, or for the beginning if it is only believed. */
export function addClaim(routine: Routine, claim: ClaimSpec, after: string, believed = false): Routine {
  return { ...routine, claims: [...routine.claims, { id: freshClaimId(routine), after, claim, believed }] }
}

/** Changes some fields of a claim. */
export function changeClaim(routine: Routine, id: string, change: Partial<RoutineClaim>): Routine {
  return { ...routine, claims: routine.claims.map((c) => (c.id === id ? { ...c, ...change } : c)) }
}

/** Removes a claim. */
export function removeClaim(routine: Routine, id: string): Routine {
  return { ...routine, claims: routine.claims.filter((c) => c.id !== id) }
}
