<script setup lang="ts">
import { t } from '@/words'
import { useCatalogue } from '@/api/catalogue'
import type { Moment, Step, Survey, Trace } from '@/api/client'
import { DeckGrips, RunningDeck, type Spot } from '@/deck'
import { useToast } from '@/ui/toast'
import { useElementSize, useMediaQuery, useResizeObserver } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { layCard } from '@/routine'
import { SET_UP, useBench } from './store'
import { useBoundaries } from './useBoundaries'
import WantedDialog from './WantedDialog.vue'

const emit = defineEmits<{
  select: [id: string]
  move: [id: string, to: number]
  remove: [id: string]
  duplicate: [id: string]
  add: []
}>()

/** Rows are as high as their words need, and no lower than this. */
const ROOMY = { rowHeight: 92, slotTop: 26, slotHeight: 24 }

/** As low as a row can be that still shows its name and a deck. */
const LOWEST_ROW = 30

const props = defineProps<{
  /** The whole routine on one screen: names alone, and low rows. */
  compact: boolean
  /** How high the place is in which it is seen, in pixels. */
  room: number
}>()

const bench = useBench()
const toast = useToast()
const catalogue = useCatalogue()
const { boundaries, part } = useBoundaries()
/** The card under a grip that is pointed at: the picture names it too. */
const gripped = ref<number>()
const wanted = ref<{ role: number; spot: Spot }>()
const deckColumn = ref<HTMLElement>()
const { width } = useElementSize(deckColumn)
const script = ref<HTMLElement>()
const { width: scriptWidth } = useElementSize(script)
/** How high rows and decks are. */
const density = computed(() => {
  if (!props.compact) {
    return ROOMY
  }
  const share = Math.floor(props.room / Math.max(1, rows.value.length + 1))
  const rowHeight = Math.min(64, Math.max(LOWEST_ROW, share))
  const slotHeight = Math.min(ROOMY.slotHeight, Math.round(rowHeight * 0.36))
  return { rowHeight, slotHeight, slotTop: Math.min(20, rowHeight - slotHeight - 4) }
})
/** Where there is no room beside the script, the deck of each moment is drawn under its step. */
const narrow = useMediaQuery('(max-width: 900px)')

function only(moment: number): Trace | undefined {
  const at = bench.trace?.moments[moment]
  return at && { ...bench.trace!, moments: [at] }
}

function surveyOf(moment: number): Survey | undefined {
  return bench.survey && { ...bench.survey, bands: bench.survey.bands.slice(moment, moment + 1) }
}
const rows = computed(() => [undefined, ...(bench.routine?.steps ?? [])])
const dragged = ref('')
const over = ref(-1)

/** Where the rows begin, and where the last one ends: the deck is drawn beside them. */
const tops = ref<number[]>([])

function measure(): void {
  const measured = [...(script.value?.querySelectorAll<HTMLElement>('[data-step]') ?? [])]
  const first = measured[0]?.offsetTop ?? 0
  const last = measured.at(-1)
  const now = [
    ...measured.map((row) => row.offsetTop - first),
    last ? last.offsetTop + last.offsetHeight - first : 0,
  ]
  if (now.join() !== tops.value.join()) {
    tops.value = now
  }
}

useResizeObserver(script, measure)
watch([() => bench.trace, () => bench.survey, rows], measure, { flush: 'post', deep: false })

function name(step: Step): string {
  return catalogue.value.moves.find((m) => m.id === step.move)?.name ?? step.move
}

function moment(step: Step): Moment | undefined {
  return bench.trace?.moments.find((m) => m.stepId === step.id)
}

function broken(step: Step): string {
  return moment(step)?.broken?.reason ?? ''
}

/** In how many worlds a step cannot be done, when it can be done in the one that is shown. */
function sometimesBroken(step: Step): string {
  const finding = bench.survey?.findings.find((f) => f.kind === 'can-be-done' && f.id === step.id)
  return finding && finding.verdict !== 'always' ? `breaks: ${finding.because}` : ''
}

/** Whether a row is written out: of a compact script only the one that is selected. */
function worded(id: string): boolean {
  return !props.compact || bench.selected === id
}

function deciding(step: Step): string {
  const at = moment(step)
  if (!at || at.choices.length === 0) {
    return ''
  }
  return at.choices.some((c) => c.bySpectator)
    ? t('bench.scriptAndDeck.theyChoose')
    : t('bench.scriptAndDeck.byFeel')
}

/** By step, whether the claims that stand after it hold, in a sign and in words; none while they are not judged. */
const claimed = computed(() => {
  const judged = bench.survey?.findings.filter((f) => f.kind === 'claim') ?? []
  const signs = new Map<string, { sign: string; holds: boolean; said: string }>()
  for (const step of bench.routine?.steps ?? []) {
    const ids = bench.routine!.claims.filter((c) => c.after === step.id).map((c) => c.id)
    const here = judged.filter((f) => ids.includes(f.id))
    const holds = here.every((f) => f.verdict === 'always')
    const said = here
      .map((f) => {
        const verdict =
          { always: 'holds', never: 'fails' }[f.verdict as string] ?? t('bench.scriptAndDeck.canFail')
        return `${f.sentence}: ${verdict}`
      })
      .join('; ')
    if (here.length > 0) {
      signs.set(step.id, { sign: holds ? '●' : '▲', holds, said })
    }
  }
  return signs
})

