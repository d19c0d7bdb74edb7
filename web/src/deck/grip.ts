import type { Boundary } from '@/api/client'
import type { PileBox } from './boxes'

/** Where a hand lets go of something on a running deck: a card of a pile, its place from the top. */
export interface Spot {
  place: string
  label: string
  position: number
}

/** The nearest card of the nearest pile to a point of a row, in the pixels of the picture. */
export function spotAt(piles: PileBox[], x: number): Spot | undefined {
  const away = (pile: PileBox) => Math.max(pile.x - x, x - pile.end, 0)
  const held = piles.filter((pile) => pile.size > 0)
  const nearest = [...held].sort((a, b) => away(a) - away(b))[0]
  return (
    nearest && {
      place: nearest.place,
      label: nearest.label,
      position: within(Math.floor((x - nearest.x) / nearest.slot) + 1, 1, nearest.size),
    }
  )
}

/** The depth nearest to a point, among those that a boundary can have. */
export function depthAt(boundary: Boundary, pile: PileBox, x: number): number {
  return withinBoundary(boundary, Math.round((x - pile.x) / pile.slot))
}

/** A depth moved into what is possible. */
export function withinBoundary(boundary: Boundary, depth: number): number {
  return within(depth, boundary.least, boundary.least + boundary.texts.length - 1)
}

function within(number: number, least: number, most: number): number {
  return Math.min(Math.max(number, least), most)
}
