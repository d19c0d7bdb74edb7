<script setup lang="ts">
import { answered, api } from '@/api/client'
import { RunningDeck } from '@/deck'
import { computed, ref } from 'vue'
import { useAsked } from '../asked'
import { usePictured } from '../pictured'
import ReckonTile from '../ReckonTile.vue'

const packet = ref(4)
const { answer, refusal } = useAsked(
  'add-on',
  () => [packet.value],
  () => answered(api.GET('/api/reckoner/add-on', { params: { query: { packet: packet.value } } })),
)
/** As many cards are switched as lie above the break. */
const under = computed(() => answer.value?.switched ?? 0)
const sent = computed(() => ({
  steps: [{ move: 'hold-break', settings: { depth: String(under.value) } }, { move: 'add-on' }],
}))
const { answer: trace } = usePictured('add-on-picture', () => [
  13,
  undefined,
  { move: 'hold-break', settings: { depth: String(under.value) } },
])
</script>

<template>
  <ReckonTile
    :title="$t('reckoner.addOnTile.switchByAddingOn')"
    :answer="$t('reckoner.addOnTile.answer', { under })"
    :formula="$t('reckoner.addOnTile.formula')"
    :source="$t('reckoner.addOnTile.source')"
    :refusal="refusal"
    :sent="sent"
  >
    <template #given>
      <label
        >{{ $t('reckoner.addOnTile.packet') }}
        <input v-model.number="packet" type="number" min="2" :max="12" class="w-16 field" />
      </label>
    </template>
    <RunningDeck
      v-if="trace"
      :trace="{ ...trace, moments: trace.moments.slice(-1), outcomes: [] }"
      :width="320"
      :row-height="46"
      :slot-height="20"
      :slot-top="4"
    />
  </ReckonTile>
</template>
