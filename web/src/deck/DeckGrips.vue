<script setup lang="ts">
import type { Boundary, Survey, Trace } from '@/api/client'
import { useEventListener } from '@vueuse/core'
import { computed, ref } from 'vue'
import { layOut } from './geometry'
import { depthAt, spotAt, withinBoundary, type Spot } from './grip'
import { roleStyle } from './roleStyle'

/*
 * What can be taken hold of on a running deck, laid over it in the same frame: only of the step that is selected, so that
 * the picture stays calm. Each grip is a slider, so that keys do what a hand does.
 */

const props = defineProps<{
  trace: Trace
  survey?: Survey
  width: number
  rowHeight: number
  rowTops?: number[]
  slotTop: number
  slotHeight: number
  /** The selected moment: 0 for the set-up. */
  moment: number
  /** Where the step of that moment parts piles. */
  boundaries: Boundary[]
}>()

const emit = defineEmits<{
  /** A boundary lies below so many cards now. */
  part: [boundary: Boundary, depth: number]
  /** The card of a role should lie here; at the set-up it is laid there. */
  want: [role: number, spot: Spot]
  /** A letter is pointed at: its card; nothing when it is left. */
  point: [card: number | undefined]
  /** Some card of the set-up is laid elsewhere. */
  lay: [card: number, spot: Spot]
}>()

const box = ref<HTMLElement>()
/** What is held: its key, and where it is now. */
const held = ref<{ key: string; boundary?: Boundary; depth?: number; spot?: Spot }>()

const rows = computed(
  () =>
    layOut(
      props.trace,
      {
        width: props.width,
        rowHeight: props.rowHeight,
        rowTops: props.rowTops,
        slotHeight: props.slotHeight,
        slotTop: props.slotTop,
      },
      props.survey,
    ).rows,
)
const row = computed(() => rows.value[props.moment])
const before = computed(() => rows.value[props.moment - 1])

const knobs = computed(() =>
  props.boundaries.flatMap((boundary, index) => {
    const key = `b${index}`
    const pile = before.value?.piles.find((p) => p.place === boundary.place)
    const depth = held.value?.key === key ? held.value.depth! : boundary.depth
    return pile
      ? [{ key, boundary, pile, depth, x: pile.x + depth * pile.slot, y: before.value!.y + props.slotHeight }]
      : []
  }),
)

const letters = computed(() =>
  (row.value?.markers ?? []).map((marker) => {
    const key = `r${marker.role}`
    const state = props.trace.moments[props.moment]!.roles[marker.role]!
    const at: Spot = { place: state.place, label: state.placeLabel, position: marker.position }
    return { key, marker, at, role: props.trace.roles[marker.role]! }
  }),
)

/** The card that follows the hand, between being taken and being let go. */
const ghost = computed(() => {
  const spot = held.value?.spot
  const pile = row.value?.piles.find((p) => p.place === spot?.place)
  return spot && pile
    ? { x: pile.x + (spot.position - 1) * pile.slot, y: row.value!.y, width: pile.slot, told: spot.position }
    : undefined
})

function x(event: PointerEvent): number {
  return event.clientX - box.value!.getBoundingClientRect().left
}

function grasp(event: PointerEvent): void {
  const grip = event.currentTarget as HTMLElement
  grip.setPointerCapture(event.pointerId)
  grip.focus({ preventScroll: true })
}

function part(key: string, boundary: Boundary, depth: number): void {
  const to = withinBoundary(boundary, depth)
  if (to !== (held.value?.depth ?? boundary.depth)) {
    emit('part', boundary, to)
  }
  held.value = { key, boundary, depth: to }
}

function slideKnob(event: PointerEvent, knob: (typeof knobs.value)[number]): void {
  const holding = held.value?.key === knob.key
  if (event.buttons & 1) {
    // The boundary as it was taken: while the hand moves, the answers come one after another.
    const boundary = (holding && held.value!.boundary) || knob.boundary
    part(knob.key, boundary, depthAt(boundary, knob.pile, x(event)))
  }
}

