<script setup lang="ts">
import SheetDialog from './SheetDialog.vue'
import { useLocalStorage } from '@vueuse/core'
import { nextTick } from 'vue'
import { useRoute } from 'vue-router'
import { useKeyWords } from './keys'

const keys = useKeyWords()
const route = useRoute()
const tour = useLocalStorage('deck-tour', 0)

/** Shows once more how the deck is read. What is kept in the browser is written before this list goes. */
async function explain(): Promise<void> {
  tour.value = 0
  await nextTick()
  keys.open = false
}
</script>

<template>
  <SheetDialog v-model:open="keys.open" :title="$t('ui.keyHelp.keysOfThisView')" width="narrow">
    <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
      <template v-for="word in keys.words" :key="word.keys">
        <dt>
          <kbd class="kbd">{{ word.keys }}</kbd>
        </dt>
        <dd>{{ word.does }}</dd>
      </template>
    </dl>
    <div class="mt-5 flex gap-3">
      <button class="btn" @click="keys.open = false">{{ $t('ui.keyHelp.close') }}</button>
      <button v-if="route.name === 'bench'" class="btn" @click="explain">
        {{ $t('ui.keyHelp.explainTheDeck') }}
      </button>
    </div>
  </SheetDialog>
</template>
