import { onKeyStroke } from '@vueuse/core'
import { defineStore } from 'pinia'
import { onBeforeUnmount, ref } from 'vue'

/** One key of a view and what it does. */
export interface KeyWord {
  keys: string
  does: string
}

/** The keys of the view that is shown, for the list that `?` opens. */
export const useKeyWords = defineStore('keys', () => {
  const words = ref<KeyWord[]>([])
  const open = ref(false)
  return { words, open }
})

/** Whether a key is meant for a field that is being typed in. */
export function typing(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null
  return !!target?.closest('input, textarea, select, [contenteditable=true]')
}

/** Whether a dialog is open, to which keys belong then. */
export function inDialog(): boolean {
  return document.querySelector('[role=dialog]') !== null
}

/** Announces the keys of a view while it is shown. */
export function useViewKeys(words: KeyWord[]): void {
  const store = useKeyWords()
  store.words = words
  onBeforeUnmount(() => {
    store.words = []
    store.open = false
  })
  onKeyStroke('?', (event) => {
    if (!typing(event)) {
      store.open = !store.open
    }
  })
}
