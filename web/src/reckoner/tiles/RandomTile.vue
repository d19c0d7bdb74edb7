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
    :title="$t('reckoner.randomTile.howRandomIsIt')"
    :answer="$t('reckoner.randomTile.answer', { share: share === undefined ? '…' : percent(share) })"
    :refusal="refusal"
    :formula="$t('reckoner.randomTile.formula')"
    :source="$t('reckoner.randomTile.source')"
    :sent="{ steps: [{ move: 'spectator-riffle', settings: { times: String(riffles) } }] }"
  >
    <template #given>
      <label
        >{{ $t('reckoner.randomTile.riffles') }}
        <input v-model.number="riffles" type="number" min="1" :max="10" class="w-16 field" />
      </label>
    </template>
    <ShareBars
      :bars="odds?.riffles ?? []"
      :best="riffles"
      :label="$t('reckoner.randomTile.distanceFromRandomByNumber')"
      :height="70"
      plain
      @take="riffles = $event"
    />
  </ReckonTile>
</template>
