import { t } from '@/words'
import type { Moment, Survey, Trace } from '@/api/client'
import {
  edge,
  farness,
  roomOf,
  slotBoxes,
  slotOf,
  slotWidths,
  unitBoxes,
  type PileBox,
  type RoomOf,
  type SlotBox,
  type SlotWidths,
} from './boxes'
import { captions, type Caption } from './captions'
import { anywhereIn, band, sheaths, type BandCell, type Sheath } from './likelihood'
import { ribbonPath, threadPath } from './paths'
import { thingBoxes, type ThingBox } from './things'

/** The box in which a running deck is drawn, in pixels. */
export interface Frame {
  width: number
  /** From the top of one moment's row to the top of the next. */
  rowHeight: number
  /** Where rows of different heights begin, and behind the last one where it ends; instead of one height for all. */
  rowTops?: number[]
  slotHeight: number
  /** From the top of a row to the top of its slots. */
  slotTop: number
  /** A slot grows no wider than this, however few the cards. */
  widestSlot?: number
}

/** A block of cards on its way from one moment to the next, as an SVG path. */
export interface RibbonShape {
  path: string
  turned: boolean
  index: number
}

/** A role at one moment. */
export interface Marker {
  role: number
  letter: string
  /** The middle of its box, which lies beside its slot where it would cover a neighbour. */
  x: number
  y: number
  position: number
  /** Whether its card lies there: it is chosen, and not just anywhere. */
  chosen: boolean
  width: number
  /** Its position; that of its neighbours too where there is room for one label only; nothing where a neighbour has it. */
  label: string
  /** The middle of the label. */
  labelX: number
  /** Roles that turn out to be one card share its slot: which of them this is, and how many they are. */
  share: { index: number; of: number }
}

/** A break, jog or step at one moment. */
export interface HoldMark {
  kind: string
  x: number
  y: number
  width: number
  /** How far a jogged card sticks out; 0 for the other holds. */
  jog: number
}

/** A card of a slug at one moment. */
export interface SlugMark {
  role: number
  x: number
  y: number
  width: number
}

/** Everything there is to draw of one moment. */
export interface RowShapes {
  y: number
  slots: SlotBox[]
  piles: PileBox[]
  markers: Marker[]
  holds: HoldMark[]
  things: ThingBox[]
  slugs: SlugMark[]
  band: BandCell[]
  /** What is written under the cards: holds, piles and things by name, who can be anywhere. */
  captions: Caption[]
  /** How far below the cards the first line of it stands. */
  captionsFrom: number
}

/** Everything there is to draw. */
export interface DeckShapes {
  height: number
  rows: RowShapes[]
  /** Between moment i and i + 1. */
  ribbons: RibbonShape[][]
  /** Between moment i and i + 1. */
  sheaths: Sheath[][]
  /** One path a role. */
  threads: { role: number; path: string }[]
}

/** The words for a hold that is not called as its kind is. */
const HOLD_WORDS: Record<string, string> = {
  bend: 'deck.geometry.bent',
  separation: 'deck.geometry.opensHere',
}

/** The name of a hold stands beside its line. */
const HOLD_GAP = 5

/** Below a row each role has a bar of where it can be; so far is one from the next. */
export const BAR = 4

/** A box is never narrower than its letter. */
const NARROWEST_BOX = 13

/** How wide a character of a position is, and how far two positions are apart at least. */
const DIGIT = 7
const LABEL_GAP = 4

/**
 * Lays out a trace. The first pile, mostly the deck, starts at the left edge, the others follow from the right edge. Large
 * piles have slots of one width at all moments; small ones beside them have wider slots when there is room.
 */
