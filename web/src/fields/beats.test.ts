import { describe, expect, it } from 'vitest'
import { beatWords, readBeats, writeBeats } from './beats'

describe('beats', () => {
  it('are read and written in the same words', () => {
    const text = 'peel under-all-but block3 over-draw rest'

    expect(writeBeats(readBeats(text))).toBe(text)
  })

  it('are told in words', () => {
    expect(readBeats('under-all-but block2').map(beatWords)).toEqual([
      'all but the bottom, the others back under',
      'block of 2',
    ])
  })

  it('leaves out what is no beat', () => {
    expect(readBeats('peel jump rest')).toHaveLength(2)
  })
})
