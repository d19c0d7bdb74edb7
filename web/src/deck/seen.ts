import type { Moment, Seen, Trace } from '@/api/client'

/* The deck in people’s heads, in the shape in which a deck is drawn. */

type Card = Trace['cards'][number]

/** A card of which nobody saw the face. */
const UNKNOWN: Card = {
  code: '',
  sign: '',
  name: '',
  red: false,
  front: { kind: 'back', sign: '', name: '', red: false, design: '' },
  back: { kind: 'back', sign: '', name: '', red: false, design: '' },
  special: false,
  stated: 'placed',
  marks: [],
}

/**
 * The trace as people think it goes: their piles in place of the real ones, each role where they think its card lies. A card that they
 * take for another one from some step on is another one from there on.
 */
export function asSeen(trace: Trace, seen: Seen): Trace {
  const cards: Card[] = []
  const numbers = new Map<string, number>()
  const numberOf = (card: { number: number; sign: string; name: string; red: boolean }): number => {
    const key = `${card.number} ${card.sign}`
    const known = numbers.get(key)
    if (known !== undefined) {
      return known
    }
    const { sign, name, red } = card
    cards.push(
      sign ? { ...UNKNOWN, sign, name, red, front: { kind: 'face', sign, name, red, design: '' } } : UNKNOWN,
    )
    numbers.set(key, cards.length - 1)
    return cards.length - 1
  }
  const moments = trace.moments.map((moment, i): Moment => {
    const at = seen.moments[i]
    // Of a step that was put in since nothing is known yet.
    if (at?.stepId !== moment.stepId) {
      return moment
    }
    const piles = at.piles.map((pile) => ({
      place: pile.place,
      label: pile.label,
      caption: pile.caption,
      open: true,
      cards: pile.cards.map(numberOf),
      faceUp: pile.cards.map((card) => card.faceUp),
    }))
    return {
      ...moment,
      piles,
      holds: [],
      ribbons: [],
      roles: moment.roles.map((role, r) => {
        const spot = at.spots[r]
        const pile = piles.find((p) => p.place === spot?.place)
        const { place, position } = spot && pile ? spot : { place: '', position: 0 }
        return { ...role, card: pile?.cards[position - 1] ?? -1, place, position, slug: [] }
      }),
    }
  })
  return { ...trace, cards, moments }
}
