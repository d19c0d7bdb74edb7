<script setup lang="ts">
import { useToast } from './toast'

const toast = useToast()

function takeBack(): void {
  toast.undo?.()
  toast.clear()
}
</script>

<template>
  <div role="status" aria-live="polite" class="fixed inset-x-0 bottom-4 z-40 flex justify-center px-4">
    <p v-if="toast.text" class="flex items-center gap-4 rounded-lg bg-(--bar) px-4 py-2 text-(--bar-ink)">
      {{ toast.text }}
      <button v-if="toast.undo" class="font-semibold text-[#f0c878] underline" @click="takeBack">
        {{ $t('ui.toastLine.undo') }}
      </button>
      <button :aria-label="$t('ui.toastLine.dismiss')" @click="toast.clear()">✕</button>
    </p>
  </div>
</template>