export function layOut(trace: Trace, frame: Frame, survey?: Survey): DeckShapes {
  // While a step was added or removed the measured rows are those of before.
  const tops = frame.rowTops?.length === trace.moments.length + 1 ? frame.rowTops : undefined
  const rooms = trace.moments.map((moment, index) => roomOf(moment, survey, index))
  const below = frame.rowHeight - frame.slotHeight
  const widths = slotWidths(trace, frame.width, rooms, frame.widestSlot)
  const rows = trace.moments.map((moment, index) => {
    const y = (tops?.[index] ?? index * frame.rowHeight) + frame.slotTop
    const { cards, roles, moments } = trace
    const on = [
      cards,
      roles,
      moments[index - 1],
      survey,
      index,
      frame.width,
      y,
      widths.few,
      widths.many,
      below,
    ]
    return unchanged(rowsLaid, moment, on, () =>
      layOutRow(trace, index, { width: frame.width, y, widths, room: rooms[index]!, below }, survey),
    )
  })
  return {
    height: tops?.at(-1) ?? trace.moments.length * frame.rowHeight,
    rows,
    ribbons: trace.moments.slice(1).map((moment, i) => {
      const from = rows[i]!
      const to = rows[i + 1]!
      return unchanged(ribbonsLaid, to, [from, frame.slotHeight], () =>
        moment.ribbons.map((ribbon, index) => ({
          index,
          turned: ribbon.turned,
          path: ribbonPath(
            edge(from.piles, ribbon.from, ribbon.fromPosition - 1),
            edge(to.piles, ribbon.to, ribbon.toPosition - 1),
            ribbon.length * slotOf(from.piles, ribbon.from),
            ribbon.length * slotOf(to.piles, ribbon.to),
            from.y + frame.slotHeight,
            to.y,
            ribbon.turned,
          ),
        })),
      )
    }),
    sheaths: rows
      .slice(1)
      .map((to, i) =>
        survey
          ? sheaths(survey, i, rows[i]!, to, frame.slotHeight, (role) => trace.roles[role]?.kind === 'slug')
          : [],
      ),
    threads: trace.roles.map((_, role) => ({
      role,
      path: threadPath(
        rows.map((row) => row.markers.find((m) => m.role === role)),
        frame.slotHeight,
      ),
    })),
  }
}

/** The box of one moment. */
interface RowFrame {
  width: number
  y: number
  widths: SlotWidths
  room: RoomOf
  /** Between its cards and those of the next. */
  below: number
}

function layOutRow(
  trace: Trace,
  index: number,
  { width, y, widths, room, below }: RowFrame,
  survey?: Survey,
): RowShapes {
  const stated = trace.moments[index]!
  const moment = { ...stated, piles: [...stated.piles].sort((a, b) => farness(a) - farness(b)) }
  const boxes = unitBoxes(moment, width, widths, room)
  const piles = boxes.flatMap((box) => (box.pile ? [box] : []))
  const things = thingBoxes(
    moment,
    trace.moments[index - 1],
    (unit) =>
      boxes.find((box) =>
        unit.pile ? box.pile && box.place === unit.pile.place : box.thing === unit.thing.name,
      ),
    (place, depth) => edge(piles, place, depth),
  )
  // A bend is in the cards and stays: it is told once, in the set-up.
  const held = moment.holds.filter((hold) => hold.kind !== 'bend' || !trace.moments[index - 1])
  const bands = survey ? band(survey, index, piles, y) : []
  const bars = new Set(bands.map((cell) => cell.role)).size
  const captionsFrom = Math.max(BAR * Math.max(0, bars - 1), ...things.map((thing) => thing.pad - 2), 0)
  return {
    y,
    things,
    piles,
    slots: slotBoxes(moment, piles, y),
    markers: markers(trace, moment, piles, y),
    holds: held.map((hold) => ({
      kind: hold.kind,
      x: edge(piles, hold.place, hold.depth),
      y,
      // A jogged card sticks out: its slot is drawn again, out of line.
      width: slotOf(piles, hold.place),
      jog: hold.kind === 'out-jog' ? -6 : hold.kind === 'in-jog' ? 6 : 0,
    })),
    slugs: moment.roles.flatMap((state, role) =>
      state.slug.map((spot) => ({
        role,
        x: edge(piles, spot.place, spot.position - 1),
        y,
        width: slotOf(piles, spot.place),
      })),
    ),
    band: bands,
    captions: captions(
      [
        ...held
          .filter(
            (hold, nth) => held.findIndex((h) => h.kind === hold.kind && h.place === hold.place) === nth,
          )
          .map((hold) => ({
            text: hold.kind in HOLD_WORDS ? t(HOLD_WORDS[hold.kind]!) : hold.kind,
            x: edge(piles, hold.place, hold.depth) + HOLD_GAP,
            end: false,
            hold: true,
          })),
        ...piles.flatMap((pile) => {
          const letters = trace.roles.flatMap((role, i) =>
            survey && moment.roles[i]?.chosen && anywhereIn(survey, index, i, piles) === pile
              ? role.letter
              : [],
          )
          // The deck is the deck, and what lies in a thing is told by the thing.
          const name = pile.place === 'deck' || pile.place.startsWith('in:') ? '' : pile.caption
          const who = letters.length > 0 ? t('deck.runningDeck.anywhere', { letters: letters.join(' ') }) : ''
          const text = [name, who].filter(Boolean).join(' · ')
          return text ? [{ text, x: pile.x, end: false }] : []
        }),
        ...things
          .filter((thing) => thing.told)
          .map((thing) => ({ text: thing.told, x: thing.end, end: true })),
      ],
      width,
      below - captionsFrom,
    ),
    captionsFrom,
  }
}

