import type { Invention } from '@/api/client'
import { describe, expect, it } from 'vitest'
import { byIdea, sorted } from './columns'

function find(
  name: string,
  choices: number,
  ways: number,
  steps: number,
  dealt: number,
  distance: number,
): Invention {
  return {
    steps: Array.from({ length: steps }, () => ({}) as Invention['steps'][0]),
    sentences: [],
    claim: { kind: 'position', settings: {}, not: false, or: [] },
    sentence: name,
    choices,
    ways,
    dealt,
    secret: 0,
    difficulty: 1,
    distance,
    slacks: [],
    why: [],
    letters: [],
    whyWays: ways,
  }
}

const FINDS = [
  find('plain', 0, 12, 2, 13, 2),
  find('free', 2, 546, 3, 24, 0),
  find('freer', 2, 7488, 4, 0, 1),
  find('long', 1, 78, 5, 12, 3),
]

describe('finds', () => {
  it.each([
    ['choices', ['freer', 'free', 'long', 'plain']],
    ['ways', ['freer', 'free', 'long', 'plain']],
    ['steps', ['plain', 'free', 'freer', 'long']],
    ['dealt', ['freer', 'long', 'plain', 'free']],
    ['distance', ['long', 'plain', 'freer', 'free']],
  ] as const)('are sorted by %s, the best first', (column, names) => {
    expect(sorted(FINDS, column).map((f) => f.sentence)).toEqual(names)
  })

  it('stay as they came where nothing tells them apart', () => {
    const alike = [find('first', 1, 1, 1, 1, 1), find('second', 1, 1, 1, 1, 1)]

    expect(sorted(alike, 'ways').map((f) => f.sentence)).toEqual(['first', 'second'])
  })

  it('that work in the same way are one idea, and those of which that is not told are each their own', () => {
    const at = (position: string, bottom = false, or: Invention['why'] = []) => ({
      place: 'any pile',
      position,
      bottom,
      or,
    })
    const why = (name: string, ...lines: Invention['why']) => ({ ...find(name, 1, 1, 2, 0, 1), why: lines })
    const found = [
      why('cut', at('a'), at('52')),
      why('deal', at('a'), at('1')),
      find('untold', 1, 1, 2, 0, 1),
      why('cut elsewhere', { ...at('a'), place: 'another pile' }, at('52')),
      why('from below', at('a'), at('1', true)),
      why('split', at('a', false, [at('b')]), at('1')),
      why('split the other way', at('b', false, [at('a')]), at('1')),
      find('untold too', 1, 1, 2, 0, 1),
      { ...why('freer', at('a'), at('52')), choices: 2 },
    ]
    expect(byIdea(found).map((idea) => idea.map((f) => f.sentence))).toEqual([
      ['cut', 'cut elsewhere'],
      ['deal'],
      ['untold'],
      ['from below'],
      ['split', 'split the other way'],
      ['untold too'],
      ['freer'],
    ])
  })
})
