import type { Routine, Trace } from '@/api/client'

/**
 * The routine with a card of the set-up laid elsewhere in its pile. Where the order of the deck is written down it is changed
 * there; a deck in any order gets a place for this one card.
 *
 * @returns nothing when the card lies in another pile
 */
export function layCard(
  routine: Routine,
  trace: Trace,
  code: string,
  to: { place: string; position: number },
): Routine | undefined {
  const pile = trace.moments[0]!.piles.find((p) => p.cards.some((card) => trace.cards[card]!.code === code))
  if (pile?.place !== to.place) {
    return undefined
  }
  const { setUp } = routine
  const laid = setUp.piles.find((p) => p.place === to.place)
  if (laid) {
    const piles = setUp.piles.map((p) =>
      p === laid ? { ...p, cards: shifted(p.cards, code, to.position) } : p,
    )
    return { ...routine, setUp: { ...setUp, piles } }
  }
  const placed = setUp.placements.some((p) => p.card === code)
  if (!placed && words(setUp.order).some((word) => plain(word) === code)) {
    return { ...routine, setUp: { ...setUp, order: shifted(setUp.order, code, to.position) } }
  }
  const others = setUp.placements.filter((p) => p.card !== code)
  const placements = [...others, { card: code, nth: to.position, from: 'top' }]
  return { ...routine, setUp: { ...setUp, placements } }
}

function words(order: string): string[] {
  return order.split(/[\s,]+/).filter((word) => word !== '')
}

/** A code without the arrow of a card that lies face up. */
function plain(code: string): string {
  return code.replace('↑', '')
}

/** An order with one card at another place, counted from 1. */
function shifted(order: string, code: string, nth: number): string {
  const cards = words(order)
  const [card] = cards.splice(
    cards.findIndex((word) => plain(word) === code),
    1,
  )
  return [...cards.slice(0, nth - 1), card, ...cards.slice(nth - 1)].join(' ')
}
