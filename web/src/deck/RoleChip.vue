<script setup lang="ts">
import { roleStyle } from './roleStyle'

defineProps<{
  letter: string
  /** The role's place among the roles of the routine, which decides its colour. */
  index: number
}>()
</script>

<template>
  <span
    class="inline-flex size-6 shrink-0 items-center justify-center rounded text-sm font-bold text-white"
    :style="{ background: roleStyle(index).colour }"
    >{{ letter }}</span
  >
</template>
