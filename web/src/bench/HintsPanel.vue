<script setup lang="ts">
import { t } from '@/words'
import { usePerformer } from '@/performer'
import { useToast } from '@/ui/toast'
import { computed } from 'vue'
import { useBench } from './store'

/** The hints on the selected step, or those on all others. */
const props = defineProps<{ here: boolean }>()

const bench = useBench()
const toast = useToast()
const { performer, putAside, takeUp } = usePerformer()

const hints = computed(() =>
  (bench.trace?.hints ?? []).filter(
    (hint) =>
      !performer.value.putAside.includes(hint.rule) && (hint.stepId === bench.selected) === props.here,
  ),
)

function place(stepId: string): string {
  const at = bench.routine?.steps.findIndex((s) => s.id === stepId) ?? -1
  return at < 0 ? 'set-up' : `step ${at + 1}`
}

async function drop(rule: string): Promise<void> {
  if (await putAside(rule)) {
    toast.say(t('bench.hintsPanel.hintsOfThisKindAre'), () => void takeUp(rule))
  }
}
</script>

<template>
  <section
    v-if="hints.length > 0"
    :class="here ? 'mt-3' : 'mt-5 border-t border-rule pt-3'"
    :aria-label="here ? $t('bench.hintsPanel.hintsOnThisStep') : $t('bench.hintsPanel.hints')"
  >
    <h2 v-if="!here" class="text-lg">{{ $t('bench.hintsPanel.hintsOnOtherSteps') }}</h2>
    <ul class="mt-1 space-y-2.5">
      <li
        v-for="hint in hints"
        :key="hint.rule + hint.stepId + hint.text"
        :class="{ 'rounded-lg border-l-4 border-hint bg-hint/10 px-3 py-2': here }"
        data-testid="hint"
      >
        <p class="leading-snug">{{ hint.text }}</p>
        <p class="text-sm text-soft">{{ hint.reason }}</p>
        <p class="text-sm">
          <button v-if="!here" class="mr-3 link" @click="bench.selected = hint.stepId">
            {{ place(hint.stepId) }}
          </button>
          <button class="link" @click="drop(hint.rule)">{{ $t('bench.hintsPanel.notForMe') }}</button>
        </p>
      </li>
    </ul>
  </section>
</template>
