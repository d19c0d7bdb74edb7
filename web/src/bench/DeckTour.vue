<script setup lang="ts">
import { t } from '@/words'
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'

/** How far somebody is in the explanation; as many as there are words once it was read or put aside. */
const at = useLocalStorage('deck-tour', 0)

const WORDS = [
  t('bench.deckTour.eachRowIsOneMoment'),
  t('bench.deckTour.aThreadFollowsEachCard'),
  t('bench.deckTour.thePaleBandRoundA'),
  t('bench.deckTour.theVerdictAtTheTop'),
]

const words = computed(() => WORDS[at.value])
</script>

<template>
  <section
    v-if="words"
    class="mx-5 my-3 flex flex-wrap items-baseline gap-x-4 gap-y-2 rounded-lg border-l-4 border-(--brass-line) bg-raised px-4 py-2"
    :aria-label="$t('bench.deckTour.howToReadTheDeck')"
    data-testid="deck-tour"
  >
    <span class="text-sm text-soft">{{ $t('bench.deckTour.of', { at: at + 1, WORDS: WORDS.length }) }}</span>
    <p class="min-w-60 flex-1">{{ words }}</p>
    <span class="flex gap-2">
      <button class="btn-main" @click="at++">
        {{ at + 1 < WORDS.length ? $t('bench.deckTour.next') : $t('bench.deckTour.done') }}
      </button>
      <button v-if="at + 1 < WORDS.length" class="btn" @click="at = WORDS.length">
        {{ $t('bench.deckTour.skip') }}
      </button>
    </span>
  </section>
</template>
