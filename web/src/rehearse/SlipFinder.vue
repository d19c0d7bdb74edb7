<script setup lang="ts">
import { answered, api, type Rehearsal, type Routine, type Trace, type World } from '@/api/client'
import { useComputation } from '@/api/computation'
import { RoleChip } from '@/deck'
import { alone } from '@/routine'
import { computed, ref } from 'vue'
import { claimsOf, pastSlips, sightOf, type Sight } from './observed'

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
const more = ref<Sight[]>([])
/** Whatever was used can be looked at. */
const piles = computed(() => [
  ...new Map(props.trace.moments.flatMap((m) => m.piles.map((p) => [p.place, p.label]))),
])
const seen = computed(() =>
  claimsOf(
    { positions: positions.value.map((p) => Number(p) || 0), top: top.value, more: more.value },
    props.trace,
  ),
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
      <fieldset
        v-for="(sight, i) in more"
        :key="i"
        class="flex w-full flex-wrap items-center gap-2"
        :aria-label="`Also seen, ${i + 1}`"
      >
        <select v-model="sight.kind" class="field" aria-label="What was seen">
          <option value="card-at">a card</option>
          <option value="face-up-count">how many lie face up</option>
          <option value="pile-size">how many cards there are</option>
        </select>
        <input
          v-if="sight.kind === 'card-at'"
          v-model="sight.card"
          class="w-20 field"
          maxlength="10"
          placeholder="QC"
          autocomplete="off"
          aria-label="Which card"
        />
        <select v-if="sight.kind === 'card-at'" v-model="sight.side" class="field" aria-label="Side up">
          <option value="any">either side up</option>
          <option value="up">face up</option>
          <option value="down">face down</option>
        </select>
        <input
          v-model="sight.number"
          class="w-20 field"
          maxlength="7"
          :aria-label="sight.kind === 'card-at' ? 'At which place, or among which' : 'How many'"
        />
        <select v-if="sight.kind === 'card-at'" v-model="sight.from" class="field" aria-label="Counted from">
          <option value="top">from the top of</option>
          <option value="bottom">from the bottom of</option>
        </select>
        <span v-else>in</span>
        <select v-model="sight.pile" class="field" aria-label="In which pile">
          <option v-for="[place, label] in piles" :key="place" :value="place">{{ label }}</option>
        </select>
        <button type="button" class="btn" @click="more.splice(i, 1)">Remove</button>
      </fieldset>
      <button type="button" class="btn" @click="more.push(sightOf('deck'))">Something else seen</button>
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
        <span v-if="explanation.noticed" class="ml-2 text-sm text-soft"
          >You would have noticed at {{ explanation.noticed }}.</span
        >
        <span v-if="i === 0" class="block text-sm text-soft">Next time watch: {{ explanation.watch }}</span>
      </li>
    </ol>
  </section>
</template>
