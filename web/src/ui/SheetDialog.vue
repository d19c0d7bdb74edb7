<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { nextTick, watch } from 'vue'

/** A sheet over the page: what is behind it waits. Escape and a press beside it close it. */
defineProps<{
  title: string
  /** How wide it is at most. */
  width?: 'narrow' | 'middle' | 'wide' | 'full'
}>()
const open = defineModel<boolean>('open', { required: true })

/** What had the focus when it was opened. The library knows it only if it was loaded by then. */
let opener: Element | null = null
watch(
  open,
  async (now) => {
    if (now) {
      opener = document.activeElement
      return
    }
    await nextTick()
    if (document.activeElement === document.body && opener instanceof HTMLElement) {
      opener.focus()
    }
  },
  { immediate: true },
)

const WIDTHS = { narrow: 'max-w-md', middle: 'max-w-2xl', wide: 'max-w-4xl', full: 'max-w-6xl' }
</script>

<template>
  <Dialog :open="open" class="relative z-50" @close="open = false">
    <div class="fixed inset-0 bg-black/40" aria-hidden="true" />
    <div class="fixed inset-0 flex items-start justify-center p-4 sm:pt-14">
      <DialogPanel
        class="flex max-h-full w-full flex-col overflow-y-auto rounded-xl bg-paper p-5"
        :class="WIDTHS[width ?? 'middle']"
      >
        <div class="flex items-baseline justify-between gap-4">
          <DialogTitle class="text-xl">{{ title }}</DialogTitle>
          <slot name="beside" />
        </div>
        <slot />
      </DialogPanel>
    </div>
  </Dialog>
</template>
