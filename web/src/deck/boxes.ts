import type { Moment, Survey, Trace } from '@/api/client'
import { EMPTY_THING, units, type Unit } from './things'

/* How wide cards are drawn, and where the boxes of piles and things lie at one moment. */

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
  /** What it is called standing alone. */
  caption: string
  size: number
  x: number
  end: number
  /** Where the room ends that it has, as it can be larger in other ways. */
  roomEnd: number
  /** How wide one of its cards is drawn. */
  slot: number
}

/** Room between two piles of one moment. */
const PILE_GAP = 26

/** A slot grows no wider than this, however few the cards. */
const WIDEST_SLOT = 46

/** A pile of so few cards is drawn with wider slots, so that a packet can be read beside a deck. */
const FEW = 8
const WIDE_SLOT = 20

/** Slots of large piles shrink no further than this for the sake of small ones. */
const NARROWEST_SLOT = 6

/** The deck lies at the left, then what the performer handles, then what others hold and what is away. */
export function farness(pile: { place: string }): number {
  const kind = pile.place.split(':')[0]!
  return kind === 'deck' ? 0 : ['other-hand', 'table'].includes(kind) ? 1 : 2
}

/** The widths of a card in a small pile and in a large one. */
export interface SlotWidths {
  few: number
  many: number
}

/** How many cards a pile must have room for: those that lie there, or that can lie there in other ways. */
export type RoomOf = (pile: { place: string; cards: unknown[] }) => number

export function roomOf(moment: Moment, survey: Survey | undefined, index: number): RoomOf {
  const widest = new Map<string, number>()
  for (const spot of (survey?.bands[index] ?? []).flat()) {
    widest.set(spot.place, Math.max(widest.get(spot.place) ?? 0, spot.position))
  }
  return (pile) => Math.max(pile.cards.length, widest.get(pile.place) ?? 0)
}

export function slotWidths(trace: Trace, width: number, rooms: RoomOf[], widest = WIDEST_SLOT): SlotWidths {
  /** What the gaps between piles and the things without cards leave. */
  const room = (moment: Moment) => {
    const side = units(moment)
    const empty = side.filter((unit) => unit.thing).length
    return width - (side.length - 1) * PILE_GAP - empty * EMPTY_THING
  }
  /** The width of large slots, when small ones are as wide as this, so that every moment fits. */
  const manyWith = (few: number) =>
    Math.min(
      widest,
      ...trace.moments.map((moment, index) => {
        const held = moment.piles.map(rooms[index]!)
        const small = held.filter((cards) => cards <= FEW).reduce((sum, cards) => sum + cards, 0)
        const large = held.filter((cards) => cards > FEW).reduce((sum, cards) => sum + cards, 0)
        return (room(moment) - small * few) / Math.max(1, large)
      }),
    )
  const all = (index: number) =>
    trace.moments[index]!.piles.reduce((sum, pile) => sum + rooms[index]!(pile), 0)
  const even = Math.min(widest, ...trace.moments.map((m, i) => room(m) / Math.max(1, all(i))))
  const many = manyWith(WIDE_SLOT)
  return even < WIDE_SLOT && many >= NARROWEST_SLOT ? { few: WIDE_SLOT, many } : { few: even, many: even }
}

/** A unit with its room: a pile, or a thing without cards. */
type UnitBox = PileBox & { pile: boolean; thing: string }

export function unitBoxes(moment: Moment, width: number, widths: SlotWidths, roomOf: RoomOf): UnitBox[] {
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

function named(unit: Unit): Pick<UnitBox, 'place' | 'label' | 'caption' | 'size' | 'pile' | 'thing'> {
  const { pile, thing } = unit
  return pile
    ? {
        place: pile.place,
        label: pile.label,
        caption: pile.caption,
        size: pile.cards.length,
        pile: true,
        thing: '',
      }
    : { place: '', label: '', caption: '', size: 0, pile: false, thing: thing.name }
}

export function slotBoxes(moment: Moment, piles: PileBox[], y: number): SlotBox[] {
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

export function slotOf(piles: PileBox[], place: string): number {
  return piles.find((pile) => pile.place === place)?.slot ?? 0
}

/** The left edge of the card below `depth` cards of a pile. */
export function edge(piles: PileBox[], place: string, depth: number): number {
  const pile = piles.find((p) => p.place === place)
  return pile ? pile.x + depth * pile.slot : 0
}
