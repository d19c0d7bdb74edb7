<script setup lang="ts">
import { computed, ref } from 'vue'
import { isPart, knownPlaces, placeLabel } from '@/routine'
import type { Routine, Setting } from '@/api/client'

const props = defineProps<{ id: string; value: string; routine: Routine; setting: Setting }>()
const emit = defineEmits<{ change: [value: string] }>()

const NEW = '+'

const naming = ref(false)
const places = computed(() =>
  [...new Set([...knownPlaces(props.routine), props.value])].filter(
    (place) =>
      place && (place === props.value || (isPart(place) ? props.setting.parts : props.setting.piles)),
  ),
)

function changed(event: Event): void {
  const picked = (event.target as HTMLSelectElement).value
  naming.value = picked === NEW
  if (picked !== NEW) {
    emit('change', picked)
  }
}

function named(event: Event): void {
  const name = (event.target as HTMLInputElement).value.trim()
  naming.value = false
  if (name) {
    emit('change', `table:${name}`)
  }
}
</script>

<template>
  <select :id="id" :value="naming ? NEW : value" class="w-full field" @change="changed">
    <option v-if="setting.optional || value === ''" value="">—</option>
    <option v-for="place in places" :key="place" :value="place">{{ placeLabel(place) }}</option>
    <option v-if="setting.piles" :value="NEW">{{ $t('fields.placeField.aNewPileOnThe') }}</option>
  </select>
  <input
    v-if="naming"
    class="mt-1 w-full field"
    :aria-label="$t('fields.placeField.nameOfTheNewPile')"
    :placeholder="$t('fields.placeField.itsNameSuchAsLeft')"
    maxlength="30"
    @change="named"
  />
</template>