/** Something that was worked out, and on what it stood. */
interface Laid<T> {
  on: unknown[]
  laid: T
}

/** Of moments that stay the same from one trace to the next the rows stay the same too, and are not drawn again. */
const rowsLaid = new WeakMap<object, Laid<RowShapes>>()
const ribbonsLaid = new WeakMap<object, Laid<RibbonShape[]>>()

/** What was worked out before, unless something changed that it stands on. */
function unchanged<T>(kept: WeakMap<object, Laid<T>>, of: object, on: unknown[], lay: () => T): T {
  const before = kept.get(of)
  if (before && before.on.every((each, i) => each === on[i])) {
    return before.laid
  }
  const laid = lay()
  kept.set(of, { on, laid })
  return laid
}

/** Where one card lies at every moment, for tracing it up and down. */
export function cardPath(shapes: DeckShapes, card: number, slotHeight: number): string {
  const points = shapes.rows.map((row) => row.slots.find((slot) => slot.card === card))
  return threadPath(
    points.map((slot) => slot && { x: slot.x + slot.width / 2, y: slot.y }),
    slotHeight,
  )
}

/** Whether nobody said where a role's card lies, and nothing has brought it to a known place since. */
function anywhere(trace: Trace, state: Moment['roles'][number]): boolean {
  return trace.cards[state.card]?.stated === 'named' && state.placeKnown !== 'exact'
}

function markers(trace: Trace, moment: Moment, piles: PileBox[], y: number): Marker[] {
  const found = moment.roles.flatMap((state, role) =>
    state.place === ''
      ? []
      : [
          {
            role,
            letter: trace.roles[role]!.letter,
            place: state.place,
            x: edge(piles, state.place, state.position - 0.5),
            y,
            position: state.position,
            chosen: state.chosen && !anywhere(trace, state),
            width: Math.max(NARROWEST_BOX, Math.min(22, slotOf(piles, state.place) - 2)),
            label: '',
            labelX: 0,
            share: { index: 0, of: 1 },
          },
        ],
  )
  const slots = grouped(found, (marker) => marker.x).sort((one, other) => one[0]!.x - other[0]!.x)
  slots.forEach((together) =>
    together.forEach((marker, index) => (marker.share = { index, of: together.length })),
  )
  apart(slots, (near) => near.reduce((sum, [marker]) => sum + marker!.width, 0)).forEach(({ from, of }) => {
    let x = from
    for (const together of of) {
      together.forEach((marker) => (marker.x = x + marker.width / 2))
      x += together[0]!.width
    }
  })
  for (const inPile of grouped(slots, ([marker]) => marker!.place)) {
    apart(inPile, (near) => LABEL_GAP + DIGIT * positionsOf(near).length).forEach(({ from, to, of }) => {
      of[0]![0]!.label = positionsOf(of)
      of[0]![0]!.labelX = (from + to) / 2
    })
  }
  return found
}

/** What has the same key together, in the order in which keys come first. */
function grouped<T>(all: T[], keyOf: (each: T) => unknown): T[][] {
  const groups = new Map<unknown, T[]>()
  all.forEach((each) => groups.set(keyOf(each), [...(groups.get(keyOf(each)) ?? []), each]))
  return [...groups.values()]
}

/** The positions of neighbours: each of two or three, of more the first and the last. */
function positionsOf(slots: { position: number }[][]): string {
  const positions = slots.map(([marker]) => marker!.position)
  return positions.length > 3 ? `${positions[0]}–${positions.at(-1)}` : positions.join(' · ')
}

/** Neighbours that would cover one another, from left to right, each group round the middle of where its own would be. */
function apart<T extends { x: number }[]>(
  slots: T[],
  widthOf: (near: T[]) => number,
): { from: number; to: number; of: T[] }[] {
  const round = (of: T[]) => {
    const middle = of.reduce((sum, each) => sum + each[0]!.x, 0) / of.length
    return { from: middle - widthOf(of) / 2, to: middle + widthOf(of) / 2, of }
  }
  const groups: ReturnType<typeof round>[] = []
  for (const slot of slots) {
    let group = round([slot])
    for (let before = groups.at(-1); before && before.to > group.from; before = groups.at(-1)) {
      groups.pop()
      group = round([...before.of, ...group.of])
    }
    groups.push(group)
  }
  return groups
}
