import { t } from '@/words'
import { answered, api, ApiProblem, type Routine, type StoredRoutine } from '@/api/client'
import { computed, ref, shallowRef } from 'vue'
import {
  accepted,
  begun,
  canRedo,
  canUndo,
  edited,
  isUnsaved,
  nextToSend,
  refused,
  sending,
  shown,
  steppedAgain,
  steppedBack,
  steppedThere,
  type Edit,
  type Queue,
} from './queue'
import { createRetry, fateOf } from './sender'

/** How long after the last keystroke what was typed is saved: one undo takes back what was typed in one go. */
const TYPING_PAUSE_MS = 350

/**
 * How a routine stands: `refused` is a draft beside the saved routine, which cannot be accepted as it is; `gone` was deleted
 * elsewhere; `failed` is sent again by itself.
 */
export type SaveState = 'saved' | 'unsaved' | 'saving' | 'failed' | 'refused' | 'conflict' | 'gone'

export type RoutineQueue = ReturnType<typeof createRoutineQueue>

/**
 * Sends the edits of one routine to the server, one after another, until each is acknowledged.
 *
 * @param first where it begins
 * @param keep keeps a state in the browser's storage
 * @param told hears that something was saved, or why it could not be
 */
export function createRoutineQueue(
  first: Queue,
  keep: (queue: Queue) => void,
  told: (problem?: ApiProblem) => void = () => {},
) {
  const queue = shallowRef(first)
  const trouble = ref<'' | 'failed' | 'conflict' | 'gone'>('')
  const failure = ref('')
  const underWay = ref(false)
  const retry = createRetry(() => void send())
  let timer = 0
  /** When what is being typed may be sent. */
  let due = 0
  let held = false
  let running: Promise<void> | undefined
  let stepping: Promise<void> = Promise.resolve()

  const state = computed<SaveState>(() => {
    if (!isUnsaved(queue.value)) {
      return 'saved'
    }
    if (trouble.value !== '') {
      return trouble.value
    }
    return underWay.value ? 'saving' : nextToSend(queue.value) ? 'unsaved' : 'refused'
  })
  /** Why the last edit was not accepted. */
  const refusal = computed(() => queue.value.edits.at(-1)?.refusal)

  function change(next: Queue): void {
    queue.value = next
    keep(next)
  }

  function edit(routine: Routine, typed = false): void {
    change(edited(queue.value, routine, typed, crypto.randomUUID()))
    due = typed ? Date.now() + TYPING_PAUSE_MS : 0
    if (trouble.value === '') {
      schedule()
    }
  }

  function schedule(): void {
    window.clearTimeout(timer)
    timer = window.setTimeout(() => void send(), Math.max(0, due - Date.now()))
  }

  /** Sends what waits; the promise is kept when nothing waits any more, or nothing more can be done now. */
  function send(): Promise<void> {
    window.clearTimeout(timer)
    running ??= sendAll().finally(() => (running = undefined))
    return running
  }

  /** The same, without waiting for more to be typed. */
  async function flush(): Promise<void> {
    due = 0
    await send()
    if (nextToSend(queue.value) && trouble.value === '') {
      await send()
    }
  }

  async function sendAll(): Promise<void> {
    for (;;) {
      const next = nextToSend(queue.value)
      if (!next || held || trouble.value === 'conflict' || trouble.value === 'gone') {
        return
      }
      if (next === queue.value.edits.at(-1) && Date.now() < due) {
        schedule()
        return
      }
      if (!(await sendOne(next))) {
        return
      }
    }
  }

  /** Whether it is worth going on with the next. */
  async function sendOne(next: Edit): Promise<boolean> {
    change(sending(queue.value, next.id))
    underWay.value = true
    try {
      const stored = await put(next)
      change(accepted(queue.value, next.id, stored))
      trouble.value = ''
      failure.value = ''
      retry.worked()
      told()
      return true
    } catch (thrown) {
      return refuse(next, thrown as ApiProblem)
    } finally {
      underWay.value = false
    }
  }

  function put(edit: Edit): Promise<StoredRoutine> {
    if (edit.kind !== 'put') {
      return steppedByServer(edit.kind, edit.id)
    }
    return answered(api.PUT('/api/routines/{id}', { params: params(edit.id), body: edit.routine }))
  }

  function params(id: string) {
    return {
      path: { id: queue.value.routineId },
      header: { 'If-Match': `"${queue.value.saved.version}"`, 'Edit-Id': id },
    }
  }

  function refuse(edit: Edit, problem: ApiProblem): boolean {
    const fate = fateOf(problem)
    if (fate === 'refused') {
      trouble.value = ''
      change(refused(queue.value, edit.id, { message: problem.message, problems: problem.problems ?? [] }))
      return true
    }
    trouble.value = fate === 'again' ? 'failed' : fate
    failure.value = problem.message
    if (fate === 'again') {
      retry.failed()
    }
    told(problem)
    return false
  }

  /** Tries again now, when it failed before. */
  function tryNow(): void {
    if (trouble.value === 'failed' || trouble.value === '') {
      void send()
    }
  }

  /** Takes back or brings back one edit, saved or not. Fails when the server would have to and does not answer. */
  function step(direction: 'undo' | 'redo'): Promise<void> {
    // However fast the keys come, each step goes from where the one before led.
    const mine = stepping.then(() => stepNow(direction))
    stepping = mine.catch(() => {})
    return mine
  }

  async function stepNow(direction: 'undo' | 'redo'): Promise<void> {
    held = true
    window.clearTimeout(timer)
    await running
    const id = crypto.randomUUID()
    const local = direction === 'undo' ? steppedBack(queue.value, id) : steppedAgain(queue.value, id)
    if (local) {
      change(local)
    }
    held = false
    if (!local) {
      await stepThere(direction, id)
    } else if (nextToSend(queue.value) && trouble.value === '') {
      schedule()
    }
  }

  /** Has the server take a step, once it has all edits before. */
  async function stepThere(direction: 'undo' | 'redo', id: string): Promise<void> {
    if (isUnsaved(queue.value)) {
      await flush()
    }
    if (isUnsaved(queue.value)) {
      throw new ApiProblem(
        0,
        t('saving.routineQueue.noAnswer'),
        t('saving.routineQueue.craftyPocketDoesNotAnswer'),
        [],
      )
    }
    change(steppedThere(queue.value, await steppedByServer(direction, id)))
  }

  function steppedByServer(direction: 'undo' | 'redo', id: string): Promise<StoredRoutine> {
    return answered(
      direction === 'undo'
        ? api.POST('/api/routines/{id}/undo', { params: params(id) })
        : api.POST('/api/routines/{id}/redo', { params: params(id) }),
    )
  }

  /** Gives up what is not saved, and goes on from what the server has. */
  function reset(stored: StoredRoutine): void {
    window.clearTimeout(timer)
    retry.worked()
    trouble.value = ''
    failure.value = ''
    change(begun(stored))
  }

  /** Gives up what is not saved of a routine that is no more. */
  function drop(): void {
    window.clearTimeout(timer)
    retry.worked()
    trouble.value = ''
    failure.value = ''
    change({ ...queue.value, edits: [], undone: [] })
  }

  /** Makes what is on the screen a routine of its own, and gives up the edits of this one. Gives the id of the new one. */
  async function keepAsCopy(title: string): Promise<string> {
    const mine = { ...shown(queue.value), title }
    const header = { 'Edit-Id': queue.value.edits.at(-1)?.id ?? crypto.randomUUID() }
    const stored = await answered(
      api.POST('/api/routines/from-file', { params: { header }, body: mine as never }),
    )
    drop()
    return stored.id
  }

  return {
    queue,
    state,
    failure,
    refusal,
    shown: computed(() => shown(queue.value)),
    unsaved: computed(() => isUnsaved(queue.value)),
    canUndo: computed(() => canUndo(queue.value)),
    canRedo: computed(() => canRedo(queue.value)),
    edit,
    send,
    flush,
    tryNow,
    step,
    reset,
    drop,
    keepAsCopy,
  }
}
