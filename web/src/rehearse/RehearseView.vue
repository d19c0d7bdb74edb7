<script setup lang="ts">
import { t } from '@/words'
import { useCatalogue } from '@/api/catalogue'
import { answered, api, type ApiProblem, type Out, type Trace } from '@/api/client'
import { asSeen } from '@/deck/seen'
import { alone, outLabel } from '@/routine'
import { inDialog, typing, useViewKeys } from '@/ui/keys'
import BeatsMode from './BeatsMode.vue'
import DrillsMode from './DrillsMode.vue'
import JudgeMode from './JudgeMode.vue'
import { MODE_KEYS, MODES, type Mode } from './modes'
import { secondsOf, speak, usePace } from './pace'
import RecallMode from './RecallMode.vue'
import StartPanel from './StartPanel.vue'
import { clock } from '@/ui/time'
import { useKeeping, useOutbox } from '@/saving'
import { useQuery } from '@tanstack/vue-query'
import { onKeyStroke, useNow } from '@vueuse/core'
import { useScreenOn } from '@/ui/screenOn'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import EndCheck from './EndCheck.vue'
import StepDeck from './StepDeck.vue'
import { useRuns } from './runs'
import { record, slips, total } from './session'
import RunStep from './RunStep.vue'
import { useBetween } from './useBetween'
import { useRun } from './useRun'

const route = useRoute()
const router = useRouter()
const catalogue = useCatalogue()
const id = route.params.id as string

const outbox = useOutbox()
/** As it is now: what was edited a moment ago is in it. */
const stored = useQuery({ queryKey: ['routine', id], queryFn: () => outbox.current(id), gcTime: 0 })
const whole = computed(() => stored.data.value)
const { routine, session, trace, world, insisted, due, over, current, step, ready, ...run } = useRun(
  whole,
  id,
)
const runs = useRuns(id)

/** Whose deck is shown: none, the real one, or the one in people's heads. */
const deckShown = ref<'' | 'real' | 'seen'>('')
const problem = ref('')
const kept = ref<'' | 'came out' | 'failed'>('')
const keeping = useKeeping()
const beingKept = ref(false)
const now = useNow({ interval: 250 })
useScreenOn(() => true)

/** A run that a reload or another page interrupted goes on where it was. */
watch(whole, (routine) => routine && !session.value && void attempt(run.resume), { immediate: true })

/** Does something that asks the server; what goes wrong is told, and the run stays where it is. */
async function attempt(does: () => Promise<void>): Promise<void> {
  problem.value = ''
  try {
    await does()
    deckShown.value = ''
  } catch (thrown) {
    problem.value = (thrown as ApiProblem).message
  }
}

const panel = ref<InstanceType<typeof StartPanel>>()
const mode = computed<Mode>(() => MODES.find((each) => each === route.query.mode) ?? 'run')
const { asked, goneOn } = useBetween({
  whole,
  id,
  world,
  session,
  due,
  over,
  on: () => mode.value === 'surprises',
})
/** Whether the passage that is on begins again when it is over. */
const looping = ref(false)
/** Whether people choose in it each time. */
let surprising = false
const rounds = ref(0)
const pace = usePace()

function show(wanted: Mode): void {
  void router.replace({ query: wanted === 'run' ? {} : { mode: wanted } })
}

function start(surprise: boolean, passage?: { from: string; to: string }, loop = false): void {
  kept.value = ''
  notes.value = ''
  looping.value = loop
  surprising = surprise
  rounds.value = 0
  void attempt(() => run.start(surprise, passage))
}

/** A passage that is over begins again, as long as it loops; a run of a passage is not kept as a run. */
watch(over, (now) => {
  if (now && looping.value) {
    rounds.value++
    void attempt(() => run.start(surprising, run.passage.value))
  }
})

const onStep = [() => session.value?.at, () => current.value?.moment.stepId, () => session.value?.startedAt]
watch(onStep, () => {
  if (current.value && pace.value.spoken) {
    speak(current.value.moment.sentence)
  }
})
/** The run goes on by itself when the time of its step is over; a question in between has the same time. */
let timer = 0
watch([...onStep, () => asked.value], () => {
  window.clearTimeout(timer)
  if (current.value && step.value && pace.value.auto) {
    const wait = (1000 * secondsOf(step.value, runs.value ?? [])) / pace.value.speed
    timer = window.setTimeout(() => goBy(1), wait)
  }
})
onBeforeUnmount(() => window.clearTimeout(timer))

const notes = ref('')

function goBy(by: 1 | -1): void {
  if (by > 0 && goneOn()) {
    return
  }
  if (by > 0 && insisted.value) {
    takeOut(insisted.value)
  } else {
    void attempt(() => run.goBy(by))
  }
}

