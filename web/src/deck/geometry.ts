import type { Moment, Survey, Trace } from '@/api/client'

/** The box in which a running deck is drawn, in pixels. */
export interface Frame {
  width: number
  /** From the top of one moment's row to the top of the next. */
  rowHeight: number
  slotHeight: number
  /** From the top of a row to the top of its slots. */
  slotTop: number
}

/** One card as it lies at one moment. */
export interface SlotBox {
  card: number
  place: string
  position: number
  faceUp: boolean
  x: number
  y: number
}

/** A pile at one moment: where it starts and ends. */
export interface PileBox {
  place: string
  label: string
  size: number
  x: number
  end: number
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
  x: number
  y: number
  position: number
  chosen: boolean
  /** How the written position is anchored, so that neighbours do not overlap. */
  anchor: 'start' | 'middle' | 'end'
  /** Roles that turn out to be one card share its slot: which of them this is, and how many they are. */
  share: { index: number; of: number }
}

/** A break, jog or step at one moment. */
export interface HoldMark {
  kind: string
  x: number
  y: number
}

/** One stretch of the band of places where a role can be. */
export interface BandCell {
  role: number
  x: number
  y: number
  /** From 0 to 1, the likeliest place of the moment having 1. */
  weight: number
}

/** Everything there is to draw. */
export interface DeckShapes {
  slotWidth: number
  height: number
  rows: {
    y: number
    slots: SlotBox[]
    piles: PileBox[]
    markers: Marker[]
    holds: HoldMark[]
    band: BandCell[]
  }[]
  /** Between moment i and i + 1. */
  ribbons: RibbonShape[][]
  /** One path a role. */
  threads: { role: number; path: string }[]
}

/** Room between two piles of one moment. */
const PILE_GAP = 26

/** A slot grows no wider than this, however few the cards. */
const WIDEST_SLOT = 46

/** Markers nearer than this have their positions written apart. */
const CLOSE = 22

/** Bands thinner than a hair say nothing. */
const LEAST_WEIGHT = 0.06

/**
 * Lays out a trace. All cards are somewhere at every moment, so one slot width serves all rows: the first pile, mostly
 * the deck, starts at the left edge, the others follow from the right edge.
 */
export function layOut(trace: Trace, frame: Frame, survey?: Survey): DeckShapes {
  const cards = trace.cards.length
  const mostPiles = Math.max(1, ...trace.moments.map((m) => m.piles.length))
  const slotWidth = Math.min(WIDEST_SLOT, (frame.width - (mostPiles - 1) * PILE_GAP) / cards)
  const rows = trace.moments.map((moment, index) => {
    const y = index * frame.rowHeight + frame.slotTop
    const piles = pileBoxes(moment, frame.width, slotWidth)
    return {
      y,
      piles,
      slots: slotBoxes(moment, piles, slotWidth, y),
      markers: markers(trace, moment, piles, slotWidth, y),
      holds: moment.holds.map((hold) => ({
        kind: hold.kind,
        x: edge(piles, slotWidth, hold.place, hold.depth),
        y,
      })),
      band: survey ? band(survey, index, piles, slotWidth, y) : [],
    }
  })
  return {
    slotWidth,
    height: trace.moments.length * frame.rowHeight,
    rows,
    ribbons: trace.moments.slice(1).map((moment, i) => {
      const from = rows[i]!
      const to = rows[i + 1]!
      return moment.ribbons.map((ribbon, index) => ({
        index,
        turned: ribbon.turned,
        path: ribbonPath(
          edge(from.piles, slotWidth, ribbon.from, ribbon.fromPosition - 1),
          edge(to.piles, slotWidth, ribbon.to, ribbon.toPosition - 1),
          ribbon.length * slotWidth,
          from.y + frame.slotHeight,
          to.y,
          ribbon.turned,
        ),
      }))
    }),
    threads: trace.roles.map((_, role) => ({
      role,
      path: threadPath(
        rows.map((row) => row.markers.find((m) => m.role === role)),
        frame.slotHeight,
      ),
    })),
  }
}

/** Where one card lies at every moment, for tracing it up and down. */
export function cardPath(shapes: DeckShapes, card: number, slotHeight: number): string {
  const points = shapes.rows.map((row) => row.slots.find((slot) => slot.card === card))
  return threadPath(
    points.map((slot) => slot && { x: slot.x + shapes.slotWidth / 2, y: slot.y }),
    slotHeight,
  )
}

