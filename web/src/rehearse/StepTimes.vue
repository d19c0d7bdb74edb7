<script setup lang="ts">
import type { Rehearsal } from '@/api/client'
import { computed } from 'vue'

const props = defineProps<{
  /** The newest first. */
  runs: Rehearsal[]
  steps: { id: string; name: string }[]
}>()

const MOST_RUNS = 20

const WIDTH = 120
const HEIGHT = 22

/** For each step that was done twice at least, its times from left to right, the last one at the right. */
const lines = computed(() =>
  props.steps.flatMap((step) => {
    const times = props.runs
      .slice(0, MOST_RUNS)
      .flatMap((run) => run.steps.filter((each) => each.stepId === step.id).map((each) => each.millis / 1000))
      .reverse()
    const slowest = Math.max(...times)
    return times.length < 2
      ? []
      : [
          {
            ...step,
            last: Math.round(times.at(-1)! * 10) / 10,
            fastest: Math.round(Math.min(...times) * 10) / 10,
            points: times
              .map(
                (time, i) =>
                  `${(WIDTH * i) / (times.length - 1)},${HEIGHT - 2 - (time / slowest) * (HEIGHT - 4)}`,
              )
              .join(' '),
          },
        ]
  }),
)
</script>

<template>
  <section v-if="lines.length > 0" :aria-label="$t('rehearse.stepTimes.times')">
    <h2 class="text-xl">{{ $t('rehearse.stepTimes.times') }}</h2>
    <ul class="mt-2">
      <li
        v-for="line in lines"
        :key="line.id"
        class="flex items-center justify-between gap-3 border-t border-rule py-1"
      >
        <span class="min-w-0">{{ line.name }}</span>
        <span class="flex shrink-0 items-center gap-2">
          <svg
            :width="WIDTH"
            :height="HEIGHT"
            role="img"
            :aria-label="
              $t('rehearse.stepTimes.of', { name: line.name, last: line.last, fastest: line.fastest })
            "
          >
            <polyline :points="line.points" fill="none" stroke="var(--brass)" stroke-width="2" />
          </svg>
          <span class="w-12 text-right">{{ line.last }} s</span>
        </span>
      </li>
    </ul>
  </section>
</template>