/** Which resistance met which answer is written down for the notes of the run. */
function takeOut(out: Out): void {
  if (insisted.value?.id === out.id) {
    const what = out.says || outLabel(out, catalogue.value)
    notes.value += `${t('rehearse.rehearseView.insistedOn', { what, step: session.value!.at + 1 })}\n`
  }
  void attempt(() => run.takeOut(out))
}

/** It is told as kept when it is, or waits; a run that is refused stays to be tried again. */
async function keep(cameOut: boolean): Promise<void> {
  if (beingKept.value) {
    return
  }
  beingKept.value = true
  const ran = { ...record(session.value!, cameOut, notes.value), routine: whole.value?.title }
  if (await keeping.keep({ kind: 'run', routineId: id, run: ran })) {
    kept.value = cameOut ? 'came out' : 'failed'
    run.forget()
  }
  beingKept.value = false
}

/** A passage is no run: nothing of it is kept. */
function backToStart(): void {
  run.forget()
  session.value = undefined
}

function leave(): void {
  run.forget()
  void router.push(`/bench/${id}`)
}

useViewKeys([
  { keys: 'Space, → or PageDown', does: t('rehearse.rehearseView.goOnAPageTurn') },
  { keys: '← or PageUp', does: t('rehearse.rehearseView.goBack') },
  { keys: 'M', does: t('rehearse.rehearseView.markASlip') },
  { keys: 'O', does: t('rehearse.rehearseView.takeTheOutThatIs') },
  { keys: 'H', does: t('rehearse.rehearseView.showOrHideTheDeck') },
  { keys: 'Y or N', does: t('rehearse.rehearseView.atTheEndItCame') },
  { keys: 'Esc', does: t('rehearse.rehearseView.leave') },
  { keys: Object.values(MODE_KEYS).join(', '), does: t('rehearse.rehearseView.chooseHowToRehearse') },
  { keys: '?', does: t('rehearse.rehearseView.theseKeys') },
])

onKeyStroke([' ', 'ArrowRight', 'PageDown'], (event) => {
  const onControl = event.key === ' ' && (event.target as HTMLElement).closest('button, a') !== null
  const elsewhere = !session.value && mode.value !== 'run' && mode.value !== 'surprises'
  if (inDialog() || onControl || over.value || elsewhere || typing(event)) {
    return
  }
  event.preventDefault()
  if (session.value) {
    goBy(1)
  } else if (routine.value && routine.value.steps.length > 0) {
    panel.value?.begin(mode.value === 'surprises')
  }
})
for (const each of MODES) {
  const key = MODE_KEYS[each]
  onKeyStroke([key, key.toLowerCase()], (event) => {
    if (
      !session.value &&
      !typing(event) &&
      !inDialog() &&
      !event.ctrlKey &&
      !event.metaKey &&
      !event.altKey
    ) {
      show(each)
    }
  })
}
onKeyStroke(['ArrowLeft', 'PageUp'], (event) => {
  const answering = over.value && event.key === 'PageUp'
  if (!inDialog() && session.value && !kept.value && !answering) {
    event.preventDefault()
    goBy(-1)
  }
})
onKeyStroke(['m', 'M'], (event) => !typing(event) && run.markSlip())
onKeyStroke(['o', 'O'], () => {
  const out = insisted.value ?? ready.value[0]
  if (session.value && !over.value && !inDialog() && out) {
    takeOut(out)
  }
})
/** The trace that is run, as people think it goes. */
const seen = shallowRef<Trace>()
watch([deckShown, trace], async ([shown, of]) => {
  seen.value = undefined
  if (shown !== 'seen' || !of) {
    return
  }
  try {
    const body = { routine: alone(routine.value!), world: world.value }
    const answer = await answered(api.POST('/api/trace/seen', { body }))
    seen.value = trace.value === of ? asSeen(of, answer) : undefined
  } catch (thrown) {
    problem.value = (thrown as ApiProblem).message
  }
})

/** What a press shows next. */
const nextShown = computed(
  () =>
    ({
      '': t('rehearse.rehearseView.showTheDeck'),
      real: t('rehearse.rehearseView.asTheySeeIt'),
      seen: t('rehearse.rehearseView.hideTheDeck'),
    })[deckShown.value],
)

function nextDeck(): void {
  deckShown.value = deckShown.value === '' ? 'real' : deckShown.value === 'real' ? 'seen' : ''
}
onKeyStroke(['h', 'H'], () => {
  if (!over.value) {
    nextDeck()
  }
})
/** Whoever only has a pedal answers with it too, but not by pressing once too often. */
const PAUSE_MS = 1200
let endedAt = 0
watch(over, (now) => (endedAt = now ? Date.now() : 0))
onKeyStroke(['PageDown', 'PageUp'], (event) => {
  const asked = over.value && session.value && !kept.value && !run.passage.value
  if (asked && !inDialog() && Date.now() - endedAt > PAUSE_MS) {
    event.preventDefault()
    keep(event.key === 'PageDown')
  }
})
onKeyStroke(['y', 'Y', 'n', 'N'], (event) => {
  if (over.value && session.value && !kept.value && !run.passage.value && !typing(event) && !inDialog()) {
    keep(event.key.toLowerCase() === 'y')
  }
})
onKeyStroke('Escape', () => {
  if (!inDialog()) {
    leave()
  }
})
</script>

