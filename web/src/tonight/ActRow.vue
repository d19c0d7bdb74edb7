<script setup lang="ts">
import { t } from '@/words'
import type { Act, Evening, Stage } from '@/api/client'
import { vTyped } from '@/ui/typed'
import { computed } from 'vue'
import { useProof } from './proof'
import { span } from './sets'
import UnseenWays from './UnseenWays.vue'

const props = defineProps<{
  act: Act
  at: number
  last: boolean
  stage?: Stage
  /** The routine that used the deck before it. */
  before?: string
  /** Whether its routine is not on the shelf any more. */
  gone: boolean
  conflicts: Evening['conflicts']
}>()
const emit = defineEmits<{ change: [to: Partial<Act>]; move: [by: 1 | -1]; remove: [] }>()

const TIMED = {
  runs: t('tonight.actRow.byYourRuns'),
  plan: t('tonight.actRow.asPlanned'),
  guess: t('tonight.actRow.aGuess'),
}
const proof = useProof(
  () => props.act.routine,
  () => props.stage,
)
const timed = computed(() => TIMED[(props.stage?.timed ?? 'guess') as keyof typeof TIMED])
</script>

<template>
  <li
    data-testid="act"
    @keydown.alt.up.prevent="emit('move', -1)"
    @keydown.alt.down.prevent="emit('move', 1)"
  >
    <ul v-if="stage && at > 0" class="ml-6 border-l-2 border-(--brass-line) py-1 pl-4 text-sm">
      <li v-for="reset in stage.resets" :key="reset.sentence" class="py-0.5" data-testid="reset">
        {{ reset.sentence }} <span class="text-soft">{{ reset.openness }}, {{ span(reset.seconds) }}</span>
        <UnseenWays v-if="reset.to && before" :before="before" :reset="reset" />
      </li>
      <li v-if="stage.resets.length === 0" class="text-soft">
        {{ $t('tonight.actRow.nothingIsToBePut') }}
      </li>
      <li v-if="stage.resets.length > 0" class="pt-1">
        <button v-if="!proof.found.value" class="link" :disabled="proof.asking.value" @click="proof.ask">
          {{ $t('tonight.actRow.isThatEnough', { title: act.title }) }}
        </button>
        <template v-else>
          <span :class="proof.tone(proof.found.value.after)" data-testid="enough">
            {{ proof.told(proof.found.value.after, true) }}
          </span>
          <span class="block" :class="proof.tone(proof.found.value.begins)" data-testid="not-enough">
            {{ proof.told(proof.found.value.begins, false) }}
          </span>
        </template>
        <span v-if="proof.problem.value" role="alert" class="text-broken">{{ proof.problem.value }}</span>
      </li>
    </ul>
    <div
      class="rounded-xl border border-rule bg-raised p-3"
      :class="{ 'border-broken': conflicts.length > 0 || gone }"
    >
      <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span class="font-display text-2xl text-soft">{{ at + 1 }}</span>
        <RouterLink
          v-if="!gone"
          :to="`/bench/${act.routine}`"
          class="text-lg font-semibold hover:underline"
          >{{ act.title }}</RouterLink
        >
        <span v-else class="text-lg font-semibold">{{ act.title }}</span>
        <span v-if="stage" class="text-sm text-soft"
          >{{ span(stage.seconds) }}, {{ timed }} · {{ stage.method }}</span
        >
        <span class="ml-auto flex gap-1">
          <button
            class="btn"
            :disabled="at === 0"
            :aria-label="$t('tonight.actRow.earlier', { title: act.title })"
            @click="emit('move', -1)"
          >
            ↑
          </button>
          <button
            class="btn"
            :disabled="last"
            :aria-label="$t('tonight.actRow.later', { title: act.title })"
            @click="emit('move', 1)"
          >
            ↓
          </button>
          <button
            class="btn"
            :aria-label="$t('tonight.actRow.takeOutOfTheSet', { title: act.title })"
            @click="emit('remove')"
          >
            ×
          </button>
        </span>
      </div>
      <p v-if="gone" role="status" class="mt-1 text-broken">{{ $t('tonight.actRow.thisRoutineIsNotOn') }}</p>
      <p v-for="each in conflicts" :key="each.sentence" class="mt-1 text-broken" data-testid="conflict">
        ▲ {{ each.sentence }}
      </p>
      <p v-if="stage?.bring" class="mt-1 text-sm">{{ stage.bring }}</p>
      <div class="mt-2 flex flex-wrap items-center gap-3 text-sm">
        <input
          v-typed="act.words"
          class="field grow max-sm:basis-full"
          maxlength="1000"
          :aria-label="$t('tonight.actRow.wordsThatLeadTo', { title: act.title })"
          :placeholder="$t('tonight.actRow.wordsThatLeadToIt')"
          @change="emit('change', { words: ($event.target as HTMLInputElement).value })"
        />
        <label class="flex items-center gap-1"
          >{{ $t('tonight.actRow.place') }}
          <select
            class="field"
            :value="act.spot"
            @change="emit('change', { spot: ($event.target as HTMLSelectElement).value })"
          >
            <option value="anywhere">{{ $t('tonight.actRow.anywhere') }}</option>
            <option value="opener">{{ $t('tonight.actRow.opener') }}</option>
            <option value="closer">{{ $t('tonight.actRow.closer') }}</option>
          </select>
        </label>
        <label class="flex items-center gap-1">
          <input
            type="checkbox"
            :checked="act.stays"
            @change="emit('change', { stays: ($event.target as HTMLInputElement).checked })"
          />
          {{ $t('tonight.actRow.staysHere') }}
        </label>
      </div>
    </div>
  </li>
</template>
