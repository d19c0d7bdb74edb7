import { answered, api, type ApiProblem, type MoveNote, type Rehearsal } from '@/api/client'
import { queries } from '@/api/queries'
import { useToast } from '@/ui/toast'
import { defineStore } from 'pinia'
import { computed, shallowReactive } from 'vue'
import { createLetters, type Letter, type Practice } from './letters'
import { begun, isUnsaved, takenUp, type Queue } from './queue'
import { createRoutineQueue, type RoutineQueue } from './routineQueue'
import { forgetSudden, keep, keepSuddenly, occupy, takeOver } from './storage'

const LETTERS = 'letters'
const ROUTINE = 'routine/'

/**
 * Everything that is on its way to the server, whatever view it came from. It is kept in the browser until it is acknowledged:
 * over reloads, and over restarts of either side.
 */
export const useOutbox = defineStore('outbox', () => {
  const toast = useToast()
  const queues = shallowReactive(new Map<string, RoutineQueue>())
  const letters = createLetters(
    (unsent) => keep(LETTERS, unsent.length > 0 ? unsent : undefined),
    acknowledged,
    (sentence) => toast.say(sentence),
  )
  /** Whether something would be missed if the browser were closed for good. */
  const unsaved = computed(() => letters.unsent.value || [...queues.values()].some((q) => q.unsaved.value))
  occupy()
  /** Kept once what earlier windows left behind is taken up. */
  const ready = takeOver((name, left) => {
    if (name === LETTERS) {
      letters.takeUp(left as Letter[])
      return true
    }
    const queue = left as Queue
    if (!name.startsWith(ROUTINE) || queues.has(queue.routineId)) {
      return false
    }
    put(takenUp(queue))
    return true
  }).then(tryNow)

  function put(queue: Queue): RoutineQueue {
    const made = createRoutineQueue(queue, keepQueue, saved)
    queues.set(queue.routineId, made)
    keepQueue(queue)
    return made
  }

  function keepQueue(queue: Queue): void {
    const nothing = !isUnsaved(queue) && queue.undone.length === 0
    keep(ROUTINE + queue.routineId, nothing ? undefined : queue)
  }

  /** Lists show what was saved, and the line about the folder what could not be. */
  function saved(problem?: ApiProblem): void {
    void queries.invalidateQueries({ queryKey: [problem ? 'folder' : 'routines'] })
  }

  function acknowledged(letter: Letter, answer: unknown): void {
    if (letter.kind === 'run') {
      void queries.invalidateQueries({ queryKey: ['runs', letter.routineId] })
      void queries.invalidateQueries({ queryKey: ['last'] })
    } else if (!letters.letters.value.some((l) => l.kind === 'move-note')) {
      queries.setQueryData(['performer'], answer)
    }
  }

  /**
   * The queue of a routine. What is not saved of it is shown as it was left; otherwise it begins from what the server has.
   * Fails when there is neither.
   */
  async function open(routineId: string): Promise<RoutineQueue> {
    await ready
    const known = queues.get(routineId)
    if (known?.unsaved.value) {
      return known
    }
    const stored = await answered(api.GET('/api/routines/{id}', { params: { path: { id: routineId } } }))
    if (!known) {
      return put(begun(stored))
    }
    // Something may have been edited while the server was asked.
    if (!known.unsaved.value && known.queue.value.saved.version !== stored.version) {
      known.reset(stored)
    }
    return known
  }

  /** The routine as it is now, saved if it can be. */
  async function current(routineId: string) {
    const queue = await open(routineId)
    await queue.flush()
    return queue.shown.value
  }

  function tryNow(): void {
    queues.forEach((queue) => queue.tryNow())
    letters.tryNow()
  }

  /** The page may be gone the next moment. */
  function keepForLater(): void {
    queues.forEach((queue, id) => {
      if (queue.unsaved.value) {
        keepSuddenly(ROUTINE + id, queue.queue.value)
      }
    })
    if (letters.unsent.value) {
      keepSuddenly(LETTERS, letters.letters.value)
    }
  }

  return {
    queues,
    unsaved,
    open,
    current,
    tryNow,
    keepForLater,
    stayed: forgetSudden,
    keepRun: (routineId: string, run: Rehearsal) =>
      letters.put({ id: crypto.randomUUID(), kind: 'run', routineId, run }),
    keepPractice: (id: string, practice: Practice) => letters.put({ id, kind: 'practice', practice }),
    keepNote: (move: string, note: MoveNote) =>
      letters.put({ id: crypto.randomUUID(), kind: 'move-note', move, note }),
  }
})
