/** A pile of the set-up tray: where it lies, and its cards from the top as codes, with an arrow when face up. */
export interface TrayPile {
  place: string
  cards: string[]
}

/** Where a card of the tray is: a pile and an index in it. */
export interface TraySpot {
  pile: number
  index: number
}

const UP = '↑'

/** The code without its arrow. */
export function plain(code: string): string {
  return code.replace(UP, '')
}

/** The card turned over. */
export function flipped(code: string): string {
  return code.endsWith(UP) ? plain(code) : code + UP
}

/** Lays a card into a pile, before the card that has this index now. */
export function lay(piles: TrayPile[], code: string, to: TraySpot): TrayPile[] {
  return piles.map((pile, i) =>
    i === to.pile
      ? { ...pile, cards: [...pile.cards.slice(0, to.index), code, ...pile.cards.slice(to.index)] }
      : pile,
  )
}

/** Takes a card out of its pile. */
export function take(piles: TrayPile[], from: TraySpot): TrayPile[] {
  return piles.map((pile, i) =>
    i === from.pile ? { ...pile, cards: pile.cards.filter((_, at) => at !== from.index) } : pile,
  )
}

/** Moves a card to another spot, which is counted before it is taken out. */
export function move(piles: TrayPile[], from: TraySpot, to: TraySpot): TrayPile[] {
  const code = piles[from.pile]!.cards[from.index]!
  const index = from.pile === to.pile && from.index < to.index ? to.index - 1 : to.index
  return lay(take(piles, from), code, { pile: to.pile, index })
}

/** Which cards of the pack are laid: of cards that look alike, as many as the piles name, the first ones. */
export function laidCards(codes: string[], piles: TrayPile[]): boolean[] {
  const left = new Map<string, number>()
  for (const code of piles.flatMap((pile) => pile.cards).map(plain)) {
    left.set(code, (left.get(code) ?? 0) + 1)
  }
  return codes.map((code) => {
    const count = left.get(code) ?? 0
    left.set(code, count - 1)
    return count > 0
  })
}

/** Words of a written order that name no card, and what to write instead. */
export interface Unread {
  text: string
  from: number
  to: number
  cure: string
}

/** The order as it was written, cut where words are that name no card. */
export function pieces(written: string, unread: Unread[]): { text: string; cure?: string }[] {
  const cut: { text: string; cure?: string }[] = []
  let at = 0
  for (const words of unread) {
    cut.push({ text: written.slice(at, words.from) }, { text: words.text, cure: words.cure })
    at = words.to
  }
  return [...cut, { text: written.slice(at) }].filter((piece) => piece.text !== '')
}
