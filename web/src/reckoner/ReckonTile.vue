<script setup lang="ts">
defineProps<{
  title: string
  /** The answer, large. */
  answer: string
  /** The rule behind it, in a line. */
  formula: string
  /** Where the rule comes from, in words. */
  source: string
}>()
</script>

<template>
  <section class="rounded-xl border border-rule bg-raised p-4" :aria-label="title">
    <h2 class="text-xl">{{ title }}</h2>
    <div class="mt-2 flex flex-wrap items-end gap-3 text-sm"><slot name="given" /></div>
    <p class="mt-2 text-2xl font-bold" role="status" data-testid="reckoned">{{ answer }}</p>
    <div class="mt-2"><slot /></div>
    <p class="mt-2 text-sm">{{ formula }}</p>
    <p class="text-sm text-soft">{{ source }}</p>
  </section>
</template>
