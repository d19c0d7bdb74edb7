import { t } from '@/words'
import type {
  Catalogue,
  ClaimSpec,
  Move,
  OwnMove,
  Role,
  Routine,
  RoutineClaim,
  Setting,
  Step,
  Trace,
} from '@/api/client'
import { parts } from './places'

/*
 * Every edit of a routine is a function from a routine to a new one. The old one is never changed, so that a failed save
 * loses nothing.
 */

/** An id that no step or claim of the routine has yet. */
export function freshId(routine: Routine, prefix: string): string {
  const steps = [...routine.steps, ...routine.outs.flatMap((o) => o.steps)]
  const taken = new Set([...steps.map((s) => s.id), ...routine.claims.map((c) => c.id)])
  let number = 1
  while (taken.has(`${prefix}${number}`)) {
    number++
  }
  return `${prefix}${number}`
}

/** Where the cards of roles are when a step is put in, as the trace tells it. */
export interface RoleNow {
  letter: string
  /** Whether some card is it already. */
  chosen: boolean
  /** Whether that card lies elsewhere than in the deck. */
  out: boolean
}

/** The roles after a step, by its number; none while there is no trace. */
export function rolesAt(trace: Trace | undefined, moment: number): RoleNow[] {
  return (trace?.moments[moment]?.roles ?? []).map((role, i) => ({
    letter: trace!.roles[i]!.letter,
    chosen: role.chosen,
    out: role.chosen && role.place !== '' && role.place !== 'deck',
  }))
}

/** The words for made-up people, taken in order. */
const PEOPLE = [
  'routine.edits.ines',
  'routine.edits.bruno',
  'routine.edits.orla',
  'routine.edits.tove',
  'routine.edits.jorun',
  'routine.edits.emil',
  'routine.edits.sanna',
  'routine.edits.piet',
  'routine.edits.ulla',
  'routine.edits.marek',
  'routine.edits.alba',
  'routine.edits.nils',
]

/** Cards for keys and force cards that the set-up does not place yet, taken in order. */
const CARDS = ['9C', 'QH', '4S', 'JD', '7C', '2H', '10S', '5D']

/**
 * A step of a move with settings that make sense in this routine, and the routine with the roles that it needs: a role is
 * taken that fits, or made.
 *
 * @param now where the roles are before the step
 */
export function newStep(routine: Routine, move: Move, now: RoleNow[] = []): { routine: Routine; step: Step } {
  let made = routine
  const settings: Record<string, string> = {}
  for (const setting of move.settings) {
    if (setting.kind === 'chance') {
      continue
    }
    if (setting.kind === 'role' && !setting.optional) {
      const taken = Object.values(settings)
      const fitting = fittingRole(made, setting, now, taken)
      made = fitting ? made : withRole(made, setting)
      settings[setting.name] = fitting ?? made.roles.at(-1)!.letter
    } else {
      settings[setting.name] = setting.begins || usualThing(routine, setting)
    }
  }
  return {
    routine: made,
    step: {
      id: freshId(routine, 's'),
      move: move.id,
      settings,
      look: 'as-taught',
      then: 'as-taught',
      cover: '',
      seconds: 0,
      before: 'as-taught',
      note: '',
    },
  }
}

/** A role for a setting: nobody's card yet where one is made, the one that is out where it comes back. */
function fittingRole(
  routine: Routine,
  setting: Setting,
  now: RoleNow[],
  taken: string[],
): string | undefined {
  const state = (letter: string) => now.find((r) => r.letter === letter)
  const kind = routine.roles.filter((r) => r.kind === setting.roleKind)
  const free = kind.filter((r) => !taken.includes(r.letter))
  switch (setting.use) {
    case 'makes':
      return free.find((r) => !state(r.letter)?.chosen)?.letter
    case 'returns':
      return (free.find((r) => state(r.letter)?.out) ?? free[0])?.letter
    default:
      return (free.find((r) => state(r.letter)?.chosen) ?? free[0] ?? kind[0])?.letter
  }
}

/** A role that a setting needs. A key or a force card is placed, so that it is somewhere: at the bottom, or on top. */
function withRole(routine: Routine, setting: Setting): Routine {
  const kind = setting.roleKind as Role['kind']
  const made = addRole(routine, kind)
  const role = made.roles.at(-1)!
  if (kind !== 'key' && kind !== 'force') {
    return made
  }
  const placed = [...routine.setUp.placements.map((p) => p.card), ...routine.roles.map((r) => r.card)]
  const card = CARDS.find((c) => !placed.includes(c))!
  const from = kind === 'key' ? 'bottom' : 'top'
  const there = routine.setUp.placements.filter((p) => p.from === from).length
  return {
    ...made,
    roles: made.roles.map((r) => (r === role ? { ...r, card } : r)),
    setUp: {
      ...made.setUp,
      placements: [...made.setUp.placements, { card, nth: there + 1, from }],
    },
  }
}

