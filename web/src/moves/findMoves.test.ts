import type { Catalogue } from '@/api/client'
import { describe, expect, it } from 'vitest'
import { findMoves } from './findMoves'

const move = (id: string, name: string, family: string, effect = '') => ({ id, name, family, effect })

const catalogue = {
  families: [
    { id: 'cuts', label: 'Cuts' },
    { id: 'shuffles', label: 'Shuffles' },
  ],
  moves: [
    move('false-cut', 'False cut', 'cuts', 'Nothing changes.'),
    move('cut-to-break', 'Cut at the break', 'cuts', 'The halves change places.'),
    move('top-to-bottom', 'Overhand, top card to bottom', 'shuffles'),
    move('bottom-to-top', 'Overhand, bottom card to top', 'shuffles'),
  ],
  claims: [],
  occasions: [],
  looks: [],
} as unknown as Catalogue

const found = (typed: string, aliases = {}) => findMoves(catalogue, typed, aliases).map((m) => m.id)

describe('finding a move', () => {
  it('wants every word, at the beginning of a word anywhere', () => {
    expect(found('halv')).toEqual(['cut-to-break'])
    expect(found('cuts nothing')).toEqual(['false-cut'])
    expect(found('alf')).toEqual([])
  })

  it('puts first what begins as it was typed, long before the end', () => {
    expect(found('overhand, bottom')[0]).toBe('bottom-to-top')
    expect(found('Overhand, top')[0]).toBe('top-to-bottom')
    expect(found('cut')[0]).toBe('cut-to-break')
  })

  it('knows moves by what the performer calls them', () => {
    expect(found('gangway')).toEqual([])
    expect(found('gangway', { 'false-cut': { alias: 'The gangway' } })).toEqual(['false-cut'])
  })

  it('lists everything when nothing is typed', () => {
    expect(found('')).toHaveLength(4)
  })
})