<template>
  <div class="flex grow flex-col px-4 py-4 sm:px-6">
    <header class="flex items-center gap-4 whitespace-nowrap">
      <h1 class="min-w-0 truncate text-xl" :title="routine?.title">{{ routine?.title }}</h1>
      <span
        v-if="session"
        class="ml-auto text-lg"
        role="timer"
        :aria-label="$t('rehearse.rehearseView.timeOfTheRun')"
        >{{ clock(total(session, now.getTime())) }}</span
      >
      <span v-if="session" class="text-lg" data-testid="slips">{{
        $t('rehearse.rehearseView.slips', slips(session))
      }}</span>
      <button class="btn" :class="{ 'ml-auto': !session }" @click="leave">
        {{ $t('rehearse.rehearseView.leave') }} <kbd class="kbd max-sm:hidden">Esc</kbd>
      </button>
    </header>

    <p v-if="problem" role="alert" class="mt-4 rounded-lg border-l-4 border-broken bg-broken/10 px-4 py-2">
      {{ problem }}
    </p>
    <p v-if="stored.isError.value" role="alert" class="mt-6">
      {{ stored.error.value?.message }}
      <RouterLink to="/" class="link">{{ $t('rehearse.rehearseView.backToTheRepertoire') }}</RouterLink>
    </p>

    <div v-else-if="!session && routine" class="mx-auto mt-4 w-full max-w-6xl">
      <nav class="mb-6 flex flex-wrap gap-2" :aria-label="$t('rehearse.rehearseView.waysToRehearse')">
        <button
          v-for="each in MODES"
          :key="each"
          class="btn"
          :class="{ 'border-(--brass-line) bg-brass/15': mode === each }"
          :aria-pressed="mode === each"
          @click="show(each)"
        >
          {{ $t(`rehearse.modes.${each}`) }} <kbd class="kbd">{{ MODE_KEYS[each] }}</kbd>
        </button>
      </nav>
      <BeatsMode v-if="mode === 'beats'" :routine="routine" />
      <RecallMode v-else-if="mode === 'recall'" :id="id" :routine="whole!" />
      <JudgeMode v-else-if="mode === 'judge'" />
      <DrillsMode v-else-if="mode === 'drills'" />
      <StartPanel
        v-else
        :id="id"
        ref="panel"
        :routine="routine"
        :runs="runs ?? []"
        :surprises="mode === 'surprises'"
        @begin="start"
      />
    </div>

    <RunStep
      v-else-if="current && step && session"
      :step="step"
      :moment="current.moment"
      :session="session"
      :due="due.length"
      :insisted="insisted"
      :ready="ready"
      :between="asked"
      :round="looping ? rounds + 1 : 0"
      @go="goBy"
      @slip="run.markSlip()"
      @because="run.slipBecause"
      @out="takeOut"
    >
      <template #deck>
        <StepDeck v-if="deckShown === 'real' && trace" :trace="trace" :moment="current.index" />
        <template v-if="deckShown === 'seen' && seen">
          <p class="mt-3 text-soft">{{ $t('rehearse.rehearseView.asTheySeeIt') }}</p>
          <StepDeck :trace="seen" :moment="current.index" />
        </template>
      </template>
      <template #show>
        <button class="btn px-5 py-3 text-lg" :aria-pressed="deckShown !== ''" @click="nextDeck">
          {{ nextShown }}
          <kbd class="kbd">H</kbd>
        </button>
      </template>
    </RunStep>

    <section
      v-else-if="over && session && run.passage.value"
      class="mx-auto mt-10 w-full max-w-3xl text-center"
    >
      <p class="font-display text-4xl">{{ $t('rehearse.rehearseView.thatWasThePassage') }}</p>
      <p class="mt-2 text-xl text-soft">
        {{ clock(total(session, 0)) }} · {{ $t('rehearse.rehearseView.slips', slips(session)) }}
      </p>
      <div class="mt-6 flex justify-center gap-3">
        <button class="btn-main px-6 py-3 text-xl" @click="start(false, run.passage.value)">
          {{ $t('rehearse.rehearseView.onceMore') }}
        </button>
        <button class="btn px-6 py-3 text-xl" @click="backToStart">
          {{ $t('rehearse.rehearseView.chooseAgain') }}
        </button>
      </div>
    </section>

    <EndCheck
      v-else-if="over && session && trace"
      v-model:notes="notes"
      :trace="trace"
      :session="session"
      :routine="routine!"
      :world="world"
      :runs="runs ?? []"
      :kept="kept"
      :keeping="keeping.problem.value"
      @came-out="keep"
      @again="start(false)"
    />
  </div>
</template>
