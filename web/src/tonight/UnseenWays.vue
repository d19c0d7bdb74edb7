<script setup lang="ts">
import { answered, api, type Reset, type Routine } from '@/api/client'
import { useComputation } from '@/api/computation'
import { alone } from '@/routine'

const props = defineProps<{
  /** The routine that used the deck before. */
  before: string
  reset: Reset
}>()

const LETTERS = 'ZYXWVUTSRQPONMLKJIHGFEDCBA'
const MOST_WAYS = 4

/** The routine before with a letter for the card, and that letter. */
function naming(routine: Routine, card: string): [Routine, string] {
  const known = routine.roles.find((role) => role.card === card)?.letter
  const letter = known ?? [...LETTERS].find((each) => routine.roles.every((role) => role.letter !== each))!
  const roles = known ? routine.roles : [...routine.roles, { letter, kind: 'helper', owner: '', card }]
  return [{ ...alone(routine), claims: [], roles }, letter]
}

/** Moves at the end of the routine before that bring the card to where the next one needs it. */
const { running, answer, failure, start } = useComputation(async (computation) => {
  const stored = await answered(api.GET('/api/routines/{id}', { params: { path: { id: props.before } } }))
  const { card, nth, from } = props.reset.to!
  const [routine, role] = naming(stored.routine, card)
  const settings = { role, nth: String(nth), from, pile: 'deck' }
  const goal = { kind: 'position', settings, not: false, or: [] }
  const after = routine.steps.at(-1)?.id ?? ''
  return answered(api.POST('/api/bridge', { body: { computation, routine, after, goal, onlyMine: false } }))
})
</script>

<template>
  <div>
    <button v-if="!answer" class="link" :disabled="running" @click="start">
      {{ running ? $t('tonight.unseenWays.lookingForMoves') : $t('tonight.unseenWays.withWhichMovesUnseen') }}
    </button>
    <p v-if="failure" role="alert" class="text-broken">{{ failure }}</p>
    <ul v-if="answer" data-testid="unseen">
      <li v-for="(way, i) in answer.ways.slice(0, MOST_WAYS)" :key="i">
        {{ way.names.join(', then ') }}
        <span class="text-soft">
          {{
            way.share === 1
              ? $t('tonight.unseenWays.worksAfterEveryRun')
              : $t('tonight.unseenWays.worksAfterOfRuns', { way: Math.round(100 * way.share) })
          }}
        </span>
      </li>
      <li v-if="answer.ways.length === 0" class="text-soft">
        {{ $t('tonight.unseenWays.noMovesOfTheCatalogue', { within: answer.within }) }}
      </li>
    </ul>
  </div>
</template>
