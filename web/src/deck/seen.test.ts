import type { Seen, Trace } from '@/api/client'
import { describe, expect, it } from 'vitest'
import { asSeen } from './seen'

const moment = (stepId: string, cards: number[]) => ({
  stepId,
  piles: [
    { place: 'deck', label: 'the deck', caption: 'deck', open: true, cards, faceUp: cards.map(() => false) },
  ],
  roles: [{ card: 0, chosen: true, place: 'deck', position: 1, slug: [] }],
  holds: [{ kind: 'break', place: 'deck', depth: 1 }],
  ribbons: [],
})

const trace = {
  cards: [{ sign: 'K♠' }, { sign: 'Q♥' }],
  roles: [{ letter: 'A' }],
  moments: [moment('', [0, 1]), moment('cut', [1, 0]), moment('new', [0, 1])],
} as unknown as Trace

const thought = (number: number, sign = '', faceUp = false) => ({
  number,
  sign,
  name: sign,
  red: false,
  faceUp,
})

const at = (stepId: string, cards: ReturnType<typeof thought>[], position: number) => ({
  stepId,
  piles: [{ place: 'deck', label: 'the deck', caption: 'deck', cards }],
  spots: [{ place: position > 0 ? 'deck' : '', position }],
  loose: [],
  parts: [],
  effects: [],
  flaws: [],
  thinks: '',
})

const seen = {
  moments: [
    at('', [thought(0), thought(1, 'K♠', true), thought(2)], 2),
    at('cut', [thought(1, '4♣', true), thought(0), thought(2)], 0),
    at('gone', [], 0),
  ],
} as Seen

describe('a deck as people see it', () => {
  const drawn = asSeen(trace, seen)

  it('has their cards, with the faces that they know', () => {
    const [first] = drawn.moments[0]!.piles
    expect(first!.cards.map((card) => drawn.cards[card]!.sign)).toEqual(['', 'K♠', ''])
    expect(first!.faceUp).toEqual([false, true, false])
    expect(drawn.moments[0]!.holds).toEqual([])
  })

  it('has another card where they take one for another', () => {
    const [first] = drawn.moments[1]!.piles
    expect(drawn.cards[first!.cards[0]!]!.sign).toBe('4♣')
    expect(first!.cards[1]).toBe(drawn.moments[0]!.piles[0]!.cards[0])
  })

  it('shows a role where they think that it lies, and nowhere else', () => {
    expect(drawn.moments[0]!.roles[0]).toMatchObject({ place: 'deck', position: 2 })
    expect(drawn.moments[1]!.roles[0]).toMatchObject({ place: '', position: 0, card: -1 })
  })

  it('is the real one in a step of which nothing is known yet', () => {
    expect(drawn.moments[2]).toBe(trace.moments[2])
  })
})
