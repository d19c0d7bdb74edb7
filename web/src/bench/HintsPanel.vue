<script setup lang="ts">
import { usePerformer } from '@/performer'
import { useToast } from '@/ui/toast'
import { computed } from 'vue'
import { useBench } from './store'

const bench = useBench()
const toast = useToast()
const { performer, putAside, takeUp } = usePerformer()

const hints = computed(() =>
  (bench.trace?.hints ?? []).filter((hint) => !performer.value.putAside.includes(hint.rule)),
)

function place(stepId: string): string {
  const at = bench.routine?.steps.findIndex((s) => s.id === stepId) ?? -1
  return at < 0 ? 'set-up' : `step ${at + 1}`
}

async function drop(rule: string): Promise<void> {
  if (await putAside(rule)) {
    toast.say('Hints of this kind are put aside.', () => void takeUp(rule))
  }
}
</script>

<template>
  <section v-if="hints.length > 0" class="mt-5 border-t border-rule pt-3" aria-label="Hints">
    <h2 class="text-lg">Hints</h2>
    <ul class="mt-1 space-y-2.5">
      <li v-for="hint in hints" :key="hint.rule + hint.stepId" data-testid="hint">
        <p class="leading-snug">{{ hint.text }}</p>
        <p class="text-sm text-soft">{{ hint.reason }}</p>
        <p class="text-sm">
          <button class="link" @click="bench.selected = hint.stepId">{{ place(hint.stepId) }}</button>
          <button class="ml-3 link" @click="drop(hint.rule)">not for me</button>
        </p>
      </li>
    </ul>
  </section>
</template>