function pileBoxes(moment: Moment, width: number, slotWidth: number): PileBox[] {
  const boxes: PileBox[] = []
  let right = width
  for (const pile of [...moment.piles].reverse()) {
    const extent = pile.cards.length * slotWidth
    const x = pile === moment.piles[0] ? 0 : right - extent
    boxes.unshift({ place: pile.place, label: pile.label, size: pile.cards.length, x, end: x + extent })
    right = x - PILE_GAP
  }
  return boxes
}

function slotBoxes(moment: Moment, piles: PileBox[], slotWidth: number, y: number): SlotBox[] {
  return moment.piles.flatMap((pile, p) =>
    pile.cards.map((card, i) => ({
      card,
      place: pile.place,
      position: i + 1,
      faceUp: pile.faceUp[i]!,
      x: piles[p]!.x + i * slotWidth,
      y,
    })),
  )
}

/** The left edge of the card below `depth` cards of a pile. */
function edge(piles: PileBox[], slotWidth: number, place: string, depth: number): number {
  return (piles.find((pile) => pile.place === place)?.x ?? 0) + depth * slotWidth
}

function markers(trace: Trace, moment: Moment, piles: PileBox[], slotWidth: number, y: number): Marker[] {
  const found = moment.roles.flatMap((state, role) =>
    state.place === ''
      ? []
      : [
          {
            role,
            letter: trace.roles[role]!.letter,
            x: edge(piles, slotWidth, state.place, state.position - 0.5),
            y,
            position: state.position,
            chosen: state.chosen,
            anchor: 'middle' as Marker['anchor'],
            share: { index: 0, of: 1 },
          },
        ],
  )
  const sorted = [...found].sort((a, b) => a.x - b.x)
  sorted.forEach((marker, i) => {
    const next = sorted[i + 1]
    const together = sorted.filter((other) => other.x === marker.x)
    marker.share = { index: together.indexOf(marker), of: together.length }
    if (next && next.x !== marker.x && next.x - marker.x < CLOSE) {
      marker.anchor = 'end'
      next.anchor = 'start'
    }
  })
  return found
}

function band(survey: Survey, index: number, piles: PileBox[], slotWidth: number, y: number): BandCell[] {
  return (survey.bands[index] ?? []).flatMap((spots, role) => {
    if (spots.length < 2) {
      return []
    }
    const likeliest = Math.max(...spots.map((spot) => spot.share))
    return spots
      .filter((spot) => piles.some((pile) => pile.place === spot.place))
      .map((spot) => ({
        role,
        x: edge(piles, slotWidth, spot.place, spot.position - 1),
        y,
        weight: Math.max(LEAST_WEIGHT, spot.share / likeliest),
      }))
  })
}

/** A block's way: straight sides that bend in the middle; a turned block crosses over itself. */
function ribbonPath(x: number, toX: number, width: number, y: number, toY: number, turned: boolean): string {
  const middle = (y + toY) / 2
  const left = turned ? toX + width : toX
  const right = turned ? toX : toX + width
  return (
    `M${r(x)} ${r(y)}C${r(x)} ${r(middle)} ${r(left)} ${r(middle)} ${r(left)} ${r(toY)}` +
    `L${r(right)} ${r(toY)}C${r(right)} ${r(middle)} ${r(x + width)} ${r(middle)} ${r(x + width)} ${r(y)}Z`
  )
}

function threadPath(points: ({ x: number; y: number } | undefined)[], slotHeight: number): string {
  let path = ''
  let last: { x: number; y: number } | undefined
  for (const point of points) {
    if (point && last) {
      const from = last.y + slotHeight
      const middle = (from + point.y) / 2
      path += `C${r(last.x)} ${r(middle)} ${r(point.x)} ${r(middle)} ${r(point.x)} ${r(point.y)}`
      path += `L${r(point.x)} ${r(point.y + slotHeight)}`
    } else if (point) {
      path += `M${r(point.x)} ${r(point.y)}L${r(point.x)} ${r(point.y + slotHeight)}`
    }
    last = point
  }
  return path
}

function r(value: number): number {
  return Math.round(value * 10) / 10
}
