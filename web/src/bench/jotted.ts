import type { Catalogue, Move, Out, Routine, Schemas, Setting, Step } from '@/api/client'
import { addRole, addStep, freshId, newStep, withOwnMove, type RoleNow } from '@/routine'
import { cut } from '@/ui/text'

export type JottedLine = Schemas['JottedLine']
export type Reading = Schemas['ReadingDocument']

/** What becomes of a line: one of its readings, a note, or nothing. */
export type Taken = Reading | 'note' | 'nothing'

/** The most letters of a step's note, and of the set-up's. */
const MOST_NOTE = 2000
const MOST_SET_UP_NOTE = 1000

/** Where lines are put in: after which step, and where the cards of roles are there. */
interface Into {
  routine: Routine
  after: string
  now: RoleNow[]
}

/**
 * Puts what lines were taken for into a routine, each after the one before. A note goes to the step before it.
 *
 * @returns the routine, and the last step that was put in
 */
export function putIn(
  start: Into,
  lines: { line: JottedLine; taken: Taken }[],
  catalogue: Catalogue,
  own: Routine['ownMoves'],
): { routine: Routine; last: string } {
  let { routine } = start
  let at = start.after
  let now = [...start.now]
  const waiting = new Map<number, Out>()
  const outs: Out[] = []
  for (const { line, taken } of lines) {
    if (taken === 'nothing') {
      continue
    }
    const when = line.when
    let out = when?.occasion ? waiting.get(when.from) : undefined
    if (when?.occasion && !out) {
      const said = taken === 'note' ? `${when.words}: ${line.text}` : when.words
      out = {
        id: freshOut(routine, outs),
        occasion: when.occasion,
        says: cut(said, 300),
        after: at,
        steps: [],
        rejoin: '',
      }
      waiting.set(when.from, out)
      outs.push(out)
    }
    if (taken === 'note') {
      routine = out ? routine : noted(routine, at, line.text)
      continue
    }
    const move = catalogue.moves.find((m) => m.id === taken.move)
    for (let time = 0; move && time < taken.times; time++) {
      const carried = own.find((m) => m.id === move.id)
      const cast = carried ? withOwnMove(routine, carried) : routine
      const made = stepOf({ ...cast, outs: [...cast.outs, ...outs] }, move, taken, now)
      const step: Step = when?.end
        ? { ...made.step, onlyIf: lying(made.routine, made.step, move, when) }
        : made.step
      routine = { ...made.routine, outs: routine.outs }
      now = afterwards(now, step, move)
      if (out) {
        out.steps.push(step)
      } else {
        outs.filter((each) => !each.rejoin).forEach((each) => (each.rejoin = step.id))
        routine = addStep(routine, step, at)
        at = step.id
      }
    }
  }
  // An out at the end rejoins where the routine went on before.
  const behind = start.routine.steps[start.routine.steps.findIndex((s) => s.id === start.after) + 1]?.id ?? ''
  const joined = outs.map((out) => ({ ...out, rejoin: out.rejoin || behind }))
  return { routine: { ...routine, outs: [...routine.outs, ...joined] }, last: at }
}

function freshOut(routine: Routine, outs: Out[]): string {
  let number = 1
  while ([...routine.outs, ...outs].some((out) => out.id === `o${number}`)) {
    number++
  }
  return `o${number}`
}

function noted(routine: Routine, at: string, text: string): Routine {
  const more = (note: string, most: number) => cut(note ? `${note}\n${text}` : text, most)
  const { setUp, steps } = routine
  return at === ''
    ? { ...routine, setUp: { ...setUp, note: more(setUp.note, MOST_SET_UP_NOTE) } }
    : { ...routine, steps: steps.map((s) => (s.id === at ? { ...s, note: more(s.note, MOST_NOTE) } : s)) }
}

/** A step of what was read: its card is that of the person who is named. */
function stepOf(
  routine: Routine,
  move: Move,
  reading: Reading,
  now: RoleNow[],
): { routine: Routine; step: Step } {
  const theirs = reading.person && move.settings.find(selects)
  const cast = theirs ? castFor(routine, theirs, reading.person, now) : { routine, letter: '' }
  const made = newStep(cast.routine, move, now)
  const people = move.settings.filter((s) => s.kind === 'person' && reading.person)
  const settings: Record<string, string> = {
    ...made.step.settings,
    ...Object.fromEntries(people.map((s) => [s.name, reading.person])),
    ...(theirs ? { [theirs.name]: cast.letter } : {}),
    ...reading.settings,
  }
  return {
    routine: made.routine,
    step: { ...made.step, id: freshId(routine, 's'), settings, note: reading.quoted },
  }
}

function selects(setting: Setting): boolean {
  return setting.kind === 'role' && setting.roleKind === 'selection' && !setting.optional
}

/** The card of a person: theirs, or where one is made and theirs is made already, a second one. */
function castFor(
  routine: Routine,
  setting: Setting,
  person: string,
  now: RoleNow[],
): { routine: Routine; letter: string } {
  const chosen = (letter: string) => now.some((r) => r.letter === letter && r.chosen)
  const theirs = routine.roles.filter((r) => r.kind === 'selection' && r.owner === person)
  const fitting = setting.use === 'makes' ? theirs.find((r) => !chosen(r.letter)) : theirs.at(-1)
  if (fitting) {
    return { routine, letter: fitting.letter }
  }
  const made = addRole(routine, 'selection')
  const role = made.roles.at(-1)!
  return {
    routine: { ...made, roles: made.roles.map((r) => (r === role ? { ...r, owner: person } : r)) },
    letter: role.letter,
  }
}

/** That the card lies on top or at the bottom: of the key, or of the card that the step is about. */
function lying(
  routine: Routine,
  step: Step,
  move: Move,
  when: NonNullable<JottedLine['when']>,
): Step['onlyIf'] {
  const wanted = when.key ? 'key' : 'selection'
  const about = move.settings.find((s) => s.kind === 'role' && s.roleKind === wanted)
  const role = (about && step.settings[about.name]) || routine.roles.find((r) => r.kind === wanted)?.letter
  return role
    ? { kind: 'position', settings: { role, nth: '1', from: when.end, pile: 'deck' }, not: false, or: [] }
    : undefined
}

/** Which roles have a card after a step, and which of these is out. */
function afterwards(now: RoleNow[], step: Step, move: Move): RoleNow[] {
  const told = new Map(now.map((role) => [role.letter, role]))
  for (const setting of move.settings) {
    const letter = step.settings[setting.name]
    if (setting.kind === 'role' && letter && setting.use !== 'names') {
      told.set(letter, { letter, chosen: true, out: setting.use === 'makes' })
    }
  }
  return [...told.values()]
}
