import type { Catalogue, Routine } from '@/api/client'
import { describe, expect, it } from 'vitest'
import { unknowns } from './unknowns'

const amount = (name: string) => ({
  name,
  label: name,
  kind: 'amount',
  usual: '1',
  optional: false,
  bySpectator: false,
  options: [],
})

const catalogue = {
  families: [],
  moves: [{ id: 'cut', name: 'Cut', settings: [amount('depth')] }],
  claims: [{ id: 'position', name: 'At a place', settings: [amount('nth')] }],
} as unknown as Catalogue

const routine = {
  setUp: {
    order: '',
    placements: [{ card: '9C', nth: 1, from: 'bottom' }],
    piles: [{ place: 'palm', cards: 'KH↑ QC' }],
  },
  roles: [{ letter: 'K', kind: 'key', owner: '', card: '9C' }],
  steps: [
    {
      id: 's1',
      move: 'cut',
      settings: { depth: '5' },
      look: 'as-taught',
      then: 'as-taught',
      cover: '',
      seconds: 0,
      before: 'as-taught',
      note: '',
    },
  ],
  claims: [{ id: 'c1', after: '', claim: { kind: 'position', settings: { nth: '2' }, not: false, or: [] } }],
} as unknown as Routine

describe('what can be solved for', () => {
  const found = unknowns(routine, catalogue, 52)

  it('is every count, claimed number, start place and place in a pile', () => {
    expect(found.map((u) => `${u.kind} ${u.setting}`)).toEqual([
      'step depth',
      'claim nth',
      'start 9C',
      'pile KH',
      'pile QC',
    ])
  })
})
