<script setup lang="ts">
import { t } from '@/words'
import type { Survey, Trace } from '@/api/client'
import { computed, ref } from 'vue'
import type { SlotBox } from './boxes'
import { LINE } from './captions'
import { BAR, cardPath, layOut, type RowShapes } from './geometry'
import { roleStyle } from './roleStyle'
import type { ThingBox } from './things'

const props = defineProps<{
  trace: Trace
  /** Where roles can be in other worlds; drawn as bands. */
  survey?: Survey
  width: number
  rowHeight: number
  /** Where rows of different heights begin, and where the last one ends. */
  rowTops?: number[]
  slotHeight?: number
  /** From the top of a row to its slots: leave room for the written positions. */
  slotTop?: number
  /** How wide a slot becomes at most. */
  widestSlot?: number
  /** A card that is pointed at elsewhere than here. */
  held?: { moment: number; card: number }
  /** Cards that are marked, by moment, each as its place and position: they lie otherwise than people think. */
  parts?: Set<string>[]
  /** A picture without words, for lists. */
  thumbnail?: boolean
}>()

const emit = defineEmits<{
  /** A moment was clicked. */
  select: [moment: number]
}>()

const slotHeight = computed(() => props.slotHeight ?? 24)
const shapes = computed(() =>
  layOut(
    props.trace,
    {
      width: props.width,
      rowHeight: props.rowHeight,
      rowTops: props.rowTops,
      slotHeight: slotHeight.value,
      slotTop: props.slotTop ?? 20,
      ...(props.widestSlot ? { widestSlot: props.widestSlot } : {}),
    },
    props.survey,
  ),
)

const underPointer = ref<SlotBox>()
const pointed = computed(
  () =>
    underPointer.value ??
    (props.held &&
      shapes.value.rows[props.held.moment]?.slots.find((slot) => slot.card === props.held!.card)),
)
const pointedPath = computed(() =>
  pointed.value ? cardPath(shapes.value, pointed.value.card, slotHeight.value) : '',
)
const pointedName = computed(() => {
  const slot = pointed.value
  const card = slot && props.trace.cards[slot.card]!
  return slot && card
    ? [
        card.stated === 'open' ? t('deck.runningDeck.someCard', { name: card.name }) : card.name,
        ...card.marks,
        t('deck.runningDeck.fromTheTop', { position: slot.position }),
      ].join(', ')
    : ''
})

/** Of more cards than this the sheaths would run together: then there is one, of the card that is pointed at. */
const MOST_SHEATHED = 2

/** Bands of two cards are hatched, each its own way: laid over each other neither hides the other. */
const HATCHES = 12

const sheathed = computed(() => {
  const uncertain = [...new Set(shapes.value.sheaths.flat().map((sheath) => sheath.role))]
  const card = pointed.value?.card
  const followed = props.trace.moments.flatMap((m) => m.roles).findIndex((role) => role.card === card)
  const role = card === undefined || followed < 0 ? uncertain[0] : followed % props.trace.roles.length
  return uncertain.length <= MOST_SHEATHED ? uncertain : uncertain.filter((r) => r === role)
})

/** A slot narrower than this for each letter cannot show what is printed on its card. */
const READABLE = 9

/** The roles that have a bar below a row. */
function barred(row: RowShapes): number[] {
  return [...new Set(row.band.map((cell) => cell.role))].sort((one, other) => one - other)
}

/** The side of a slot that is seen from above. */
function upper(slot: SlotBox) {
  const card = props.trace.cards[slot.card]!
  return slot.faceUp ? card.front : card.back
}

function sign(slot: SlotBox): string {
  return upper(slot).sign.replace('Joker ', '★').replace('blank', '○')
}

/** Slots that show something from above: face-up cards, and other faces or backs where a back should be; no letter covers them. */
function printed({ slots, markers }: RowShapes): SlotBox[] {
  return slots.filter(
    (slot) =>
      slot.width >= READABLE * sign(slot).length &&
      upper(slot).kind !== 'back' &&
      !markers.some((marker) => Math.abs(marker.x - slot.x - slot.width / 2) < marker.width),
  )
}

function special(slots: SlotBox[]): SlotBox[] {
  return slots.filter((slot) => {
    const card = props.trace.cards[slot.card]!
    return card.special || card.marks.length > 0
  })
}

function slotPath(slots: SlotBox[], faceUp: boolean): string {
  return slots
    .filter((slot) => slot.faceUp === faceUp)
    .map((slot) => {
      const width = Math.max(1, slot.width - 1)
      return `M${slot.x + 0.5} ${slot.y}h${width}v${slotHeight.value}h${-width}z`
    })
    .join('')
}

