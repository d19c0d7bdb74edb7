import { answered, api, type Act, type PlayedSet, type StoredSet } from '@/api/client'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'

/** An edit waits so long for the next one before it is saved. */
const SAVE_AFTER_MS = 500

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

/** Saves a set a moment after each edit, one at a time, and says so when it was changed elsewhere. */
export function useSet(id: Ref<string>) {
  const client = useQueryClient()
  const set = ref<PlayedSet>()
  const version = ref(0)
  const changedElsewhere = ref(false)
  const problem = ref('')
  const saving = ref(false)
  const dirty = ref(false)

  const stored = useQuery({
    queryKey: computed(() => ['set', id.value]),
    queryFn: () => answered(api.GET('/api/sets/{id}', { params: { path: { id: id.value } } })),
    enabled: computed(() => id.value !== ''),
    staleTime: 0,
    retry: false,
  })
  watch(
    () => stored.data.value,
    (found) => {
      if (found && !dirty.value && !saving.value) {
        take(found)
      }
    },
    { immediate: true },
  )

  function take(found: StoredSet): void {
    set.value = structuredClone(JSON.parse(JSON.stringify(found.set))) as PlayedSet
    version.value = found.version
  }

  async function save(): Promise<void> {
    if (saving.value || !set.value || changedElsewhere.value) {
      return
    }
    saving.value = true
    dirty.value = false
    const sent = set.value
    try {
      const params = { path: { id: id.value }, header: { 'If-Match': `"${version.value}"` } }
      const kept = await answered(api.PUT('/api/sets/{id}', { params, body: sent }))
      version.value = kept.version
      problem.value = ''
      client.setQueryData(['set', id.value], kept)
      void client.invalidateQueries({ queryKey: ['sets'] })
    } catch (thrown) {
      const failed = thrown as { status: number; message: string }
      changedElsewhere.value = failed.status === 412
      problem.value = failed.message
      dirty.value = true
    } finally {
      saving.value = false
    }
    if (dirty.value && !problem.value) {
      await save()
    }
  }
  const saveSoon = useDebounceFn(save, SAVE_AFTER_MS)

  /** Changes the set on the screen at once, and on the disk a moment later. */
  function edit(change: Partial<PlayedSet>): void {
    if (set.value) {
      set.value = { ...set.value, ...change }
      dirty.value = true
      void saveSoon()
    }
  }

  /** Drops what is on the screen for what was saved elsewhere. */
  async function loadAnew(): Promise<void> {
    dirty.value = false
    changedElsewhere.value = false
    problem.value = ''
    const found = await stored.refetch()
    if (found.data) {
      take(found.data)
    }
  }

  /** Whether everything that was edited is kept. */
  const kept = computed(() => !dirty.value && !saving.value)
  return { set, stored, edit, save, loadAnew, changedElsewhere, problem, kept }
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
