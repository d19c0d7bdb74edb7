import type { Catalogue } from '@/api/client'
import { describe, expect, it } from 'vitest'
import { composed, idOf } from './ownMove'

const setting = (name: string, kind: string, usual: string) => ({
  name,
  label: `The ${name}`,
  kind,
  usual,
  optional: false,
  bySpectator: false,
  options: [],
})

const catalogue = {
  families: [],
  claims: [],
  moves: [
    {
      id: 'cut',
      difficulty: 2,
      settings: [setting('depth', 'amount', '20-32'), setting('pile', 'place', 'deck')],
    },
    { id: 'wash', difficulty: 1, settings: [setting('shuffle', 'chance', '')] },
  ],
} as unknown as Catalogue

const step = (move: string, settings: Record<string, string> = {}) => ({
  id: move,
  move,
  settings,
  look: 'as-taught',
  then: 'as-taught',
  cover: '',
  seconds: 0,
  before: 'as-taught',
  note: '',
})

describe('a composed move', () => {
  it('has a setting for what was left open, and keeps what was settled', () => {
    const own = composed('My cut', [step('cut'), step('cut', { depth: '26' })], catalogue)

    expect(own.settings).toEqual([{ name: 'depth', label: 'The depth', usual: '20-32' }])
    expect(own.parts).toEqual([
      { move: 'cut', settings: { depth: '=depth', pile: 'deck' } },
      { move: 'cut', settings: { depth: '26', pile: 'deck' } },
    ])
    expect(own.difficulty).toBe(2)
  })

  it('tells two open settings of one name apart', () => {
    const own = composed('Twice', [step('cut'), step('cut', { depth: 'any' }), step('wash')], catalogue)

    expect(own.settings.map((s) => s.name)).toEqual(['depth', 'depth-2'])
    expect(own.parts[2]).toEqual({ move: 'wash', settings: {} })
  })

  it('is named in small letters', () => {
    expect(idOf('Öl & Wasser, zweimal')).toBe('own-ol-wasser-zweimal')
    expect(idOf('…')).toBe('own-move')
  })
})
