<script setup lang="ts">
import { computed } from 'vue'

/** One bar: a number, and in which part of the ways it works. */
export interface ShareBar {
  value: number
  share: number
  /** What is said of it, beside its number and share. */
  note?: string
}

const props = defineProps<{
  bars: ShareBar[]
  /** What the numbers count, for whoever does not see them. */
  label: string
  /** The value that is marked. */
  best?: number
  height?: number
  /** Whether the whole is nothing better than any other part. */
  plain?: boolean
}>()

defineEmits<{ take: [value: number] }>()

const tall = computed(() => props.height ?? 120)
/** Numbers are written under the bars as far as there is room for them. */
const every = computed(() => Math.ceil(props.bars.length / 14))

/** Whether a number would be written into the one that is marked. */
function near(value: number): boolean {
  return props.best !== undefined && every.value > 1 && Math.abs(value - props.best) < every.value / 2 + 1
}

function percent(share: number): string {
  return share > 0.999 && share < 1 ? '> 99.9 %' : `${Math.round(share * 1000) / 10} %`
}
</script>

<template>
  <ol class="bars" :aria-label="label" :style="{ height: `${tall + 22}px` }">
    <li v-for="(bar, i) in bars" :key="bar.value" class="slot">
      <button
        class="bar"
        :style="{ height: `${tall}px` }"
        :aria-label="`${bar.value}: ${percent(bar.share)}${bar.value === best ? ', best' : ''}`"
        :title="`${bar.value}: ${percent(bar.share)}${bar.note ? ` — ${bar.note}` : ''}`"
        @click="$emit('take', bar.value)"
      >
        <span
          class="fill"
          :class="{ whole: bar.share === 1 && !plain, best: bar.value === best }"
          :style="{ height: `${Math.max(2, bar.share * tall)}px` }"
        />
      </button>
      <span class="number" :class="{ 'font-bold': bar.value === best }">{{
        bar.value === best || (i % every === 0 && !near(bar.value)) ? bar.value : ''
      }}</span>
    </li>
  </ol>
</template>

<style scoped>
.bars {
  display: flex;
  gap: 1px;
  align-items: flex-start;
}

.slot {
  flex: 1 1 0;
  width: 0;
}

.bar {
  display: flex;
  align-items: flex-end;
  width: 100%;
  min-height: 24px;
  background: color-mix(in srgb, var(--rule) 45%, transparent);
}

.fill {
  width: 100%;
  background: var(--hint);
  opacity: 0.75;
}

.whole {
  background: var(--holds);
}

.best {
  opacity: 1;
  box-shadow: inset 0 0 0 2px var(--ink);
}

.number {
  display: block;
  text-align: center;
  font-size: 0.75rem;
  overflow: visible;
  white-space: nowrap;
}
</style>
