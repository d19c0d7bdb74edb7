<script setup lang="ts">
import { t } from '@/words'
import { answered, api, type LastRehearsal, type Routine, type RoutineEntry, type Survey } from '@/api/client'
import { inTurn } from '@/api/inTurn'
import { RunningDeck } from '@/deck'
import { alone, goesThrough, lineOf } from '@/routine/lines'
import { useOutbox } from '@/saving'
import { ago } from '@/ui/time'
import { canFail } from '@/ui/verdict'
import VerdictPill from '@/ui/VerdictPill.vue'
import { useQuery } from '@tanstack/vue-query'
import { useElementVisibility } from '@vueuse/core'
import { useToday } from './today'
import { computed, defineAsyncComponent, ref, watchEffect } from 'vue'

const props = defineProps<{
  entry: RoutineEntry
  last?: LastRehearsal
}>()
defineEmits<{ copy: []; remove: [] }>()

const CardMenu = defineAsyncComponent(() => import('./CardMenu.vue'))

const outbox = useOutbox()
/** Whether its menu was asked for. */
const more = ref(false)
/** Whether what was last done to it is still on its way, or is a draft. */
const unsaved = computed(() => outbox.queues.get(props.entry.id)?.unsaved.value ?? false)
const card = ref<HTMLElement>()
const visible = useElementVisibility(card, { rootMargin: '200px' })
/** A card that was once in sight is looked up; those far below wait until somebody scrolls there. */
const seen = ref(false)
watchEffect(() => (seen.value ||= visible.value))

const overview = useQuery({
  enabled: seen,
  queryKey: computed(() => ['overview', props.entry.id, props.entry.version]),
  staleTime: Infinity,
  queryFn: async ({ signal }) => {
    const path = { id: props.entry.id }
    const { routine } = await answered(api.GET('/api/routines/{id}', { params: { path }, signal }))
    const body = { routine, world: {} }
    return { routine, trace: await answered(api.POST('/api/trace', { body, signal })) }
  },
})

/** Asks what holds. It is stopped when the card is no longer looked at. */
function surveyed(routine: Routine, signal: AbortSignal): Promise<Survey> {
  return inTurn(() => answered(api.POST('/api/survey', { body: { routine }, signal })))
}

const survey = useQuery({
  queryKey: computed(() => ['survey', props.entry.id, props.entry.version]),
  queryFn: ({ signal }) => surveyed(overview.data.value!.routine, signal),
  enabled: computed(() => !!overview.data.value),
  staleTime: (query) => (query.state.data?.stopped ? 0 : Infinity),
})
/** How many outs there are, and in how many of them something can fail. */
const outs = useQuery({
  queryKey: computed(() => ['outs', props.entry.id, props.entry.version]),
  queryFn: async ({ signal }) => {
    const { routine } = overview.data.value!
    let failing = 0
    for (const out of routine.outs) {
      const holds =
        goesThrough(routine, out.id) && !canFail(await surveyed(alone(lineOf(routine, out.id)), signal))
      failing += holds ? 0 : 1
    }
    return { all: routine.outs.length, failing }
  },
  enabled: computed(() => !!survey.data.value),
})
const outsSaid = computed(() => {
  const { all, failing } = outs.data.value ?? { all: 0, failing: 0 }
  if (all === 0) {
    return ''
  }
  const verdict =
    failing === 0
      ? t('repertoire.routineCard.hold', {}, all)
      : t('repertoire.routineCard.canFail', { failing })
  return `${t('repertoire.routineCard.outs', {}, all)}: ${verdict} · `
})

const rehearsed = computed(() =>
  props.last
    ? t('repertoire.routineCard.rehearsed', {
        ago: ago(props.last.startedAt),
        runs: t('repertoire.routineCard.runs', {}, props.last.runs),
        slips: t('repertoire.routineCard.slips', {}, props.last.slips),
      })
    : t('repertoire.routineCard.notRehearsedYet'),
)
const { data: today } = useToday()
/** How ready it is, once it was rehearsed. */
const ready = computed(() => today.value?.find((each) => each.id === props.entry.id))
const steps = computed(() => overview.data.value?.routine.steps.length ?? 0)
</script>

<template>
  <li ref="card" class="flex flex-col rounded-xl border border-rule bg-raised p-4" data-testid="routine">
    <div class="flex items-start justify-between gap-2">
      <h2 class="text-xl">
        <RouterLink :to="`/bench/${entry.id}`" class="hover:underline">{{ entry.title }}</RouterLink>
      </h2>
      <CardMenu v-if="more" :entry="entry" @copy="$emit('copy')" @remove="$emit('remove')" />
      <button
        v-else
        class="rounded px-2 text-xl"
        aria-haspopup="menu"
        aria-expanded="false"
        :aria-label="$t('repertoire.routineCard.moreFor', { title: entry.title })"
        @click="more = true"
      >
        ⋯
      </button>
    </div>
    <p class="mt-1 text-sm text-soft">{{ overview.data.value?.routine.summary }}</p>
    <RouterLink
      :to="`/bench/${entry.id}`"
      class="my-3 block h-36 overflow-hidden"
      tabindex="-1"
      aria-hidden="true"
    >
      <RunningDeck
        v-if="overview.data.value"
        :trace="overview.data.value.trace"
        :width="380"
        :row-height="144 / Math.max(3, overview.data.value.trace.moments.length)"
        :slot-height="7"
        :slot-top="2"
        thumbnail
      />
    </RouterLink>
    <div class="mt-auto flex items-end justify-between gap-2">
      <div class="min-w-0">
        <VerdictPill :survey="survey.data.value" />
        <p v-if="unsaved" class="mt-1 text-sm font-semibold text-broken">
          {{ $t('repertoire.routineCard.yourLastChangesAreNot') }}
        </p>
        <p class="mt-1 text-sm text-soft">
          {{ $t('repertoire.routineCard.steps', steps) }} · {{ outsSaid }}{{ rehearsed }}
          <span v-if="ready" :title="$t('repertoire.routineCard.due', { due: ready.due })">
            · {{ $t('repertoire.routineCard.ready', { share: Math.round(ready.readiness * 100) }) }}
          </span>
        </p>
      </div>
      <RouterLink
        class="btn"
        :to="`/rehearse/${entry.id}`"
        :aria-label="$t('repertoire.routineCard.rehearse', { title: entry.title })"
        >{{ $t('repertoire.routineCard.rehearse2') }}</RouterLink
      >
    </div>
  </li>
</template>
