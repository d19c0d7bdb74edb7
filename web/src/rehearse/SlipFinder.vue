<script setup lang="ts">
import { answered, api, type Rehearsal, type Routine, type Trace, type World } from '@/api/client'
import { useComputation } from '@/api/computation'
import { RoleChip } from '@/deck'
import { alone } from '@/lines'
import { computed, ref } from 'vue'
import { claimsOf, pastSlips } from './observed'

const props = defineProps<{
  /** The line that was rehearsed. */
  routine: Routine
  world: World
  trace: Trace
  /** The runs before, and this one: what one slipped in before is likelier. */
  runs: Rehearsal[]
}>()

const end = computed(() => props.trace.moments.at(-1)!)
const positions = ref<number[]>(end.value.roles.map(() => 0))
const top = ref('')
const seen = computed(() =>
  claimsOf({ positions: positions.value.map((p) => Number(p) || 0), top: top.value }, props.trace),
)

const { running, answer, failure, start } = useComputation((computation) =>
  answered(
    api.POST('/api/diagnosis', {
      body: {
        computation,
        routine: alone(props.routine),
        world: props.world,
        seen: seen.value,
        slips: pastSlips(props.runs),
      },
    }),
  ),
)

const said = computed(() => {
  if (!answer.value) {
    return ''
  }
  if (answer.value.asPlanned) {
    return 'That is where they should be: look at another card.'
  }
  return answer.value.explanations.length > 0
    ? 'Likeliest first:'
    : 'No one or two slips lead there. Look again, or rehearse it slowly.'
})

function likely(weight: number): string {
  return weight > 0.7 ? 'likely' : weight > 0.2 ? 'possible' : 'less likely'
}
</script>

<template>
  <section class="mt-6 rounded-xl border border-rule bg-raised p-4" aria-label="What went wrong">
    <h3 class="text-xl">What is really there?</h3>
    <form class="mt-2 flex flex-wrap items-end gap-4" @submit.prevent="start">
      <label
        v-for="(state, i) in end.roles"
        v-show="state.place"
        :key="trace.roles[i]!.letter"
        class="flex items-center gap-2"
      >
        <RoleChip :letter="trace.roles[i]!.letter" :index="i" />
        <span>from the top of {{ state.placeLabel }}</span>
        <input
          v-model.number="positions[i]"
          type="number"
          min="0"
          max="104"
          class="w-20 field"
          :aria-label="`${trace.roles[i]!.label} is really at`"
        />
      </label>
      <label class="flex items-center gap-2">
        top card of the deck
        <input v-model="top" class="w-24 field" maxlength="10" placeholder="QC" autocomplete="off" />
      </label>
      <button type="submit" class="btn-main" :disabled="running || seen.length === 0">Find the slip</button>
    </form>
    <p class="text-sm text-soft">0: not looked at. One card is enough, two are better.</p>
    <p role="status" class="mt-2" data-testid="diagnosed">
      {{ running ? 'Trying every slip …' : failure || said }}
    </p>
    <ol class="mt-1 space-y-1.5">
      <li v-for="(explanation, i) in answer?.explanations ?? []" :key="i" data-testid="explanation">
        <strong>{{ explanation.sentences.join(' And: ') }}</strong>
        <span class="ml-2 text-sm text-soft">{{ likely(explanation.weight) }}</span>
      </li>
    </ol>
  </section>
</template>