/** How many outs begin after a step. */
function outsAfter(id: string): number {
  return (bench.whole?.outs ?? []).filter((o) => o.after === id).length
}

/** At the set-up a card is laid where the hand lets go; later on that says where it should be. */
function want(role: number, spot: Spot): void {
  if (bench.selected === SET_UP) {
    lay(bench.trace!.moments[0]!.roles[role]!.card, spot)
  } else {
    wanted.value = { role, spot }
  }
}

function lay(card: number, spot: Spot): void {
  const { code } = bench.trace!.cards[card]!
  const laid = layCard(bench.whole!, bench.trace!, code, spot)
  if (laid) {
    bench.editWhole(laid, true)
  } else {
    toast.say(t('bench.scriptAndDeck.theSetUpTrayLays'))
  }
}

function select(id: string): void {
  emit('select', id)
}

/** Puts the dragged step before the one that is now the nth, counted from 0. */
function drop(to: number): void {
  const from = bench.routine?.steps.findIndex((s) => s.id === dragged.value) ?? -1
  if (from >= 0) {
    emit('move', dragged.value, from < to ? to - 1 : to)
  }
  dragged.value = ''
  over.value = -1
}

function spoken(step: Step | undefined): string {
  const at = step ? moment(step) : bench.trace?.moments[0]
  return (at?.roles ?? [])
    .map((role, i) => {
      const who = bench.trace!.roles[i]!
      if (!role.place) {
        return t('bench.scriptAndDeck.notChosen', { letter: who.letter, label: who.label })
      }
      const size = role.position + role.fromBottom - 1
      return t('bench.scriptAndDeck.fromTheTopOfIn', {
        letter: who.letter,
        label: who.label,
        position: role.position,
        n: size,
        placeLabel: role.placeLabel,
        role: role.faceUp ? 'up' : 'down',
      })
    })
    .join('; ')
}
</script>

