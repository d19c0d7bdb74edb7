<script setup lang="ts">
import { t } from '@/words'
import { useCatalogue } from '@/api/catalogue'
import type { Out } from '@/api/client'
import { MAIN, outLabel } from '@/routine'
import { summary } from '@/ui/verdict'
import { computed } from 'vue'
import { useBench } from './store'

const bench = useBench()
const catalogue = useCatalogue()

const lines = computed(() => [
  { id: MAIN, label: t('bench.linesBar.mainLine'), where: '' },
  ...(bench.whole?.outs ?? []).map((out) => ({
    id: out.id,
    label: outLabel(out, catalogue.value),
    where: beginning(out),
  })),
])

function beginning(out: Out): string {
  const at = bench.whole!.steps.findIndex((s) => s.id === out.after)
  if (out.after === '') {
    return t('bench.linesBar.atTheStart')
  }
  return at >= 0 ? `after ${at + 1}` : t('bench.linesBar.inAnOut')
}

function sign(id: string) {
  const found = bench.found[id]
  if (found?.unread) {
    return { mark: '▲', tone: 'text-broken', text: t('bench.linesBar.cannotBeRead') }
  }
  const said = summary(found?.survey)
  return {
    mark: { holds: '●', broken: '▲', quiet: '○' }[said.tone],
    tone: { holds: 'text-holds', broken: 'text-broken', quiet: 'text-soft' }[said.tone],
    text: said.text,
  }
}
</script>

<template>
  <nav
    class="flex flex-wrap gap-1.5 border-b border-rule px-5 py-1.5"
    :aria-label="$t('bench.linesBar.linesOfTheRoutine')"
  >
    <button
      v-for="line in lines"
      :key="line.id"
      class="flex max-w-72 min-w-0 items-baseline gap-1.5 rounded-full border px-3 py-0.5 text-sm"
      :class="bench.line === line.id ? 'border-(--brass-line) bg-raised font-semibold' : 'border-rule'"
      :aria-current="bench.line === line.id ? 'true' : undefined"
      :title="`${line.label} ${line.where} · ${sign(line.id).text}`"
      @click="bench.openLine(line.id)"
    >
      <span :class="sign(line.id).tone" aria-hidden="true">{{ sign(line.id).mark }}</span>
      <span class="truncate">{{ line.label }}</span>
      <span v-if="line.where" class="shrink-0 text-xs font-normal text-soft">{{ line.where }}</span>
      <span class="sr-only">{{ sign(line.id).text }}</span>
    </button>
  </nav>
</template>
