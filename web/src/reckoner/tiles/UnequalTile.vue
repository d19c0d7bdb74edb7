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
    :title="$t('reckoner.unequalTile.unequalPacketsRiffled')"
    :answer="$t('reckoner.unequalTile.answer', { share: share === undefined ? '…' : percent(share) })"
    :refusal="refusal"
    :formula="$t('reckoner.unequalTile.formula')"
    :source="$t('reckoner.unequalTile.source')"
    :sent="{ steps: [{ move: 'lopsided-riffle', settings: { cut: String(upper) } }] }"
  >
    <template #given>
      <label
        >{{ $t('reckoner.unequalTile.upperPacket') }}
        <input v-model.number="upper" type="number" min="1" :max="cards - 1" class="w-16 field" />
      </label>
    </template>
    <ShareBars
      :bars="odds?.topStays ?? []"
      :best="upper"
      :label="$t('reckoner.unequalTile.chanceThatTheTopCard')"
      :height="70"
      plain
      @take="upper = $event"
    />
  </ReckonTile>
</template>
