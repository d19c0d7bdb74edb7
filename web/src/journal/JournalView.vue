<script setup lang="ts">
import { answered, api } from '@/api/client'
import { useCatalogue } from '@/api/catalogue'
import { t } from '@/words'
import { clock, day } from '@/ui/time'
import { useViewKeys } from '@/ui/keys'
import { useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'
import CountBars from './CountBars.vue'
import JournalTable from './JournalTable.vue'
import ProgressCharts from './ProgressCharts.vue'

const wanted = reactive({ kind: '', routine: '', from: '', until: '' })
/** After what the pages up to the one that is seen begin: the first begins at the newest. */
const begins = ref([''])
const query = computed(() => ({
  kind: wanted.kind,
  routine: wanted.routine || undefined,
  from: wanted.from || undefined,
  until: wanted.until || undefined,
}))
watch(query, () => (begins.value = ['']))

const catalogue = useCatalogue()
const timeLine = useQuery({
  queryKey: computed(() => ['journal', query.value, begins.value.at(-1)]),
  queryFn: () =>
    answered(api.GET('/api/journal', { params: { query: { ...query.value, after: begins.value.at(-1) } } })),
  placeholderData: (last) => last,
  staleTime: 0,
})
const figures = useQuery({
  queryKey: computed(() => ['journal-figures', query.value]),
  queryFn: () => answered(api.GET('/api/journal/figures', { params: { query: query.value } })),
  placeholderData: (last) => last,
  staleTime: 0,
})
const { data: routines } = useQuery({
  queryKey: ['routines'],
  queryFn: () => answered(api.GET('/api/routines')),
})
const all = computed(() => timeLine.data.value?.all ?? 0)
/** After what the next page begins; nothing while this one is on its way. */
const further = computed(() => (timeLine.isPlaceholderData.value ? undefined : timeLine.data.value?.next))
const pages = computed(() => Math.ceil(all.value / 100))

function moveName(id: string): string {
  return catalogue.value.moves.find((move) => move.id === id)?.name ?? id
}

document.title = t('journal.journalView.journal')
useViewKeys([{ keys: '?', does: t('journal.journalView.theseKeys') }])
</script>

<template>
  <div class="mx-auto w-full max-w-7xl px-4 py-5 sm:px-6">
    <div class="flex flex-wrap items-end gap-3">
      <h1 class="mr-3 text-3xl">{{ $t('journal.journalView.journal') }}</h1>
      <label class="flex flex-col text-sm text-soft"
        >{{ $t('journal.journalView.show') }}
        <select v-model="wanted.kind" class="field text-ink">
          <option value="">{{ $t('journal.journalView.everything') }}</option>
          <option value="rehearsal">{{ $t('journal.journalView.rehearsals') }}</option>
          <option value="performance">{{ $t('journal.journalView.performances') }}</option>
        </select>
      </label>
      <label class="flex min-w-0 flex-col text-sm text-soft"
        >{{ $t('journal.journalView.routine') }}
        <select v-model="wanted.routine" class="wanted field text-ink">
          <option value="">{{ $t('journal.journalView.allOfThem') }}</option>
          <option v-for="each in routines ?? []" :key="each.id" :value="each.id">{{ each.title }}</option>
        </select>
      </label>
      <label class="flex flex-col text-sm text-soft"
        >{{ $t('journal.journalView.from') }}
        <input v-model="wanted.from" class="field text-ink" type="date" />
      </label>
      <label class="flex flex-col text-sm text-soft"
        >{{ $t('journal.journalView.until') }}
        <input v-model="wanted.until" class="field text-ink" type="date" />
      </label>
      <JournalTable />
    </div>
    <p v-if="timeLine.isError.value" role="alert" class="mt-4 text-broken">
      {{ timeLine.error.value?.message }}
    </p>
    <p v-else-if="timeLine.data.value && all === 0" class="mt-8 max-w-2xl text-lg">
      {{ $t('journal.journalView.nothingIsWrittenDownFor') }}
    </p>

    <template v-if="figures.data.value && all > 0">
      <div class="figures mt-5 grid lg:grid-cols-2">
        <ProgressCharts :months="figures.data.value.months" :routine="wanted.routine" :move-name="moveName" />
        <div
          v-if="figures.data.value.reasons.length + figures.data.value.moves.length > 0"
          class="grid gap-6 sm:grid-cols-2"
        >
          <CountBars :title="$t('journal.journalView.whyItSlipped')" :counts="figures.data.value.reasons" />
          <CountBars
            :title="$t('journal.journalView.whereItSlipped')"
            :counts="figures.data.value.moves.map((each) => ({ ...each, what: moveName(each.what) }))"
          />
        </div>
      </div>
      <div
        class="mt-6 overflow-x-auto"
        tabindex="0"
        role="region"
        :aria-label="$t('journal.journalView.byRoutine')"
      >
        <table class="wide w-full text-left">
          <caption class="pb-1 text-left font-display text-xl font-semibold">
            {{
              $t('journal.journalView.byRoutine')
            }}
          </caption>
          <thead class="text-sm text-soft">
            <tr>
              <th class="py-1 pr-3 font-normal">{{ $t('journal.journalView.routine') }}</th>
              <th class="pr-3 text-right font-normal">{{ $t('journal.journalView.runs') }}</th>
              <th class="pr-3 text-right font-normal">{{ $t('journal.journalView.performed') }}</th>
              <th class="pr-3 text-right font-normal">{{ $t('journal.journalView.cameOut') }}</th>
              <th class="pr-3 text-right font-normal">{{ $t('journal.journalView.slips') }}</th>
              <th class="pr-3 text-right font-normal">{{ $t('journal.journalView.takes') }}</th>
              <th class="pr-3 text-right font-normal">{{ $t('journal.journalView.reaction') }}</th>
              <th class="font-normal">{{ $t('journal.journalView.outsUsed') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="each in figures.data.value.routines" :key="each.routine" class="border-t border-rule">
              <td class="py-1.5 pr-3">{{ each.title }}</td>
              <td class="pr-3 text-right">{{ each.runs }}</td>
              <td class="pr-3 text-right">{{ each.performed }}</td>
              <td class="pr-3 text-right">
                {{ Math.round((100 * each.cameOut) / (each.runs + each.performed)) }} %
              </td>
              <td class="pr-3 text-right">{{ each.slips }}</td>
              <td class="pr-3 text-right">{{ each.seconds > 0 ? clock(each.seconds * 1000) : '–' }}</td>
              <td class="pr-3 text-right">{{ each.reaction > 0 ? each.reaction.toFixed(1) : '–' }}</td>
              <td>{{ each.outs.map((out) => `${out.what} ×${out.times}`).join(', ') }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>

    <section v-if="all > 0" class="mt-6" :aria-label="$t('journal.journalView.timeLine')">
      <h2 class="text-xl">{{ $t('journal.journalView.timeLine') }}</h2>
      <ol class="mt-1">
        <li
          v-for="(each, i) in timeLine.data.value?.entries ?? []"
          :key="`${each.at}-${i}`"
          class="flex flex-wrap items-baseline gap-x-3 border-t border-rule py-1.5"
          data-testid="entry"
        >
          <span class="day shrink-0 text-soft">{{ day(each.at) }}</span>
          <span class="w-24 shrink-0 text-sm">{{
            each.kind === 'performance'
              ? $t('journal.journalView.performed2')
              : $t('journal.journalView.rehearsed')
          }}</span>
          <span class="font-semibold">{{ each.title }}</span>
          <span v-if="each.audience" class="text-soft">{{
            $t('journal.journalView.for', { audience: each.audience })
          }}</span>
          <span :class="each.cameOut ? 'text-holds' : 'text-broken'">{{
            each.cameOut ? $t('journal.journalView.cameOut2') : $t('journal.journalView.didNotComeOut')
          }}</span>
          <span v-if="each.slips > 0" class="text-soft">{{
            $t('journal.journalView.slipped', { slips: each.slips })
          }}</span>
          <span v-if="each.seconds > 0" class="text-soft">{{ clock(each.seconds * 1000) }}</span>
          <span v-if="each.reaction > 0" class="text-soft">{{
            $t('journal.journalView.reactionOf5', { reaction: each.reaction })
          }}</span>
          <span v-if="each.out" class="text-soft">{{
            $t('journal.journalView.out', { out: each.out })
          }}</span>
          <span v-if="each.note" class="note basis-full text-soft italic">{{ each.note }}</span>
        </li>
      </ol>
      <p v-if="pages > 1" class="mt-3 flex items-center gap-3">
        <button class="btn" :disabled="begins.length === 1" @click="begins.pop()">
          {{ $t('journal.journalView.newer') }}
        </button>
        <span>{{ $t('journal.journalView.of', { page: begins.length, pages }) }}</span>
        <button class="btn" :disabled="!further" @click="begins.push(further!)">
          {{ $t('journal.journalView.older') }}
        </button>
      </p>
    </section>
  </div>
</template>

<style scoped>
.wanted {
  max-width: 15rem;
}

.figures {
  gap: 1.5rem 2.5rem;
}

.wide {
  min-width: 40rem;
}

.day {
  width: 7rem;
}

.note {
  padding-left: 7rem;
}
</style>
