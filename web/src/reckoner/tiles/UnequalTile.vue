<script setup lang="ts">
import { percent } from '@/ui/verdict'
import ShareBars from '@/ui/ShareBars.vue'
import { computed, ref } from 'vue'
import { useOdds } from '../odds'
import ReckonTile from '../ReckonTile.vue'

const props = defineProps<{ cards: number }>()

const upper = ref(42)
const { answer: odds, refusal } = useOdds(() => props.cards)
const share = computed(() => odds.value?.topStays.find((r) => r.value === upper.value)?.share)
</script>

<template>
  <ReckonTile
    title="Unequal packets riffled"
    :answer="`top stays in ${share === undefined ? '…' : percent(share)}`"
    :refusal="refusal"
    formula="a / (a + b): the larger packet’s part of the deck."
    source="Follows from all interleavings being equally likely. Common practice says: four in five with a packet much the larger."
    :sent="{ steps: [{ move: 'lopsided-riffle', settings: { cut: String(upper) } }] }"
  >
    <template #given>
      <label
        >Upper packet
        <input v-model.number="upper" type="number" min="1" :max="cards - 1" class="w-16 field" />
      </label>
    </template>
    <ShareBars
      :bars="odds?.topStays ?? []"
      :best="upper"
      label="Chance that the top card stays, by size of its packet"
      :height="70"
      plain
      @take="upper = $event"
    />
  </ReckonTile>
</template>
