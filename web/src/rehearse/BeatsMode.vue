<script setup lang="ts">
import { t } from '@/words'
import { useCatalogue } from '@/api/catalogue'
import { answered, api, type Routine } from '@/api/client'
import { typing } from '@/ui/keys'
import { percent } from '@/ui/verdict'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { onKeyStroke } from '@vueuse/core'
import { computed, onBeforeUnmount, ref } from 'vue'
import { listen, type Ear } from './hear'
import { useKeeping } from '@/saving'
import { startMetronome } from './metronome'

const props = defineProps<{ routine: Routine }>()

/** After so long without a beat a try is over, if it has two at least. */
const OVER_MS = 2500

const MOST_BEATS = 52

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
const exchange = ref(0)
const silent = ref(false)
const keeping = useKeeping()
const { problem } = keeping
const times = ref<number[]>([])
const flashing = ref(false)
const ear = ref<Ear>()
const stopMetronome = ref<() => void>()

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
const last = computed(() => found.value?.tries.at(-1))
const tempo = computed(() => Math.round(found.value?.ladder || 60))

let over = 0

function beat(at: number): void {
  const before = times.value.at(-1)
  times.value = before !== undefined && at <= before ? times.value : [...times.value, at]
  window.clearTimeout(over)
  if (times.value.length >= Math.min(MOST_BEATS, beats.value)) {
    void keep()
  } else {
    over = window.setTimeout(() => void keep(), OVER_MS)
  }
}

/** A try is kept with its beats from the first one on; a single beat is none. */
async function keep(): Promise<void> {
  window.clearTimeout(over)
  const tried = times.value
  times.value = []
  if (tried.length < 2) {
    return
  }
  const practice = {
    of: 'beats' as const,
    move: move.value,
    exchange: exchange.value,
    times: tried.map((time) => time - tried[0]!),
  }
  const key = queryKey.value
  await keeping.keep({ kind: 'practice', practice }, (answer) => client.setQueryData(key, answer))
}

async function hear(source: 'microphone' | 'sample'): Promise<void> {
  if (ear.value) {
    ear.value.stop()
    ear.value = undefined
    return
  }
  problem.value = ''
  try {
    ear.value = await listen(source, beat)
  } catch {
    problem.value = t('rehearse.beatsMode.noMicrophoneCanBeHeard')
  }
}

/** A tap counts from when it was made, however late the page comes to it. */
function tap(event: Event): void {
  beat(event.timeStamp)
}

