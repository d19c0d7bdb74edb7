<script setup lang="ts">
import { answered, api, ApiProblem, type LastRehearsal, type Beginning } from '@/api/client'
import { useToast } from '@/ui/toast'
import { typing, useViewKeys } from '@/ui/keys'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { onKeyStroke } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import BinDialog from './BinDialog.vue'
import NewRoutineDialog from './NewRoutineDialog.vue'
import RoutineCard from './RoutineCard.vue'

const router = useRouter()
const toast = useToast()
const queries = useQueryClient()
const wanted = ref('')
const tag = ref('')
const creating = ref(false)
const bin = ref(false)
const fileField = ref<HTMLInputElement>()
const searchField = ref<HTMLInputElement>()
const problem = ref('')

const routines = useQuery({ queryKey: ['routines'], queryFn: () => answered(api.GET('/api/routines')) })
const rehearsals = useQuery({ queryKey: ['last'], queryFn: () => answered(api.GET('/api/rehearsals/last')) })

const tags = computed(() => [...new Set(routines.data.value?.flatMap((r) => r.tags) ?? [])].sort())
const shown = computed(() =>
  (routines.data.value ?? []).filter(
    (r) =>
      `${r.title} ${r.tags.join(' ')}`.toLowerCase().includes(wanted.value.trim().toLowerCase()) &&
      (tag.value === '' || r.tags.includes(tag.value)),
  ),
)

function last(id: string): LastRehearsal | undefined {
  return rehearsals.data.value?.find((r) => r.routineId === id)
}

async function refresh(): Promise<void> {
  await queries.invalidateQueries({ queryKey: ['routines'] })
}

async function attempt(does: () => Promise<void>): Promise<void> {
  problem.value = ''
  try {
    await does()
  } catch (thrown) {
    problem.value = (thrown as ApiProblem).message
  }
}

const create = (title: string, beginning: Beginning | undefined, fromTheEnd: boolean) =>
  attempt(async () => {
    const made = await answered(
      beginning
        ? api.POST('/api/routines/from-file', { body: { ...beginning.routine, title } as never })
        : api.POST('/api/routines', { body: { title } }),
    )
    await router.push({ path: `/bench/${made.id}`, query: fromTheEnd ? { end: 'first' } : {} })
  })

const copy = (id: string) =>
  attempt(async () => {
    const made = await answered(api.POST('/api/routines/{id}/copy', { params: { path: { id } } }))
    await refresh()
    toast.say(`“${made.routine.title}” is on the shelf.`, () => void remove(made.id, false))
  })

const remove = (id: string, tell = true) =>
  attempt(async () => {
    await answered(api.DELETE('/api/routines/{id}', { params: { path: { id } } }))
    await refresh()
    if (tell) {
      toast.say('Routine deleted.', () => void restore(id))
    }
  })

const restore = (id: string) =>
  attempt(async () => {
    await answered(api.POST('/api/routines/{id}/restore', { params: { path: { id } } }))
    await refresh()
  })

const readFile = (event: Event) =>
  attempt(async () => {
    const field = event.target as HTMLInputElement
    const file = field.files?.[0]
    if (!file) {
      return
    }
    if (file.size > 1_000_000) {
      throw new ApiProblem(
        413,
        'Too large',
        'A routine file has at most a million letters. Choose another file.',
        [],
      )
    }
    const text = await file.text()
    field.value = ''
    let content: unknown
    try {
      content = JSON.parse(text)
    } catch {
      throw new ApiProblem(
        400,
        'Not a routine',
        `“${file.name}” is no routine file: it is not valid JSON.`,
        [],
      )
    }
    const made = await answered(api.POST('/api/routines/from-file', { body: content as never }))
    await refresh()
    toast.say(`“${made.routine.title}” was read from the file.`)
  })

useViewKeys([
  { keys: 'N', does: 'New routine, from an empty deck' },
  { keys: '/', does: 'Search' },
  { keys: '?', does: 'These keys' },
])
onKeyStroke(['n', 'N'], (event) => {
  if (!typing(event) && !event.ctrlKey && !event.metaKey) {
    event.preventDefault()
    creating.value = true
  }
})
onKeyStroke('/', (event) => {
  if (!typing(event)) {
    event.preventDefault()
    searchField.value?.focus()
  }
})
</script>

<template>
  <div class="mx-auto w-full max-w-7xl px-5 py-6">
    <div class="flex flex-wrap items-center gap-3">
      <h1 class="text-3xl">Repertoire</h1>
      <input
        ref="searchField"
        v-model="wanted"
        type="search"
        class="ml-auto w-60 field"
        placeholder="Search titles and tags"
        aria-label="Search titles and tags"
      />
      <button class="btn" @click="bin = true">Bin</button>
      <button class="btn" @click="fileField?.click()">From a file</button>
      <input
        ref="fileField"
        type="file"
        accept=".json,application/json"
        class="hidden"
        aria-label="Routine file"
        data-testid="routine-file"
        @change="readFile"
      />
      <button class="btn-main" @click="creating = true">New routine</button>
    </div>
    <ul v-if="tags.length > 0" class="mt-3 flex flex-wrap gap-2" aria-label="Tags">
      <li v-for="t in tags" :key="t">
        <button
          class="rounded-full border px-3 py-0.5 text-sm"
          :class="tag === t ? 'border-brass bg-brass/15 font-semibold' : 'border-rule'"
          :aria-pressed="tag === t"
          @click="tag = tag === t ? '' : t"
        >
          {{ t }}
        </button>
      </li>
    </ul>
    <p v-if="problem" role="alert" class="mt-4 rounded-lg border-l-4 border-broken bg-broken/10 px-4 py-2">
      {{ problem }}
    </p>
    <p v-if="routines.isPending.value" class="mt-10 text-soft">Laying out the shelf …</p>
    <p v-else-if="routines.isError.value" role="alert" class="mt-10">
      Crafty Pocket does not answer. Is it still running?
      <button class="link" @click="refresh()">Try again</button>
    </p>
    <div v-else-if="routines.data.value?.length === 0" class="mt-14 text-center">
      <p class="font-display text-2xl">An empty shelf, and a full deck.</p>
      <p class="mt-2 text-soft">
        Start from 52 cards in any order: add a selection, a key, and the first move.
      </p>
      <button class="mt-4 btn-main" @click="creating = true">Start from an empty deck</button>
    </div>
    <p v-else-if="shown.length === 0" class="mt-10 text-soft">Nothing on the shelf is called that.</p>
    <ul class="mt-5 grid gap-5 md:grid-cols-2 xl:grid-cols-3">
      <RoutineCard
        v-for="routine in shown"
        :key="routine.id"
        :entry="routine"
        :last="last(routine.id)"
        @copy="copy(routine.id)"
        @remove="remove(routine.id)"
      />
    </ul>
    <footer class="mt-10 border-t border-rule pt-3 text-sm">
      <RouterLink to="/about" class="link">About Crafty Pocket</RouterLink>
    </footer>
    <BinDialog v-model:open="bin" />
    <NewRoutineDialog v-model:open="creating" @create="create" />
  </div>
</template>
