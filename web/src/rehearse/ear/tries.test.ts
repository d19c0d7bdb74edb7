import { describe, expect, it } from 'vitest'
import { Tries } from './tries'

/** Ends as somebody does who waits for the pause. */
function heard(...times: number[]): number[] {
  const tries = new Tries()
  times.forEach((time) => tries.beat(time))
  return tries.end()
}

describe('a try', () => {
  it('is its beats, early and late ones too', () => {
    expect(heard(1, 1.7, 2.645, 3.1)).toEqual([1, 1.7, 2.645, 3.1])
  })

  it('leaves out what strayed in before and after', () => {
    expect(heard(0, 2, 2.5, 3, 3.5)).toEqual([2, 2.5, 3, 3.5])
    expect(heard(2, 2.5, 3, 3.5, 4.6)).toEqual([2, 2.5, 3, 3.5])
    expect(heard(0, 2, 2.5, 3, 3.5, 4.6)).toEqual([2, 2.5, 3, 3.5])
  })

  it('keeps a long rest between its beats: something is missing there, and that is said', () => {
    expect(heard(0, 0.5, 1.5, 2)).toHaveLength(4)
  })

  it('is none of a single sound, and of none', () => {
    expect(heard(3)).toEqual([])
    expect(heard()).toEqual([])
  })

  it('is over when two beats go by without another one, and never at once', () => {
    const tries = new Tries()
    expect(tries.pause()).toBeUndefined()
    tries.beat(1)
    expect(tries.pause()).toBe(2.5)
    tries.beat(2)
    tries.beat(3)
    expect(tries.pause()).toBeCloseTo(2.2)
    tries.end()
    ;[1, 1.1, 1.2].forEach((time) => tries.beat(time))
    expect(tries.pause()).toBeCloseTo(0.6)
  })

  it('does not go backwards', () => {
    expect(heard(1, 2, 2, 1.5, 3)).toEqual([1, 2, 3])
  })
})