/** The first thing of the set-up, or the first part of one, where a setting must name one. */
function usualThing(routine: Routine, setting: Setting): string {
  if (setting.kind === 'thing' && !setting.optional) {
    return routine.setUp.things[0]?.name ?? ''
  }
  return setting.parts && !setting.piles ? (parts(routine)[0] ?? '') : ''
}

/** Puts a step after the one with this id; first when there is none. */
export function addStep(routine: Routine, step: Step, afterId: string): Routine {
  const at = routine.steps.findIndex((s) => s.id === afterId) + 1
  return { ...routine, steps: [...routine.steps.slice(0, at), step, ...routine.steps.slice(at)] }
}

/** A routine carries the own moves that its steps use, so that its file can be read anywhere. */
export function withOwnMove(routine: Routine, own: OwnMove): Routine {
  return { ...routine, ownMoves: [...routine.ownMoves.filter((m) => m.id !== own.id), own] }
}

/**
 * Removes a step; claims that stood after it then stand after the step before, or at the end. Outs begin after the step
 * before, and rejoin at the step after.
 */
export function removeStep(routine: Routine, id: string): Routine {
  const at = routine.steps.findIndex((s) => s.id === id)
  const before = routine.steps[at - 1]?.id ?? ''
  const behind = routine.steps[at + 1]?.id ?? ''
  return {
    ...routine,
    steps: routine.steps.filter((s) => s.id !== id).map((s) => (s.cover === id ? { ...s, cover: '' } : s)),
    outs: routine.outs.map((out) => ({
      ...out,
      after: out.after === id ? before : out.after,
      rejoin: out.rejoin === id ? behind : out.rejoin,
    })),
    claims: routine.claims.map((c) => (c.after === id ? { ...c, after: before } : c)),
  }
}

/** Puts a copy of a step right after it. */
export function duplicateStep(routine: Routine, id: string): { routine: Routine; id: string } {
  const original = routine.steps.find((s) => s.id === id)
  if (!original) {
    return { routine, id }
  }
  const copy = { ...original, id: freshId(routine, 's') }
  return { routine: addStep(routine, copy, id), id: copy.id }
}

/** Moves a step so that it becomes the nth, counted from 0. */
export function moveStep(routine: Routine, id: string, to: number): Routine {
  const step = routine.steps.find((s) => s.id === id)
  if (!step) {
    return routine
  }
  const others = routine.steps.filter((s) => s.id !== id)
  const at = Math.max(0, Math.min(others.length, to))
  return { ...routine, steps: [...others.slice(0, at), step, ...others.slice(at)] }
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

/** Adds a role with the next free letter: K, L … for keys, F … for force cards, A, B … for the others. */
export function addRole(routine: Routine, kind: Role['kind']): Routine {
  const start = { key: 'K', force: 'F', helper: 'H', slug: 'S', selection: 'A' }[kind] ?? 'A'
  const letters = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ'
  const order = letters.slice(letters.indexOf(start)) + letters.slice(0, letters.indexOf(start))
  const letter = [...order].find((l) => !routine.roles.some((r) => r.letter === l))!
  const people = PEOPLE.map((each) => t(each))
  const owner =
    kind === 'selection' ? (people.find((p) => !routine.roles.some((r) => r.owner === p)) ?? people[0]!) : ''
  return { ...routine, roles: [...routine.roles, { letter, kind, owner, card: '' }] }
}

/** Changes some fields of a role. Where its owner gets another name, that is asked for: others speak of them too. */
export function changeRole(routine: Routine, letter: string, change: Partial<Role>): Routine {
  return { ...routine, roles: routine.roles.map((r) => (r.letter === letter ? { ...r, ...change } : r)) }
}

/** Removes a role. Steps that name it stay, and say what is missing. */
export function removeRole(routine: Routine, letter: string): Routine {
  return { ...routine, roles: routine.roles.filter((r) => r.letter !== letter) }
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
  return { ...routine, claims: [...routine.claims, { id: freshId(routine, 'c'), after, claim, believed }] }
}

/** Changes some fields of a claim. */
export function changeClaim(routine: Routine, id: string, change: Partial<RoutineClaim>): Routine {
  return { ...routine, claims: routine.claims.map((c) => (c.id === id ? { ...c, ...change } : c)) }
}

/** Removes a claim. */
export function removeClaim(routine: Routine, id: string): Routine {
  return { ...routine, claims: routine.claims.filter((c) => c.id !== id) }
}