function letGo(): void {
  held.value = undefined
}

function carry(event: PointerEvent, key: string): void {
  const spot = event.buttons & 1 ? spotAt(row.value!.piles, x(event)) : undefined
  if (spot) {
    held.value = { key, spot }
  }
}

function same(a: Spot, b: Spot): boolean {
  return a.place === b.place && a.position === b.position
}

function putRole(role: number, at: Spot): void {
  const spot = held.value?.spot
  held.value = undefined
  if (spot && !same(spot, at)) {
    emit('want', role, spot)
  }
}

/** Keys carry a card through its pile; at the set-up it goes along at once, elsewhere when it is put down. */
function shift(letter: (typeof letters.value)[number], by: number): void {
  const from = held.value?.key === letter.key ? held.value.spot! : letter.at
  const size = row.value!.piles.find((p) => p.place === from.place)?.size ?? 0
  const position = Math.min(Math.max(from.position + by, 1), size)
  held.value = { key: letter.key, spot: { ...from, position } }
  if (props.moment === 0) {
    putRole(letter.marker.role, letter.at)
  }
}

/** Which card of the set-up the hand took, and where it pressed. */
const taken = ref<{ card: number; at: Spot; x: number }>()

/** A hand that only trembles does not lay a card elsewhere. */
const TREMBLE = 4

// The picture below stays as it is, so that pointing at its cards goes on naming them.
useEventListener(
  () => box.value?.parentElement,
  'pointerdown',
  (event) => {
    const y = event.clientY - box.value!.getBoundingClientRect().top
    const grip = (event.target as HTMLElement).closest('button')
    if (props.moment === 0 && row.value && !grip && y >= row.value.y && y <= row.value.y + props.slotHeight) {
      const at = spotAt(row.value.piles, x(event))
      const slot = row.value.slots.find((s) => s.place === at?.place && s.position === at.position)
      taken.value = at && slot ? { card: slot.card, at, x: x(event) } : undefined
    }
  },
)
useEventListener(window, 'pointermove', (event) => {
  if (taken.value && Math.abs(x(event) - taken.value.x) > TREMBLE) {
    carry(event, 'card')
  }
})
useEventListener(window, 'pointerup', () => {
  const card = taken.value
  const spot = held.value?.spot
  taken.value = undefined
  if (card) {
    held.value = undefined
    if (spot && !same(spot, card.at)) {
      emit('lay', card.card, spot)
    }
  }
})
</script>

