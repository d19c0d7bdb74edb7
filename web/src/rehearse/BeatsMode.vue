<script setup lang="ts">
import { t } from '@/words'
import { useCatalogue } from '@/api/catalogue'
import { answered, api, type Routine, type Schemas } from '@/api/client'
import { typing } from '@/ui/keys'
import { percent } from '@/ui/verdict'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { onKeyStroke } from '@vueuse/core'
import { computed, defineAsyncComponent, onBeforeUnmount, ref } from 'vue'
import EarLine from './ear/EarLine.vue'
import { sample, type Around } from './ear/sounds'
import { Tries } from './ear/tries'
import { useEar } from './ear/useEar'
import { useKeeping } from '@/saving'

const HowWell = defineAsyncComponent(() => import('./ear/HowWell.vue'))

type Tried = Schemas['TriedDocument']

const props = defineProps<{ routine: Routine }>()

/** A beat that is further off than this, in parts of a beat, is marked. */
const NOTICED = 0.1

const MOST_BEATS = 52

/** Who taps may hesitate: only after so long without a tap a try with too few of them is over. */
const TAPS_OVER_MS = 2500

const catalogue = useCatalogue()
const moves = computed(() => {
  const ids = [...new Set(props.routine.steps.map((step) => step.move))]
  return catalogue.value.moves.filter((move) => ids.includes(move.id) && !move.bySpectator)
})
const picked = ref('')
/** The one that was picked; until then a count, or the first move, as soon as they are known. */
const move = computed({
  get: () =>
    picked.value || (moves.value.find((each) => each.family === 'counts') ?? moves.value[0])?.id || '',
  set: (id) => (picked.value = id),
})
const beats = ref(4)
/** The beat at which packets change hands; empty for none. */
const written = ref<number | ''>('')
const exchange = computed(() => written.value || 0)
const silent = ref(false)
const keeping = useKeeping()
const { problem } = keeping
const tapped = ref(0)
const flashing = ref(false)
/** What was heard or tapped and could not be judged, in words. */
const unjudged = ref('')
/** What a made-up sound sounded like; it is no try, and not kept. */
const sampled = ref<Tried>()
const { state, line, marks, count, ticking, place, places, louder, ...ear } = useEar(
  (times, kept) => void take(times, kept),
)

const client = useQueryClient()
const queryKey = computed(() => ['beats', move.value, exchange.value])
const kept = useQuery({
  queryKey,
  queryFn: () =>
    answered(
      api.GET('/api/practice/beats/{move}', {
        params: { path: { move: move.value }, query: { exchange: exchange.value } },
      }),
    ),
  enabled: computed(() => move.value !== ''),
})
const found = computed(() => kept.data.value)
const last = computed(() => sampled.value ?? found.value?.tries.at(-1))
const tempo = computed(() => Math.round(found.value?.ladder || 60))
const meant = computed(() => Math.min(MOST_BEATS, Math.max(2, beats.value || 2)))

/** A try with as many beats as were meant is judged, and kept unless it was made up; of any other it is said how many came. */
async function take(times: number[], kept: boolean): Promise<void> {
  sampled.value = undefined
  unjudged.value =
    times.length === meant.value
      ? ''
      : t('rehearse.beatsMode.heardAndMeant', { heard: times.length, meant: meant.value })
  if (unjudged.value) {
    return
  }
  // To the microsecond: what comes after that is how the computer divides.
  const fromFirst = times.map((time) => Math.round(1000 * (time - times[0]!)) / 1000)
  if (kept) {
    const practice = { of: 'beats' as const, move: move.value, exchange: exchange.value, times: fromFirst }
    const key = queryKey.value
    await keeping.keep({ kind: 'practice', practice }, (answer) => client.setQueryData(key, answer))
    return
  }
  try {
    const told = await answered(
      api.POST('/api/practice/evenness', { body: { tries: [{ times: fromFirst }] } }),
    )
    sampled.value = told[0]
  } catch (thrown) {
    problem.value = (thrown as Error).message
  }
}

async function hear(around?: Around): Promise<void> {
  problem.value = ''
  unjudged.value = ''
  sampled.value = undefined
  try {
    await (around ? ear.start('sample', (rate) => sample(around, rate)) : ear.start('microphone'))
  } catch {
    problem.value = t('rehearse.beatsMode.noMicrophoneCanBeHeard')
  }
}

const taps = new Tries()
let over = 0

/** A tap counts from when it was made, however late the page comes to it. While the page listens, what is heard counts. */
function tap(event: Event): void {
  if (state.value !== 'off') {
    return
  }
  taps.beat(event.timeStamp / 1000)
  window.clearTimeout(over)
  if (taps.heard >= meant.value) {
    endTaps()
  } else {
    over = window.setTimeout(endTaps, Math.max(TAPS_OVER_MS, 1000 * taps.pause()!))
  }
  tapped.value = taps.heard
}

function endTaps(): void {
  const all = taps.end()
  tapped.value = 0
  if (all.length > 0) {
    void take(
      all.map((time) => 1000 * time),
      true,
    )
  }
}

