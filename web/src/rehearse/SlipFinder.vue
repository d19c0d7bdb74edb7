<script setup lang="ts">
import { t } from '@/words'
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
    return t('rehearse.slipFinder.thatIsWhereTheyShould')
  }
  return answer.value.explanations.length > 0
    ? t('rehearse.slipFinder.likeliestFirst')
    : t('rehearse.slipFinder.noOneOrTwoSlips')
})

function likely(weight: number): string {
  return weight > 0.7
    ? t('rehearse.slipFinder.likely')
    : weight > 0.2
      ? t('rehearse.slipFinder.possible')
      : t('rehearse.slipFinder.lessLikely')
}
</script>

<template>
  <section
    class="mt-6 rounded-xl border border-rule bg-raised p-4"
    :aria-label="$t('rehearse.slipFinder.whatWentWrong')"
  >
    <h3 class="text-xl">{{ $t('rehearse.slipFinder.whatIsReallyThere') }}</h3>
    <form class="mt-2 flex flex-wrap items-end gap-4" @submit.prevent="start">
      <label
        v-for="(state, i) in end.roles"
        v-show="state.place"
        :key="trace.roles[i]!.letter"
        class="flex items-center gap-2"
      >
        <RoleChip :letter="trace.roles[i]!.letter" :index="i" />
        <span>{{ $t('rehearse.slipFinder.fromTheTopOf', { placeLabel: state.placeLabel }) }}</span>
        <input
          v-model.number="positions[i]"
          type="number"
          min="0"
          max="104"
          class="w-20 field"
          :aria-label="$t('rehearse.slipFinder.isReallyAt', { label: trace.roles[i]!.label })"
        />
      </label>
      <label class="flex items-center gap-2">
        {{ $t('rehearse.slipFinder.topCardOfTheDeck') }}
        <input
          v-model="top"
          class="w-24 field"
          maxlength="10"
          :placeholder="$t('rehearse.slipFinder.qc')"
          autocomplete="off"
        />
      </label>
      <fieldset
        v-for="(sight, i) in more"
        :key="i"
        class="flex w-full flex-wrap items-center gap-2"
        :aria-label="$t('rehearse.slipFinder.alsoSeen', { i: i + 1 })"
      >
        <select v-model="sight.kind" class="field" :aria-label="$t('rehearse.slipFinder.whatWasSeen')">
          <option value="card-at">{{ $t('rehearse.slipFinder.aCard') }}</option>
          <option value="face-up-count">{{ $t('rehearse.slipFinder.howManyLieFaceUp') }}</option>
          <option value="pile-size">{{ $t('rehearse.slipFinder.howManyCardsThereAre') }}</option>
        </select>
        <input
          v-if="sight.kind === 'card-at'"
          v-model="sight.card"
          class="w-20 field"
          maxlength="10"
          :placeholder="$t('rehearse.slipFinder.qc')"
          autocomplete="off"
          :aria-label="$t('rehearse.slipFinder.whichCard')"
        />
        <select
          v-if="sight.kind === 'card-at'"
          v-model="sight.side"
          class="field"
          :aria-label="$t('rehearse.slipFinder.sideUp')"
        >
          <option value="any">{{ $t('rehearse.slipFinder.eitherSideUp') }}</option>
          <option value="up">{{ $t('rehearse.slipFinder.faceUp') }}</option>
          <option value="down">{{ $t('rehearse.slipFinder.faceDown') }}</option>
        </select>
        <input
          v-model="sight.number"
          class="w-20 field"
          maxlength="7"
          :aria-label="
            sight.kind === 'card-at'
              ? $t('rehearse.slipFinder.atWhichPlaceOrAmong')
              : $t('rehearse.slipFinder.howMany')
          "
        />
        <select
          v-if="sight.kind === 'card-at'"
          v-model="sight.from"
          class="field"
          :aria-label="$t('rehearse.slipFinder.countedFrom')"
        >
          <option value="top">{{ $t('rehearse.slipFinder.fromTheTopOf2') }}</option>
          <option value="bottom">{{ $t('rehearse.slipFinder.fromTheBottomOf') }}</option>
        </select>
        <span v-else>{{ $t('rehearse.slipFinder.in') }}</span>
        <select v-model="sight.pile" class="field" :aria-label="$t('rehearse.slipFinder.inWhichPile')">
          <option v-for="[place, label] in piles" :key="place" :value="place">{{ label }}</option>
        </select>
        <button type="button" class="btn" @click="more.splice(i, 1)">
          {{ $t('rehearse.slipFinder.remove') }}
        </button>
      </fieldset>
      <button type="button" class="btn" @click="more.push(sightOf('deck'))">
        {{ $t('rehearse.slipFinder.somethingElseSeen') }}
      </button>
      <button type="submit" class="btn-main" :disabled="running || seen.length === 0">
        {{ $t('rehearse.slipFinder.findTheSlip') }}
      </button>
    </form>
    <p class="text-sm text-soft">{{ $t('rehearse.slipFinder.n0NotLookedAtOne') }}</p>
    <p role="status" class="mt-2" data-testid="diagnosed">
      {{ running ? $t('rehearse.slipFinder.tryingEverySlip') : failure || said }}
    </p>
    <ol class="mt-1 space-y-1.5">
      <li v-for="(explanation, i) in answer?.explanations ?? []" :key="i" data-testid="explanation">
        <strong>{{ explanation.sentences.join(' And: ') }}</strong>
        <span class="ml-2 text-sm text-soft">{{ likely(explanation.weight) }}</span>
        <span v-if="explanation.noticed" class="ml-2 text-sm text-soft">{{
          $t('rehearse.slipFinder.youWouldHaveNoticedAt', { noticed: explanation.noticed })
        }}</span>
        <span v-if="i === 0" class="block text-sm text-soft">{{
          $t('rehearse.slipFinder.nextTimeWatch', { watch: explanation.watch })
        }}</span>
      </li>
    </ol>
  </section>
</template>
