import { describe, expect, it } from 'vitest'
import { flipped, laidCards, lay, move, pieces, take, type TrayPile } from './tray'

const piles: TrayPile[] = [
  { place: 'deck', cards: ['AS', '2S', '3S'] },
  { place: 'palm', cards: ['KH'] },
]

describe('the set-up tray', () => {
  it('cuts a written order where words name no card', () => {
    const unread = (text: string, from: number) => ({
      text,
      from,
      to: from + text.length,
      cure: 'Leave it out.',
    })

    expect(pieces('AS moon KH', [unread('moon', 3)])).toEqual([
      { text: 'AS ' },
      { text: 'moon', cure: 'Leave it out.' },
      { text: ' KH' },
    ])
    expect(pieces('moon sun', [unread('moon', 0), unread('sun', 5)]).map((piece) => piece.text)).toEqual([
      'moon',
      ' ',
      'sun',
    ])
    expect(pieces('AS', [])).toEqual([{ text: 'AS' }])
  })

  it('lays a card before the one it is dropped on', () => {
    expect(lay(piles, 'QC', { pile: 0, index: 1 })[0]!.cards).toEqual(['AS', 'QC', '2S', '3S'])
  })

  it('moves a card within a pile and to another', () => {
    expect(move(piles, { pile: 0, index: 0 }, { pile: 0, index: 3 })[0]!.cards).toEqual(['2S', '3S', 'AS'])
    const moved = move(piles, { pile: 0, index: 1 }, { pile: 1, index: 0 })
    expect(moved.map((p) => p.cards)).toEqual([
      ['AS', '3S'],
      ['2S', 'KH'],
    ])
  })

  it('takes a card out and leaves the old piles as they were', () => {
    expect(take(piles, { pile: 0, index: 1 })[0]!.cards).toEqual(['AS', '3S'])
    expect(piles[0]!.cards).toHaveLength(3)
  })

  it('turns a card over and back', () => {
    expect(flipped('QC')).toBe('QC↑')
    expect(flipped('QC↑')).toBe('QC')
  })

  it('knows which cards are laid, also among cards that look alike', () => {
    const laid = laidCards(['blank', 'blank', 'AS'], [{ place: 'deck', cards: ['blank↑'] }])

    expect(laid).toEqual([true, false, false])
  })
})