/** An open thing has no upper edge; a closed one has a flap over it; what nothing goes into is drawn whole. */
function thingPath(thing: ThingBox, y: number): string {
  const top = y - thing.pad
  const bottom = y + slotHeight.value + thing.pad
  const open = `M${thing.x} ${top}V${bottom}H${thing.end}V${top}`
  const flap = `L${(thing.x + thing.end) / 2} ${top + 7}L${thing.x} ${top}z`
  return !thing.holds ? `${open}z` : thing.closed ? `${open}z${open}${flap}` : open
}

function point(event: PointerEvent, slots: SlotBox[]): void {
  const svg = (event.currentTarget as SVGElement).ownerSVGElement!
  const x =
    ((event.clientX - svg.getBoundingClientRect().left) / svg.getBoundingClientRect().width) * props.width
  underPointer.value = slots.find((slot) => x >= slot.x && x < slot.x + slot.width)
}
</script>

<template>
  <svg
    :viewBox="`0 0 ${width} ${shapes.height}`"
    :width="thumbnail ? undefined : width"
    :height="thumbnail ? undefined : shapes.height"
    class="block overflow-visible"
    :class="thumbnail ? 'w-full' : ''"
    role="img"
    :aria-label="$t('deck.runningDeck.runningDeckOfSteps', { trace: trace.moments.length - 1 })"
  >
    <g aria-hidden="true">
      <g v-for="(between, i) in shapes.ribbons" :key="i" v-memo="[between]">
        <path
          v-for="ribbon in between"
          :key="ribbon.index"
          :d="ribbon.path"
          :fill="`var(--ribbon-${(ribbon.index % 4) + 1})`"
          :opacity="between.length === 1 ? 0.08 : ribbon.turned ? 0.34 : 0.2"
        />
      </g>

      <defs v-if="sheathed.length > 1 && !thumbnail">
        <pattern
          v-for="role in sheathed"
          :id="`hatch-${role % HATCHES}`"
          :key="role"
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          :patternTransform="`rotate(${role % 2 === 0 ? 45 : -45})`"
        >
          <path d="M0 0v6" :stroke="roleStyle(role).colour" stroke-width="2" />
        </pattern>
      </defs>
      <g v-for="(between, i) in thumbnail ? [] : shapes.sheaths" :key="`b${i}`" class="sheaths">
        <path
          v-for="(sheath, s) in between.filter((one) => sheathed.includes(one.role))"
          :key="s"
          :d="sheath.path"
          :fill="sheathed.length > 1 ? `url(#hatch-${sheath.role % HATCHES})` : roleStyle(sheath.role).colour"
          :opacity="sheathed.length > 1 ? sheath.opacity * 4 : sheath.opacity"
        />
      </g>

      <g v-for="(row, i) in shapes.rows" :key="i" v-memo="[row, trace.cards, slotHeight, width]">
        <rect
          v-for="cell in row.band"
          :key="`${cell.role}-${cell.x}`"
          :x="cell.x"
          :y="cell.y + slotHeight + 2 + BAR * barred(row).indexOf(cell.role)"
          :width="cell.width"
          height="3"
          :fill="roleStyle(cell.role).colour"
          :opacity="cell.weight"
          class="band"
        />
        <path
          :d="slotPath(row.slots, false)"
          fill="var(--slot)"
          stroke="var(--slot-rule)"
          :stroke-width="thumbnail ? 0.35 : 0.8"
        />
        <path
          :d="slotPath(row.slots, true)"
          fill="var(--slot-up)"
          stroke="var(--brass-line)"
          stroke-width="1"
        />
        <template v-if="!thumbnail">
          <text
            v-for="slot in printed(row)"
            :key="slot.card"
            :x="slot.x + slot.width / 2"
            :y="slot.y + slotHeight / 2 + 4"
            text-anchor="middle"
            font-size="11"
            :fill="
              trace.cards[slot.card]!.stated === 'open'
                ? 'var(--soft)'
                : upper(slot).red
                  ? 'var(--pip-red)'
                  : 'var(--ink)'
            "
            :font-style="trace.cards[slot.card]!.stated === 'open' ? 'italic' : undefined"
          >
            {{ sign(slot) }}
          </text>
        </template>
        <g v-for="thing in row.things" :key="`t${thing.name}`" data-testid="thing">
          <path
            :d="thingPath(thing, row.y)"
            :fill="thing.holds ? 'none' : 'var(--raised)'"
            stroke="var(--soft)"
            :stroke-width="thumbnail ? 0.8 : 1.5"
            stroke-linejoin="round"
          />
        </g>
        <rect
          v-for="mark in row.slugs"
          :key="`s${mark.role}-${mark.x}`"
          :x="mark.x + 0.5"
          :y="mark.y"
          :width="Math.max(1, mark.width - 1)"
          height="5"
          :fill="roleStyle(mark.role).colour"
        />
        <circle
          v-for="slot in thumbnail ? [] : special(row.slots)"
          :key="`x${slot.card}`"
          :cx="slot.x + slot.width / 2"
          :cy="slot.y + slotHeight - 4"
          r="2"
          fill="var(--hint)"
        />
        <g v-for="(hold, nth) in row.holds" :key="nth">
          <rect
            v-if="hold.jog !== 0"
            :x="hold.x + 0.5"
            :y="hold.y + hold.jog"
            :width="Math.max(1, hold.width - 1)"
            :height="slotHeight"
            fill="var(--slot)"
            stroke="var(--brass)"
            stroke-width="1.5"
          />
          <path
            v-else-if="hold.kind !== 'bend'"
            :d="`M${hold.x} ${hold.y - 5}v${slotHeight + 10}`"
            stroke="var(--brass)"
            stroke-width="3"
            stroke-linecap="round"
          />
        </g>
      </g>

      <path
        v-for="thread in shapes.threads"
        :key="thread.role"
        :d="thread.path"
        fill="none"
        :stroke="roleStyle(thread.role).colour"
        :stroke-width="thumbnail ? 3 : 2.6"
        :stroke-dasharray="roleStyle(thread.role).dash"
      />
      <!-- Over the threads: words are read, whatever runs behind them. -->
      <g v-for="(row, i) in thumbnail ? [] : shapes.rows" :key="`n${i}`" v-memo="[row, slotHeight, width]">
        <text
          v-for="caption in row.captions"
          :key="`${caption.x} ${caption.text}`"
          :x="caption.x"
          :y="row.y + slotHeight + 15 + row.captionsFrom + LINE * caption.line"
          :text-anchor="caption.end ? 'end' : 'start'"
          font-size="11"
          :font-weight="caption.hold ? 600 : undefined"
          :fill="caption.hold ? 'var(--brass)' : 'var(--soft)'"
          stroke="var(--paper)"
          stroke-width="3"
          paint-order="stroke"
        >
          {{ caption.text }}
        </text>
      </g>
      <g v-for="(row, i) in parts ? shapes.rows : []" :key="`p${i}`">
        <rect
          v-for="slot in row.slots.filter((s) => parts![i]?.has(`${s.place} ${s.position}`))"
          :key="slot.card"
          :x="slot.x + 0.5"
          :y="slot.y + slotHeight - 1"
          :width="Math.max(2, slot.width - 1)"
          height="4"
          fill="var(--brass)"
          data-testid="parted"
        />
      </g>
      <path
        v-if="pointed"
        :d="pointedPath"
        fill="none"
        stroke="var(--ink)"
        stroke-width="1.5"
        opacity="0.7"
      />

      <template v-if="!thumbnail">
        <g v-for="(row, i) in shapes.rows" :key="`m${i}`">
          <g v-for="marker in row.markers" :key="marker.role" :opacity="marker.chosen ? 1 : 0.55">
            <rect
              :x="marker.x - marker.width / 2"
              :y="marker.y - 2 + marker.share.index * ((slotHeight + 4) / marker.share.of)"
              :width="marker.width"
              :height="(slotHeight + 4) / marker.share.of"
              rx="3"
              :fill="roleStyle(marker.role).colour"
            />
            <text
              :x="marker.x"
              :y="marker.y + 2.5 + ((marker.share.index + 0.5) * (slotHeight + 4)) / marker.share.of"
              text-anchor="middle"
              :font-size="marker.share.of > 1 ? 11 : 12"
              font-weight="700"
              fill="#fff"
            >
              {{ marker.letter }}
            </text>
            <text
              v-if="marker.label"
              :x="marker.labelX"
              :y="marker.y - 6"
              text-anchor="middle"
              font-size="13"
              font-weight="700"
              class="position"
              stroke="var(--paper)"
              stroke-width="3"
              paint-order="stroke"
              :fill="
                marker.label.includes(' ') || marker.label.includes('–')
                  ? 'var(--ink)'
                  : roleStyle(marker.role).colour
              "
            >
              {{ marker.label }}
            </text>
          </g>
        </g>
        <rect
          v-for="(row, i) in shapes.rows"
          :key="`h${i}`"
          :data-row="i"
          x="0"
          :y="row.y - 4"
          :width="width"
          :height="slotHeight + 8"
          fill="transparent"
          @pointermove="point($event, row.slots)"
          @pointerleave="underPointer = undefined"
          @click="emit('select', i)"
        />
        <g v-if="pointed" class="pointer-events-none">
          <text
            :x="Math.min(Math.max(pointed.x, 70), width - 90)"
            :y="pointed.y + slotHeight + 28"
            text-anchor="middle"
            font-size="13"
            font-weight="600"
            fill="var(--ink)"
            stroke="var(--paper)"
            stroke-width="4"
            paint-order="stroke"
          >
            {{ pointedName }}
          </text>
        </g>
      </template>
    </g>
  </svg>
</template>

<style scoped>
.dark .position {
  filter: brightness(1.6);
}
</style>
