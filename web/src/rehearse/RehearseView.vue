<script setup lang="ts">
import { t } from '@/words'
import { useCatalogue } from '@/api/catalogue'
import type { ApiProblem, Out } from '@/api/client'
import { outLabel } from '@/routine'
import { inDialog, typing, useViewKeys } from '@/ui/keys'
import { clock } from '@/ui/time'
import { useOutbox } from '@/saving'
import { useQuery } from '@tanstack/vue-query'
import { onKeyStroke, useNow } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import EndCheck from './EndCheck.vue'
import PastRuns from './PastRuns.vue'
import StepDeck from './StepDeck.vue'
import { useRuns } from './runs'
import { record, slips, total } from './session'
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

const deckShown = ref(false)
const problem = ref('')
const kept = ref<'' | 'came out' | 'failed'>('')
const now = useNow({ interval: 250 })

const move = computed(() => catalogue.value.moves.find((m) => m.id === step.value?.move))
/** Where to look, when the performer wrote it down. */
const look = computed(() =>
  [step.value?.look, step.value?.then]
    .filter((name) => name && name !== 'as-taught')
    .map((name) => catalogue.value.looks.find((l) => l.name === name)?.label)
    .join(', then '),
)
/** A run that a reload or another page interrupted goes on where it was. */
watch(whole, (routine) => routine && !session.value && void attempt(run.resume), { immediate: true })

/** Does something that asks the server; what goes wrong is told, and the run stays where it is. */
async function attempt(does: () => Promise<void>): Promise<void> {
  problem.value = ''
  try {
    await does()
    deckShown.value = false
  } catch (thrown) {
    problem.value = (thrown as ApiProblem).message
  }
}

function start(surprise: boolean): void {
  kept.value = ''
  void attempt(() => run.start(surprise))
}

function goBy(by: 1 | -1): void {
  void attempt(() => run.goBy(by))
}

function takeOut(out: Out): void {
  void attempt(() => run.takeOut(out))
}

function keep(cameOut: boolean): void {
  void outbox.keepRun(id, record(session.value!, cameOut))
  kept.value = cameOut ? 'came out' : 'failed'
  run.forget()
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
  { keys: '?', does: t('rehearse.rehearseView.theseKeys') },
])

