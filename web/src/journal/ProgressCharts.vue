<script setup lang="ts">
import { answered, api, type JournalFigures } from '@/api/client'
import { locale, t } from '@/words'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import BarChart from './BarChart.vue'
import SeriesList from './SeriesList.vue'

const props = defineProps<{
  months: JournalFigures['months']
  /** The routine whose steps are told; empty for none. */
  routine: string
  moveName: (id: string) => string
}>()

/** A year. */
const MONTHS = 12

const progress = useQuery({
  queryKey: computed(() => ['journal-over-time', props.routine]),
  queryFn: () =>
    answered(
      api.GET('/api/journal/over-time', { params: { query: { routine: props.routine || undefined } } }),
    ),
  placeholderData: (last) => last,
  staleTime: 0,
})

function monthName(month: string): string {
  return new Intl.DateTimeFormat(locale(), { month: 'short' }).format(new Date(`${month}-15`))
}

const shown = computed(() => props.months.slice(-MONTHS))
const came = computed(() =>
  shown.value.map((each) => {
    const all = each.runs + each.performed
    return {
      key: each.month,
      name: monthName(each.month),
      all,
      filled: each.cameOut,
      cells: [
        String(each.runs),
        String(each.performed),
        t('journal.charts.perCent', { share: Math.round((100 * each.cameOut) / Math.max(1, all)) }),
      ],
    }
  }),
)
const slips = computed(() =>
  shown.value.map((each) => ({
    key: each.month,
    name: monthName(each.month),
    all: each.slips,
    cells: [String(each.slips)],
  })),
)
const margins = computed(() =>
  (progress.data.value?.margins ?? []).slice(-MONTHS).map((each) => ({
    key: each.month,
    name: monthName(each.month),
    all: each.margin,
    cells: [String(each.margin), String(each.guesses)],
  })),
)

function series(found: { move: string; nth: number; points: { day: string; value: number }[] }[]) {
  return found.map((each) => ({
    key: `${each.nth} ${each.move}`,
    name: each.nth > 0 ? `${each.nth} · ${props.moveName(each.move)}` : props.moveName(each.move),
    points: each.points,
  }))
}

const lists = computed(() => {
  const found = progress.data.value
  return [
    {
      title: t('journal.charts.secondsOfSteps'),
      series: series(found?.steps ?? []),
      told: (value: number) => t('journal.charts.seconds', { value: value.toFixed(1) }),
    },
    {
      title: t('journal.charts.tempoOfCounts'),
      series: series(found?.tempo ?? []),
      told: (value: number) => t('journal.charts.aMinute', { value: Math.round(value) }),
    },
    {
      title: t('journal.charts.evennessOfCounts'),
      series: series(found?.evenness ?? []),
      told: (value: number) => t('journal.charts.offBy', { value: value.toFixed(0) }),
    },
  ].filter((list) => list.series.length > 0)
})
</script>

<template>
  <BarChart
    :title="$t('journal.charts.byMonth')"
    :legend="{ all: $t('journal.charts.didNot'), filled: $t('journal.charts.cameOut') }"
    :columns="[
      $t('journal.charts.month'),
      $t('journal.charts.rehearsed'),
      $t('journal.charts.performed'),
      $t('journal.charts.cameOutShare'),
    ]"
    :bars="came"
  />
  <BarChart
    :title="$t('journal.charts.slipsAMonth')"
    :columns="[$t('journal.charts.month'), $t('journal.charts.slips')]"
    :bars="slips"
  />
  <BarChart
    v-if="margins.length > 0"
    :title="$t('journal.charts.marginOfPackets')"
    :columns="[$t('journal.charts.month'), $t('journal.charts.cardsToAdd'), $t('journal.charts.ofGuesses')]"
    :bars="margins"
  />
  <SeriesList
    v-for="list in lists"
    :key="list.title"
    :title="list.title"
    :series="list.series"
    :told="list.told"
  />
</template>
