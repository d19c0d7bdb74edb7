<script setup lang="ts">
import type { Moment, Trace } from '@/api/client'
import { computed } from 'vue'
import { beatWords, readBeats, TAKES, writeBeats, type Beat } from './beats'

const props = defineProps<{
  id: string
  value: string
  trace?: Trace
  moment?: Moment
}>()
const emit = defineEmits<{ change: [value: string] }>()

const beats = computed(() => readBeats(props.value))

/** What is seen at each beat, in the world that is shown: the server counts, this only draws. */
const seen = computed(() =>
  (props.moment?.broken ? [] : (props.moment?.shown ?? [])).map((shown) => {
    const card = props.trace!.cards[shown.card]!
    return { number: shown.card, ...(shown.front ? card.front : card.back) }
  }),
)
const left = computed(() => {
  const pile = props.moment?.piles.find((p) => p.place === props.moment?.passed?.place)
  return props.moment?.broken
    ? []
    : (pile?.cards ?? []).map((number, i) => ({ ...props.trace!.cards[number]!, up: pile!.faceUp[i]! }))
})
const passed = computed(() => props.moment?.passed)

function write(changed: Beat[]): void {
  emit('change', writeBeats(changed))
}

function add(take: Beat['take']): void {
  write([...beats.value, { take, size: take === 'block' ? 2 : 0, exchange: '' }])
}

function change(index: number, part: Partial<Beat>): void {
  write(beats.value.map((beat, i) => (i === index ? { ...beat, ...part } : beat)))
}

const NEXT_EXCHANGE: Record<Beat['exchange'], Beat['exchange']> = { '': 'under', under: 'over', over: '' }
</script>

<template>
  <div
    :id="id"
    role="group"
    :aria-label="$t('fields.countBuilder.beatsOfTheCount')"
    data-testid="count-builder"
  >
    <ol class="mt-1 space-y-1">
      <li v-for="(beat, i) in beats" :key="i" class="beat">
        <span class="text-soft">{{ i + 1 }}</span>
        <span class="min-w-0 grow leading-tight">{{ beatWords(beat) }}</span>
        <span
          v-if="seen[i]"
          class="card"
          :class="{ red: seen[i]!.red, back: seen[i]!.kind === 'back' }"
          :title="$t('fields.countBuilder.theySee', { name: seen[i]!.name })"
          >{{ seen[i]!.kind === 'back' ? '▒' : seen[i]!.sign }}</span
        >
        <button
          v-if="beat.take === 'block'"
          :aria-label="$t('fields.countBuilder.largerBlockAtBeat', { i: i + 1 })"
          :title="$t('fields.countBuilder.largerBlock')"
          @click="change(i, { size: (beat.size % 9) + 1 })"
        >
          ±
        </button>
        <button
          :disabled="i === 0"
          :aria-label="$t('fields.countBuilder.exchangeAtBeat', { i: i + 1 })"
          :title="$t('fields.countBuilder.exchangeTheCardsOfThe')"
          @click="change(i, { exchange: NEXT_EXCHANGE[beat.exchange] })"
        >
          ⇄
        </button>
        <button
          :aria-label="$t('fields.countBuilder.removeBeat', { i: i + 1 })"
          :title="$t('fields.countBuilder.remove')"
          @click="write(beats.filter((_, at) => at !== i))"
        >
          ✕
        </button>
      </li>
    </ol>
    <div class="mt-1.5 flex flex-wrap gap-1">
      <button v-for="(key, take) in TAKES" :key="take" class="btn px-2 text-sm" @click="add(take)">
        + {{ $t(key) }}
      </button>
    </div>
    <dl v-if="left.length > 0" class="mt-2 text-sm">
      <dt class="font-semibold">{{ $t('fields.countBuilder.itLeavesFromTheTop') }}</dt>
      <dd class="flex flex-wrap gap-1" data-testid="count-leaves">
        <span
          v-for="(card, i) in left"
          :key="i"
          class="card"
          :class="{ red: card.red, back: !card.up && card.back.kind === 'back' }"
          :title="card.name"
          >{{ card.sign }}</span
        >
      </dd>
    </dl>
    <p v-if="passed" class="mt-1 text-sm text-soft">
      {{ $t('fields.countBuilder.cardsPassFor', { really: passed.really, seeming: passed.seeming }) }}
    </p>
  </div>
</template>

<style scoped>
.beat {
  display: flex;
  align-items: center;
  gap: 0.4rem;
  border-bottom: 1px solid var(--rule);
  min-height: 34px;
  font-size: 0.9rem;
}

.beat button {
  min-width: 26px;
  min-height: 26px;
  border-radius: 4px;
}

.beat button:hover:not(:disabled) {
  background: var(--rule);
}

.beat button:disabled {
  opacity: 0.35;
}

.card {
  display: inline-block;
  min-width: 30px;
  border: 1px solid var(--slot-rule);
  border-radius: 4px;
  background: var(--slot-up);
  padding: 2px 4px;
  text-align: center;
  font-weight: 600;
  line-height: 1.3;
}

.red {
  color: var(--pip-red);
}

.back {
  background: var(--slot);
  color: var(--soft);
}
</style>