function tick(): void {
  if (stopMetronome.value) {
    stopMetronome.value()
    stopMetronome.value = undefined
    return
  }
  stopMetronome.value = startMetronome(tempo.value, silent.value, () => {
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
onBeforeUnmount(() => {
  window.clearTimeout(over)
  ear.value?.stop()
  stopMetronome.value?.()
})

/** Where the beats of the last try lie on a line, and where even ones would. */
const drawn = computed(() => {
  const intervals = last.value?.intervals ?? []
  const all = intervals.reduce((sum, each) => sum + each, 0)
  let at = 0
  return [0, ...intervals].map((interval, i) => {
    at += interval
    return { beat: i + 1, at: (100 * at) / (all || 1), even: (100 * i) / Math.max(1, intervals.length) }
  })
})
const exchanged = computed(() => {
  const against = found.value?.exchange ?? 1
  const off = Math.round(Math.abs(against - 1) * 100)
  return off < 1
    ? t('rehearse.beatsMode.asItsNeighbours')
    : against < 1
      ? t('rehearse.beatsMode.quickerThanItsNeighbours', { off })
      : t('rehearse.beatsMode.slowerThanItsNeighbours', { off })
})
</script>

<template>
  <div class="grid gap-8 lg:grid-cols-[20rem_minmax(0,1fr)]">
    <form class="space-y-3" @submit.prevent>
      <label class="block font-semibold" for="beats-move">{{ $t('rehearse.beatsMode.beatsOf') }}</label>
      <select id="beats-move" v-model="move" class="w-full field">
        <option v-for="each in moves" :key="each.id" :value="each.id">{{ each.name }}</option>
      </select>
      <div class="flex gap-4">
        <label
          >{{ $t('rehearse.beatsMode.howMany')
          }}<input v-model.number="beats" type="number" min="2" max="52" class="ml-2 w-16 field"
        /></label>
        <label
          >{{ $t('rehearse.beatsMode.exchangeAt')
          }}<input v-model.number="exchange" type="number" min="0" max="52" class="ml-2 w-16 field"
        /></label>
      </div>
      <button
        type="button"
        class="tap"
        :class="{ flash: flashing }"
        data-testid="tap"
        @pointerdown.prevent="tap"
      >
        <span class="font-display text-3xl">{{
          times.length > 0 ? times.length : $t('rehearse.beatsMode.tapEachBeat')
        }}</span>
        <span class="text-soft"
          >{{ $t('rehearse.beatsMode.hereWith') }} <kbd class="kbd">Space</kbd>
          {{ $t('rehearse.beatsMode.orAPedal') }}</span
        >
      </button>
      <div class="flex flex-wrap gap-2">
        <button type="button" class="btn" :aria-pressed="!!ear" @click="hear('microphone')">
          {{ ear ? $t('rehearse.beatsMode.stopListening') : $t('rehearse.beatsMode.listenToTheTable') }}
        </button>
        <button v-if="!ear" type="button" class="btn" @click="hear('sample')">
          {{ $t('rehearse.beatsMode.hearTheSample') }}
        </button>
        <button type="button" class="btn" :aria-pressed="!!stopMetronome" @click="tick">
          {{
            stopMetronome
              ? $t('rehearse.beatsMode.stopTheMetronome')
              : $t('rehearse.beatsMode.metronomeAt', { tempo })
          }}
        </button>
        <label class="flex items-center gap-2"
          ><input v-model="silent" type="checkbox" /> {{ $t('rehearse.beatsMode.onlyAFlash') }}</label
        >
      </div>
      <p class="text-sm text-soft">{{ $t('rehearse.beatsMode.theMicrophoneOnlySaysWhen') }}</p>
      <p v-if="problem" role="alert" class="font-semibold text-broken">{{ problem }}</p>
    </form>
    <section aria-live="polite" data-testid="beats-found">
      <p v-if="!last" class="text-2xl text-soft">{{ $t('rehearse.beatsMode.nothingYetDoItOnce') }}</p>
      <template v-else>
        <p class="font-display text-5xl first-letter:uppercase" data-testid="told">
          {{ found!.told || $t('rehearse.beatsMode.even') }}
        </p>
        <p class="mt-2 text-xl">
          {{
            $t('rehearse.beatsMode.unevenThisTimeOverThe', {
              variation: percent(last.variation),
              variation2: percent(found!.variation),
              tries: found!.tries.length,
            })
          }}
        </p>
        <p v-if="found!.usually && found!.usually !== found!.told" class="text-xl">
          {{ $t('rehearse.beatsMode.mostly', { usually: found!.usually }) }}
        </p>
        <p v-if="exchange > 1" class="text-xl">
          {{ $t('rehearse.beatsMode.theExchangeComes', { exchanged }) }}
        </p>
        <svg
          viewBox="-3 0 106 22"
          class="mt-6 w-full max-w-3xl"
          role="img"
          :aria-label="$t('rehearse.beatsMode.theBeatsOfTheLast')"
        >
          <line x1="0" y1="7" x2="100" y2="7" stroke="var(--rule)" stroke-width="0.5" />
          <line x1="0" y1="16" x2="100" y2="16" stroke="var(--rule)" stroke-width="0.5" />
          <g v-for="each in drawn" :key="each.beat">
            <circle :cx="each.at" cy="7" r="1.7" fill="var(--brass)" />
            <circle :cx="each.even" cy="16" r="1.2" fill="none" stroke="var(--soft)" stroke-width="0.5" />
          </g>
        </svg>
        <p class="mt-2 text-lg">{{ $t('rehearse.beatsMode.nextAtBeatsAMinute', { tempo }) }}</p>
        <ol class="mt-4 flex flex-wrap gap-2" :aria-label="$t('rehearse.beatsMode.theLastTries')">
          <li
            v-for="(each, i) in found!.tries"
            :key="i"
            class="rounded px-2 py-0.5 text-sm"
            :class="each.even ? 'bg-holds/15 text-holds' : 'bg-broken/10 text-broken'"
          >
            {{ each.even ? '●' : '▲' }} {{ percent(each.variation) }}
          </li>
        </ol>
      </template>
    </section>
  </div>
</template>

<style scoped>
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
