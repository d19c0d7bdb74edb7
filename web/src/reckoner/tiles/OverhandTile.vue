<script setup lang="ts">
import { percent } from '@/ui/verdict'
import ShareBars from '@/ui/ShareBars.vue'
import { computed, ref } from 'vue'
import { useOdds } from '../odds'
import ReckonTile from '../ReckonTile.vue'

const props = defineProps<{ cards: number }>()

const chunks = ref(7)
const times = ref(3)
const { answer: odds, refusal } = useOdds(
  () => props.cards,
  () => chunks.value,
)
const share = computed(() => odds.value?.neighbours.find((r) => r.value === times.value)?.share)
const sent = computed(() => ({
  steps: [
    { move: 'spectator-overhand', settings: { chunks: String(chunks.value), times: String(times.value) } },
  ],
}))
</script>

<template>
  <ReckonTile
    :title="$t('reckoner.overhandTile.keyAndNeighbourUnderOverhands')"
    :answer="$t('reckoner.overhandTile.answer', { share: share === undefined ? '…' : percent(share) })"
    :refusal="refusal"
    :formula="$t('reckoner.overhandTile.formula')"
    :source="$t('reckoner.overhandTile.source')"
    :sent="sent"
  >
    <template #given>
      <label
        >{{ $t('reckoner.overhandTile.chunks') }}
        <input v-model.number="chunks" type="number" min="1" :max="cards" class="w-16 field" />
      </label>
      <label
        >{{ $t('reckoner.overhandTile.times') }}
        <input v-model.number="times" type="number" min="1" :max="8" class="w-16 field" />
      </label>
    </template>
    <ShareBars
      :bars="odds?.neighbours ?? []"
      :best="times"
      :label="$t('reckoner.overhandTile.chanceThatNeighboursWereNever')"
      :height="70"
      plain
      @take="times = $event"
    />
  </ReckonTile>
</template>
