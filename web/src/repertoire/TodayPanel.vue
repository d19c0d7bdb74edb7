<script setup lang="ts">
import { clock } from '@/ui/time'
import { computed, ref } from 'vue'
import { useToday } from './today'

const { data: all } = useToday()
const due = computed(() => (all.value ?? []).filter((each) => each.late >= 0))
/** As many as can be done in a day; the others wait behind a button. */
const MOST_SHOWN = 8
const whole = ref(false)
const shown = computed(() => (whole.value ? due.value : due.value.slice(0, MOST_SHOWN)))
const coming = computed(() => (all.value ?? []).filter((each) => each.late < 0))
const time = computed(() => due.value.reduce((sum, each) => sum + each.millis, 0))

function address(each: { kind: string; id: string }) {
  return each.kind === 'routine' ? `/rehearse/${each.id}` : `/drills?drill=${each.id}`
}

function dots(readiness: number): string {
  const full = Math.round(readiness * 6)
  return '●'.repeat(full) + '○'.repeat(6 - full)
}
</script>

<template>
  <section
    v-if="(all ?? []).length > 0"
    class="mt-4 rounded-xl border border-rule bg-raised p-4"
    :aria-label="$t('repertoire.todayPanel.today')"
    data-testid="today"
  >
    <div class="flex flex-wrap items-baseline gap-x-4">
      <h2 class="text-xl">{{ $t('repertoire.todayPanel.today') }}</h2>
      <span v-if="due.length > 0" class="text-soft">{{
        $t('repertoire.todayPanel.dueAbout', { due: due.length, time: clock(time) })
      }}</span>
      <span v-else class="text-soft">{{
        $t('repertoire.todayPanel.nothingIsDueNext', { title: coming[0]!.title, due: coming[0]!.due })
      }}</span>
      <a class="ml-auto link text-sm" href="/api/today/plan.ics" download>{{
        $t('repertoire.todayPanel.asACalendar')
      }}</a>
    </div>
    <ul class="mt-2 grid gap-x-8 md:grid-cols-2">
      <li
        v-for="each in shown"
        :key="each.id"
        class="flex items-baseline justify-between gap-3 border-t border-rule py-1.5"
      >
        <RouterLink :to="address(each)" class="hover:underline">{{ each.title }}</RouterLink>
        <span
          class="shrink-0 text-sm text-soft"
          :title="$t('repertoire.todayPanel.ready', { each: Math.round(each.readiness * 100) })"
        >
          <span aria-hidden="true">{{ dots(each.readiness) }}</span>
          {{
            each.late > 0
              ? $t('repertoire.todayPanel.dLate', { late: each.late })
              : $t('repertoire.todayPanel.today2')
          }}
        </span>
      </li>
    </ul>
    <button v-if="shown.length < due.length" class="mt-1 link" @click="whole = true">
      {{ $t('repertoire.todayPanel.more', { more: due.length - shown.length }) }}
    </button>
    <details class="mt-1 text-sm text-soft">
      <summary class="cursor-pointer">{{ $t('repertoire.todayPanel.howThisIsReckoned') }}</summary>
      {{ $t('repertoire.todayPanel.afterACleanRunOn') }}
    </details>
  </section>
</template>
