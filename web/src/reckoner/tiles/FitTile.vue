<script setup lang="ts">
import { t } from '@/words'
import { answered, api } from '@/api/client'
import { computed, ref } from 'vue'
import { useAsked } from '../asked'
import ReckonTile from '../ReckonTile.vue'

const wide = ref(58)
const high = ref(90)
const open = ref(true)
const { answer: fit, refusal } = useAsked(
  'fit',
  () => [wide.value, high.value, open.value],
  () =>
    answered(
      api.GET('/api/reckoner/fit', {
        // A field that is emptied was not measured.
        params: { query: { wide: wide.value || 0, high: high.value || 0, open: open.value } },
      }),
    ),
)
const WORDS: Record<string, string> = {
  flat: t('reckoner.fitTile.fits'),
  not: t('reckoner.fitTile.doesNotFit'),
  'not-measured': t('reckoner.fitTile.notMeasured'),
}
type Way = NonNullable<typeof fit.value>[number]

function told(way: Way): string {
  const words =
    way.fit === 'sticks-out'
      ? t('reckoner.fitTile.sticksOutByMm', { toFixed: way.out.toFixed(1) })
      : WORDS[way.fit]
  return t(way.folded ? 'reckoner.fitTile.folded' : 'reckoner.fitTile.flat', { cards: way.cards, words })
}
const flat = computed(() => (fit.value ?? []).filter((way) => !way.folded))
const folded = computed(() => (fit.value ?? []).filter((way) => way.folded))
const poker = computed(() => flat.value.find((way) => way.cards === 'poker')?.fit)

const sent = computed(() => ({
  steps: [
    { move: 'load', settings: { wide: `${Math.round(wide.value)}`, high: `${Math.round(high.value)}` } },
  ],
}))
/** A card upright or lying, whichever way the holder is longer. */
const lying = computed(() => wide.value > high.value)
</script>

<template>
  <ReckonTile
    :title="$t('reckoner.fitTile.doesACardFit')"
    :answer="flat.map(told).join(' · ')"
    :refusal="refusal"
    :formula="
      $t('reckoner.fitTile.formula2', {
        folded: folded.map(told).join(' · '),
        flat: flat
          .map((way) => $t('reckoner.fitTile.formula', { cards: way.cards, size: way.size }))
          .join(', '),
      })
    "
    :source="$t('reckoner.fitTile.source')"
    :sent="sent"
  >
    <template #given>
      <label
        >{{ $t('reckoner.fitTile.insideMm') }}
        <input v-model.number="wide" type="number" step="0.1" min="0" max="1000" class="w-20 field" />
      </label>
      <label
        >×
        <input
          v-model.number="high"
          type="number"
          step="0.1"
          min="1"
          max="1000"
          class="w-20 field"
          :aria-label="$t('reckoner.fitTile.insideHeightMm')"
        />
      </label>
      <label class="flex items-center gap-1.5">
        <input v-model="open" type="checkbox" /> {{ $t('reckoner.fitTile.openAtTheMouth') }}
      </label>
    </template>
    <svg
      viewBox="-5 -5 210 110"
      class="h-24 w-full"
      role="img"
      :aria-label="$t('reckoner.fitTile.aPokerCardOverThe')"
    >
      <rect
        x="0"
        y="0"
        :width="Math.min(200, wide)"
        :height="Math.min(100, high)"
        fill="none"
        stroke="currentColor"
      />
      <rect
        x="0"
        y="0"
        :width="lying ? 88.9 : 63.5"
        :height="lying ? 63.5 : 88.9"
        rx="3"
        fill="var(--slot-up)"
        fill-opacity="0.6"
        :stroke="poker === 'not' ? 'var(--broken)' : 'var(--holds)'"
      />
    </svg>
  </ReckonTile>
</template>
