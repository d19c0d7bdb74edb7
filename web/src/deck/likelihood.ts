import type { Survey } from '@/api/client'
import { edge, slotOf, type PileBox } from './boxes'
import { ribbonPath } from './paths'

/* Where a card can be in other ways, the darker the likelier. */

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

/** Who can be in so large a part of a pile can be anywhere in it: a band would say nothing, and cover what does. */
const NEARLY_ALL = 0.8

/** In fewer cards than these every place is told. */
const FEW = 5

/** The pile in (nearly) all of which a role can be, if there is one. */
export function anywhereIn(
  survey: Survey,
  index: number,
  role: number,
  piles: PileBox[],
): PileBox | undefined {
  const spots = survey.bands[index]?.[role] ?? []
  return piles.find((pile) => {
    const inIt = spots.filter((spot) => spot.place === pile.place)
    const share = inIt.reduce((sum, spot) => sum + spot.share, 0)
    return pile.size >= FEW && inIt.length >= NEARLY_ALL * pile.size && share >= NEARLY_ALL
  })
}

export function band(survey: Survey, index: number, piles: PileBox[], y: number): BandCell[] {
  return (survey.bands[index] ?? []).flatMap((spots, role) => {
    if (spots.length < 2 || anywhereIn(survey, index, role, piles)) {
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

export function sheaths(
  survey: Survey,
  index: number,
  from: { y: number; piles: PileBox[] },
  to: { y: number; piles: PileBox[] },
  slotHeight: number,
  slug: (role: number) => boolean,
): Sheath[] {
  const told = (role: number) =>
    !anywhereIn(survey, index, role, from.piles) && !anywhereIn(survey, index + 1, role, to.piles)
  const uncertain = (at: number, role: number) => (survey.bands[at]?.[role]?.length ?? 0) > 1
  return (survey.bands[index] ?? []).flatMap((_, role) =>
    SHEATHS.flatMap(({ tail, opacity }) => {
      // A slug follows its first card, which has a sheath of its own where it matters.
      const here = slug(role) ? undefined : extent(survey, index, role, from.piles, tail)
      const there = extent(survey, index + 1, role, to.piles, tail)
      if (!here || !there || !told(role) || !(uncertain(index, role) || uncertain(index + 1, role))) {
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