onKeyStroke([' ', 'ArrowRight', 'PageDown'], (event) => {
  const onControl = event.key === ' ' && (event.target as HTMLElement).closest('button, a') !== null
  if (inDialog() || onControl || over.value) {
    return
  }
  event.preventDefault()
  if (session.value) {
    goBy(1)
  } else if (routine.value && routine.value.steps.length > 0) {
    start(false)
  }
})
onKeyStroke(['ArrowLeft', 'PageUp'], (event) => {
  if (!inDialog() && session.value && !kept.value) {
    event.preventDefault()
    goBy(-1)
  }
})
onKeyStroke(['m', 'M'], () => run.markSlip())
onKeyStroke(['o', 'O'], () => {
  const out = insisted.value ?? ready.value[0]
  if (session.value && !over.value && !inDialog() && out) {
    takeOut(out)
  }
})
onKeyStroke(['h', 'H'], () => {
  if (!over.value) {
    deckShown.value = !deckShown.value
  }
})
onKeyStroke(['y', 'Y', 'n', 'N'], (event) => {
  if (over.value && session.value && !kept.value && !typing(event) && !inDialog()) {
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
  <div class="flex grow flex-col px-6 py-4">
    <header class="flex items-center gap-4">
      <h1 class="text-xl">{{ routine?.title }}</h1>
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
        {{ $t('rehearse.rehearseView.leave') }} <kbd class="kbd">Esc</kbd>
      </button>
    </header>

    <p v-if="problem" role="alert" class="mt-4 rounded-lg border-l-4 border-broken bg-broken/10 px-4 py-2">
      {{ problem }}
    </p>
    <p v-if="stored.isError.value" role="alert" class="mt-6">
      {{ stored.error.value?.message }}
      <RouterLink to="/" class="link">{{ $t('rehearse.rehearseView.backToTheRepertoire') }}</RouterLink>
    </p>

    <div v-else-if="!session && routine" class="mx-auto mt-8 w-full max-w-3xl">
      <p class="font-display text-4xl">{{ $t('rehearse.rehearseView.deckInHand') }}</p>
      <p class="mt-3 text-xl">
        {{ routine.setUp.note || $t('rehearse.rehearseView.anyOrderNothingToPrepare') }}
      </p>
      <p v-if="routine.steps.length === 0" class="mt-4">
        {{ $t('rehearse.rehearseView.thereIsNothingToRehearse') }}
        <RouterLink class="link" :to="`/bench/${id}`">{{
          $t('rehearse.rehearseView.addAMoveFirst')
        }}</RouterLink>.
      </p>
      <div v-else class="mt-6 flex flex-wrap gap-3">
        <button class="btn-main px-6 py-3 text-xl" @click="start(false)">
          {{ $t('rehearse.rehearseView.begin') }}
        </button>
        <button class="btn px-6 py-3 text-xl" @click="start(true)">
          {{ $t('rehearse.rehearseView.beginAndLetThemChoose') }}
        </button>
      </div>
      <p class="mt-4 text-soft">
        <kbd class="kbd">Space</kbd> {{ $t('rehearse.rehearseView.goesOn') }} <kbd class="kbd">←</kbd>
        {{ $t('rehearse.rehearseView.goesBack') }} <kbd class="kbd">M</kbd>
        {{ $t('rehearse.rehearseView.marksASlip') }} <kbd class="kbd">H</kbd>
        {{ $t('rehearse.rehearseView.showsTheDeck') }}
      </p>
      <PastRuns :id="id" class="mt-10" />
    </div>

    <section
      v-else-if="current && step && session"
      class="flex grow flex-col"
      aria-live="polite"
      :aria-label="$t('rehearse.rehearseView.step')"
    >
      <div class="mt-4 flex gap-1.5" aria-hidden="true">
        <span
          v-for="(d, i) in due"
          :key="d.moment.stepId"
          class="h-1.5 grow rounded-full"
          :class="i < session.at ? 'bg-holds' : i === session.at ? 'bg-brass' : 'bg-rule'"
        />
      </div>
      <div class="flex grow flex-col justify-center">
        <p class="text-xl text-soft">
          {{ $t('rehearse.rehearseView.of', { session: session.at + 1, due: due.length }) }}
        </p>
        <p class="font-display text-6xl leading-tight font-semibold">{{ move?.name }}</p>
        <p class="mt-4 max-w-5xl text-3xl leading-snug" data-testid="sentence">
          {{ current.moment.sentence }}
        </p>
        <p v-if="look" class="mt-4 text-2xl font-semibold text-brass">
          {{ $t('rehearse.rehearseView.look', { look }) }}
        </p>
        <p v-if="step.note" class="mt-5 max-w-5xl text-2xl leading-snug text-soft italic">{{ step.note }}</p>
        <p
          v-if="insisted"
          role="status"
          class="mt-6 max-w-5xl rounded-xl border-l-8 border-(--brass-line) bg-raised px-5 py-3 text-3xl leading-snug"
          data-testid="insisted"
        >
          {{ insisted.says || outLabel(insisted, catalogue) }}
          <span class="block text-xl text-soft">{{ $t('rehearse.rehearseView.goOnWithYourOut') }}</span>
        </p>
        <p v-if="current.moment.broken" class="mt-4 text-2xl text-broken">
          ▲ {{ current.moment.broken.reason }}
        </p>
      </div>
      <StepDeck v-if="deckShown && trace" :trace="trace" :moment="current.index" />
      <div class="mt-4 flex flex-wrap gap-3 pb-2">
        <button class="btn px-5 py-3 text-lg" :disabled="session.at === 0" @click="goBy(-1)">
          {{ $t('rehearse.rehearseView.back') }}
        </button>
        <button class="btn px-5 py-3 text-lg" @click="run.markSlip()">
          {{ $t('rehearse.rehearseView.slip') }} <kbd class="kbd">M</kbd>
        </button>
        <button class="btn px-5 py-3 text-lg" :aria-pressed="deckShown" @click="deckShown = !deckShown">
          {{
            $t('rehearse.rehearseView.theDeck', {
              deckShown: deckShown ? $t('rehearse.rehearseView.hide') : $t('rehearse.rehearseView.show'),
            })
          }}
          <kbd class="kbd">H</kbd>
        </button>
        <template v-if="!insisted">
          <button v-for="(out, i) in ready" :key="out.id" class="btn px-5 py-3 text-lg" @click="takeOut(out)">
            ↳ {{ outLabel(out, catalogue) }} <kbd v-if="i === 0" class="kbd">O</kbd>
          </button>
        </template>
        <button class="ml-auto btn-main px-8 py-3 text-lg" @click="goBy(1)">
          {{
            session.at === due.length - 1 && !insisted
              ? $t('rehearse.rehearseView.finish')
              : $t('rehearse.rehearseView.goOn')
          }}
          →
        </button>
      </div>
    </section>

    <EndCheck
      v-else-if="over && session && trace"
      :trace="trace"
      :session="session"
      :routine="routine!"
      :world="world"
      :runs="runs ?? []"
      :kept="kept"
      @came-out="keep"
      @again="start(false)"
    />
  </div>
</template>
