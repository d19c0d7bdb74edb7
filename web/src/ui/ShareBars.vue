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
  /** Whether the part that fails is drawn where all bars would be of nearly the same height. */
  failing?: boolean
}>()

defineEmits<{ take: [value: number] }>()

/** From this share on all bars look the same. */
const NEARLY_ALL = 0.97

const tall = computed(() => props.height ?? 120)
const least = computed(() => Math.min(...props.bars.map((bar) => bar.share)))
/** Whether the failing part is what is drawn. */
const inverted = computed(() => props.failing && least.value >= NEARLY_ALL && least.value < 1)

function drawn(bar: ShareBar): number {
  const part = inverted.value ? (1 - bar.share) / (1 - least.value) : bar.share
  return Math.max(inverted.value && bar.share === 1 ? 0 : 2, part * tall.value)
}
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
  <div>
    <ol class="bars" :aria-label="label" :style="{ height: `${tall + 22}px` }">
      <li v-for="(bar, i) in bars" :key="bar.value" class="slot">
        <button
          class="bar"
          :style="{ height: `${tall}px` }"
          :aria-label="`${bar.value}: ${percent(bar.share)}${bar.value === best ? `, ${$t('fields.shareBars.best')}` : ''}`"
          :title="`${bar.value}: ${percent(bar.share)}${bar.note ? ` — ${bar.note}` : ''}`"
          @click="$emit('take', bar.value)"
        >
          <span
            class="fill"
            :class="{ whole: bar.share === 1 && !plain, best: bar.value === best, fails: inverted }"
            :style="{ height: `${drawn(bar)}px` }"
          />
        </button>
        <span class="number" :class="{ 'font-bold': bar.value === best }">{{
          bar.value === best || (i % every === 0 && !near(bar.value)) ? bar.value : ''
        }}</span>
      </li>
    </ol>
    <p v-if="inverted" class="text-xs text-soft">
      {{ $t('fields.shareBars.drawnIsThePartThat', { percent: percent(1 - least) }) }}
    </p>
  </div>
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

.fails {
  background: var(--broken);
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
