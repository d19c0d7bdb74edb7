import type { Rehearsal, Trace } from '@/api/client'
import { describe, expect, it } from 'vitest'
import { claimsOf, pastSlips } from './observed'

const trace = {
  roles: [{ letter: 'A' }, { letter: 'K' }],
  moments: [{ roles: [{ place: 'deck' }, { place: 'table:dealt' }] }],
} as unknown as Trace

describe('what is really there', () => {
  it('is claimed of the pile in which each card should lie', () => {
    expect(claimsOf({ positions: [5, 2], top: '', more: [] }, trace).map((c) => c.settings)).toEqual([
      { role: 'A', nth: '5', pile: 'deck' },
      { role: 'K', nth: '2', pile: 'table:dealt' },
    ])
  })

  it('leaves out what nobody looked at', () => {
    expect(claimsOf({ positions: [0, 0], top: ' ', more: [] }, trace)).toEqual([])
    expect(claimsOf({ positions: [0, 0], top: ' QC ', more: [] }, trace)).toEqual([
      { kind: 'pile-order', settings: { pile: 'deck', cards: 'QC' }, not: false, or: [] },
    ])
  })

  it('leaves out a card that was not chosen', () => {
    const open = { ...trace, moments: [{ roles: [{ place: '' }, { place: 'deck' }] }] } as unknown as Trace
    expect(claimsOf({ positions: [3, 4], top: '', more: [] }, open).map((c) => c.settings['role'])).toEqual([
      'K',
    ])
  })
})

describe('past slips', () => {
  it('are added up by step', () => {
    const run = (...slips: number[]) =>
      ({ steps: slips.map((s, i) => ({ stepId: `s${i}`, millis: 1, slips: s })) }) as unknown as Rehearsal

    expect(pastSlips([run(0, 2, 1), run(0, 1, 0)])).toEqual({ s1: 3, s2: 1 })
    expect(pastSlips([])).toEqual({})
  })
})
