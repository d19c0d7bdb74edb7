<script setup lang="ts">
import { useCatalogue } from '@/api/catalogue'
import type { Finding } from '@/api/client'
import { verdict } from '@/ui/verdict'
import { computed, ref } from 'vue'
import ShareBars from '@/ui/ShareBars.vue'
import ClaimEditor from './ClaimEditor.vue'
import { addClaim, changeClaim, newClaimSpec, removeClaim } from './edits'
import { useBench } from './store'

/** A verdict is told by its sign as well as by its colour. */
const TONES = {
  holds: { sign: '●', colour: 'text-holds' },
  broken: { sign: '▲', colour: 'text-broken' },
  quiet: { sign: '○', colour: 'text-soft' },
}

const bench = useBench()
const catalogue = useCatalogue()
const editing = ref('')

/** Claims of the performer, and of what moves expect and need only what fails or was expected: the rest is a matter of course. */
const findings = computed(() =>
  (bench.survey?.findings ?? []).filter((f) => f.kind !== 'can-be-done' || f.verdict !== 'always'),
)

function stepName(moment: number): string {
  const step = bench.routine?.steps[moment - 1]
  return moment === 0 || !step ? 'set-up' : `step ${moment}`
}

function add(): void {
  const after = bench.selected
  const changed = addClaim(
    bench.routine!,
    newClaimSpec(bench.routine!, 'directly-below', catalogue.value),
    after,
  )
  bench.edit(changed)
  editing.value = changed.claims.at(-1)!.id
}

function said(finding: Finding) {
  return verdict(finding, bench.survey!)
}

const edited = computed(() => bench.routine?.claims.findIndex((c) => c.id === editing.value) ?? -1)
</script>

<template>
  <section class="mt-5 border-t border-rule pt-3" aria-label="What must hold">
    <h2 class="text-lg">What must hold</h2>
    <ul class="mt-1 space-y-2.5">
      <li
        v-for="finding in findings"
        :key="`${finding.kind}-${finding.id}-${finding.sentence}`"
        data-testid="finding"
      >
        <p class="leading-snug">
          {{ finding.sentence }}
          <span class="text-sm text-soft">· {{ stepName(finding.moment) }}</span>
        </p>
        <p class="text-sm font-semibold" :class="TONES[said(finding).tone].colour" data-testid="verdict">
          {{ TONES[said(finding).tone].sign }} {{ said(finding).text }}
        </p>
        <p v-if="finding.because" class="text-sm">
          {{ finding.because }}
          <button v-if="finding.failing" class="link" @click="bench.showFailing(finding)">show me</button>
        </p>
        <details v-if="finding.charts.length > 0" class="mt-1 text-sm">
          <summary class="text-brass">By what was chosen</summary>
          <div v-for="chart in finding.charts" :key="chart.key" class="mt-2">
            <p class="leading-snug">{{ chart.told }}</p>
            <ShareBars
              :bars="chart.bars.map((b) => ({ value: b.number, share: b.held / b.worlds }))"
              :label="`How often it holds, by: ${chart.label}`"
              :height="56"
              failing
              @take="bench.showFailingWith(finding, chart.key, $event)"
            />
          </div>
        </details>
        <template v-if="finding.kind === 'claim'">
          <button class="link text-sm" @click="editing = editing === finding.id ? '' : finding.id">
            {{ editing === finding.id ? 'done' : 'change' }}
          </button>
          <button class="ml-3 link text-sm" @click="bench.edit(removeClaim(bench.routine!, finding.id))">
            remove
          </button>
          <ClaimEditor
            v-if="editing === finding.id && edited >= 0"
            :claim="bench.routine!.claims[edited]!.claim"
            :path="`claims[${edited}].claim`"
            @change="bench.edit(changeClaim(bench.routine!, finding.id, { claim: $event }))"
          />
        </template>
      </li>
    </ul>
    <button class="mt-3 btn" @click="add">Claim something after this step</button>
  </section>
</template>
