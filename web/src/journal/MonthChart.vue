<script setup lang="ts">
import type { JournalFigures } from '@/api/client'
import { locale } from '@/words'
import { computed } from 'vue'

const props = defineProps<{ months: JournalFigures['months'] }>()

const WIDTH = 560
const HEIGHT = 180
const shown = computed(() => props.months.slice(-12))
const most = computed(() => Math.max(1, ...shown.value.map((each) => each.runs + each.performed)))
const bars = computed(() =>
  shown.value.map((each, i) => {
    const wide = Math.min(90, WIDTH / shown.value.length)
    const scale = (count: number) => (count / most.value) * (HEIGHT - 40)
    const all = each.runs + each.performed
    return {
      ...each,
      all,
      x: i * wide + 4,
      wide: wide - 8,
      rehearsed: scale(each.runs),
      performed: scale(each.performed),
      share: Math.round((100 * each.cameOut) / Math.max(1, all)),
      name: new Intl.DateTimeFormat(locale(), { month: 'short' }).format(new Date(`${each.month}-15`)),
    }
  }),
)
</script>

<template>
  <figure>
    <figcaption class="font-display text-xl font-semibold">{{ $t('journal.monthChart.byMonth') }}</figcaption>
    <p class="flex flex-wrap gap-4 text-sm text-soft" aria-hidden="true">
      <span
        ><span class="mr-1 inline-block size-3 rounded-sm bg-(--ribbon-4)" />{{
          $t('journal.monthChart.rehearsed')
        }}</span
      >
      <span
        ><span class="mr-1 inline-block size-3 rounded-sm bg-(--brass-line)" />{{
          $t('journal.monthChart.performed')
        }}</span
      >
      <span>{{ $t('journal.monthChart.aboveCameOut') }}</span>
    </p>
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" class="w-full" aria-hidden="true">
      <g v-for="bar in bars" :key="bar.month">
        <rect
          :x="bar.x"
          :y="HEIGHT - 18 - bar.rehearsed"
          :width="bar.wide"
          :height="bar.rehearsed"
          fill="var(--ribbon-4)"
        />
        <rect
          :x="bar.x"
          :y="HEIGHT - 18 - bar.rehearsed - bar.performed"
          :width="bar.wide"
          :height="bar.performed"
          fill="var(--brass-line)"
        />
        <text
          :x="bar.x + bar.wide / 2"
          :y="HEIGHT - 24 - bar.rehearsed - bar.performed"
          text-anchor="middle"
          font-size="13"
          fill="var(--ink)"
        >
          {{ bar.share }} %
        </text>
        <text
          :x="bar.x + bar.wide / 2"
          :y="HEIGHT - 3"
          text-anchor="middle"
          font-size="13"
          fill="var(--soft)"
        >
          {{ bar.name }}
        </text>
      </g>
    </svg>
    <details class="text-sm">
      <summary class="text-soft">{{ $t('journal.monthChart.theSameAsATable') }}</summary>
      <table class="mt-1 w-full text-left">
        <thead>
          <tr>
            <th class="font-normal">{{ $t('journal.monthChart.month') }}</th>
            <th class="text-right font-normal">{{ $t('journal.monthChart.rehearsed2') }}</th>
            <th class="text-right font-normal">{{ $t('journal.monthChart.performed2') }}</th>
            <th class="text-right font-normal">{{ $t('journal.monthChart.cameOut') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="bar in bars" :key="bar.month" class="border-t border-rule" data-testid="month">
            <td>{{ bar.month }}</td>
            <td class="text-right">{{ bar.runs }}</td>
            <td class="text-right">{{ bar.performed }}</td>
            <td class="text-right">{{ bar.share }} %</td>
          </tr>
        </tbody>
      </table>
    </details>
  </figure>
</template>
