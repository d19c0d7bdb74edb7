<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Heard } from './onsets'
import { SHOWN_S, type Point } from './useEar'

const props = defineProps<{ line: Point[]; marks: Heard[] }>()

/** Drawn as wide as it is shown, so that words stay as large as words are. */
const box = ref<HTMLElement>()
const { width } = useElementSize(box)
const HEIGHT = 96
/** So many times as far above the room as a beat must rise is the top of the picture. */
const TOP = 63

const now = computed(() => props.line.at(-1)?.at ?? 0)
const x = (at: number) => width.value * (1 - (now.value - at) / SHOWN_S)
const y = (level: number) =>
  HEIGHT * (1 - Math.min(1, Math.log2(1 + Math.max(0, level)) / Math.log2(1 + TOP)))
const path = computed(() =>
  props.line
    .map((point, i) => `${i ? 'L' : 'M'}${x(point.at).toFixed(1)} ${y(point.level).toFixed(1)}`)
    .join(''),
)
const beats = computed(() => props.marks.filter((mark) => mark.what === 'beat').length)
</script>

<template>
  <div ref="box" class="w-full max-w-3xl">
    <svg
      :viewBox="`0 -22 ${Math.max(1, width)} ${HEIGHT + 42}`"
      class="block w-full"
      :height="HEIGHT + 42"
      role="img"
      :aria-label="$t('rehearse.earLine.whatIsHeard', { beats }, beats)"
      data-testid="ear-line"
    >
      <line x1="0" :x2="width" :y1="HEIGHT" :y2="HEIGHT" stroke="var(--rule)" />
      <line x1="0" :x2="width" :y1="y(1)" :y2="y(1)" stroke="var(--brass)" stroke-dasharray="5 4" />
      <path :d="path" fill="none" stroke="var(--ink)" stroke-width="1.4" stroke-linejoin="round" />
      <text :x="0" :y="HEIGHT + 15" class="words">{{ $t('rehearse.earLine.theRoom') }}</text>
      <text :x="width" :y="y(1) - 4" text-anchor="end" class="words">
        {{ $t('rehearse.earLine.aBeatRisesAbove') }}
      </text>
      <g v-for="mark in marks" :key="mark.at" :transform="`translate(${x(mark.at).toFixed(1)} 0)`">
        <template v-if="mark.what === 'beat'">
          <line y1="-4" :y2="HEIGHT" stroke="var(--brass)" />
          <circle cy="-10" r="6" fill="var(--brass)" />
        </template>
        <template v-else>
          <circle cy="-10" r="4.5" fill="none" stroke="var(--soft)" stroke-width="1.5" />
          <text y="5" text-anchor="middle" class="words">{{ $t(`rehearse.earLine.${mark.what}`) }}</text>
        </template>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.words {
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
  fill: var(--soft);
  font-size: 12px;
}
</style>
