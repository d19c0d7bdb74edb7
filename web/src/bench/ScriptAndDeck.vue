<script setup lang="ts">
import { t } from '@/words'
import type { Survey, Trace } from '@/api/client'
import { RunningDeck, type Spot } from '@/deck'
import { asSeen } from '@/deck/seen'
import DeckGrips from '@/deck/DeckGrips.vue'
import { useToast } from '@/ui/toast'
import { useElementSize, useMediaQuery, useResizeObserver } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import ScriptWords from './ScriptWords.vue'
import { SET_UP, useBench } from './store'
import { useBoundaries } from './useBoundaries'
import WantedDialog from './WantedDialog.vue'

const emit = defineEmits<{
  select: [id: string]
  move: [id: string, to: (from: number) => number]
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

/** The deck that is drawn. */
const drawn = computed(() =>
  bench.trace && bench.seen && bench.deckView === 'seen' ? asSeen(bench.trace, bench.seen) : bench.trace,
)
/** Where the real cards lie otherwise than people think, by moment. */
const parted = computed(() =>
  bench.deckView === 'both'
    ? bench.trace?.moments.map(
        (m) => new Set(bench.seenAt(m.stepId)?.parts.map((part) => `${part.place} ${part.position}`)),
      )
    : undefined,
)
/** Where cards can be in other ways: of the real deck alone. */
const survey = computed(() => (bench.deckView === 'seen' ? undefined : bench.survey))

function only(moment: number): Trace | undefined {
  const at = drawn.value?.moments[moment]
  return at && { ...drawn.value!, moments: [at] }
}

function surveyOf(moment: number): Survey | undefined {
  return survey.value && { ...survey.value, bands: survey.value.bands.slice(moment, moment + 1) }
}
const rows = computed(() => [undefined, ...(bench.routine?.steps ?? [])])
const dragged = ref('')
const over = ref(-1)

/** Where the rows begin, and where the last one ends: the deck is drawn beside them. */
const tops = ref<number[]>([])
const measuredRows = shallowRef<HTMLElement[]>([])

function measure(): void {
  const measured = [...(script.value?.querySelectorAll<HTMLElement>('[data-step]') ?? [])]
  if (
    measured.some((row, i) => row !== measuredRows.value[i]) ||
    measured.length < measuredRows.value.length
  ) {
    measuredRows.value = measured
  }
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

// Where a row begins changes with the height of one above it, or with the order. Asked at other times the browser would have to lay
// the page out just for that.
useResizeObserver(measuredRows, measure)
watch(() => rows.value.map((step) => step?.id).join(), measure, { flush: 'post' })
onMounted(measure)

/** Whether a row is written out: of a compact script only the one that is selected. */
function worded(id: string): boolean {
  return !props.compact || bench.selected === id
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
  const pile = bench.trace!.moments[0]!.piles.find((each) => each.cards.includes(card))
  if (pile?.place === spot.place) {
    const kind = pile.place === 'deck' ? 'start' : 'pile'
    void bench.put({ kind, id: pile.place, setting: code }, spot.position)
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
    const place = from < to ? to - 1 : to
    emit('move', dragged.value, () => place)
  }
  dragged.value = ''
  over.value = -1
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
          <ScriptWords :step="step" :nth="i" :worded="worded(step?.id ?? SET_UP)" />
        </button>
        <RunningDeck
          v-if="narrow && only(i) && scriptWidth > 0"
          class="px-3 pb-1"
          :trace="only(i)!"
          :survey="surveyOf(i)"
          :parts="parted?.slice(i, i + 1)"
          :class="{ 'as-seen': bench.deckView === 'seen' }"
          :width="scriptWidth - 28"
          :row-height="88"
          :slot-top="24"
          @select="select(step?.id ?? SET_UP)"
        />
        <span v-if="step && bench.selected === step.id && bench.isOwn(step.id)" class="tools">
          <button
            :title="$t('bench.scriptAndDeck.moveUpAlt')"
            :aria-label="$t('bench.scriptAndDeck.moveStepUp')"
            @click="emit('move', step.id, (from) => from - 1)"
          >
            ↑
          </button>
          <button
            :title="$t('bench.scriptAndDeck.moveDownAlt')"
            :aria-label="$t('bench.scriptAndDeck.moveStepDown')"
            @click="emit('move', step.id, (from) => from + 1)"
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
        v-if="drawn && width > 0"
        :class="{ 'as-seen': bench.deckView === 'seen' }"
        :trace="drawn"
        :survey="survey"
        :parts="parted"
        :width="width"
        :row-height="density.rowHeight"
        :row-tops="tops"
        :slot-top="density.slotTop"
        :slot-height="density.slotHeight"
        :held="gripped === undefined ? undefined : { moment: bench.selectedIndex, card: gripped }"
        @select="select(bench.trace!.moments[$event]!.stepId)"
      />
      <DeckGrips
        v-if="
          bench.trace && bench.deckView !== 'seen' && width > 0 && bench.trace.moments[bench.selectedIndex]
        "
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
/* The deck in people's heads has a tint of its own. */
.as-seen {
  --slot: #eef1f6;
  --slot-rule: #aebbd0;
}

.dark .as-seen {
  --slot: #202a3a;
  --slot-rule: #55698a;
}
</style>