function tick(): void {
  ear.tick(tempo.value, silent.value, () => {
    flashing.value = true
    window.setTimeout(() => (flashing.value = false), 90)
  })
}

onKeyStroke([' ', 'PageDown'], (event) => {
  const onControl = event.key === ' ' && (event.target as HTMLElement).closest('button, a') !== null
  if (!typing(event) && !onControl) {
    event.preventDefault()
    tap(event)
  }
})
onBeforeUnmount(() => window.clearTimeout(over))

const isNoticed = (off: number) => off > NOTICED
/** Where the beats of the last try lie on a line, and where they have their places. */
const drawn = computed(() => {
  const { intervals = [], offsets = [], beat = 0 } = last.value ?? {}
  const all = intervals.reduce((sum, each) => sum + each, 0) || 1
  let at = 0
  return [0, ...intervals].map((interval, i) => {
    at += interval
    const by = offsets[i] ?? 0
    return {
      beat: i + 1,
      at: (100 * at) / all,
      even: (100 * (at - by * beat)) / all,
      off: isNoticed(Math.abs(by)),
    }
  })
})
/** How many beats there are by now, of the try that is going on. */
const counted = computed(() => (state.value === 'off' ? tapped.value : count.value))
const told = computed(() =>
  last.value!.told
    ? last.value!.told
    : last.value!.even
      ? t('rehearse.beatsMode.even')
      : t('rehearse.beatsMode.uneven'),
)
const exchanged = computed(() => {
  const by = sampled.value ? 0 : (found.value?.exchange ?? 0)
  const off = Math.round(Math.abs(by) * 100)
  return off < 1
    ? t('rehearse.beatsMode.inItsPlace')
    : by < 0
      ? t('rehearse.beatsMode.early', { off })
      : t('rehearse.beatsMode.late', { off })
})
</script>

