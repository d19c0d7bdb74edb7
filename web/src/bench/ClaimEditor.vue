<script setup lang="ts">
import type { ClaimSpec } from '@/api/client'
import { ClaimFields, type PlayedWorld } from '@/fields'
import { computed } from 'vue'
import { useBench } from './store'

defineProps<{ claim: ClaimSpec; path: string; judged?: boolean }>()
const emit = defineEmits<{ change: [claim: ClaimSpec] }>()

const bench = useBench()
const played = computed<PlayedWorld>(() => ({
  routine: bench.routine!,
  roles: bench.routine!.roles,
  trace: bench.trace,
  problems: bench.problems,
}))
</script>

<template>
  <ClaimFields
    :claim="claim"
    :path="path"
    :played="played"
    :judged="judged"
    @change="emit('change', $event)"
  />
</template>
