import { t } from '@/words'
import { ApiProblem } from '@/api/client'
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
  type Stored,
} from './queue'
import { createRetry, fateOf } from './sender'

/** How long after the last keystroke what was typed is saved: one undo takes back what was typed in one go. */
const TYPING_PAUSE_MS = 350

/**
 * How a document stands: `refused` is a draft beside the saved one, which cannot be accepted as it is; `gone` was deleted
 * elsewhere; `failed` is sent again by itself.
 */
export type SaveState = 'saved' | 'unsaved' | 'saving' | 'failed' | 'refused' | 'conflict' | 'gone'

/** Where documents of a kind are kept. Each is sent with the version that it is of and the id of its edit. */
export interface Door<D> {
  put(id: string, header: EditHeader, document: D): Promise<Stored<D>>
  /** Has the server go back from, or again to, the state before; missing where there is no history. */
  step?(direction: 'undo' | 'redo', id: string, header: EditHeader): Promise<Stored<D>>
  /** Makes a document of its own, once for one id. */
  create(id: string, document: D): Promise<Stored<D>>
}

export type EditHeader = { 'If-Match': string; 'Edit-Id': string }

export type DocumentQueue<D> = ReturnType<typeof createDocumentQueue<D>>

/**
 * Sends the edits of one document to the server, one after another, until each is acknowledged.
 *
 * @param first where it begins
 * @param door where it is kept
 * @param keep keeps a state in the browser's storage
 * @param told hears that something was saved, or why it could not be
 */
export function createDocumentQueue<D>(
  first: Queue<D>,
  door: Door<D>,
  keep: (queue: Queue<D>) => void,
  told: (problem?: ApiProblem) => void = () => {},
) {
  const queue = shallowRef<Queue<D>>(first)
  const trouble = ref<'' | 'failed' | 'conflict' | 'gone'>('')
  const failure = ref('')
  /** Whether a conflict is one with another folder than the one that this began from. */
  const otherFolder = ref(false)
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

  function change(next: Queue<D>): void {
    queue.value = next
    keep(next)
  }

  function edit(document: D, typed = false): void {
    change(edited(queue.value, document, typed, crypto.randomUUID()))
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
  async function sendOne(next: Edit<D>): Promise<boolean> {
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

  function put(edit: Edit<D>): Promise<Stored<D>> {
    return edit.kind === 'put'
      ? door.put(queue.value.saved.id, header(edit.id), edit.document)
      : door.step!(edit.kind, queue.value.saved.id, header(edit.id))
  }

  function header(edit: string): EditHeader {
    return { 'If-Match': `"${queue.value.saved.version}"`, 'Edit-Id': edit }
  }

  function refuse(edit: Edit<D>, problem: ApiProblem): boolean {
    const fate = fateOf(problem)
    if (fate === 'refused') {
      trouble.value = ''
      change(refused(queue.value, edit.id, { message: problem.message, problems: problem.problems ?? [] }))
      return true
    }
    trouble.value = fate === 'again' ? 'failed' : fate
    failure.value = problem.message
    otherFolder.value = problem.kind === 'other-folder'
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
        t('saving.documentQueue.noAnswer'),
        t('saving.documentQueue.craftyPocketDoesNotAnswer'),
        [],
      )
    }
    change(steppedThere(queue.value, await door.step!(direction, queue.value.saved.id, header(id))))
  }

  /** Gives up what is not saved, and goes on from what the server has. */
  function reset(stored: Stored<D>): void {
    window.clearTimeout(timer)
    retry.worked()
    trouble.value = ''
    failure.value = ''
    change(begun(stored))
  }

  /** Gives up what is not saved of a document that is no more. */
  function drop(): void {
    window.clearTimeout(timer)
    retry.worked()
    trouble.value = ''
    failure.value = ''
    change({ ...queue.value, edits: [], undone: [] })
  }

  /** Makes this, what is on the screen under another title, a document of its own, and gives up the edits here. Gives its id. */
  async function keepAsCopy(mine: D): Promise<string> {
    const stored = await door.create(queue.value.edits.at(-1)?.id ?? crypto.randomUUID(), mine)
    drop()
    return stored.id
  }

  return {
    queue,
    state,
    failure,
    otherFolder,
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
