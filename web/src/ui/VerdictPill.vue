<script setup lang="ts">
import type { Survey } from '@/api/client'
import { computed } from 'vue'
import { summary } from './verdict'

const props = defineProps<{
  survey?: Survey
  /** On one line, whatever there is to say: the rest is told when it is pointed at. */
  short?: boolean
}>()

const said = computed(() => summary(props.survey))
</script>

<template>
  <span
    :title="short && said.short ? said.text : undefined"
    class="inline-flex max-w-full shrink-0 items-center gap-1.5 rounded-2xl px-3 py-0.5 text-sm font-semibold"
    :class="{
      'whitespace-nowrap': short,
      'bg-holds/12 text-holds': said.tone === 'holds',
      'bg-broken/12 text-broken': said.tone === 'broken',
      'bg-rule/50 text-soft': said.tone === 'quiet',
    }"
  >
    <span aria-hidden="true">{{ said.tone === 'holds' ? '●' : said.tone === 'broken' ? '▲' : '○' }}</span>
    {{ (short && said.short) || said.text }}
  </span>
</template>
