<script setup lang="ts">
import { useCatalogue } from '@/api/catalogue'
import type { Finding } from '@/api/client'
import { verdict } from '@/ui/finding'
import { computed, nextTick, ref } from 'vue'
import ShareBars from '@/ui/ShareBars.vue'
import ClaimEditor from './ClaimEditor.vue'
import { addClaim, changeClaim, newClaimSpec, removeClaim } from '@/routine'
import { SET_UP, useBench } from './store'

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
const findings = computed(() => {
  const told = (bench.survey?.findings ?? []).filter(
    (f) => f.kind !== 'can-be-done' || ['sometimes', 'never', 'untold'].includes(f.verdict),
  )
  const here = (finding: Finding) => finding.moment === bench.selectedIndex && bench.selectedIndex > 0
  return [...told.filter(here), ...told.filter((f) => !here(f))]
})

function stepName(moment: number): string {
  const step = bench.routine?.steps[moment - 1]
  return moment === 0 || !step ? 'set-up' : `step ${moment}`
}

/** What is claimed first where these roles are: a card at its key, a card somewhere, or how many cards there are. */
function likely(): string {
  const now = bench.trace?.moments[bench.selectedIndex]?.roles ?? []
  const chosen = bench.trace?.roles.filter((_, i) => now[i]?.chosen).map((role) => role.kind) ?? []
  const selected = chosen.includes('selection')
  return selected && chosen.includes('key') ? 'directly-below' : chosen.length > 0 ? 'position' : 'pile-size'
}

/** Adds a claim and opens it where it can be seen. */
async function add(): Promise<void> {
  const spec = newClaimSpec(bench.routine!, likely(), catalogue.value)
  const changed = addClaim(bench.routine!, spec, bench.selected)
  bench.edit(changed)
  editing.value = changed.claims.at(-1)!.id
  await nextTick()
  const editor = document.querySelector<HTMLElement>('[data-claim-editor]')
  editor?.scrollIntoView({ block: 'center' })
  editor?.querySelector<HTMLElement>('select, input')?.focus()
}

/** Claims that were not judged yet, such as the one that was added just now. */
const unjudged = computed(() =>
  (bench.routine?.claims ?? []).filter(
    (c) => editing.value === c.id && !findings.value.some((f) => f.id === c.id),
  ),
)

function said(finding: Finding) {
  return verdict(finding, bench.survey!)
}

const edited = computed(() => bench.routine?.claims.findIndex((c) => c.id === editing.value) ?? -1)
</script>

<template>
  <section class="mt-5 border-t border-rule pt-3" :aria-label="$t('bench.claimsPanel.whatMustHold')">
    <h2 class="text-lg">{{ $t('bench.claimsPanel.whatMustHold') }}</h2>
    <p v-if="bench.survey?.underWay" class="text-sm text-soft" role="status" data-testid="under-way">
      {{
        bench.seconds
          ? $t('bench.claimsPanel.allWaysInAbout', { seconds: bench.seconds })
          : $t('bench.claimsPanel.allWaysAreCounted')
      }}
    </p>
    <p v-else-if="bench.survey?.sampledBecause" class="text-sm text-soft">
      {{ $t('bench.claimsPanel.onlyASampleOfAll', { sampledBecause: bench.survey.sampledBecause }) }}
    </p>
    <ul class="mt-1 space-y-2.5">
      <li
        v-for="finding in findings"
        :key="`${finding.kind}-${finding.id}-${finding.sentence}`"
        data-testid="finding"
        :data-finding="`${finding.kind} ${finding.id}`"
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
          <button v-if="finding.failing" class="link" @click="bench.showFailing(finding)">
            {{ $t('bench.claimsPanel.showMe') }}
          </button>
          <button
            v-if="finding.otherwise"
            class="ml-2 link"
            @click="bench.showFailing({ ...finding, failing: finding.otherwise })"
          >
            {{ $t('bench.claimsPanel.showTheOther') }}
          </button>
        </p>
        <details v-if="finding.charts.length > 0" class="mt-1 text-sm">
          <summary class="text-brass">{{ $t('bench.claimsPanel.byWhatWasChosen') }}</summary>
          <div v-for="chart in finding.charts" :key="chart.key" class="mt-2">
            <p class="leading-snug">{{ chart.told }}</p>
            <ShareBars
              :bars="chart.bars.map((b) => ({ value: b.number, share: b.held / b.worlds }))"
              :label="$t('bench.claimsPanel.howOftenItHoldsBy', { label: chart.label })"
              :height="56"
              failing
              @take="bench.showFailingWith(finding, chart.key, $event)"
            />
          </div>
        </details>
        <template v-if="finding.kind === 'claim'">
          <button class="link text-sm" @click="editing = editing === finding.id ? '' : finding.id">
            {{ editing === finding.id ? $t('bench.claimsPanel.done') : $t('bench.claimsPanel.change') }}
          </button>
          <button class="ml-3 link text-sm" @click="bench.edit(removeClaim(bench.routine!, finding.id))">
            {{ $t('bench.claimsPanel.remove') }}
          </button>
          <ClaimEditor
            v-if="editing === finding.id && edited >= 0"
            data-claim-editor
            judged
            :claim="bench.routine!.claims[edited]!.claim"
            :path="`claims[${edited}].claim`"
            @change="bench.edit(changeClaim(bench.routine!, finding.id, { claim: $event }))"
          />
        </template>
      </li>
    </ul>
    <ClaimEditor
      v-for="claim in unjudged"
      :key="claim.id"
      data-claim-editor
      judged
      :claim="claim.claim"
      :path="`claims[${bench.routine!.claims.indexOf(claim)}].claim`"
      @change="bench.edit(changeClaim(bench.routine!, claim.id, { claim: $event }))"
    />
    <button class="mt-3 btn" @click="add">
      {{
        bench.selected === SET_UP
          ? $t('bench.claimsPanel.claimSomethingAtTheEnd')
          : $t('bench.claimsPanel.claimSomethingAfterThisStep')
      }}
    </button>
  </section>
</template>
