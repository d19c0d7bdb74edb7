<script setup lang="ts">
import { t } from '@/words'
import { answered, api, ApiProblem, type LastRehearsal, type Beginning } from '@/api/client'
import { onceTrue } from '@/ui/onceTrue'
import { useToast } from '@/ui/toast'
import { typing, useViewKeys } from '@/ui/keys'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { onKeyStroke } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, watchEffect } from 'vue'
import { useRouter } from 'vue-router'
import RoutineCard from './RoutineCard.vue'
import TodayPanel from './TodayPanel.vue'
import { useToday } from './today'

/** Loaded when they are asked for, so that the shelf is there sooner. */
const BinDialog = defineAsyncComponent(() => import('./BinDialog.vue'))
const NewRoutineDialog = defineAsyncComponent(() => import('./NewRoutineDialog.vue'))

const router = useRouter()
const toast = useToast()
const queries = useQueryClient()
const wanted = ref('')
const tag = ref('')
const creating = ref(false)
const creatingAsked = onceTrue(creating)
const bin = ref(false)
const binAsked = onceTrue(bin)
const fileField = ref<HTMLInputElement>()
const searchField = ref<HTMLInputElement>()
const problem = ref('')

const today = useToday()
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
/** A long shelf is laid a few rows at a time while nothing else is to be done, so that the first ones are there at once. */
const FIRST = 6
const SOON_MS = 200
const soon = window.requestIdleCallback ?? ((does: () => void) => setTimeout(does, SOON_MS))
const rows = ref(FIRST)
const laid = computed(() => shown.value.slice(0, rows.value))
watchEffect(() => {
  if (rows.value < shown.value.length) {
    soon(() => (rows.value += FIRST))
  }
})

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
    toast.say(
      t('repertoire.repertoireView.isOnTheShelf', { title: made.routine.title }),
      () => void remove(made.id, false),
    )
  })

const remove = (id: string, tell = true) =>
  attempt(async () => {
    await answered(api.DELETE('/api/routines/{id}', { params: { path: { id } } }))
    await refresh()
    if (tell) {
      toast.say(t('repertoire.repertoireView.routineDeleted'), () => void restore(id))
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
        t('repertoire.repertoireView.tooLarge'),
        t('repertoire.repertoireView.aRoutineFileHasAt'),
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
        t('repertoire.repertoireView.notARoutine'),
        t('repertoire.repertoireView.isNoRoutineFileIt', { name: file.name }),
        [],
      )
    }
    const made = await answered(api.POST('/api/routines/from-file', { body: content as never }))
    await refresh()
    toast.say(t('repertoire.repertoireView.wasReadFromTheFile', { title: made.routine.title }))
  })

useViewKeys([
  { keys: 'N', does: t('repertoire.repertoireView.newRoutineFromAnEmpty') },
  { keys: '/', does: t('repertoire.repertoireView.search') },
  { keys: '?', does: t('repertoire.repertoireView.theseKeys') },
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
      <h1 class="text-3xl">{{ $t('repertoire.repertoireView.repertoire') }}</h1>
      <input
        ref="searchField"
        v-model="wanted"
        type="search"
        class="ml-auto w-60 field"
        :placeholder="$t('repertoire.repertoireView.searchTitlesAndTags')"
        :aria-label="$t('repertoire.repertoireView.searchTitlesAndTags')"
      />
      <button class="btn" @click="bin = true">{{ $t('repertoire.repertoireView.bin') }}</button>
      <button class="btn" @click="fileField?.click()">{{ $t('repertoire.repertoireView.fromAFile') }}</button>
      <input
        ref="fileField"
        type="file"
        accept=".json,application/json"
        class="hidden"
        :aria-label="$t('repertoire.repertoireView.routineFile')"
        data-testid="routine-file"
        @change="readFile"
      />
      <button class="btn-main" @click="creating = true">
        {{ $t('repertoire.repertoireView.newRoutine') }}
      </button>
    </div>
    <ul
      v-if="tags.length > 0"
      class="mt-3 flex flex-wrap gap-2"
      :aria-label="$t('repertoire.repertoireView.tags')"
    >
      <li v-for="each in tags" :key="each">
        <button
          class="rounded-full border px-3 py-0.5 text-sm"
          :class="tag === each ? 'border-brass bg-brass/15 font-semibold' : 'border-rule'"
          :aria-pressed="tag === each"
          @click="tag = tag === each ? '' : each"
        >
          {{ each }}
        </button>
      </li>
    </ul>
    <TodayPanel />
    <p v-if="problem" role="alert" class="mt-4 rounded-lg border-l-4 border-broken bg-broken/10 px-4 py-2">
      {{ problem }}
    </p>
    <p v-if="routines.isPending.value" class="mt-10 text-soft">
      {{ $t('repertoire.repertoireView.layingOutTheShelf') }}
    </p>
    <p v-else-if="routines.isError.value" role="alert" class="mt-10">
      {{ $t('repertoire.repertoireView.craftyPocketDoesNotAnswer') }}
      <button class="link" @click="refresh()">{{ $t('repertoire.repertoireView.tryAgain') }}</button>
    </p>
    <div v-else-if="routines.data.value?.length === 0" class="mt-14 text-center">
      <p class="font-display text-2xl">{{ $t('repertoire.repertoireView.anEmptyShelfAndA') }}</p>
      <p class="mt-2 text-soft">{{ $t('repertoire.repertoireView.startFrom52CardsIn') }}</p>
      <button class="mt-4 btn-main" @click="creating = true">
        {{ $t('repertoire.repertoireView.startFromAnEmptyDeck') }}
      </button>
    </div>
    <p v-else-if="shown.length === 0" class="mt-10 text-soft">
      {{ $t('repertoire.repertoireView.nothingOnTheShelfIs') }}
    </p>
    <!-- What is due stands above the shelf: the shelf waits for it, so that it does not slip away from a hand. -->
    <ul v-if="!today.isPending.value" class="mt-5 grid gap-5 md:grid-cols-2 xl:grid-cols-3">
      <RoutineCard
        v-for="routine in laid"
        :key="routine.id"
        :entry="routine"
        :last="last(routine.id)"
        @copy="copy(routine.id)"
        @remove="remove(routine.id)"
      />
    </ul>
    <footer class="mt-10 border-t border-rule pt-3 text-sm">
      <RouterLink to="/about" class="link">{{
        $t('repertoire.repertoireView.aboutCraftyPocket')
      }}</RouterLink>
    </footer>
    <BinDialog v-if="binAsked" v-model:open="bin" />
    <NewRoutineDialog v-if="creatingAsked" v-model:open="creating" @create="create" />
  </div>
</template>
