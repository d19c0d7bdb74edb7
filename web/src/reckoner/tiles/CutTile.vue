<script setup lang="ts">
import { answered, api } from '@/api/client'
import { RunningDeck } from '@/deck'
import { computed, ref } from 'vue'
import { useAsked } from '../asked'
import { usePictured, type PicturedStep } from '../pictured'
import ReckonTile from '../ReckonTile.vue'

const props = defineProps<{ cards: number }>()

const from = ref(18)
const to = ref(1)
const { answer: cut, refusal } = useAsked(
  'cut',
  () => [props.cards, from.value, to.value],
  () =>
    answered(
      api.GET('/api/reckoner/cut', {
        params: { query: { cards: props.cards, from: from.value, to: to.value } },
      }),
    ),
)
const depth = computed(() => String(cut.value?.depth ?? 0))
const still: PicturedStep = { move: 'false-cut', settings: {} }
const step = computed(() =>
  depth.value === '0' ? still : { move: 'complete-cut', settings: { depth: depth.value } },
)
const { answer: trace } = usePictured('cut-picture', () => [props.cards, from.value, step.value])
const sent = computed(() => ({
  steps: depth.value === '0' ? [] : [step.value],
  claim: { kind: 'position', settings: { nth: String(to.value) } },
}))
</script>

<template>
  <ReckonTile
    :title="$t('reckoner.cutTile.cutItThere')"
    :answer="depth === '0' ? $t('reckoner.cutTile.answer') : $t('reckoner.cutTile.answer2', { depth })"
    :refusal="refusal"
    :formula="$t('reckoner.cutTile.formula')"
    :source="$t('reckoner.cutTile.source')"
    :sent="sent"
  >
    <template #given>
      <label
        >{{ $t('reckoner.cutTile.cardAt') }}
        <input v-model.number="from" type="number" min="1" :max="cards" class="w-16 field" />
      </label>
      <label
        >{{ $t('reckoner.cutTile.isToBeAt') }}
        <input v-model.number="to" type="number" min="1" :max="cards" class="w-16 field" />
      </label>
    </template>
    <RunningDeck
      v-if="trace"
      :trace="trace"
      :width="320"
      :row-height="74"
      :row-tops="[0, 74, 120]"
      :slot-height="18"
      :slot-top="20"
    />
  </ReckonTile>
</template>
