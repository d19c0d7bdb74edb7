import { defineStore } from 'pinia'
import { ref } from 'vue'

const SHOWN_MS = 12_000

/** One line at the foot of the screen that says what happened, and may offer to take it back. */
export const useToast = defineStore('toast', () => {
  const text = ref('')
  const undo = ref<() => void>()
  let timer = 0

  function say(said: string, takeBack?: () => void): void {
    text.value = said
    undo.value = takeBack
    window.clearTimeout(timer)
    timer = window.setTimeout(clear, SHOWN_MS)
  }

  function clear(): void {
    text.value = ''
    undo.value = undefined
  }

  return { text, undo, say, clear }
})
