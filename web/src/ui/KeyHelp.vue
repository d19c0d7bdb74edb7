<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { useKeyWords } from './keys'

const keys = useKeyWords()
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
        <button class="btn mt-5" @click="keys.open = false">Close</button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
