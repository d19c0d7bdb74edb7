<script setup lang="ts">
import type { Trace } from '@/api/client'
import { RunningDeck } from '@/deck'
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'

const props = defineProps<{
  trace: Trace
  /** The moment after the step; the one before is drawn above it. */
  moment: number
}>()

const box = ref<HTMLElement>()
const { width } = useElementSize(box)
const part = computed<Trace>(() => ({
  ...props.trace,
  moments: props.trace.moments.slice(props.moment - 1, props.moment + 1),
}))
</script>

<template>
  <div ref="box" class="mt-3">
    <RunningDeck
      v-if="width > 0"
      :trace="part"
      :width="width"
      :row-height="96"
      :slot-height="34"
      :slot-top="24"
    />
  </div>
</template>
