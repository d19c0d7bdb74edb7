<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { ref } from 'vue'

const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ create: [title: string] }>()
const title = ref('')

function create(): void {
  if (title.value.trim()) {
    open.value = false
    emit('create', title.value.trim())
    title.value = ''
  }
}
</script>

<template>
  <Dialog :open="open" class="relative z-50" @close="open = false">
    <div class="fixed inset-0 bg-black/40" aria-hidden="true" />
    <div class="fixed inset-0 flex items-center justify-center p-4">
      <DialogPanel class="w-full max-w-md rounded-xl bg-paper p-6">
        <DialogTitle class="text-xl">A new routine</DialogTitle>
        <form @submit.prevent="create">
          <label class="mt-3 block text-sm font-semibold" for="new-title">What is it called?</label>
          <input
            id="new-title"
            v-model="title"
            class="w-full field text-lg"
            maxlength="120"
            autocomplete="off"
          />
          <p class="mt-1 text-sm text-soft">You start with 52 cards in any order and nothing done to them.</p>
          <div class="mt-4 flex gap-3">
            <button class="btn-main" type="submit" :disabled="!title.trim()">Start</button>
            <button class="btn" type="button" @click="open = false">Leave it</button>
          </div>
        </form>
      </DialogPanel>
    </div>
  </Dialog>
</template>
