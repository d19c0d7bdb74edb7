import { answered, api, type Act, type PlayedSet } from '@/api/client'
import { useOutbox, type DocumentQueue } from '@/saving'
import { useQuery } from '@tanstack/vue-query'
import { useEventListener } from '@vueuse/core'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'

/** All sets, by title. */
export function useSets() {
  return useQuery({ queryKey: ['sets'], queryFn: () => answered(api.GET('/api/sets')) })
}

export function usePeople() {
  return useQuery({ queryKey: ['audiences'], queryFn: () => answered(api.GET('/api/audiences')) })
}

/** A set for nobody yet, at a table. */
export function emptySet(title: string): PlayedSet {
  const venue = {
    standing: false,
    table: true,
    allRound: false,
    dim: false,
    people: 4,
    minutes: 15,
    tables: 1,
  }
  return { format: 'crafty-pocket/set', version: 1, title, venue, acts: [], resetSeconds: 0 }
}

export function actOf(routine: { id: string; title: string }): Act {
  return { routine: routine.id, title: routine.title, words: '', spot: 'anywhere', stays: false }
}

/** The same list with one entry elsewhere. */
export function moved<T>(all: T[], from: number, to: number): T[] {
  const rest = all.filter((_, i) => i !== from)
  rest.splice(Math.max(0, Math.min(rest.length, to)), 0, all[from]!)
  return rest
}

/** A set as it is on the screen: an edit shows at once and is put into the outbox, which saves it. */
export function useSet(id: Ref<string>) {
  const outbox = useOutbox()
  const queue = shallowRef<DocumentQueue<PlayedSet>>()
  /** Why it cannot be shown. */
  const missing = ref('')
  const set = computed(() => queue.value?.shown.value)

  /** Shows what is saved, or what is not saved of it yet. */
  async function open(): Promise<void> {
    const asked = id.value
    try {
      const opened = asked ? await outbox.openSet(asked) : undefined
      if (id.value === asked) {
        queue.value = opened
        missing.value = ''
      }
    } catch (thrown) {
      if (id.value === asked && !queue.value) {
        missing.value = (thrown as Error).message
      }
    }
  }
  watch(
    id,
    () => {
      queue.value = undefined
      void open()
    },
    { immediate: true },
  )
  // It may have been changed in another window.
  useEventListener(window, 'focus', () => void open())

  /** Changes the set on the screen at once. */
  function edit(change: Partial<PlayedSet>): void {
    if (set.value) {
      queue.value!.edit({ ...set.value, ...change })
    }
  }

  /** Drops what is on the screen for what is saved. */
  async function drop(): Promise<void> {
    queue.value!.drop()
    await open()
  }

  return { set, queue, missing, edit, drop }
}

/** The routines of a set in their order: what is said of an act by its number is said of this order alone. */
export const orderOf = (set: PlayedSet): string => set.acts.map((act) => act.routine).join(' ')

/**
 * How a set will go, computed anew after each edit; the last answer stays until the next one is there. `order` is the one it
 * was computed for.
 */
export function useEvening(set: Ref<PlayedSet | undefined>) {
  return useQuery({
    queryKey: computed(() => ['evening', set.value]),
    queryFn: async ({ signal }) => {
      const body = set.value!
      return { ...(await answered(api.POST('/api/evening/plan', { body, signal }))), order: orderOf(body) }
    },
    enabled: computed(() => !!set.value),
    placeholderData: (last) => last,
    staleTime: 0,
  })
}

/** A span of seconds in minutes and seconds: 2 min 10 s. */
export function span(seconds: number): string {
  const whole = Math.round(seconds)
  const minutes = Math.floor(whole / 60)
  const rest = whole % 60
  return minutes === 0 ? `${rest} s` : rest === 0 ? `${minutes} min` : `${minutes} min ${rest} s`
}
