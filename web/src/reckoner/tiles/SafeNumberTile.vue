<script setup lang="ts">
import { answered, api } from '@/api/client'
import { computed, ref } from 'vue'
import { useAsked } from '../asked'
import ReckonTile from '../ReckonTile.vue'

const depth = ref(17)
const error = ref(3)
const { answer: safe, refusal } = useAsked(
  'safe',
  () => [depth.value, error.value],
  () =>
    answered(
      api.GET('/api/reckoner/safe-number', { params: { query: { depth: depth.value, error: error.value } } }),
    ),
)
const sent = computed(() => ({
  steps: [
    {
      move: 'announce-past',
      settings: { estimate: `${depth.value}±${error.value}`, number: String(safe.value?.smallest ?? '') },
    },
  ],
}))
/** As many cards from the top are drawn. */
const DRAWN = 52
</script>

<template>
  <ReckonTile
    :title="$t('reckoner.safeNumberTile.numberPastTheKey')"
    :answer="$t('reckoner.safeNumberTile.answer', { smallest: safe?.smallest ?? '…' })"
    :refusal="refusal"
    :formula="$t('reckoner.safeNumberTile.formula', { depth, error, pastTheKey: safe?.pastTheKey ?? 2 })"
    :source="$t('reckoner.safeNumberTile.source')"
    :sent="sent"
  >
    <template #given>
      <label
        >{{ $t('reckoner.safeNumberTile.keyAtAbout') }}
        <input v-model.number="depth" type="number" min="1" :max="104" class="w-16 field" />
      </label>
      <label
        >±
        <input v-model.number="error" type="number" min="0" :max="50" class="w-16 field" />
      </label>
    </template>
    <svg
      viewBox="0 0 312 34"
      class="w-full"
      role="img"
      :aria-label="$t('reckoner.safeNumberTile.whereTheKeyCanBe')"
    >
      <rect
        v-for="n in DRAWN"
        :key="n"
        :x="(n - 1) * 6 + 0.5"
        y="4"
        width="5"
        height="16"
        :fill="
          n === safe?.smallest
            ? 'var(--brass-line)'
            : Math.abs(n - depth) <= error
              ? 'var(--ribbon-2)'
              : 'var(--slot-rule)'
        "
      />
      <text :x="(depth - 0.5) * 6" y="32" text-anchor="middle" font-size="10" fill="currentColor">
        {{ $t('reckoner.safeNumberTile.key') }}
      </text>
      <text
        :x="((safe?.smallest ?? 0) - 0.5) * 6"
        y="32"
        text-anchor="middle"
        font-size="10"
        fill="currentColor"
      >
        {{ safe?.smallest }}
      </text>
    </svg>
  </ReckonTile>
</template>
