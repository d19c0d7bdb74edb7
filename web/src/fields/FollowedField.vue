<script setup lang="ts">
import { t } from '@/words'
import { useCatalogue } from '@/api/catalogue'
import { computed } from 'vue'
import {
  amountsOf,
  type Followed,
  HOLDS,
  knownPlaces,
  PARTS,
  placeLabel,
  putFollowedTogether,
} from '@/routine'
import type { PlayedWorld } from './playedWorld'

const props = defineProps<{
  label: string
  value: Followed
  /** Names the field, such as `steps[2].settings.depth`: only amounts of steps before it can be the same. */
  path: string
  played: PlayedWorld
}>()

const emit = defineEmits<{ change: [value: string] }>()

const catalogue = useCatalogue()

/** What can be named here, with its words. */
const named = computed<{ name: string; label: string }[]>(() => {
  switch (props.value.kind) {
    case 'at':
      return HOLDS.map(({ name, word }) => ({ name, label: t(word) }))
    case 'a':
      return PARTS.map(({ name, word }) => ({ name, label: t(word) }))
    case 'as':
      return earlier.value
    case 'size':
      return [
        { name: '', label: t('fields.followedField.thisPile') },
        ...knownPlaces(props.played.routine).map((place) => ({ name: place, label: placeLabel(place) })),
      ]
    default:
      return props.played.roles.map((role) => ({
        name: role.letter,
        label: `${role.letter} · ${role.owner ? t('fields.followedField.sCard', { owner: role.owner }) : role.kind}`,
      }))
  }
})

/** The amounts of the steps before this one. */
const earlier = computed(() =>
  amountsOf(props.played.routine, Number(/^steps\[(\d+)]/.exec(props.path)?.[1] ?? 0), catalogue.value),
)

const choices = computed(() =>
  named.value.some((n) => n.name === props.value.what)
    ? named.value
    : [...named.value, { name: props.value.what, label: props.value.what || '—' }],
)

function what(event: Event): void {
  emit('change', putFollowedTogether({ ...props.value, what: (event.target as HTMLSelectElement).value }))
}

function number(which: 'plus' | 'error', event: Event): void {
  const typed = (event.target as HTMLInputElement).value
  if (which === 'plus' ? /^-?\d{1,3}$/.test(typed) : /^\d{1,3}$/.test(typed)) {
    emit('change', putFollowedTogether({ ...props.value, [which]: Number(typed) }))
  }
}
</script>

<template>
  <div class="mt-1">
    <select
      class="w-full field"
      :value="value.what"
      :aria-label="$t('fields.followedField.which', { label })"
      @change="what"
    >
      <option v-for="choice in choices" :key="choice.name" :value="choice.name">{{ choice.label }}</option>
    </select>
    <div class="mt-1 flex items-center gap-1.5">
      <span class="text-sm">{{ $t('fields.followedField.and') }}</span>
      <input
        type="number"
        class="w-18 field text-center"
        :value="value.plus"
        :aria-label="$t('fields.followedField.soManyMore', { label })"
        @input="number('plus', $event)"
      />
      <span class="text-sm">{{ $t('fields.followedField.moreGiveOrTake') }}</span>
      <input
        type="number"
        class="w-18 field text-center"
        min="0"
        :value="value.error"
        :aria-label="$t('fields.followedField.mayBeOffBy', { label })"
        @input="number('error', $event)"
      />
    </div>
  </div>
</template>
