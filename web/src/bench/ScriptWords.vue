<script setup lang="ts">
import { useCatalogue } from '@/api/catalogue'
import type { Step } from '@/api/client'
import { t } from '@/words'
import { computed } from 'vue'
import { statedWords } from './stated'
import { useBench } from './store'

const props = defineProps<{
  /** Nothing for the set-up. */
  step?: Step
  /** Its number in the script, 0 for the set-up. */
  nth: number
  /** Whether it is written out, or only named. */
  worded: boolean
}>()

const bench = useBench()
const catalogue = useCatalogue()

const name = computed(
  () => catalogue.value.moves.find((m) => m.id === props.step?.move)?.name ?? props.step?.move ?? '',
)
const moment = computed(() =>
  props.step ? bench.trace?.moments.find((m) => m.stepId === props.step!.id) : bench.trace?.moments[0],
)
/** What people think and see in it. */
const seen = computed(() => bench.seenAt(props.step?.id ?? ''))
/** What they think is written out where their deck is looked at. */
const thinks = computed(() => (bench.deckView === 'real' ? '' : (seen.value?.thinks ?? '')))
const broken = computed(() => moment.value?.broken?.reason ?? '')

/** In how many worlds a step cannot be done, when it can be done in the one that is shown. */
const sometimes = computed(() => {
  const finding = bench.survey?.findings.find((f) => f.kind === 'can-be-done' && f.id === props.step?.id)
  return finding?.verdict === 'sometimes' || finding?.verdict === 'never'
    ? t('bench.scriptWords.breaks', { because: finding.because })
    : ''
})

const deciding = computed(() => {
  const choices = moment.value?.choices ?? []
  if (choices.length === 0) {
    return ''
  }
  return choices.some((c) => c.bySpectator)
    ? t('bench.scriptWords.theyChoose')
    : t('bench.scriptWords.byFeel')
})

const VERDICTS: Record<string, string> = {
  always: t('bench.scriptWords.holds'),
  never: t('bench.scriptWords.fails'),
  open: t('ui.verdict.notLookedAt'),
}

/** Whether the claims that stand after it hold, in a sign and in words; nothing while they are not judged. */
const claimed = computed(() => {
  const ids = bench.routine!.claims.filter((c) => c.after === props.step?.id).map((c) => c.id)
  const here = (bench.survey?.findings ?? []).filter((f) => f.kind === 'claim' && ids.includes(f.id))
  const holds = here.every((f) => f.verdict === 'always')
  const open = here.every((f) => f.verdict === 'always' || f.verdict === 'open')
  const said = here
    .map((f) => `${f.sentence}: ${VERDICTS[f.verdict as string] ?? t('bench.scriptWords.canFail')}`)
    .join('; ')
  return here.length > 0 ? { sign: holds ? '●' : open ? '○' : '▲', holds, open, said } : undefined
})

/** How many outs begin after it. */
const outs = computed(() => (bench.whole?.outs ?? []).filter((o) => o.after === props.step?.id).length)

const spoken = computed(() => {
  const at = moment.value
  return (at?.roles ?? [])
    .map((role, i) => {
      const who = bench.trace!.roles[i]!
      if (!role.place) {
        return t('bench.scriptWords.notChosen', { letter: who.letter, label: who.label })
      }
      const size = role.position + role.fromBottom - 1
      return t('bench.scriptWords.fromTheTopOfIn', {
        letter: who.letter,
        label: who.label,
        position: role.position,
        n: size,
        placeLabel: role.placeLabel,
        role: role.faceUp ? t('ui.face.up') : t('ui.face.down'),
      })
    })
    .join('; ')
})
</script>

<template>
  <template v-if="step">
    <span class="flex w-full items-baseline gap-2">
      <span class="w-5 shrink-0 text-right text-soft">{{ nth }}</span>
      <strong class="leading-tight">{{ name }}</strong>
      <span v-if="!worded && (broken || sometimes)" class="text-sm text-broken">
        <span aria-hidden="true">▲</span>
        <span class="sr-only">{{ broken || sometimes }}</span>
      </span>
      <span
        v-if="claimed"
        class="ml-auto shrink-0 pr-1 text-sm"
        :class="claimed.holds ? 'text-holds' : claimed.open ? 'text-soft' : 'text-broken'"
        :title="claimed.said"
        data-testid="claimed-here"
      >
        <span aria-hidden="true">{{ claimed.sign }}</span>
        <span class="sr-only">{{ claimed.said }}</span>
      </span>
      <span
        v-if="outs > 0"
        class="ml-auto shrink-0 pr-1 text-xs text-brass"
        :title="$t('bench.scriptWords.readyIfTheyInsist', { id: outs })"
      >
        ↳ {{ $t('bench.scriptWords.outs', outs) }}
      </span>
    </span>
    <span v-if="worded && broken" class="pl-7 text-sm leading-snug font-semibold text-broken">
      ▲ {{ broken }}
    </span>
    <span v-else-if="worded" class="pl-7 text-sm leading-snug text-soft">
      {{ moment?.skipped ? $t('bench.scriptWords.notNeededThisWay') : '' }}{{ moment?.stated ?? '' }}
    </span>
    <span v-if="worded && !broken && !sometimes && deciding" class="pl-7 text-xs text-brass">
      {{ deciding }}
    </span>
    <span v-if="worded && !broken && thinks" class="pl-7 text-sm leading-snug text-soft" data-testid="thinks">
      {{ $t('bench.scriptWords.theyThink', { thinks }) }}
    </span>
    <template v-if="worded && !broken && seen">
      <span
        v-for="effect in bench.deckView === 'real' ? [] : seen.effects"
        :key="effect.sentence"
        class="pl-7 text-sm leading-snug text-holds"
        data-testid="effect"
      >
        <span aria-hidden="true">✦</span> {{ effect.sentence }}
      </span>
      <span
        v-for="flaw in seen.flaws"
        :key="flaw.sentence"
        class="pl-7 text-sm leading-snug text-broken"
        data-testid="flaw"
      >
        <span aria-hidden="true">▲</span> {{ $t('bench.scriptWords.theySee', { flaw: flaw.sentence }) }}
      </span>
    </template>
    <span v-if="worded && !broken && sometimes" class="pl-7 text-sm leading-snug text-broken">
      ▲ {{ sometimes }}
    </span>
  </template>
  <template v-else>
    <span class="flex items-baseline gap-2">
      <span class="w-5 shrink-0 text-right text-soft">·</span>
      <strong>{{ $t('bench.scriptWords.setUp') }}</strong>
    </span>
    <span v-if="worded" class="pl-7 text-sm leading-snug text-soft">
      {{ bench.routine?.setUp.note || statedWords(bench.trace?.cards ?? []) }}
    </span>
  </template>
  <span class="sr-only">{{ spoken }}</span>
</template>
