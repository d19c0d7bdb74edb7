<script setup lang="ts">
import { t } from '@/words'
import {
  answered,
  api,
  type ApiProblem,
  type Invention,
  type Question,
  type Routine,
  type Trace,
} from '@/api/client'
import { RunningDeck } from '@/deck'
import { count } from '@/ui/verdict'
import { useElementSize } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'

const props = defineProps<{ found: Invention; question: Question; kept: boolean }>()
const emit = defineEmits<{ open: [routine: Routine]; keep: [routine: Routine] }>()

const routine = shallowRef<Routine>()
const trace = shallowRef<Trace>()
const failure = ref('')
const picture = ref<HTMLElement>()
const { width } = useElementSize(picture)

/** From where it begins on. */
const shown = computed(
  () =>
    trace.value && {
      ...trace.value,
      moments: trace.value.moments.slice(-props.found.steps.length - 1),
      outcomes: [],
    },
)

/** The same find comes anew with each look at a search. */
const which = computed(() => JSON.stringify(props.found.steps))

watch(
  which,
  async (now) => {
    const found = props.found
    routine.value = undefined
    trace.value = undefined
    failure.value = ''
    try {
      const body = { question: props.question, steps: found.steps, claim: found.claim }
      const opened = await answered(api.POST('/api/invent/opened', { body }))
      const traced = await answered(api.POST('/api/trace', { body: { routine: opened, world: {} } }))
      if (which.value === now) {
        routine.value = opened
        trace.value = traced
      }
    } catch (thrown) {
      failure.value = t('invent.findDetail.failed', { message: (thrown as ApiProblem).message })
    }
  },
  { immediate: true },
)

/** Where the card lies, at first or after a step, in words; nothing where there is no one card. */
function where(moment: number): string {
  const line = props.found.why[moment]
  return line ? [line, ...line.or].map(inPile).join(t('invent.findDetail.or')) : ''
}

function inPile(line: Invention['why'][0]): string {
  if (line.place === '') {
    return t('invent.findDetail.oneOrAnother')
  }
  if (line.position === '') {
    return t('invent.findDetail.somewhere', { place: line.place })
  }
  const words = line.bottom ? 'invent.findDetail.fromTheBottom' : 'invent.findDetail.fromTheTop'
  return t(words, { position: line.position, place: line.place })
}

function slackOf(step: number): string {
  const slack = props.found.slacks.find((each) => each.step === step)
  const number = Object.values(props.found.steps[step]!.settings).find((text) => /^\d+$/.test(text))
  return slack && number
    ? t(slack.stays ? 'invent.findDetail.slack' : 'invent.findDetail.slackMoves', {
        number,
        step: step + 1,
        low: slack.low,
        high: slack.high,
      })
    : ''
}
</script>

<template>
  <article :aria-label="$t('invent.findDetail.thisFind')" class="mt-4 border-t border-rule pt-3">
    <div class="flex flex-wrap items-start justify-between gap-3">
      <div class="min-w-0">
        <h2 class="text-2xl">{{ found.sentence }}</h2>
        <p class="text-soft">{{ $t('invent.findDetail.proved', { ways: count(found.ways) }) }}</p>
      </div>
      <div class="flex gap-2">
        <button class="btn-main" :disabled="!routine" @click="emit('open', routine!)">
          {{ $t('invent.findDetail.open') }}
        </button>
        <button class="btn" :disabled="!routine || kept" @click="emit('keep', routine!)">
          {{ kept ? $t('invent.findDetail.kept') : $t('invent.findDetail.keep') }}
        </button>
      </div>
    </div>
    <p v-if="failure" role="alert" class="mt-2 text-broken">{{ failure }}</p>

    <table class="mt-3 w-full text-left">
      <thead class="text-sm text-soft">
        <tr>
          <th scope="col" class="w-6 font-normal"></th>
          <th scope="col" class="font-normal">{{ $t('invent.findDetail.why') }}</th>
          <th v-if="found.why.length > 0" scope="col" class="where font-normal">
            {{ $t('invent.findDetail.whereItLies') }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-if="found.why.length > 0" class="border-t border-rule">
          <td></td>
          <td class="py-1 text-soft">{{ $t('invent.findDetail.atFirst') }}</td>
          <td class="py-1">{{ where(0) }}</td>
        </tr>
        <tr v-for="(sentence, i) in found.sentences" :key="i" class="border-t border-rule">
          <td class="py-1 text-soft">{{ i + 1 }}</td>
          <td class="py-1 pr-3">
            {{ sentence }}
            <span v-if="slackOf(i)" class="block text-sm text-soft">{{ slackOf(i) }}</span>
          </td>
          <td v-if="found.why.length > 0" class="py-1 font-semibold">{{ where(i + 1) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="found.letters.length > 0" class="mt-1 text-sm text-soft">
      {{ found.letters.map((letter) => letter.meaning).join(' · ') }}
      <template v-if="found.whyWays < found.ways">
        · {{ $t('invent.findDetail.readOff', { ways: count(found.whyWays) }) }}
      </template>
    </p>

    <div ref="picture" class="mt-4 border-y border-rule bg-raised px-4 pt-6 pb-2">
      <RunningDeck
        v-if="shown && width > 0"
        :trace="shown"
        :width="width - 32"
        :row-height="86"
        :slot-height="24"
        :slot-top="22"
        :widest-slot="60"
      />
    </div>
  </article>
</template>

<style scoped>
td {
  vertical-align: top;
}

.where {
  width: 40%;
}
</style>
