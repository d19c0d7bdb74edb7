<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'

/** How far somebody is in the explanation; as many as there are words once it was read or put aside. */
const at = useLocalStorage('deck-tour', 0)

const WORDS = [
  'Each row is one moment. Its long box is the deck, the top card on the left, the bottom card on the right.',
  'A thread follows each card that matters from row to row. The table on the right says in numbers where it lies.',
  'The pale band round a thread is everywhere the card can be, whatever people choose. Slide a choice on the right and watch the thread move in it.',
  'The verdict at the top counts all ways there are. ▲ means that one of them fails: press F to see it.',
]

const words = computed(() => WORDS[at.value])
</script>

<template>
  <section
    v-if="words"
    class="mx-5 my-3 flex flex-wrap items-baseline gap-x-4 gap-y-2 rounded-lg border-l-4 border-(--brass-line) bg-raised px-4 py-2"
    aria-label="How to read the deck"
    data-testid="deck-tour"
  >
    <span class="text-sm text-soft">{{ at + 1 }} of {{ WORDS.length }}</span>
    <p class="min-w-60 flex-1">{{ words }}</p>
    <span class="flex gap-2">
      <button class="btn-main" @click="at++">{{ at + 1 < WORDS.length ? 'Next' : 'Done' }}</button>
      <button v-if="at + 1 < WORDS.length" class="btn" @click="at = WORDS.length">Skip</button>
    </span>
  </section>
</template>
