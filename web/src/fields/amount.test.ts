import { describe, expect, it } from 'vitest'
import { inMode, putTogether, takeApart } from './amount'

describe('amounts', () => {
  it.each(['26', '15-37', '26±3', 'any'])('%s is put together as it was taken apart', (text) => {
    expect(putTogether(takeApart(text))).toBe(text)
  })

  it('reads other ways of writing, and counts nonsense as one', () => {
    expect(putTogether(takeApart('26 +- 3'))).toBe('26±3')
    expect(putTogether(takeApart('15 – 37'))).toBe('15-37')
    expect(putTogether(takeApart('soon'))).toBe('1')
  })

  it('keeps what can be kept when the form changes', () => {
    expect(putTogether(inMode(takeApart('26±3'), 'range', 1, 51))).toBe('23-29')
    expect(putTogether(inMode(takeApart('20-30'), 'about', 1, 51))).toBe('25±5')
    expect(putTogether(inMode(takeApart('any'), 'exact', 1, 51))).toBe('26')
    expect(putTogether(inMode(takeApart('12'), 'range', 1, 51))).toBe('1-51')
    expect(putTogether(inMode(takeApart('12'), 'any', 1, 51))).toBe('any')
  })

  it('never writes an amount that cannot be read', () => {
    expect(putTogether({ mode: 'range', first: 30, second: 20 })).toBe('30-30')
    expect(putTogether({ mode: 'about', first: 2, second: 5 })).toBe('2±2')
  })
})
