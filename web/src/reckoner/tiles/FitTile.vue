<script setup lang="ts">
import { answered, api } from '@/api/client'
import { computed, ref } from 'vue'
import { useAsked } from '../asked'
import ReckonTile from '../ReckonTile.vue'

const wide = ref(85.6)
const high = ref(54)
const { answer: fit, refusal } = useAsked(
  'fit',
  () => [wide.value, high.value],
  () => answered(api.GET('/api/reckoner/fit', { params: { query: { wide: wide.value, high: high.value } } })),
)
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
    title="Does a card fit?"
    :answer="`poker ${fit?.poker ? 'fits' : 'does not fit'} · bridge ${fit?.bridge ? 'fits' : 'does not fit'}`"
    :refusal="refusal"
    :formula="`Poker ${fit?.pokerSize ?? ''}, bridge ${fit?.bridgeSize ?? ''}, upright or lying, flat.`"
    source="Card sizes from memory. A bank card is 85.60 × 53.98 mm (ISO/IEC 7810)."
    :sent="sent"
  >
    <template #given>
      <label
        >Inside, mm
        <input v-model.number="wide" type="number" step="0.1" min="1" max="1000" class="w-20 field" />
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
          aria-label="Inside height, mm"
        />
      </label>
    </template>
    <svg viewBox="-5 -5 210 110" class="h-24 w-full" role="img" aria-label="A poker card over the holder">
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
        :stroke="fit?.poker ? 'var(--holds)' : 'var(--broken)'"
      />
    </svg>
  </ReckonTile>
</template>
