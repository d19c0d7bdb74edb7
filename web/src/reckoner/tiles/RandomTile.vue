<script setup lang="ts">
import { percent } from '@/ui/verdict'
import ShareBars from '@/ui/ShareBars.vue'
import { computed, ref } from 'vue'
import { useOdds } from '../odds'
import ReckonTile from '../ReckonTile.vue'

const props = defineProps<{ cards: number }>()

const riffles = ref(7)
const { answer: odds, refusal } = useOdds(() => props.cards)
const share = computed(() => odds.value?.riffles.find((r) => r.value === riffles.value)?.share)
</script>

<template>
  <ReckonTile
    title="How random is it?"
    :answer="`${share === undefined ? '…' : percent(share)} from random`"
    :refusal="refusal"
    formula="Half the sum, over all orders, of how far C(2ᵐ + n − r, n) / 2ᵐⁿ is from 1 / n!. Computed exactly."
    source="“Trailing the dovetail shuffle to its lair”, Annals of Applied Probability 2 (1992)."
    :sent="{ steps: [{ move: 'spectator-riffle', settings: { times: String(riffles) } }] }"
  >
    <template #given>
      <label
        >Riffles
        <input v-model.number="riffles" type="number" min="1" :max="10" class="w-16 field" />
      </label>
    </template>
    <ShareBars
      :bars="odds?.riffles ?? []"
      :best="riffles"
      label="Distance from random, by number of riffles"
      :height="70"
      plain
      @take="riffles = $event"
    />
  </ReckonTile>
</template>