<template>
  <div ref="box" class="grips">
    <button
      v-for="letter in letters"
      :key="letter.key"
      class="letter"
      role="slider"
      aria-valuemin="1"
      :aria-valuemax="row!.piles.find((p) => p.place === letter.at.place)?.size ?? 1"
      :aria-valuenow="held?.key === letter.key ? held.spot!.position : letter.at.position"
      :aria-valuetext="
        $t('bench.deckGrips.fromTheTopOf', {
          held: held?.key === letter.key ? held.spot!.position : letter.at.position,
          label: letter.at.label,
        })
      "
      :aria-label="
        moment === 0
          ? $t('bench.deckGrips.whereItLies', { letter: letter.role.letter, label: letter.role.label })
          : $t('bench.deckGrips.whereItShouldLie', { letter: letter.role.letter, label: letter.role.label })
      "
      :title="moment === 0 ? $t('bench.deckGrips.dragItToItsPlace') : $t('bench.deckGrips.dragItToWhereIt')"
      :style="{ left: `${letter.marker.x}px`, top: `${letter.marker.y + slotHeight / 2}px` }"
      @pointerdown="grasp"
      @pointermove="carry($event, letter.key)"
      @pointerup="putRole(letter.marker.role, letter.at)"
      @pointercancel="letGo"
      @pointerenter="emit('point', trace.moments[moment]!.roles[letter.marker.role]!.card)"
      @pointerleave="emit('point', undefined)"
      @keydown.left.stop.prevent="shift(letter, -1)"
      @keydown.right.stop.prevent="shift(letter, 1)"
      @keydown.home.stop.prevent="shift(letter, -99)"
      @keydown.end.stop.prevent="shift(letter, 99)"
      @keydown.enter.stop.prevent="putRole(letter.marker.role, letter.at)"
      @keydown.escape.stop="letGo"
      @blur="letGo"
    />
    <button
      v-for="knob in knobs"
      :key="knob.key"
      class="knob"
      role="slider"
      :aria-valuemin="knob.boundary.least"
      :aria-valuemax="knob.boundary.least + knob.boundary.texts.length - 1"
      :aria-valuenow="knob.depth"
      :aria-valuetext="
        $t('bench.deckGrips.belowOf', { depth: knob.depth, placeLabel: knob.boundary.placeLabel })
      "
      :aria-label="$t('bench.deckGrips.whereItParts', { label: knob.boundary.label })"
      :title="$t('bench.deckGrips.dragItToPartThe')"
      :style="{ left: `${knob.x}px`, top: `${knob.y}px` }"
      @pointerdown="grasp"
      @pointermove="slideKnob($event, knob)"
      @pointerup="letGo"
      @pointercancel="letGo"
      @keydown.left.stop.prevent="part(knob.key, knob.boundary, knob.depth - 1)"
      @keydown.right.stop.prevent="part(knob.key, knob.boundary, knob.depth + 1)"
      @keydown.home.stop.prevent="part(knob.key, knob.boundary, 0)"
      @keydown.end.stop.prevent="part(knob.key, knob.boundary, 99)"
      @keyup="letGo"
    >
      <span aria-hidden="true" />
      <output v-if="held?.key === knob.key" aria-hidden="true">{{ knob.depth }}</output>
    </button>
    <div
      v-if="ghost"
      class="ghost"
      aria-hidden="true"
      :style="{
        left: `${ghost.x}px`,
        top: `${ghost.y - 4}px`,
        width: `${Math.max(6, ghost.width)}px`,
        height: `${slotHeight + 8}px`,
        borderColor: held?.key.startsWith('r') ? roleStyle(Number(held.key.slice(1))).colour : undefined,
      }"
    >
      <output>{{ ghost.told }}</output>
    </div>
  </div>
</template>

<style scoped>
.grips {
  position: absolute;
  inset: 0;
  pointer-events: none;
}

.grips > button {
  position: absolute;
  pointer-events: auto;
  touch-action: none;
}

.letter,
.knob {
  width: 24px;
  height: 28px;
  transform: translate(-50%, -50%);
  cursor: grab;
  border-radius: 4px;
}

.knob {
  height: 24px;
  transform: translate(-50%, -4px);
  cursor: ew-resize;
}

/* A wedge that points up between two cards. */
.knob > span {
  position: absolute;
  left: 6px;
  top: 3px;
  border: 6px solid transparent;
  border-top: 0;
  border-bottom: 9px solid var(--brass);
}

.knob:hover > span,
.knob:focus-visible > span {
  border-bottom-color: var(--ink);
}

.knob > output,
.ghost > output {
  position: absolute;
  left: 50%;
  transform: translateX(-50%);
  border-radius: 4px;
  background: var(--ink);
  padding: 0 5px;
  color: var(--paper);
  font-size: 13px;
  font-weight: 700;
}

.knob > output {
  top: 13px;
}

.ghost {
  position: absolute;
  border: 2.5px solid var(--brass);
  border-radius: 3px;
}

.ghost > output {
  top: -22px;
}

@media (forced-colors: active) {
  .knob > span {
    border-bottom-color: ButtonText;
    forced-color-adjust: none;
  }
}
</style>
