import { t } from '@/words'
import {
  answered,
  api,
  type ApiProblem,
  type Audience,
  type MoveNote,
  type OwnMove,
  type Performance,
  type Rehearsal,
} from '@/api/client'
import { computed, shallowRef } from 'vue'
import { createRetry, fateOf } from './sender'

/** Something that was practised beside run-throughs, or performed. */
export type Practice =
  | { of: 'beats'; move: string; exchange: number; times: number[] }
  | { of: 'judged'; cards: number; said: number }
  | { of: 'recall'; subject: string; question: string; right: boolean }
  | { of: 'drills'; drill: string; repetitions: number; errors: number; series: number; millis: number }
  | { of: 'performance'; done: Performance }

/** Sends it; the answer is how things stand with it. Sent twice under one id it is kept once. */
function postPractice(id: string, practice: Practice) {
  const header = { 'Edit-Id': id }
  switch (practice.of) {
    case 'beats': {
      const { move, exchange, times } = practice
      const params = { path: { move }, query: { exchange }, header }
      return answered(api.POST('/api/practice/beats/{move}', { params, body: { times } }))
    }
    case 'judged': {
      const { cards, said } = practice
      return answered(api.POST('/api/practice/judged', { params: { header }, body: { cards, said } }))
    }
    case 'recall': {
      const { subject, question, right } = practice
      const params = { path: { subject }, header }
      return answered(api.POST('/api/practice/recall/{subject}', { params, body: { question, right } }))
    }
    case 'performance':
      return answered(api.POST('/api/performances', { params: { header }, body: practice.done }))
    default: {
      const { drill, repetitions, errors, series, millis } = practice
      const params = { path: { id: drill }, header }
      return answered(
        api.POST('/api/practice/drills/{id}', { params, body: { repetitions, errors, series, millis } }),
      )
    }
  }
}

/** Something that is kept once, by itself: a run-through, what is said of a move or of oneself, people, or practice. */
export type Unsent =
  | { kind: 'run'; routineId: string; run: Rehearsal }
  | { kind: 'practice'; practice: Practice }
  | { kind: 'people'; people: string; audience: Audience['audience'] }
  | { kind: 'move-note'; move: string; note: MoveNote }
  | { kind: 'hand'; hand: 'left' | 'right' }
  | { kind: 'hint'; rule: string; aside: boolean }
  | { kind: 'forced'; cards: string }
  | { kind: 'own-move'; move: OwnMove }

export type Letter = { id: string } & Unsent

/** What a letter is about: a newer one about the same takes the place of one that was not sent yet. */
function subject(letter: Letter): string {
  switch (letter.kind) {
    case 'move-note':
      return `note ${letter.move}`
    case 'hint':
      return `hint ${letter.rule}`
    case 'own-move':
      return `own move ${letter.move.id}`
    case 'people':
      return `people ${letter.people}`
    case 'hand':
    case 'forced':
      return letter.kind
    default:
      return letter.id
  }
}

/** What is told of a letter that was not accepted. */
function named(letter: Letter): string {
  switch (letter.kind) {
    case 'run':
      return t('saving.letters.theRunWasNotKept')
    case 'practice':
      return t('saving.letters.practiceWasNotKept')
    case 'move-note':
      return t('saving.letters.theNoteOnTheMove')
    default:
      return t('saving.letters.thatWasNotKept')
  }
}

function post(letter: Letter): Promise<unknown> {
  switch (letter.kind) {
    case 'run': {
      const params = { path: { id: letter.routineId }, header: { 'Edit-Id': letter.id } }
      return answered(api.POST('/api/routines/{id}/rehearsals', { params, body: letter.run }))
    }
    case 'practice':
      return postPractice(letter.id, letter.practice)
    case 'people': {
      const params = { header: { 'Edit-Id': letter.people } }
      return answered(api.POST('/api/audiences', { params, body: letter.audience }))
    }
    case 'move-note':
      return answered(
        api.PUT('/api/performer/moves/{id}', { params: { path: { id: letter.move } }, body: letter.note }),
      )
    case 'hand':
      return answered(api.PUT('/api/performer/hand', { body: { hand: letter.hand } }))
    case 'hint': {
      const params = { path: { rule: letter.rule } }
      return answered(
        letter.aside
          ? api.PUT('/api/performer/put-aside/{rule}', { params })
          : api.DELETE('/api/performer/put-aside/{rule}', { params }),
      )
    }
    case 'forced':
      return answered(api.PUT('/api/performer/forced', { body: { cards: letter.cards } }))
    default: {
      const params = { path: { id: letter.move.id } }
      return answered(api.PUT('/api/performer/own-moves/{id}', { params, body: letter.move }))
    }
  }
}

/** Whoever waits to hear what became of a letter. */
interface Watcher {
  heard: (answer?: unknown) => void
  refused: (problem: ApiProblem) => void
}

export type Letters = ReturnType<typeof createLetters>

/**
 * Sends letters one after another until each is acknowledged. One that is refused is told of and does not stand in the way
 * of the others.
 *
 * @param keep keeps them in the browser's storage
 * @param told hears what was answered to a letter that was accepted
 * @param refused hears of one that was not
 */
export function createLetters(
  keep: (letters: Letter[]) => void,
  told: (letter: Letter, answer: unknown) => void,
  refused: (sentence: string) => void,
) {
  const letters = shallowRef<Letter[]>([])
  const watchers = new Map<string, Watcher>()
  const retry = createRetry(() => void send())
  let running: Promise<void> | undefined

  function change(next: Letter[]): void {
    letters.value = next
    keep(next)
  }

  function put(letter: Letter): Promise<void> {
    const replaced = letters.value.filter((l) => subject(l) === subject(letter))
    change([...letters.value.filter((l) => !replaced.includes(l)), letter])
    replaced.forEach((l) => watcher(l)?.heard())
    return send()
  }

  /** Sends one and gives what was answered, or nothing while it waits here. What is refused is thrown. */
  function deliver(letter: Letter): Promise<unknown> {
    const fate = new Promise((heard, refused) => watchers.set(letter.id, { heard, refused }))
    void put(letter)
    return fate
  }

  function watcher(letter: Letter): Watcher | undefined {
    const found = watchers.get(letter.id)
    watchers.delete(letter.id)
    return found
  }

  function takeUp(left: Letter[]): void {
    change([...left, ...letters.value])
  }

  function send(): Promise<void> {
    running ??= sendAll().finally(() => (running = undefined))
    return running
  }

  async function sendAll(): Promise<void> {
    for (let letter = letters.value[0]; letter; letter = letters.value[0]) {
      try {
        const answer = await post(letter)
        retry.worked()
        done(letter)
        told(letter, answer)
        watcher(letter)?.heard(answer)
      } catch (thrown) {
        const problem = thrown as ApiProblem
        if (fateOf(problem) === 'again') {
          retry.failed()
          letters.value.forEach((l) => watcher(l)?.heard())
          return
        }
        done(letter)
        const waits = watcher(letter)
        if (waits) {
          waits.refused(problem)
        } else {
          refused(`${named(letter)}: ${problem.message}`)
        }
      }
    }
  }

  function done(letter: Letter): void {
    change(letters.value.filter((l) => l.id !== letter.id))
  }

  return {
    letters,
    unsent: computed(() => letters.value.length > 0),
    put,
    deliver,
    takeUp,
    send,
    tryNow: () => void send(),
  }
}
