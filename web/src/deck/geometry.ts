import type { Moment, Survey, Trace } from '@/api/client'
import { EMPTY_THING, thingBoxes, units, type ThingBox, type Unit } from './things'

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
}

/** One card as it lies at one moment. */
export interface SlotBox {
  card: number
  place: string
  position: number
  faceUp: boolean
  x: number
  y: number
  width: number
}

/** A pile at one moment: where it starts and ends. */
export interface PileBox {
  place: string
  label: string
  size: number
  x: number
  end: number
  /** Where the room ends that it has, as it can be larger in other ways. */
  roomEnd: number
  /** How wide one of its cards is drawn. */
  slot: number
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
  width: number
  /** How the written position is anchored, so that neighbours do not overlap. */
  anchor: 'start' | 'middle' | 'end'
  /** Whether its position is written. */
  told: boolean
  /** Roles that turn out to be one card share its slot: which of them this is, and how many they are. */
  share: { index: number; of: number }
}

/** A break, jog or step at one moment. */
export interface HoldMark {
  kind: string
  /** What is written under it; nothing for a further one of its kind. */
  told: string
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

/** One stretch of the band of places where a role can be. */
export interface BandCell {
  role: number
  x: number
  y: number
  width: number
  /** From 0 to 1, the likeliest place of the moment having 1. */
  weight: number
}

/** A thread widened, between two moments, to where most of the ways lead through: one of several, the narrower the darker. */
export interface Sheath {
  role: number
  path: string
  opacity: number
}

/** Everything there is to draw. */
export interface DeckShapes {
  height: number
  rows: {
    y: number
    slots: SlotBox[]
    piles: PileBox[]
    markers: Marker[]
    holds: HoldMark[]
    things: ThingBox[]
    slugs: SlugMark[]
    band: BandCell[]
  }[]
  /** Between moment i and i + 1. */
  ribbons: RibbonShape[][]
  /** Between moment i and i + 1. */
  sheaths: Sheath[][]
  /** One path a role. */
  threads: { role: number; path: string }[]
}

/** What is written under a hold that is not called as its kind is. */
const HOLD_WORDS: Record<string, string> = { bend: 'bent', separation: 'opens here' }

/** Room between two piles of one moment. */
const PILE_GAP = 26

/** A slot grows no wider than this, however few the cards. */
const WIDEST_SLOT = 46

/** A pile of so few cards is drawn with wider slots, so that a packet can be read beside a deck. */
const FEW = 8
const WIDE_SLOT = 20

/** Slots of large piles shrink no further than this for the sake of small ones. */
const NARROWEST_SLOT = 6

/** Markers nearer than this have their positions written apart. */
const CLOSE = 22

/** Bands thinner than a hair say nothing. */
const LEAST_WEIGHT = 0.06

/** A sheath leaves out as much at either side; together they are darker where more ways lead through. */
const SHEATHS = [
  { tail: 0.025, opacity: 0.06 },
  { tail: 0.1, opacity: 0.08 },
  { tail: 0.25, opacity: 0.12 },
]

/** Shares are summed up; a limit is passed only by more than that goes astray. */
const ROUNDING = 1e-9

/** A card whose place is certain has a sheath no wider than its thread. */
const THREAD_WIDTH = 3

/**
 * Lays out a trace. The first pile, mostly the deck, starts at the left edge, the others follow from the right edge. Large
 * piles have slots of one width at all moments; small ones beside them have wider slots when there is room.
 */
export function layOut(trace: Trace, frame: Frame, survey?: Survey): DeckShapes {
  // While a step was added or removed the measured rows are those of before.
  const tops = frame.rowTops?.length === trace.moments.length + 1 ? frame.rowTops : undefined
  const rooms = trace.moments.map((moment, index) => roomOf(moment, survey, index))
  const widths = slotWidths(trace, frame.width, rooms)
  const rows = trace.moments.map((stated, index) => {
    const moment = { ...stated, piles: [...stated.piles].sort((a, b) => farness(a) - farness(b)) }
    const y = (tops?.[index] ?? index * frame.rowHeight) + frame.slotTop
    const boxes = unitBoxes(moment, frame.width, widths, rooms[index]!)
    const piles = boxes.flatMap((box) => (box.pile ? [box] : []))
    return {
      y,
      things: thingBoxes(
        moment,
        trace.moments[index - 1],
        (unit) =>
          boxes.find((box) =>
            unit.pile ? box.pile && box.place === unit.pile.place : box.thing === unit.thing.name,
          ),
        (place, depth) => edge(piles, place, depth),
      ),
      piles,
      slots: slotBoxes(moment, piles, y),
      markers: markers(trace, moment, piles, y),
      // A bend is in the cards and stays: it is told once, in the set-up.
      holds: moment.holds
        .filter((hold) => hold.kind !== 'bend' || index === 0)
        .map((hold, nth, held) => ({
          kind: hold.kind,
          told:
            held.findIndex((h) => h.kind === hold.kind && h.place === hold.place) === nth
              ? (HOLD_WORDS[hold.kind] ?? hold.kind)
              : '',
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
      band: survey ? band(survey, index, piles, y) : [],
    }
  })
  return {
    height: tops?.at(-1) ?? trace.moments.length * frame.rowHeight,
    rows,
    ribbons: trace.moments.slice(1).map((moment, i) => {
      const from = rows[i]!
      const to = rows[i + 1]!
      return moment.ribbons.map((ribbon, index) => ({
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
      }))
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

/** Where one card lies at every moment, for tracing it up and down. */
export function cardPath(shapes: DeckShapes, card: number, slotHeight: number): string {
  const points = shapes.rows.map((row) => row.slots.find((slot) => slot.card === card))
  return threadPath(
    points.map((slot) => slot && { x: slot.x + slot.width / 2, y: slot.y }),
    slotHeight,
  )
}

/** The deck lies at the left, then what the performer handles, then what others hold and what is away. */
function farness(pile: { place: string }): number {
  const kind = pile.place.split(':')[0]!
  return kind === 'deck' ? 0 : ['other-hand', 'table'].includes(kind) ? 1 : 2
}

/** The widths of a card in a small pile and in a large one. */
interface SlotWidths {
  few: number
  many: number
}

/** How many cards a pile must have room for: those that lie there, or that can lie there in other ways. */
type RoomOf = (pile: { place: string; cards: unknown[] }) => number

function roomOf(moment: Moment, survey: Survey | undefined, index: number): RoomOf {
  const widest = new Map<string, number>()
  for (const spot of (survey?.bands[index] ?? []).flat()) {
    widest.set(spot.place, Math.max(widest.get(spot.place) ?? 0, spot.position))
  }
  return (pile) => Math.max(pile.cards.length, widest.get(pile.place) ?? 0)
}

function slotWidths(trace: Trace, width: number, rooms: RoomOf[]): SlotWidths {
  /** What the gaps between piles and the things without cards leave. */
  const room = (moment: Moment) => {
    const side = units(moment)
    const empty = side.filter((unit) => unit.thing).length
    return width - (side.length - 1) * PILE_GAP - empty * EMPTY_THING
  }
  /** The width of large slots, when small ones are as wide as this, so that every moment fits. */
  const manyWith = (few: number) =>
    Math.min(
      WIDEST_SLOT,
      ...trace.moments.map((moment, index) => {
        const held = moment.piles.map(rooms[index]!)
        const small = held.filter((cards) => cards <= FEW).reduce((sum, cards) => sum + cards, 0)
        const large = held.filter((cards) => cards > FEW).reduce((sum, cards) => sum + cards, 0)
        return (room(moment) - small * few) / Math.max(1, large)
      }),
    )
  const all = (index: number) =>
    trace.moments[index]!.piles.reduce((sum, pile) => sum + rooms[index]!(pile), 0)
  const even = Math.min(WIDEST_SLOT, ...trace.moments.map((m, i) => room(m) / Math.max(1, all(i))))
  const many = manyWith(WIDE_SLOT)
  return even < WIDE_SLOT && many >= NARROWEST_SLOT ? { few: WIDE_SLOT, many } : { few: even, many: even }
}

/** A unit with its room: a pile, or a thing without cards. */
type UnitBox = PileBox & { pile: boolean; thing: string }

function unitBoxes(moment: Moment, width: number, widths: SlotWidths, roomOf: RoomOf): UnitBox[] {
  const side = units(moment)
  const boxes: UnitBox[] = []
  let right = width
  for (const unit of [...side].reverse()) {
    const slot = unit.pile && roomOf(unit.pile) <= FEW ? widths.few : widths.many
    const extent = unit.pile ? roomOf(unit.pile) * slot : EMPTY_THING
    const x = unit === side[0] && unit.pile ? 0 : right - extent
    const end = x + (unit.pile ? unit.pile.cards.length * slot : extent)
    boxes.unshift({ ...named(unit), x, end, roomEnd: x + extent, slot })
    right = x - PILE_GAP
  }
  return boxes
}

function named(unit: Unit): Pick<UnitBox, 'place' | 'label' | 'size' | 'pile' | 'thing'> {
  const { pile, thing } = unit
  return pile
    ? { place: pile.place, label: pile.label, size: pile.cards.length, pile: true, thing: '' }
    : { place: '', label: '', size: 0, pile: false, thing: thing.name }
}

function slotBoxes(moment: Moment, piles: PileBox[], y: number): SlotBox[] {
  return moment.piles.flatMap((pile, p) =>
    pile.cards.map((card, i) => ({
      card,
      place: pile.place,
      position: i + 1,
      faceUp: pile.faceUp[i]!,
      x: piles[p]!.x + i * piles[p]!.slot,
      y,
      width: piles[p]!.slot,
    })),
  )
}

function slotOf(piles: PileBox[], place: string): number {
  return piles.find((pile) => pile.place === place)?.slot ?? 0
}

/** The left edge of the card below `depth` cards of a pile. */
function edge(piles: PileBox[], place: string, depth: number): number {
  const pile = piles.find((p) => p.place === place)
  return pile ? pile.x + depth * pile.slot : 0
}

function markers(trace: Trace, moment: Moment, piles: PileBox[], y: number): Marker[] {
  const found = moment.roles.flatMap((state, role) =>
    state.place === ''
      ? []
      : [
          {
            role,
            letter: trace.roles[role]!.letter,
            x: edge(piles, state.place, state.position - 0.5),
            y,
            position: state.position,
            chosen: state.chosen,
            width: Math.max(13, Math.min(22, slotOf(piles, state.place) - 2)),
            anchor: 'middle' as Marker['anchor'],
            told: true,
            share: { index: 0, of: 1 },
          },
        ],
  )
  const sorted = [...found].sort((a, b) => a.x - b.x)
  const near = (one?: Marker, other?: Marker) =>
    !!one && !!other && one.x !== other.x && Math.abs(other.x - one.x) < CLOSE
  sorted.forEach((marker, i) => {
    const together = sorted.filter((other) => other.x === marker.x)
    marker.share = { index: together.indexOf(marker), of: together.length }
    const before = near(marker, sorted[i - 1])
    const behind = near(marker, sorted[i + 1])
    // Between two that are near there is no room for a number; the ledger tells it.
    marker.told = !(before && behind)
    marker.anchor = behind ? 'end' : before ? 'start' : 'middle'
  })
  return found
}

function band(survey: Survey, index: number, piles: PileBox[], y: number): BandCell[] {
  return (survey.bands[index] ?? []).flatMap((spots, role) => {
    if (spots.length < 2) {
      return []
    }
    const likeliest = Math.max(...spots.map((spot) => spot.share))
    return spots
      .filter((spot) => piles.some((pile) => pile.place === spot.place))
      .map((spot) => ({
        role,
        x: edge(piles, spot.place, spot.position - 1),
        y,
        width: slotOf(piles, spot.place),
        weight: Math.max(LEAST_WEIGHT, spot.share / likeliest),
      }))
  })
}

/** Where a role is at one moment in all ways but those of the tails, in the pile in which it is most often. */
function extent(
  survey: Survey,
  index: number,
  role: number,
  piles: PileBox[],
  tail: number,
): { x: number; width: number } | undefined {
  const spots = survey.bands[index]?.[role] ?? []
  const byPile = piles.map((pile) => {
    const inIt = spots.filter((spot) => spot.place === pile.place).sort((a, b) => a.position - b.position)
    return { pile, inIt, share: inIt.reduce((sum, spot) => sum + spot.share, 0) }
  })
  const { pile, inIt, share } = byPile.reduce((most, one) => (one.share > most.share ? one : most))
  if (inIt.length === 0) {
    return undefined
  }
  let before = 0
  const kept = inIt.filter((spot) => {
    const from = before
    before += spot.share
    // A spot that straddles the limit is kept, so that a certain place is never left out.
    return before > tail * share + ROUNDING && from < (1 - tail) * share - ROUNDING
  })
  const first = edge(piles, pile.place, kept[0]!.position - 1)
  const last = edge(piles, pile.place, kept.at(-1)!.position)
  return kept.length === 1
    ? { x: (first + last - THREAD_WIDTH) / 2, width: THREAD_WIDTH }
    : { x: first, width: last - first }
}

function sheaths(
  survey: Survey,
  index: number,
  from: { y: number; piles: PileBox[] },
  to: { y: number; piles: PileBox[] },
  slotHeight: number,
  slug: (role: number) => boolean,
): Sheath[] {
  const uncertain = (at: number, role: number) => (survey.bands[at]?.[role]?.length ?? 0) > 1
  return (survey.bands[index] ?? []).flatMap((_, role) =>
    SHEATHS.flatMap(({ tail, opacity }) => {
      // A slug follows its first card, which has a sheath of its own where it matters.
      const here = slug(role) ? undefined : extent(survey, index, role, from.piles, tail)
      const there = extent(survey, index + 1, role, to.piles, tail)
      if (!here || !there || !(uncertain(index, role) || uncertain(index + 1, role))) {
        return []
      }
      const top = from.y + slotHeight
      return [
        {
          role,
          opacity,
          path: ribbonPath(here.x, there.x, here.width, there.width, top, to.y, false),
        },
      ]
    }),
  )
}

/** A block's way: straight sides that bend in the middle; a turned block crosses over itself. */
function ribbonPath(
  x: number,
  toX: number,
  width: number,
  toWidth: number,
  y: number,
  toY: number,
  turned: boolean,
): string {
  const middle = (y + toY) / 2
  const left = turned ? toX + toWidth : toX
  const right = turned ? toX : toX + toWidth
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
