<script setup lang="ts">
import { day } from '@/ui/time'
import { computed, useId } from 'vue'

/** What was measured again and again, day by day. */
export interface Series {
  key: string
  name: string
  points: { day: string; value: number }[]
}

const props = defineProps<{
  title: string
  series: Series[]
  /** Writes a value with its unit. */
  told: (value: number) => string
}>()

const WIDTH = 180
const HEIGHT = 28

const titled = useId()
const rows = computed(() =>
  props.series.map((each) => {
    const times = each.points.map((point) => Date.parse(point.day))
    const most = Math.max(...each.points.map((point) => point.value))
    const span = Math.max(1, times.at(-1)! - times[0]!)
    const line = each.points
      .map(({ value }, i) => {
        const x = 3 + ((times[i]! - times[0]!) / span) * (WIDTH - 6)
        return `${x.toFixed(1)} ${(HEIGHT - 3 - (value / Math.max(most, 1e-9)) * (HEIGHT - 6)).toFixed(1)}`
      })
      .join('L')
    return { ...each, line: `M${line}`, first: each.points[0]!, last: each.points.at(-1)! }
  }),
)
</script>

<template>
  <figure :aria-labelledby="titled">
    <figcaption :id="titled" class="font-display text-xl font-semibold">{{ title }}</figcaption>
    <ul class="mt-1">
      <li v-for="row in rows" :key="row.key" class="series border-t border-rule py-1" data-testid="series">
        <span class="min-w-0">{{ row.name }}</span>
        <svg
          :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
          class="h-7 w-full"
          preserveAspectRatio="none"
          aria-hidden="true"
        >
          <path :d="`M0 ${HEIGHT - 2}H${WIDTH}`" stroke="var(--rule)" vector-effect="non-scaling-stroke" />
          <path
            :d="row.line"
            fill="none"
            stroke="var(--holds)"
            stroke-width="2"
            vector-effect="non-scaling-stroke"
          />
        </svg>
        <span class="text-right">
          <template v-if="row.points.length > 1"
            ><span class="text-soft">{{ told(row.first.value) }} → </span></template
          ><strong>{{ told(row.last.value) }}</strong>
        </span>
      </li>
    </ul>
    <details class="text-sm">
      <summary class="text-soft">{{ $t('journal.charts.theSameAsATable') }}</summary>
      <div class="max-h-72 overflow-y-auto" tabindex="0" role="region" :aria-label="title">
        <table class="mt-1 w-full text-left">
          <thead>
            <tr>
              <th class="font-normal">{{ $t('journal.charts.what') }}</th>
              <th class="font-normal">{{ $t('journal.charts.day') }}</th>
              <th class="text-right font-normal">{{ $t('journal.charts.value') }}</th>
            </tr>
          </thead>
          <tbody>
            <template v-for="row in rows" :key="row.key">
              <tr v-for="point in row.points" :key="point.day" class="border-t border-rule">
                <td>{{ row.name }}</td>
                <td>{{ day(point.day) }}</td>
                <td class="text-right">{{ told(point.value) }}</td>
              </tr>
            </template>
          </tbody>
        </table>
      </div>
    </details>
  </figure>
</template>

<style scoped>
.series {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr) minmax(0, 0.9fr);
  gap: 0.75rem;
  align-items: center;
}
</style>
