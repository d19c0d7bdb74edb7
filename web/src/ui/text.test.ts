import { describe, expect, it } from 'vitest'
import { cut } from './text'

describe('a text that is cut', () => {
  it('is whole when it is short enough', () => expect(cut('ferry', 5)).toBe('ferry'))

  it.each([
    ['a\u{1F1F3}\u{1F1F4}b', 4, 'a'],
    ['a\u{1F1F3}\u{1F1F4}b', 5, 'a\u{1F1F3}\u{1F1F4}'],
    ['cafe\u0301s', 4, 'caf'],
    ['', 3, ''],
  ])('is cut between characters, not within: %s to %i', (text, most, cutText) =>
    expect(cut(text, most)).toBe(cutText),
  )
})
