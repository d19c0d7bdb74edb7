<script setup lang="ts">
import { computed, useId } from 'vue'

/** A bar: as high as a number, and part of it filled. */
export interface Bar {
  /** Tells it apart, and names its row of the table. */
  key: string
  /** Below it, short. */
  name: string
  all: number
  /** How much of it is filled; all of it where nothing is said. */
  filled?: number
  /** What the table says of it, one cell a column. */
  cells: string[]
}

const props = defineProps<{
  title: string
  /** What an empty and a filled part mean, where they are told apart. */
  legend?: { all: string; filled: string }
  /** The heads of the table: of the row's name, then of its cells. */
  columns: string[]
  bars: Bar[]
}>()

const WIDTH = 560
const HEIGHT = 180
const FOOT = 18
const HEAD = 8
const AXIS = 30
const WIDEST = 90
/** As many lines of the axis as can be read at a glance. */
const LINES = 4

const titled = useId()
const most = computed(() => Math.max(1, ...props.bars.map((bar) => bar.all)))
/** Round numbers up to the highest bar: 1, 2 or 5 times a power of ten apart. */
const step = computed(() => {
  const rough = most.value / LINES
  const power = 10 ** Math.floor(Math.log10(rough))
  return Math.max(
    1,
    [1, 2, 5, 10].map((n) => n * power).find((n) => n >= rough)!,
  )
})
const top = computed(() => Math.ceil(most.value / step.value) * step.value)
const lines = computed(() =>
  Array.from({ length: top.value / step.value + 1 }, (_, i) => ({
    value: i * step.value,
    y: y(i * step.value),
  })),
)
const wide = computed(() => Math.min(WIDEST, (WIDTH - AXIS) / Math.max(1, props.bars.length)))

function y(value: number): number {
  return HEIGHT - FOOT - (value / top.value) * (HEIGHT - FOOT - HEAD)
}
</script>

<template>
  <figure :aria-labelledby="titled">
    <figcaption :id="titled" class="font-display text-xl font-semibold">{{ title }}</figcaption>
    <p v-if="legend" class="flex flex-wrap gap-4 text-sm text-soft" aria-hidden="true">
      <span><span class="mr-1 inline-block size-3 rounded-sm bg-holds" />{{ legend.filled }}</span>
      <span
        ><span class="mr-1 inline-block size-3 rounded-sm border border-soft bg-paper" />{{
          legend.all
        }}</span
      >
    </p>
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" class="w-full" aria-hidden="true">
      <g v-for="line in lines" :key="line.value">
        <path :d="`M${AXIS} ${line.y}H${WIDTH}`" stroke="var(--rule)" />
        <text :x="AXIS - 6" :y="line.y + 4" text-anchor="end" font-size="12" fill="var(--soft)">
          {{ line.value }}
        </text>
      </g>
      <g v-for="(bar, i) in bars" :key="bar.key">
        <rect
          :x="AXIS + i * wide + 4"
          :y="y(bar.all)"
          :width="wide - 8"
          :height="HEIGHT - FOOT - y(bar.all)"
          fill="var(--paper)"
          stroke="var(--soft)"
        />
        <rect
          :x="AXIS + i * wide + 4"
          :y="y(bar.filled ?? bar.all)"
          :width="wide - 8"
          :height="HEIGHT - FOOT - y(bar.filled ?? bar.all)"
          :fill="legend ? 'var(--holds)' : 'var(--brass-line)'"
        />
        <text
          :x="AXIS + (i + 0.5) * wide"
          :y="HEIGHT - 3"
          text-anchor="middle"
          font-size="12"
          fill="var(--soft)"
        >
          {{ bar.name }}
        </text>
      </g>
    </svg>
    <details class="text-sm">
      <summary class="text-soft">{{ $t('journal.charts.theSameAsATable') }}</summary>
      <table class="mt-1 w-full text-left">
        <thead>
          <tr>
            <th
              v-for="(column, i) in columns"
              :key="column"
              class="font-normal"
              :class="{ 'text-right': i > 0 }"
            >
              {{ column }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="bar in bars" :key="bar.key" class="border-t border-rule" data-testid="bar">
            <td>{{ bar.key }}</td>
            <td v-for="(cell, i) in bar.cells" :key="i" class="text-right">{{ cell }}</td>
          </tr>
        </tbody>
      </table>
    </details>
  </figure>
</template>
