<script setup lang="ts">
import { CountBuilder } from '@/fields'
import { computed, ref } from 'vue'
import { usePictured } from '../pictured'
import ReckonTile from '../ReckonTile.vue'

const packet = ref(4)
const beats = ref('peel under-all-but peel peel')
const step = computed(() => ({ move: 'count-beats', settings: { pile: 'deck', beats: beats.value } }))
const { answer: trace, refusal } = usePictured('count', () => [packet.value, undefined, step.value])
const moment = computed(() => trace.value?.moments.at(-1))
const said = computed(() =>
  moment.value?.broken
    ? moment.value.broken.reason
    : `${moment.value?.passed?.really ?? '…'} pass for ${moment.value?.passed?.seeming ?? '…'}`,
)
</script>

<template>
  <ReckonTile
    title="Count a packet"
    :answer="said"
    :refusal="refusal"
    formula="Each beat shows the card that lands. After an exchange the counted cards go back under, or on, the rest."
    source="The beats themselves are done, with the cards from the ace on."
    :sent="{ steps: [step] }"
  >
    <template #given>
      <label
        >Packet
        <input v-model.number="packet" type="number" min="3" :max="13" class="w-16 field" />
      </label>
    </template>
    <CountBuilder
      id="reckon-beats"
      :value="beats"
      :trace="trace ?? undefined"
      :moment="moment"
      @change="beats = $event"
    />
  </ReckonTile>
</template>
