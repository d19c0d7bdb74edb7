<script setup lang="ts">
import { ago, clock } from '@/ui/time'
import { useRuns } from './runs'

const props = defineProps<{ id: string }>()

const SHOWN = 8

const runs = useRuns(props.id)

function slipsOf(run: { steps: { slips: number }[] }): number {
  return run.steps.reduce((sum, step) => sum + step.slips, 0)
}
</script>

<template>
  <section v-if="runs && runs.length > 0" :aria-label="$t('rehearse.pastRuns.runsSoFar')">
    <h2 class="text-xl">{{ $t('rehearse.pastRuns.runsSoFar') }}</h2>
    <table class="mt-2 w-full text-left">
      <thead class="text-sm text-soft">
        <tr>
          <th scope="col">{{ $t('rehearse.pastRuns.when') }}</th>
          <th scope="col">{{ $t('rehearse.pastRuns.time') }}</th>
          <th scope="col">{{ $t('rehearse.pastRuns.slips') }}</th>
          <th scope="col">{{ $t('rehearse.pastRuns.cameOut') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="run in runs.slice(0, SHOWN)" :key="run.startedAt" class="border-t border-rule">
          <td class="py-1">{{ ago(run.startedAt) }}</td>
          <td>{{ clock(run.totalMillis) }}</td>
          <td>{{ slipsOf(run) }}</td>
          <td :class="run.cameOut ? 'text-holds' : 'text-broken'">
            {{ run.cameOut ? $t('rehearse.pastRuns.yes') : $t('rehearse.pastRuns.no') }}
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
