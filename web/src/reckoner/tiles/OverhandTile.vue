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
    title="Key and neighbour under overhands"
    :answer="`together in ${share === undefined ? '…' : percent(share)}`"
    :refusal="refusal"
    formula="(1 − (k − 1) / (n − 1))ʳ for k chunks, r times."
    source="Any gap is cut equally likely. After “Randomization time for the overhand shuffle”, Journal of Theoretical Probability 2 (1989)."
    :sent="sent"
  >
    <template #given>
      <label
        >Chunks
        <input v-model.number="chunks" type="number" min="1" :max="cards" class="w-16 field" />
      </label>
      <label
        >Times
        <input v-model.number="times" type="number" min="1" :max="8" class="w-16 field" />
      </label>
    </template>
    <ShareBars
      :bars="odds?.neighbours ?? []"
      :best="times"
      label="Chance that neighbours were never parted, by number of shuffles"
      :height="70"
      plain
      @take="times = $event"
    />
  </ReckonTile>
</template>
