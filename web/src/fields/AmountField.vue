<script setup lang="ts">
import { useMargin } from '@/performer'
import { t } from '@/words'
import { computed } from 'vue'
import { inMode, putTogether, takeApart, type AmountMode } from './amount'
import FollowedField from './FollowedField.vue'
import { putFollowedTogether, takeFollowedApart, type FollowedKind } from '@/routine'
import type { PlayedWorld } from './playedWorld'

const props = defineProps<{
  id: string
  label: string
  value: string
  /** What is possible here, for filling in a range. */
  low: number
  high: number
  /** An estimate is about a number, or exactly one. */
  onlyEstimate?: boolean
  /** Where an amount may follow from what is there: the field and the routine it belongs to. */
  follows?: { path: string; played: PlayedWorld }
}>()

/** What an amount can follow from. */
const FOLLOWED: { kind: FollowedKind; label: string }[] = [
  { kind: 'at', label: t('fields.amountField.atAHold') },
  { kind: 'as', label: t('fields.amountField.theSameAsBefore') },
  { kind: 'from', label: t('fields.amountField.whereItCameFrom') },
  { kind: 'size', label: t('fields.amountField.whatYouJudge') },
  { kind: 'a', label: t('fields.amountField.aPartOfThePile') },
  { kind: 'letters', label: t('fields.amountField.lettersOfACard') },
  { kind: 'value', label: t('fields.amountField.valueOfACard') },
]

const margin = useMargin()

const emit = defineEmits<{ change: [value: string] }>()

const parts = computed(() => takeApart(props.value))
const followed = computed(() => takeFollowedApart(props.value))

/** By how many cards hands are off that take a half or a third of a deck: common practice, from memory. */
const BY_EYE = 4

function errorOf(kind: FollowedKind): number {
  return kind === 'a' ? BY_EYE : kind === 'size' ? margin.value : 0
}

/** What each form names at first. */
function usual(kind: FollowedKind): string {
  switch (kind) {
    case 'at':
      return 'break'
    case 'a':
      return 'third'
    case 'size':
      return ''
    case 'as':
      return 'step.setting'
    default:
      return props.follows?.played.roles[0]?.letter ?? 'A'
  }
}

function toMode(event: Event): void {
  const mode = (event.target as HTMLSelectElement).value
  if (FOLLOWED.some((form) => form.kind === mode)) {
    const kind = mode as FollowedKind
    emit('change', putFollowedTogether({ kind, what: usual(kind), plus: 0, error: errorOf(kind) }))
  } else {
    emit('change', putTogether(inMode(parts.value, mode as AmountMode, props.low, props.high)))
  }
}

function number(which: 'first' | 'second', event: Event): void {
  const typed = (event.target as HTMLInputElement).value
  if (/^\d{1,3}$/.test(typed)) {
    emit('change', putTogether({ ...parts.value, [which]: Number(typed) }))
  }
}
</script>

<template>
  <div class="flex items-center gap-1.5">
    <select :id="id" :value="followed?.kind ?? parts.mode" class="field" @change="toMode">
      <option value="exact">{{ $t('fields.amountField.exactly') }}</option>
      <option v-if="!onlyEstimate" value="range">{{ $t('fields.amountField.anywhereFrom') }}</option>
      <option value="about">{{ $t('fields.amountField.about') }}</option>
      <option v-if="!onlyEstimate" value="any">{{ $t('fields.amountField.anywhereAtAll') }}</option>
      <template v-if="follows">
        <option v-for="form in FOLLOWED" :key="form.kind" :value="form.kind">{{ form.label }}</option>
      </template>
    </select>
    <template v-if="!followed && parts.mode !== 'any'">
      <input
        type="number"
        class="w-16 field text-center"
        min="0"
        :max="onlyEstimate ? 999 : 104"
        :value="parts.first"
        :aria-label="$t('fields.amountField.number', { label })"
        @input="number('first', $event)"
      />
      <template v-if="parts.mode !== 'exact'">
        <span aria-hidden="true">{{ parts.mode === 'range' ? $t('fields.amountField.to') : '±' }}</span>
        <input
          type="number"
          class="w-14 field text-center"
          min="0"
          :max="onlyEstimate ? 999 : 104"
          :value="parts.second"
          :aria-label="`${label}: ${parts.mode === 'range' ? $t('fields.amountField.upTo') : $t('fields.amountField.giveOrTake')}`"
          @input="number('second', $event)"
        />
      </template>
    </template>
  </div>
  <FollowedField
    v-if="followed && follows"
    :label="label"
    :value="followed"
    :path="follows.path"
    :played="follows.played"
    @change="emit('change', $event)"
  />
</template>
