<script setup lang="ts">
import { t } from '@/words'
import { useCatalogue } from '@/api/catalogue'
import { answered, api, type Rehearsal, type Routine } from '@/api/client'
import { RunningDeck } from '@/deck'
import { alone } from '@/routine'
import { clock } from '@/ui/time'
import { useQuery } from '@tanstack/vue-query'
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import PastRuns from './PastRuns.vue'
import StepTimes from './StepTimes.vue'
import { secondsOf, useLocalVoices, usePace } from './pace'

const props = defineProps<{
  id: string
  routine: Routine
  runs: Rehearsal[]
  /** Whether people may insist. */
  surprises: boolean
}>()
const emit = defineEmits<{
  /** A run begins: of the whole routine, or of a passage that may be gone through over and over. */
  begin: [surprise: boolean, passage: { from: string; to: string } | undefined, loop: boolean]
}>()

const WEAKEST = 3

const catalogue = useCatalogue()
const pace = usePace()
const voices = useLocalVoices()
const box = ref<HTMLElement>()
const { width } = useElementSize(box)
const from = ref('')
const to = ref('')
const loop = ref(false)

const { data: trace } = useQuery({
  queryKey: computed(() => ['start', props.id, props.routine]),
  queryFn: async () => {
    const traced = await answered(
      api.POST('/api/trace', { body: { routine: alone(props.routine), world: {} } }),
    )
    // What is chosen later lies anywhere yet.
    const first = traced.moments[0]!
    const roles = first.roles.map((role) => (role.chosen ? role : { ...role, place: '' }))
    return { ...traced, moments: [{ ...first, roles }] }
  },
})

function placeOf(stepId: string): number {
  return props.routine.steps.findIndex((step) => step.id === stepId)
}

function name(stepId: string): string {
  const index = placeOf(stepId)
  const move = catalogue.value.moves.find((each) => each.id === props.routine.steps[index]?.move)
  return index < 0 ? t('rehearse.startPanel.aStepThatIsGone') : `${index + 1} · ${move?.name ?? ''}`
}

const length = computed(
  () => 1000 * props.routine.steps.reduce((sum, step) => sum + secondsOf(step, props.runs), 0),
)
const weakSteps = useQuery({
  queryKey: computed(() => ['weak-steps', props.id, props.runs.length]),
  queryFn: () => answered(api.GET('/api/routines/{id}/weak-steps', { params: { path: { id: props.id } } })),
})
const weak = computed(() =>
  (weakSteps.data.value ?? [])
    .filter((each) => props.routine.steps.some((step) => step.id === each.stepId))
    .slice(0, WEAKEST),
)
const bring = computed(() => props.routine.setUp.things.map((thing) => thing.name))

function begin(surprise: boolean): void {
  const all = props.routine.steps
  const ends = [from.value || all[0]!.id, to.value || all.at(-1)!.id]
  // Whichever way round they were picked.
  const [first, last] = ends.sort((a, b) => placeOf(a) - placeOf(b))
  const passage = from.value || to.value ? { from: first!, to: last! } : undefined
  emit('begin', surprise, passage, loop.value && !!passage)
}
defineExpose({ begin })
</script>

