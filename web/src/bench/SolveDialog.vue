<script setup lang="ts">
import { locale, t } from '@/words'
import SheetDialog from '@/ui/SheetDialog.vue'
import { useCatalogue } from '@/api/catalogue'
import { answered, api } from '@/api/client'
import { alone, unknowns } from '@/routine'
import ShareBars from '@/ui/ShareBars.vue'
import { computed, ref, watch } from 'vue'
import { useComputation } from '@/api/computation'
import { useBench } from './store'

const open = defineModel<boolean>('open', { required: true })

const bench = useBench()
const catalogue = useCatalogue()
const picked = ref(0)
const all = computed(() =>
  bench.routine ? unknowns(bench.routine, catalogue.value, bench.trace?.cards.length ?? 52) : [],
)
const unknown = computed(() => all.value[picked.value])

const { running, share, answer, failure, start, stop } = useComputation((computation) => {
  const { kind, id, setting, most } = unknown.value!
  return answered(
    api.POST('/api/sweep', {
      body: { computation, routine: alone(bench.routine!), kind, id, setting, most },
    }),
  )
})

watch(open, (now) => {
  if (now) {
    const here = all.value.findIndex((u) => u.kind === 'step' && u.id === bench.selected)
    picked.value = Math.max(0, here)
    solve()
  } else {
    stop()
  }
})

function solve(): void {
  if (unknown.value) {
    void start()
  }
}

const bars = computed(() =>
  (answer.value?.points ?? []).map((p) => ({ value: p.value, share: p.share, note: p.because })),
)
const verdict = computed(() => {
  const found = answer.value
  if (!found) {
    return ''
  }
  if (unknown.value?.kind === 'beats') {
    const ways = found.points.filter((p) => p.share === 1).length
    return ways > 0
      ? t('bench.solveDialog.ofCountingAlwaysWork', {}, ways)
      : t('bench.solveDialog.noWayOfCountingAlways')
  }
  const best = found.points.find((p) => p.value === found.best)
  const stopped = found.stopped ? t('bench.solveDialog.stoppedBeforeTheEnd') : ''
  if (!best) {
    return t('bench.solveDialog.noValueFrom1To', { most: unknown.value?.most, stopped })
  }
  const always = found.points.filter((p) => p.share === 1).map((p) => p.value)
  const sampled = best.exhaustive
    ? ''
    : t('bench.solveDialog.waysSampled95BetweenAnd', {
        best: best.worlds.toLocaleString(locale()),
        best2: Math.round(best.low * 1000) / 10,
        best3: Math.round(best.high * 1000) / 10,
      })
  return always.length > 0
    ? t('bench.solveDialog.alwaysWorksWithSmallest', { always: ranges(always), best: best.value, stopped })
    : t('bench.solveDialog.bestIsWorksIn', {
        best: best.value,
        best2: Math.round(best.share * 1000) / 10,
        sampled,
        stopped,
      })
})

/** 22, 23, 24 and 30 as “22–24, 30”. */
function ranges(values: number[]): string {
  const parts: [number, number][] = []
  for (const value of values) {
    const last = parts.at(-1)
    if (last && last[1] === value - 1) {
      last[1] = value
    } else {
      parts.push([value, value])
    }
  }
  return parts.map(([a, b]) => (a === b ? `${a}` : `${a}–${b}`)).join(', ')
}

/** The plainest ways of counting that work. */
const MOST_WAYS = 12
const ways = computed(() =>
  (answer.value?.points ?? [])
    .filter((p) => p.text !== '')
    .sort((a, b) => b.share - a.share)
    .slice(0, MOST_WAYS),
)

function take(value: number): void {
  void bench.put(unknown.value!, value)
  open.value = false
}
</script>

<template>
  <SheetDialog v-model:open="open" :title="$t('bench.solveDialog.solveFor')" width="wide">
    <p v-if="all.length === 0" class="mt-2 text-soft">{{ $t('bench.solveDialog.thereIsNoNumberIn') }}</p>
    <template v-else>
      <label class="mt-3 block text-sm font-semibold" for="unknown">{{
        $t('bench.solveDialog.whatYouDoNotKnow')
      }}</label>
      <select id="unknown" v-model.number="picked" class="w-full field" @change="solve">
        <option v-for="(u, i) in all" :key="i" :value="i">
          {{ u.theirs ? $t('bench.solveDialog.theyDecide', { label: u.label }) : u.label }}
        </option>
      </select>
      <div class="mt-4" :class="{ 'opacity-50': running }">
        <ul v-if="ways.length > 0" class="space-y-1" :aria-label="$t('bench.solveDialog.waysOfCounting')">
          <li v-for="way in ways" :key="way.value" class="flex items-baseline gap-3">
            <button class="btn py-1 text-sm" @click="take(way.value)">{{ way.text }}</button>
            <span class="text-sm text-soft">{{
              way.share === 1 ? $t('bench.solveDialog.always') : `${Math.round(way.share * 1000) / 10} %`
            }}</span>
          </li>
        </ul>
        <ShareBars
          v-else-if="bars.length > 0"
          :bars="bars"
          :best="answer?.best || undefined"
          :label="$t('bench.solveDialog.inWhichPartOfThe')"
          :height="180"
          @take="take"
        />
        <div v-else class="h-[202px]" />
      </div>
      <progress
        v-if="running"
        class="w-full"
        :value="share"
        :aria-label="$t('bench.solveDialog.howFarItIs')"
      />
      <p role="status" class="mt-2 min-h-7 text-lg" data-testid="solved">
        {{ running ? $t('bench.solveDialog.tryingEveryValue') : failure || verdict }}
      </p>
      <p v-for="claim in answer?.left ?? []" :key="claim" class="text-sm">
        {{ $t('bench.solveDialog.notLookedAt', { claim }) }}
      </p>
      <p v-if="unknown?.kind === 'beats'" class="text-sm text-soft">
        {{ $t('bench.solveDialog.thePlainestWaysComeFirst') }}
      </p>
      <p v-else class="text-sm text-soft">{{ $t('bench.solveDialog.heightInWhichPartOf') }}</p>
    </template>
    <div class="mt-4 flex justify-end gap-2">
      <button v-if="running" class="btn" @click="stop">{{ $t('bench.solveDialog.stop') }}</button>
      <button class="btn" @click="open = false">{{ $t('bench.solveDialog.close') }}</button>
      <button
        v-if="answer && answer.best > 0 && ways.length === 0"
        class="btn-main"
        @click="take(answer.best)"
      >
        {{ $t('bench.solveDialog.take', { best: answer.best }) }}
      </button>
    </div>
  </SheetDialog>
</template>
