<script setup lang="ts">
import { answered, api } from '@/api/client'
import { ref } from 'vue'
import { useAsked } from '../asked'
import ReckonTile from '../ReckonTile.vue'

const props = defineProps<{ cards: number }>()

const pack = ref(15.1)
const block = ref(7.5)
const depth = ref(26)
const { answer: thickness, refusal } = useAsked(
  'thickness',
  () => [pack.value, props.cards, block.value, depth.value],
  () =>
    answered(
      api.GET('/api/reckoner/thickness', {
        params: { query: { pack: pack.value, cards: props.cards, block: block.value, depth: depth.value } },
      }),
    ),
)
</script>

<template>
  <ReckonTile
    :title="$t('reckoner.thicknessTile.depthAndThickness')"
    :answer="
      $t('reckoner.thicknessTile.answer', {
        cards: thickness?.cards ?? '…',
        thickness: thickness?.millimetres.toFixed(1) ?? '…',
      })
    "
    :refusal="refusal"
    :formula="$t('reckoner.thicknessTile.formula', { thickness: thickness?.card.toFixed(3) ?? '…' })"
    :source="$t('reckoner.thicknessTile.source')"
    :sent="{ steps: [{ move: 'hold-break', settings: { depth: `${thickness?.cards ?? 26}±2` } }] }"
  >
    <template #given>
      <label
        >{{ $t('reckoner.thicknessTile.packMm') }}
        <input v-model.number="pack" type="number" step="0.1" min="1" max="60" class="w-20 field" />
      </label>
      <label
        >{{ $t('reckoner.thicknessTile.blockMm') }}
        <input v-model.number="block" type="number" step="0.1" min="0" max="60" class="w-20 field" />
      </label>
      <label
        >{{ $t('reckoner.thicknessTile.depth') }}
        <input v-model.number="depth" type="number" min="0" :max="cards" class="w-16 field" />
      </label>
    </template>
    <svg
      viewBox="0 0 120 34"
      class="h-16 w-full"
      role="img"
      :aria-label="$t('reckoner.thicknessTile.theBlockBesideThePack')"
    >
      <rect x="10" y="2" width="44" height="30" fill="var(--slot)" stroke="var(--slot-rule)" />
      <rect
        x="64"
        :y="32 - 30 * Math.min(1, block / pack)"
        width="44"
        :height="30 * Math.min(1, block / pack)"
        fill="var(--slot-up)"
        stroke="var(--brass-line)"
      />
    </svg>
  </ReckonTile>
</template>
