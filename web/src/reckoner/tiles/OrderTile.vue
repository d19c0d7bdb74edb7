<script setup lang="ts">
import { t } from '@/words'
import { answered, api } from '@/api/client'
import { percent } from '@/ui/verdict'
import ShareBars from '@/ui/ShareBars.vue'
import { computed, ref } from 'vue'
import { useAsked } from '../asked'
import ReckonTile from '../ReckonTile.vue'
import type { Sent } from '../sent'

const cards = ref(12)
const riffles = ref(2)
const number = ref(7)
const { answer: hours, refusal } = useAsked(
  'order',
  () => [cards.value, riffles.value],
  () =>
    answered(
      api.GET('/api/reckoner/order', { params: { query: { cards: cards.value, riffles: riffles.value } } }),
    ),
)
const picked = computed(() => hours.value?.find((h) => h.number === number.value))
const said = computed(() => {
  if (number.value === 1) {
    return t('reckoner.orderTile.at1TheyHaveThe')
  }
  return picked.value
    ? t('reckoner.orderTile.atRightIn', { number: number.value, share: percent(picked.value.share) })
    : '…'
})
const sent: Sent = {
  steps: [
    { move: 'deal-to-number', settings: { at: '2-12' } },
    { move: 'spectator-riffle', settings: { times: '1-2' } },
    { move: 'find-order-card' },
  ],
  claim: { kind: 'next-of-order', settings: {} },
}
</script>

<template>
  <ReckonTile
    :title="$t('reckoner.orderTile.anOrderUnderRiffles')"
    :answer="said"
    :refusal="refusal"
    :formula="$t('reckoner.orderTile.formula')"
    :source="$t('reckoner.orderTile.source')"
    :sent="sent"
  >
    <template #given>
      <label
        >{{ $t('reckoner.orderTile.cardsInOrder') }}
        <input v-model.number="cards" type="number" min="2" :max="26" class="w-16 field" />
      </label>
      <label
        >{{ $t('reckoner.orderTile.riffles') }}
        <input v-model.number="riffles" type="number" min="0" :max="5" class="w-16 field" />
      </label>
    </template>
    <ShareBars
      :bars="(hours ?? []).map((h) => ({ value: h.number, share: h.share }))"
      :best="number"
      :label="$t('reckoner.orderTile.howOftenItIsRight')"
      :height="70"
      plain
      @take="number = $event"
    />
  </ReckonTile>
</template>