<template>
  <section class="script" :aria-label="$t('bench.scriptAndDeck.scriptAndRunningDeck')">
    <ol ref="script" class="steps">
      <li
        v-for="(step, i) in rows"
        :key="step?.id ?? SET_UP"
        class="row"
        :class="{
          selected: bench.selected === (step?.id ?? SET_UP),
          over: over === i,
          elsewhere: step && !bench.isOwn(step.id),
        }"
        :style="narrow ? {} : { minHeight: `${density.rowHeight}px` }"
        :draggable="!!step && bench.isOwn(step.id)"
        :data-step="step?.id ?? 'set-up'"
        @dragstart="dragged = step?.id ?? ''"
        @dragover.prevent="over = i"
        @dragleave="over = -1"
        @drop.prevent="drop(Math.max(0, i - 1))"
        @dragend="over = -1"
      >
        <button
          class="flex w-full flex-col items-start pr-2 pl-3 text-left"
          :class="compact ? 'py-0.5' : 'pt-2 pb-6'"
          :aria-current="bench.selected === (step?.id ?? SET_UP) ? 'step' : undefined"
          @click="select(step?.id ?? SET_UP)"
        >
          <template v-if="step">
            <span class="flex w-full items-baseline gap-2">
              <span class="w-5 shrink-0 text-right text-soft">{{ i }}</span>
              <strong class="leading-tight">{{ name(step) }}</strong>
              <span
                v-if="!worded(step.id) && (broken(step) || sometimesBroken(step))"
                class="text-sm text-broken"
              >
                <span aria-hidden="true">▲</span>
                <span class="sr-only">{{ broken(step) || sometimesBroken(step) }}</span>
              </span>
              <span
                v-if="claimed.has(step.id)"
                class="ml-auto shrink-0 pr-1 text-sm"
                :class="claimed.get(step.id)!.holds ? 'text-holds' : 'text-broken'"
                :title="claimed.get(step.id)!.said"
                data-testid="claimed-here"
              >
                <span aria-hidden="true">{{ claimed.get(step.id)!.sign }}</span>
                <span class="sr-only">{{ claimed.get(step.id)!.said }}</span>
              </span>
              <span
                v-if="outsAfter(step.id) > 0"
                class="ml-auto shrink-0 pr-1 text-xs text-brass"
                :title="$t('bench.scriptAndDeck.readyIfTheyInsist', { id: outsAfter(step.id) })"
              >
                ↳ {{ $t('bench.scriptAndDeck.outs', outsAfter(step.id)) }}
              </span>
            </span>
            <span
              v-if="worded(step.id) && broken(step)"
              class="pl-7 text-sm leading-snug font-semibold text-broken"
            >
              ▲ {{ broken(step) }}
            </span>
            <span v-else-if="worded(step.id)" class="pl-7 text-sm leading-snug text-soft">
              {{ moment(step)?.skipped ? $t('bench.scriptAndDeck.notNeededThisWay') : ''
              }}{{ moment(step)?.stated ?? '' }}
            </span>
            <span
              v-if="worded(step.id) && !broken(step) && !sometimesBroken(step) && deciding(step)"
              class="pl-7 text-xs text-brass"
            >
              {{ deciding(step) }}
            </span>
            <span
              v-if="worded(step.id) && !broken(step) && sometimesBroken(step)"
              class="pl-7 text-sm leading-snug text-broken"
            >
              ▲ {{ sometimesBroken(step) }}
            </span>
          </template>
          <template v-else>
            <span class="flex items-baseline gap-2">
              <span class="w-5 shrink-0 text-right text-soft">·</span>
              <strong>{{ $t('bench.scriptAndDeck.setUp') }}</strong>
            </span>
            <span v-if="worded(SET_UP)" class="pl-7 text-sm leading-snug text-soft">
              {{
                bench.routine?.setUp.note ||
                $t('bench.scriptAndDeck.cardsAnyOrder', { trace: bench.trace?.cards.length ?? '' })
              }}
            </span>
          </template>
          <span class="sr-only">{{ spoken(step) }}</span>
        </button>
        <RunningDeck
          v-if="narrow && only(i) && scriptWidth > 0"
          class="px-3 pb-1"
          :trace="only(i)!"
          :survey="surveyOf(i)"
          :width="scriptWidth - 28"
          :row-height="76"
          :slot-top="24"
          @select="select(step?.id ?? SET_UP)"
        />
        <span v-if="step && bench.selected === step.id && bench.isOwn(step.id)" class="tools">
          <button
            :title="$t('bench.scriptAndDeck.moveUpAlt')"
            :aria-label="$t('bench.scriptAndDeck.moveStepUp')"
            @click="emit('move', step.id, i - 2)"
          >
            ↑
          </button>
          <button
            :title="$t('bench.scriptAndDeck.moveDownAlt')"
            :aria-label="$t('bench.scriptAndDeck.moveStepDown')"
            @click="emit('move', step.id, i)"
          >
            ↓
          </button>
          <button
            :title="$t('bench.scriptAndDeck.duplicateD')"
            :aria-label="$t('bench.scriptAndDeck.duplicateStep')"
            @click="emit('duplicate', step.id)"
          >
            ×2
          </button>
          <button
            :title="$t('bench.scriptAndDeck.removeDelete')"
            :aria-label="$t('bench.scriptAndDeck.removeStep')"
            @click="emit('remove', step.id)"
          >
            ✕
          </button>
        </span>
      </li>
      <li
        class="p-3"
        :class="{ over: over === rows.length }"
        @dragover.prevent="over = rows.length"
        @drop.prevent="drop(rows.length - 1)"
      >
        <button class="btn w-full" @click="emit('add')">
          {{ $t('bench.scriptAndDeck.addAMove') }} <kbd class="kbd ml-2">A</kbd>
        </button>
      </li>
    </ol>
    <div v-if="!narrow" ref="deckColumn" class="deck">
      <RunningDeck
        v-if="bench.trace && width > 0"
        :trace="bench.trace"
        :survey="bench.survey"
        :width="width"
        :row-height="density.rowHeight"
        :row-tops="tops"
        :slot-top="density.slotTop"
        :slot-height="density.slotHeight"
        :held="gripped === undefined ? undefined : { moment: bench.selectedIndex, card: gripped }"
        @select="select(bench.trace!.moments[$event]!.stepId)"
      />
      <DeckGrips
        v-if="bench.trace && width > 0 && bench.trace.moments[bench.selectedIndex]"
        :key="bench.selected"
        :trace="bench.trace"
        :survey="bench.survey"
        :width="width"
        :row-height="density.rowHeight"
        :row-tops="tops"
        :slot-top="density.slotTop"
        :slot-height="density.slotHeight"
        :moment="bench.selectedIndex"
        :boundaries="boundaries"
        @part="part"
        @want="want"
        @lay="lay"
        @point="gripped = $event"
      />
    </div>
    <WantedDialog v-model="wanted" />
  </section>
</template>

<style scoped>
.script {
  display: grid;
  grid-template-columns: 360px minmax(0, 1fr);
  align-items: start;
  padding-bottom: 3rem;
}

.deck {
  position: relative;
  margin: 0 1.5rem 0 1rem;
  min-width: 0;
}

.row {
  position: relative;
  border-top: 1px solid var(--rule);
  border-left: 4px solid transparent;
}

.selected {
  background: var(--raised);
  border-left-color: var(--brass-line);
}

/* Seen on this line, edited on another one. */
.elsewhere strong,
.elsewhere .text-soft {
  color: var(--soft);
  font-weight: 400;
}

.over {
  box-shadow: 0 -3px 0 var(--brass-line);
}

.tools {
  position: absolute;
  right: 2px;
  bottom: 2px;
  display: flex;
  background: var(--raised);
}

.tools button {
  min-width: 26px;
  min-height: 24px;
  border-radius: 4px;
}

.tools button:hover {
  background: var(--rule);
}

@media (max-width: 900px) {
  .script {
    grid-template-columns: minmax(0, 1fr);
  }

  .deck {
    margin: 0 1rem;
  }
}
</style>