<template>
  <div ref="box">
    <p class="font-display text-4xl">{{ $t('rehearse.startPanel.deckInHand') }}</p>
    <p class="mt-2 text-xl">{{ routine.setUp.note || $t('rehearse.startPanel.anyOrderNothingToPrepare') }}</p>
    <p v-if="bring.length > 0" class="mt-1 text-xl">
      {{ $t('rehearse.startPanel.bring', { bring: bring.join(', ') }) }}
    </p>
    <RunningDeck
      v-if="trace && width > 0"
      class="mt-3"
      :trace="trace"
      :width="width"
      :row-height="86"
      :slot-height="34"
      :slot-top="24"
    />
    <p v-if="routine.steps.length === 0" class="mt-4">
      {{ $t('rehearse.startPanel.thereIsNothingToRehearse') }}
      <RouterLink class="link" :to="`/bench/${id}`">{{
        $t('rehearse.startPanel.addAMoveFirst')
      }}</RouterLink>.
    </p>
    <template v-else>
      <div class="mt-4 flex flex-wrap items-center gap-3">
        <button class="btn-main px-6 py-3 text-xl" @click="begin(surprises)">
          {{ $t('rehearse.startPanel.begin') }}
        </button>
        <button v-if="!surprises" class="btn px-6 py-3 text-xl" @click="begin(true)">
          {{ $t('rehearse.startPanel.beginAndLetThemChoose') }}
        </button>
        <span class="text-lg text-soft">{{
          $t('rehearse.startPanel.stepsAbout', { steps: routine.steps.length, n: clock(length) })
        }}</span>
      </div>
      <div class="mt-4 flex flex-wrap items-center gap-x-6 gap-y-2">
        <label class="flex items-center gap-2"
          ><input v-model="pace.auto" type="checkbox" /> {{ $t('rehearse.startPanel.goOnByItself') }}</label
        >
        <label v-if="pace.auto" class="flex items-center gap-2">
          {{ $t('rehearse.startPanel.atOfTheTime', { pace: Math.round(pace.speed * 100) }) }}
          <input v-model.number="pace.speed" type="range" min="0.5" max="1.5" step="0.1" />
        </label>
        <label v-if="voices.length > 0" class="flex items-center gap-2"
          ><input v-model="pace.spoken" type="checkbox" /> {{ $t('rehearse.startPanel.sayEachStep') }}</label
        >
        <label class="flex items-center gap-2">
          {{ $t('rehearse.startPanel.from') }}
          <select v-model="from" class="field text-sm" :aria-label="$t('rehearse.startPanel.from')">
            <option value="">{{ $t('rehearse.startPanel.theBeginning') }}</option>
            <option v-for="step in routine.steps" :key="step.id" :value="step.id">{{ name(step.id) }}</option>
          </select>
        </label>
        <label class="flex items-center gap-2">
          {{ $t('rehearse.startPanel.to') }}
          <select v-model="to" class="field text-sm" :aria-label="$t('rehearse.startPanel.to')">
            <option value="">{{ $t('rehearse.startPanel.theEnd') }}</option>
            <option v-for="step in routine.steps" :key="step.id" :value="step.id">{{ name(step.id) }}</option>
          </select>
        </label>
        <label v-if="from || to" class="flex items-center gap-2"
          ><input v-model="loop" type="checkbox" /> {{ $t('rehearse.startPanel.overAndOver') }}</label
        >
      </div>
      <p class="mt-4 text-soft">
        <kbd class="kbd">Space</kbd> {{ $t('rehearse.startPanel.goesOn') }} <kbd class="kbd">←</kbd>
        {{ $t('rehearse.startPanel.goesBack') }} <kbd class="kbd">M</kbd>
        {{ $t('rehearse.startPanel.marksASlip') }} <kbd class="kbd">H</kbd>
        {{ $t('rehearse.startPanel.showsTheDeck') }}
      </p>
    </template>
    <div class="mt-8 grid gap-8 lg:grid-cols-2">
      <PastRuns :id="id" />
      <StepTimes :runs="runs" :steps="routine.steps.map((step) => ({ id: step.id, name: name(step.id) }))" />
      <section v-if="weak.length > 0" :aria-label="$t('rehearse.startPanel.whatWasWeak')" data-testid="weak">
        <h2 class="text-xl">{{ $t('rehearse.startPanel.whatWasWeak') }}</h2>
        <ul class="mt-2 space-y-1">
          <li
            v-for="each in weak"
            :key="each.stepId"
            class="flex justify-between gap-3 border-t border-rule py-1"
          >
            <span>
              {{ name(each.stepId) }}
              <span v-if="each.reasons.length > 0" class="text-soft">{{ each.reasons.join(', ') }}</span>
            </span>
            <strong class="shrink-0 text-broken">{{ each.slips }} ✕</strong>
          </li>
        </ul>
      </section>
    </div>
  </div>
</template>
