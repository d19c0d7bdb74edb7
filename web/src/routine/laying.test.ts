import type { Routine, Trace } from '@/api/client'
import { describe, expect, it } from 'vitest'
import { layCard } from './laying'

const CODES = ['AS', '2S', '3S', '4S', 'KH']
const trace = {
  cards: CODES.map((code) => ({ code })),
  moments: [
    {
      piles: [
        { place: 'deck', cards: [0, 1, 2, 3] },
        { place: 'table', cards: [4] },
      ],
    },
  ],
} as unknown as Trace

function routine(order: string): Routine {
  return { setUp: { order, placements: [], piles: [{ place: 'table', cards: 'KH' }] } } as unknown as Routine
}

describe('a card of the set-up that is dragged', () => {
  it('changes its place in a written order, and stays face up', () => {
    const laid = layCard(routine('AS 2S↑ 3S 4S'), trace, '2S', { place: 'deck', position: 4 })

    expect(laid!.setUp.order).toBe('AS 3S 4S 2S↑')
    expect(laid!.setUp.placements).toEqual([])
  })

  it('gets a place of its own in a deck in any order, the newest one counting', () => {
    const once = layCard(routine(''), trace, '3S', { place: 'deck', position: 2 })!
    const twice = layCard(once, trace, '3S', { place: 'deck', position: 1 })!

    expect(once.setUp.placements).toEqual([{ card: '3S', nth: 2, from: 'top' }])
    expect(twice.setUp.placements).toEqual([{ card: '3S', nth: 1, from: 'top' }])
  })

  it('does not leave its pile', () => {
    expect(layCard(routine(''), trace, '3S', { place: 'table', position: 1 })).toBeUndefined()
  })
})
