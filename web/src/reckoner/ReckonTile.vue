<script setup lang="ts">
import { inject } from 'vue'
import { SEND } from './send'
import type { Sent } from './sent'

defineProps<{
  title: string
  /** The answer, large. */
  answer: string
  /** The rule behind it, in a line. */
  formula: string
  /** Where the rule comes from, in words. */
  source: string
  /** Why there is no answer to what is given. */
  refusal?: string
  /** The answer as it goes into a routine. */
  sent?: Sent
}>()

const send = inject(SEND)
</script>

<template>
  <section class="flex flex-col rounded-xl border border-rule bg-raised p-4" :aria-label="title">
    <h2 class="text-xl">{{ title }}</h2>
    <div class="mt-2 flex flex-wrap items-end gap-3 text-sm"><slot name="given" /></div>
    <p v-if="refusal" role="alert" class="mt-2 font-semibold text-broken">{{ refusal }}</p>
    <p v-else class="mt-2 text-2xl font-bold" role="status" data-testid="reckoned">{{ answer }}</p>
    <div class="mt-2"><slot /></div>
    <p class="mt-2 text-sm">{{ formula }}</p>
    <p class="text-sm text-soft">{{ source }}</p>
    <p v-if="sent" class="mt-auto pt-2">
      <button
        class="link text-sm"
        :aria-label="$t('reckoner.reckonTile.sendToARoutine', { title })"
        @click="send?.(sent)"
      >
        {{ $t('reckoner.reckonTile.sendToARoutine2') }}
      </button>
    </p>
  </section>
</template>
