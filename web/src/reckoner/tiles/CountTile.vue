<script setup lang="ts">
import { t } from '@/words'
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
    : t('reckoner.countTile.passFor', {
        moment: moment.value?.passed?.really ?? '…',
        moment2: moment.value?.passed?.seeming ?? '…',
      }),
)
</script>

<template>
  <ReckonTile
    :title="$t('reckoner.countTile.countAPacket')"
    :answer="said"
    :refusal="refusal"
    :formula="$t('reckoner.countTile.formula')"
    :source="$t('reckoner.countTile.source')"
    :sent="{ steps: [step] }"
  >
    <template #given>
      <label
        >{{ $t('reckoner.countTile.packet') }}
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
