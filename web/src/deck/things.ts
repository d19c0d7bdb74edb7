import type { Moment, Pile } from '@/api/client'

/** A thing as it lies. */
export type ThingState = Moment['things'][number]

/** What lies side by side at one moment: a pile, or a thing that is drawn empty. */
export type Unit = { pile: Pile; thing?: undefined } | { thing: ThingState; pile?: undefined }

/** A thing at one moment, drawn around what it holds. */
export interface ThingBox {
  name: string
  /** What is written under it: its name, and where it lies when that is new; nothing for a thing inside another. */
  told: string
  closed: boolean
  /** Whether something goes into it; a slip of paper is drawn whole. */
  holds: boolean
  x: number
  end: number
  /** How far it reaches above and below the cards it holds. */
  pad: number
}

/** How wide a thing is drawn that holds no card. */
export const EMPTY_THING = 18

/** A slip between cards. */
const SLIP = 5

/** A thing is drawn as much wider than what it holds. */
const PAD = 4

/** The thing in which another lies. */
function around(moment: Moment, thing: ThingState): ThingState | undefined {
  return moment.things.find((outer) => outer.parts.includes(thing.place))
}

/** Whether a thing lies among cards, as a slip that takes no room of its own. */
function amongCards(moment: Moment, thing: ThingState): boolean {
  return (
    around(moment, thing) !== undefined &&
    unitsIn(moment, thing).length === 0 &&
    moment.piles.some((pile) => pile.place === thing.place)
  )
}

/** What a thing holds, in order. */
function unitsIn(moment: Moment, thing: ThingState): Unit[] {
  return thing.parts.flatMap((part) => [
    ...moment.piles.filter((pile) => pile.place === part).map((pile) => ({ pile })),
    ...moment.things
      .filter((inner) => inner.place === part && !amongCards(moment, inner))
      .flatMap((inner) => unitsOf(moment, inner)),
  ])
}

function unitsOf(moment: Moment, thing: ThingState): Unit[] {
  const inside = unitsIn(moment, thing)
  return inside.length > 0 ? inside : [{ thing }]
}

/** The piles of a moment as they lie, then the things, each with what it holds. */
export function units(moment: Moment): Unit[] {
  const inThings = moment.things.flatMap((thing) => thing.parts)
  return [
    ...moment.piles.filter((pile) => !inThings.includes(pile.place)).map((pile) => ({ pile })),
    ...moment.things.filter((thing) => !around(moment, thing)).flatMap((thing) => unitsOf(moment, thing)),
  ]
}

/** The boxes of the things of a moment, outer ones first. */
export function thingBoxes(
  moment: Moment,
  before: Moment | undefined,
  boxOf: (unit: Unit) => { x: number; end: number } | undefined,
  edge: (place: string, depth: number) => number,
): ThingBox[] {
  const box = (thing: ThingState): ThingBox => {
    const outer = around(moment, thing)
    const moved = before?.things.find((t) => t.name === thing.name)?.spot !== thing.spot
    const drawn = {
      name: thing.name,
      told: outer ? '' : moved ? `${thing.name}, ${thing.spot}` : thing.name,
      closed: thing.closed,
      holds: thing.parts.length > 0,
    }
    if (amongCards(moment, thing)) {
      const beside = moment.things.filter((t) => t.place === thing.place && t.above === thing.above)
      const x = edge(thing.place, thing.above) + (beside.indexOf(thing) - beside.length / 2) * SLIP
      return { ...drawn, x, end: x + SLIP, pad: PAD }
    }
    const inner = moment.things.filter((t) => around(moment, t) === thing).map(box)
    const pad = Math.max(PAD, ...inner.map((i) => i.pad + PAD))
    const own = unitsOf(moment, thing).map(boxOf)
    const held = own.filter((b) => b !== undefined)
    return {
      ...drawn,
      x: Math.min(...held.map((b) => b.x)) - pad,
      end: Math.max(...held.map((b) => b.end)) + pad,
      pad,
    }
  }
  return moment.things.map(box).sort((a, b) => b.pad - a.pad)
}
