<script setup lang="ts">
import SheetDialog from '@/ui/SheetDialog.vue'
import { useCatalogue } from '@/api/catalogue'
import { answered, api } from '@/api/client'
import { alone, taken, unknowns } from '@/routine'
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
      ? `${ways === 1 ? 'One way' : `${ways} ways`} of counting always work.`
      : `No way of counting always works.`
  }
  const best = found.points.find((p) => p.value === found.best)
  const stopped = found.stopped ? ' Stopped before the end.' : ''
  if (!best) {
    return `No value from 1 to ${unknown.value?.most} works.${stopped}`
  }
  const always = found.points.filter((p) => p.share === 1).map((p) => p.value)
  const sampled = best.exhaustive
    ? ''
    : ` (${best.worlds.toLocaleString('en')} ways sampled, 95 % between ${Math.round(best.low * 1000) / 10} and ${Math.round(best.high * 1000) / 10} %)`
  return always.length > 0
    ? `Always works with ${ranges(always)}. Smallest: ${best.value}.${stopped}`
    : `Best is ${best.value}: works in ${Math.round(best.share * 1000) / 10} %${sampled}.${stopped}`
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

function take(value: number, words = ''): void {
  bench.edit(taken(bench.routine!, unknown.value!, value, words))
  open.value = false
}
</script>

<template>
  <SheetDialog v-model:open="open" title="Solve for …" width="wide">
    <p v-if="all.length === 0" class="mt-2 text-soft">
      There is no number in this routine yet. Add a move with a count or a depth.
    </p>
    <template v-else>
      <label class="mt-3 block text-sm font-semibold" for="unknown">What you do not know</label>
      <select id="unknown" v-model.number="picked" class="w-full field" @change="solve">
        <option v-for="(u, i) in all" :key="i" :value="i">{{ u.label }}</option>
      </select>
      <div class="mt-4" :class="{ 'opacity-50': running }">
        <ul v-if="ways.length > 0" class="space-y-1" aria-label="Ways of counting">
          <li v-for="way in ways" :key="way.value" class="flex items-baseline gap-3">
            <button class="btn py-1 text-sm" @click="take(way.value, way.text)">{{ way.text }}</button>
            <span class="text-sm text-soft">{{
              way.share === 1 ? 'always' : `${Math.round(way.share * 1000) / 10} %`
            }}</span>
          </li>
        </ul>
        <ShareBars
          v-else-if="bars.length > 0"
          :bars="bars"
          :best="answer?.best || undefined"
          label="In which part of the ways everything holds, for each value"
          :height="180"
          @take="take"
        />
        <div v-else class="h-[202px]" />
      </div>
      <progress v-if="running" class="w-full" :value="share" aria-label="How far it is" />
      <p role="status" class="mt-2 min-h-7 text-lg" data-testid="solved">
        {{ running ? 'Trying every value …' : failure || verdict }}
      </p>
      <p v-if="unknown?.kind === 'beats'" class="text-sm text-soft">
        The plainest ways come first. Press one to take it.
      </p>
      <p v-else class="text-sm text-soft">
        Height: in which part of all ways everything holds. Green holds always. Press a bar to take its value.
      </p>
    </template>
    <div class="mt-4 flex justify-end gap-2">
      <button v-if="running" class="btn" @click="stop">Stop</button>
      <button class="btn" @click="open = false">Close</button>
      <button
        v-if="answer && answer.best > 0 && ways.length === 0"
        class="btn-main"
        @click="take(answer.best)"
      >
        Take {{ answer.best }}
      </button>
    </div>
  </SheetDialog>
</template>
