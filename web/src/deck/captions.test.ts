import { describe, expect, it } from 'vitest'
import { captions } from './captions'

const told = (...all: [text: string, x: number, end?: boolean][]) =>
  captions(
    all.map(([text, x, end]) => ({ text, x, end: end ?? false })),
    400,
    80,
  )

describe('words under a row', () => {
  it('stand on the first line where they meet no others', () => {
    expect(told(['break', 100], ['Tove’s hand', 110], ['wallet', 300]).map((c) => c.line)).toEqual([0, 1, 0])
    expect(told(['wallet, in the pocket', 300, true], ['palm', 250]).map((c) => c.line)).toEqual([0, 1])
  })

  it('stay in the picture', () => {
    expect(told(['Tove’s hand', 390], ['envelope, on the table', 20, true]).map((c) => c.end)).toEqual([
      true,
      false,
    ])
  })

  it('are left out where there is no line left', () => {
    const four = told(['break', 9], ['break', 9], ['break', 9], ['break', 9])
    expect(four.map((c) => c.line)).toEqual([0, 1, 2])
    expect(captions([{ text: 'break', x: 9, end: false }], 400, 20)).toEqual([])
  })
})
