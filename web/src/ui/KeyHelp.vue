<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { useLocalStorage } from '@vueuse/core'
import { useRoute } from 'vue-router'
import { useKeyWords } from './keys'

const keys = useKeyWords()
const route = useRoute()
const tour = useLocalStorage('deck-tour', 0)

/** Shows once more how the deck is read. */
function explain(): void {
  tour.value = 0
  keys.open = false
}
</script>

<template>
  <Dialog :open="keys.open" class="relative z-50" @close="keys.open = false">
    <div class="fixed inset-0 bg-black/40" aria-hidden="true" />
    <div class="fixed inset-0 flex items-center justify-center p-4">
      <DialogPanel class="w-full max-w-md rounded-xl bg-paper p-6">
        <DialogTitle class="mb-3 text-xl">Keys of this view</DialogTitle>
        <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
          <template v-for="word in keys.words" :key="word.keys">
            <dt>
              <kbd class="kbd">{{ word.keys }}</kbd>
            </dt>
            <dd>{{ word.does }}</dd>
          </template>
        </dl>
        <div class="mt-5 flex gap-3">
          <button class="btn" @click="keys.open = false">Close</button>
          <button v-if="route.name === 'bench'" class="btn" @click="explain">Explain the deck</button>
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