<template>
  <div class="sides gap-8">
    <form class="space-y-3" @submit.prevent>
      <label class="block font-semibold" for="beats-move">{{ $t('rehearse.beatsMode.beatsOf') }}</label>
      <select id="beats-move" v-model="move" class="w-full field">
        <option v-for="each in moves" :key="each.id" :value="each.id">{{ each.name }}</option>
      </select>
      <div class="fours items-center gap-x-3">
        <label for="beats-many">{{ $t('rehearse.beatsMode.howMany') }}</label>
        <input
          id="beats-many"
          v-model.number="beats"
          type="number"
          min="2"
          max="52"
          class="w-full min-w-0 field"
        />
        <label for="beats-exchange-at">{{ $t('rehearse.beatsMode.exchangeAt') }}</label>
        <input
          id="beats-exchange-at"
          v-model.number="written"
          type="number"
          min="2"
          max="52"
          class="w-full min-w-0 field"
          :placeholder="$t('rehearse.beatsMode.none')"
          aria-describedby="beats-exchange"
        />
      </div>
      <p id="beats-exchange" class="text-sm text-soft">{{ $t('rehearse.beatsMode.whatAnExchangeIs') }}</p>
      <button
        type="button"
        class="tap"
        :class="{ flash: flashing }"
        data-testid="tap"
        @pointerdown.prevent="tap"
      >
        <span class="font-display text-3xl">{{
          counted > 0
            ? counted
            : state === 'now'
              ? $t('rehearse.beatsMode.now')
              : state === 'room'
                ? $t('rehearse.beatsMode.hearingTheRoom')
                : $t('rehearse.beatsMode.tapEachBeat')
        }}</span>
        <span v-if="state === 'off'" class="text-soft"
          >{{ $t('rehearse.beatsMode.hereWith') }} <kbd class="kbd">Space</kbd>
          {{ $t('rehearse.beatsMode.orAPedal') }}</span
        >
      </button>
      <div class="flex flex-wrap gap-2">
        <button
          type="button"
          class="btn"
          :aria-pressed="state !== 'off'"
          @click="state === 'off' ? hear() : ear.stop()"
        >
          {{
            state === 'off'
              ? $t('rehearse.beatsMode.listenToTheTable')
              : $t('rehearse.beatsMode.stopListening')
          }}
        </button>
        <button v-if="state === 'off'" type="button" class="btn" @click="hear('quiet')">
          {{ $t('rehearse.beatsMode.hearTheSample') }}
        </button>
        <button type="button" class="btn" :aria-pressed="!!ticking" @click="tick">
          {{
            ticking
              ? $t('rehearse.beatsMode.stopTheMetronome')
              : $t('rehearse.beatsMode.metronomeAt', { tempo })
          }}
        </button>
        <label class="flex items-center gap-2"
          ><input v-model="silent" type="checkbox" /> {{ $t('rehearse.beatsMode.onlyAFlash') }}</label
        >
      </div>
      <div class="pairs items-center gap-x-3 gap-y-2">
        <label for="ear-place">{{ $t('rehearse.beatsMode.place') }}</label>
        <input
          id="ear-place"
          v-model.lazy.trim="place"
          list="ear-places"
          maxlength="40"
          class="w-full min-w-0 field"
          :placeholder="$t('rehearse.beatsMode.here')"
        />
        <datalist id="ear-places">
          <option v-for="(_, name) in places" :key="name" :value="name"></option>
        </datalist>
        <label for="ear-louder">{{ $t('rehearse.beatsMode.aBeatMustBe') }}</label>
        <span class="flex items-center gap-2 text-sm text-soft">
          {{ $t('rehearse.beatsMode.softer') }}
          <input
            id="ear-louder"
            v-model.number="louder"
            type="range"
            min="-3"
            max="3"
            step="0.5"
            class="min-w-0 grow"
          />
          {{ $t('rehearse.beatsMode.louder') }}
        </span>
      </div>
      <p class="text-sm text-soft">{{ $t('rehearse.beatsMode.theMicrophoneOnlySaysWhen') }}</p>
      <p v-if="problem" role="alert" class="font-semibold text-broken">{{ problem }}</p>
    </form>
    <section>
      <EarLine v-if="state !== 'off'" class="mb-6" :line="line" :marks="marks" />
      <div aria-live="polite" data-testid="beats-found">
        <p v-if="unjudged" class="font-display text-3xl" data-testid="unjudged">{{ unjudged }}</p>
        <p v-else-if="!last" class="text-2xl text-soft">{{ $t('rehearse.beatsMode.nothingYetDoItOnce') }}</p>
        <template v-else>
          <p class="told font-display" data-testid="told">
            {{ told }}
          </p>
          <p v-if="sampled" class="mt-2 text-xl">{{ $t('rehearse.beatsMode.aSampleIsNotKept') }}</p>
          <template v-else>
            <p class="mt-2 text-xl">
              {{
                $t('rehearse.beatsMode.unevenThisTimeOverThe', {
                  variation: percent(last.variation),
                  variation2: percent(found!.variation),
                  tries: found!.tries.length,
                })
              }}
            </p>
            <p v-if="found!.usually && found!.usually !== last.told" class="text-xl">
              {{ $t('rehearse.beatsMode.mostly', { usually: found!.usually }) }}
            </p>
            <p v-if="exchange > 1" class="text-xl">
              {{ $t('rehearse.beatsMode.theExchangeComes', { exchanged }) }}
            </p>
          </template>
          <svg
            viewBox="-3 0 106 22"
            class="mt-6 w-full max-w-3xl"
            role="img"
            :aria-label="$t('rehearse.beatsMode.theBeatsOfTheLast')"
          >
            <line x1="0" y1="7" x2="100" y2="7" stroke="var(--rule)" stroke-width="0.5" />
            <line x1="0" y1="16" x2="100" y2="16" stroke="var(--rule)" stroke-width="0.5" />
            <g v-for="each in drawn" :key="each.beat">
              <line
                v-if="each.off"
                :x1="each.even"
                y1="16"
                :x2="each.at"
                y2="7"
                stroke="var(--broken)"
                stroke-width="0.6"
              />
              <circle :cx="each.at" cy="7" r="1.7" :fill="each.off ? 'var(--broken)' : 'var(--brass)'" />
              <circle :cx="each.even" cy="16" r="1.2" fill="none" stroke="var(--soft)" stroke-width="0.5" />
            </g>
          </svg>
          <p class="mt-2 text-lg">{{ $t('rehearse.beatsMode.nextAtBeatsAMinute', { tempo }) }}</p>
          <ol
            v-if="found"
            class="mt-4 flex flex-wrap gap-2"
            :aria-label="$t('rehearse.beatsMode.theLastTries')"
          >
            <li
              v-for="(each, i) in found.tries"
              :key="i"
              class="rounded px-2 py-0.5 text-sm"
              :class="each.even ? 'bg-holds/15 text-holds' : 'bg-broken/10 text-broken'"
            >
              {{ each.even ? '●' : '▲' }}
              {{ percent(Math.max(each.variation, ...each.offsets.map(Math.abs).filter(isNoticed))) }}
            </li>
          </ol>
        </template>
      </div>
      <HowWell @hear="hear" />
    </section>
  </div>
</template>

<style scoped>
.sides,
.fours,
.pairs {
  display: grid;
}

.sides {
  grid-template-columns: minmax(0, 1fr);
}

@media (min-width: 64rem) {
  .sides {
    grid-template-columns: 20rem minmax(0, 1fr);
  }
}

.fours {
  grid-template-columns: auto minmax(0, 1fr) auto minmax(0, 1fr);
}

.pairs {
  grid-template-columns: auto minmax(0, 1fr);
}

.told {
  font-size: 3rem;
  line-height: 1;
}

.told::first-letter {
  text-transform: uppercase;
}

.tap {
  display: flex;
  width: 100%;
  min-height: 9rem;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  border: 2px solid var(--brass-line);
  border-radius: 0.75rem;
  background: var(--raised);
  touch-action: manipulation;
}

.flash {
  background: var(--brass-line);
}
</style>
