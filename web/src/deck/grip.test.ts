import type { Boundary } from '@/api/client'
import { describe, expect, it } from 'vitest'
import type { PileBox } from './boxes'
import { depthAt, spotAt } from './grip'

const pile = (place: string, x: number, size: number): PileBox => ({
  place,
  label: place,
  caption: place,
  size,
  x,
  end: x + size * 10,
  roomEnd: x + size * 10,
  slot: 10,
})

describe('a hand on the running deck', () => {
  it('takes the card that is pointed at, in the nearest pile', () => {
    const piles = [pile('deck', 0, 20), pile('table', 300, 4)]

    expect(spotAt(piles, 0)).toMatchObject({ place: 'deck', position: 1 })
    expect(spotAt(piles, 55)).toMatchObject({ place: 'deck', position: 6 })
    expect(spotAt(piles, 240)).toMatchObject({ place: 'deck', position: 20 })
    expect(spotAt(piles, 290)).toMatchObject({ place: 'table', position: 1 })
    expect(spotAt(piles, 900)).toMatchObject({ place: 'table', position: 4 })
    expect(spotAt([], 5)).toBeUndefined()
  })

  it('puts a boundary between two cards, where it can be', () => {
    const boundary = { least: 5, texts: ['5', '6', '7'] } as Boundary

    expect(depthAt(boundary, pile('deck', 100, 20), 158)).toBe(6)
    expect(depthAt(boundary, pile('deck', 100, 20), 0)).toBe(5)
    expect(depthAt(boundary, pile('deck', 100, 20), 999)).toBe(7)
  })
})
