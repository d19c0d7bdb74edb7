<script setup lang="ts">
import type { Venue } from '@/api/client'
import { vTyped } from '@/ui/typed'

const props = defineProps<{ venue: Venue }>()
const emit = defineEmits<{ change: [venue: Venue] }>()

function number(name: 'people' | 'minutes' | 'tables', event: Event, low: number, high: number): void {
  const value = Math.round(Number((event.target as HTMLInputElement).value))
  if (Number.isFinite(value)) {
    emit('change', { ...props.venue, [name]: Math.max(low, Math.min(high, value)) })
  }
}
</script>

<template>
  <fieldset class="flex flex-wrap items-center gap-x-5 gap-y-2 rounded-xl border border-rule px-4 py-2">
    <legend class="px-1 text-sm text-soft">{{ $t('tonight.venueFields.thePlace') }}</legend>
    <label class="flex items-center gap-1.5">
      <input
        type="checkbox"
        :checked="venue.table"
        @change="emit('change', { ...venue, table: !venue.table })"
      />
      {{ $t('tonight.venueFields.aTable') }}
    </label>
    <label class="flex items-center gap-1.5">
      <input
        type="checkbox"
        :checked="venue.standing"
        @change="emit('change', { ...venue, standing: !venue.standing })"
      />
      {{ $t('tonight.venueFields.peopleStand') }}
    </label>
    <label class="flex items-center gap-1.5">
      <input
        type="checkbox"
        :checked="venue.allRound"
        @change="emit('change', { ...venue, allRound: !venue.allRound })"
      />
      {{ $t('tonight.venueFields.peopleAllRound') }}
    </label>
    <label class="flex items-center gap-1.5">
      <input type="checkbox" :checked="venue.dim" @change="emit('change', { ...venue, dim: !venue.dim })" />
      {{ $t('tonight.venueFields.littleLight') }}
    </label>
    <label class="flex items-center gap-1.5"
      >{{ $t('tonight.venueFields.people') }}
      <input
        v-typed="venue.people"
        class="field w-20"
        type="number"
        min="0"
        max="1000"
        @change="number('people', $event, 0, 1000)"
      />
    </label>
    <label class="flex items-center gap-1.5"
      >{{ $t('tonight.venueFields.minutes') }}
      <input
        v-typed="venue.minutes"
        class="field w-20"
        type="number"
        min="0"
        max="600"
        @change="number('minutes', $event, 0, 600)"
      />
    </label>
    <label class="flex items-center gap-1.5"
      >{{ $t('tonight.venueFields.tables') }}
      <input
        v-typed="venue.tables"
        class="field w-20"
        type="number"
        min="1"
        max="100"
        @change="number('tables', $event, 1, 100)"
      />
    </label>
  </fieldset>
</template>
