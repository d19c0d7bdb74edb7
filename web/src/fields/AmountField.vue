<script setup lang="ts">
import { computed } from 'vue'
import { inMode, putTogether, takeApart, type AmountMode } from './amount'

const props = defineProps<{
  id: string
  label: string
  value: string
  /** What is possible here, for filling in a range. */
  low: number
  high: number
  /** An estimate is about a number, or exactly one. */
  onlyEstimate?: boolean
}>()

const emit = defineEmits<{ change: [value: string] }>()

const parts = computed(() => takeApart(props.value))

function toMode(event: Event): void {
  const mode = (event.target as HTMLSelectElement).value as AmountMode
  emit('change', putTogether(inMode(parts.value, mode, props.low, props.high)))
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
    <select :id="id" :value="parts.mode" class="field" @change="toMode">
      <option value="exact">exactly</option>
      <option v-if="!onlyEstimate" value="range">anywhere from</option>
      <option value="about">about</option>
      <option v-if="!onlyEstimate" value="any">anywhere at all</option>
    </select>
    <template v-if="parts.mode !== 'any'">
      <input
        type="number"
        class="w-16 field text-center"
        min="0"
        max="104"
        :value="parts.first"
        :aria-label="`${label}: number`"
        @input="number('first', $event)"
      />
      <template v-if="parts.mode !== 'exact'">
        <span aria-hidden="true">{{ parts.mode === 'range' ? 'to' : '±' }}</span>
        <input
          type="number"
          class="w-14 field text-center"
          min="0"
          max="104"
          :value="parts.second"
          :aria-label="`${label}: ${parts.mode === 'range' ? 'up to' : 'give or take'}`"
          @input="number('second', $event)"
        />
      </template>
    </template>
  </div>
</template>
