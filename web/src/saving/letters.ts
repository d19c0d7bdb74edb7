import { t } from '@/words'
import { answered, api, ApiProblem, type MoveNote, type Performance, type Rehearsal } from '@/api/client'
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
export function postPractice(id: string, practice: Practice) {
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

/** Something that is kept once, by itself: a run-through, what is said of a move, or practice. */
export type Letter = { id: string } & (
  | { kind: 'run'; routineId: string; run: Rehearsal }
  | { kind: 'move-note'; move: string; note: MoveNote }
  | { kind: 'practice'; practice: Practice }
)

/** What is told of a letter that was not accepted. */
function named(letter: Letter): string {
  switch (letter.kind) {
    case 'run':
      return t('saving.letters.theRunWasNotKept')
    case 'practice':
      return t('saving.letters.practiceWasNotKept')
    default:
      return t('saving.letters.theNoteOnTheMove')
  }
}

function post(letter: Letter): Promise<unknown> {
  if (letter.kind === 'run') {
    const params = { path: { id: letter.routineId }, header: { 'Edit-Id': letter.id } }
    return answered(api.POST('/api/routines/{id}/rehearsals', { params, body: letter.run }))
  }
  if (letter.kind === 'practice') {
    return postPractice(letter.id, letter.practice)
  }
  return answered(
    api.PUT('/api/performer/moves/{id}', { params: { path: { id: letter.move } }, body: letter.note }),
  )
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
  const retry = createRetry(() => void send())
  let running: Promise<void> | undefined

  function change(next: Letter[]): void {
    letters.value = next
    keep(next)
  }

  /** A newer note on the same move takes the place of one that was not sent yet. */
  function put(letter: Letter): Promise<void> {
    const others = letters.value.filter(
      (l) => !(l.kind === 'move-note' && letter.kind === 'move-note' && l.move === letter.move),
    )
    change([...others, letter])
    return send()
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
      } catch (thrown) {
        const problem = thrown as ApiProblem
        if (fateOf(problem) === 'again') {
          retry.failed()
          return
        }
        done(letter)
        refused(`${named(letter)}: ${problem.message}`)
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
    takeUp,
    send,
    tryNow: () => void send(),
  }
}
