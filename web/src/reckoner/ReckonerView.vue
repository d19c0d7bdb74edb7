<script setup lang="ts">
import { t } from '@/words'
import { useViewKeys } from '@/ui/keys'
import { provide, ref, shallowRef } from 'vue'
import { SEND } from './send'
import SendDialog from './SendDialog.vue'
import type { Sent } from './sent'
import AddOnTile from './tiles/AddOnTile.vue'
import CountTile from './tiles/CountTile.vue'
import CutTile from './tiles/CutTile.vue'
import DoubleSpellTile from './tiles/DoubleSpellTile.vue'
import FitTile from './tiles/FitTile.vue'
import OrderTile from './tiles/OrderTile.vue'
import OverhandTile from './tiles/OverhandTile.vue'
import RandomTile from './tiles/RandomTile.vue'
import SafeNumberTile from './tiles/SafeNumberTile.vue'
import SpellingTile from './tiles/SpellingTile.vue'
import ThicknessTile from './tiles/ThicknessTile.vue'
import UnequalTile from './tiles/UnequalTile.vue'

const cards = ref(52)
const sent = shallowRef<Sent>()
provide(SEND, (answer) => (sent.value = answer))

useViewKeys([{ keys: '?', does: t('reckoner.reckonerView.theseKeys') }])
</script>

<template>
  <div class="mx-auto w-full max-w-7xl p-5">
    <h1 class="text-3xl">{{ $t('reckoner.reckonerView.reckoner') }}</h1>
    <label class="mt-2 flex items-center gap-2">
      {{ $t('reckoner.reckonerView.cardsInThePack') }}
      <input v-model.number="cards" type="number" min="2" max="104" class="w-20 field" />
    </label>
    <div class="mt-4 grid gap-4 md:grid-cols-2 lg:grid-cols-3">
      <SafeNumberTile />
      <CutTile :cards="cards" />
      <OrderTile />
      <OverhandTile :cards="cards" />
      <UnequalTile :cards="cards" />
      <RandomTile :cards="cards" />
      <AddOnTile />
      <DoubleSpellTile />
      <ThicknessTile :cards="cards" />
      <CountTile />
      <SpellingTile />
      <FitTile />
    </div>
    <SendDialog v-model:sent="sent" />
  </div>
</template>
