import type { ApiProblem, PlayedSet, Routine } from '@/api/client'
import { queries } from '@/api/queries'
import { useToast } from '@/ui/toast'
import { defineStore } from 'pinia'
import { computed, shallowReactive } from 'vue'
import { createDocumentQueue, type DocumentQueue } from './documentQueue'
import { routines, sets, type DoorOf } from './doors'
import { createLetters, type Letter, type Unsent } from './letters'
import { begun, isUnsaved, read, takenUp, type Queue } from './queue'
import { forgetSudden, keep, keepSuddenly, occupy, takeOver } from './storage'

const LETTERS = 'letters'

/**
 * Everything that is on its way to the server, whatever view it came from. It is kept in the browser until it is acknowledged:
 * over reloads, and over restarts of either side.
 */
export const useOutbox = defineStore('outbox', () => {
  const toast = useToast()
  const ofRoutines = documents<Routine>('routine/', routines, ['routines'])
  const ofSets = documents<PlayedSet>('set/', sets, ['sets'])
  const kinds = [ofRoutines, ofSets]
  const letters = createLetters(
    (unsent) => keep(LETTERS, unsent.length > 0 ? unsent : undefined),
    acknowledged,
    (sentence) => toast.say(sentence),
  )
  /** Whether something would be missed if the browser were closed for good. */
  const unsaved = computed(() => letters.unsent.value || kinds.some((kind) => kind.unsaved.value))
  occupy()
  /** Kept once what earlier windows left behind is taken up. */
  const ready = takeOver((name, left) => {
    if (name === LETTERS) {
      letters.takeUp(left as Letter[])
      return true
    }
    return kinds.some((kind) => kind.takeUp(name, left))
  }).then(tryNow)

  /**
   * The queues of documents of one kind.
   *
   * @param prefix stands before the id of a document in the browser's storage
   * @param door where they are kept
   * @param listed the list that shows what was saved
   */
  function documents<D>(prefix: string, door: DoorOf<D>, listed: string[]) {
    const queues = shallowReactive(new Map<string, DocumentQueue<D>>())

    function put(queue: Queue<D>): DocumentQueue<D> {
      const made = createDocumentQueue(queue, door, keepQueue, saved)
      queues.set(queue.saved.id, made)
      keepQueue(queue)
      return made
    }

    function keepQueue(queue: Queue<D>): void {
      const nothing = !isUnsaved(queue) && queue.undone.length === 0
      keep(prefix + queue.saved.id, nothing ? undefined : queue)
    }

    /** Lists show what was saved, and the line about the folder what could not be. */
    function saved(problem?: ApiProblem): void {
      void queries.invalidateQueries({ queryKey: problem ? ['folder'] : listed })
    }

    /**
     * The queue of a document. What is not saved of it is shown as it was left; otherwise it begins from what the server has.
     * Fails when there is neither.
     */
    async function open(id: string): Promise<DocumentQueue<D>> {
      await ready
      const known = queues.get(id)
      if (known?.unsaved.value) {
        return known
      }
      const stored = await door.find(id)
      const now = queues.get(id)
      if (!now) {
        return put(begun(stored))
      }
      // Something may have been edited while the server was asked.
      if (!now.unsaved.value && now.queue.value.saved.version !== stored.version) {
        now.reset(stored)
      }
      return now
    }

    return {
      queues,
      open,
      unsaved: computed(() => [...queues.values()].some((queue) => queue.unsaved.value)),
      takeUp(name: string, left: unknown): boolean {
        const id = name.slice(prefix.length)
        if (!name.startsWith(prefix) || queues.has(id)) {
          return false
        }
        put(takenUp(read<D>(left)))
        return true
      },
      tryNow: () => queues.forEach((queue) => queue.tryNow()),
      keepForLater: () =>
        queues.forEach((queue, id) => queue.unsaved.value && keepSuddenly(prefix + id, queue.queue.value)),
    }
  }

  function acknowledged(letter: Letter, answer: unknown): void {
    switch (letter.kind) {
      case 'run':
        void queries.invalidateQueries({ queryKey: ['runs', letter.routineId] })
        void queries.invalidateQueries({ queryKey: ['last'] })
        break
      case 'people':
        void queries.invalidateQueries({ queryKey: ['audiences'] })
        break
      case 'practice':
        break
      default:
        // What was said of oneself: the answer has all of it, but for what is still under way.
        if (letters.letters.value.every((l) => ['run', 'people', 'practice'].includes(l.kind))) {
          queries.setQueryData(['performer'], answer)
        }
        if (letter.kind === 'hand' || letter.kind === 'own-move') {
          void queries.invalidateQueries({ queryKey: ['catalogue'] })
        }
    }
  }

  /** The routine as it is now, saved if it can be. */
  async function current(routineId: string) {
    const queue = await ofRoutines.open(routineId)
    await queue.flush()
    return queue.shown.value
  }

  function tryNow(): void {
    kinds.forEach((kind) => kind.tryNow())
    letters.tryNow()
  }

  /** The page may be gone the next moment. */
  function keepForLater(): void {
    kinds.forEach((kind) => kind.keepForLater())
    if (letters.unsent.value) {
      keepSuddenly(LETTERS, letters.letters.value)
    }
  }

  return {
    queues: ofRoutines.queues,
    unsaved,
    open: ofRoutines.open,
    openSet: ofSets.open,
    /** Gives up what is not saved of a set that is thrown away. */
    dropSet: (id: string) => ofSets.queues.get(id)?.drop(),
    current,
    tryNow,
    keepForLater,
    stayed: forgetSudden,
    /** Sends something and gives what was answered, or nothing while it waits in the browser. What is refused is thrown. */
    deliver: (letter: Unsent, id: string = crypto.randomUUID()) => letters.deliver({ id, ...letter }),
    /** Sends something; if it is refused, that is told. */
    post: (letter: Unsent) => letters.put({ id: crypto.randomUUID(), ...letter }),
  }
})
