import type { Catalogue, Move } from '@/api/client'
import { routine } from '@/routine/testRoutine'
import { describe, expect, it } from 'vitest'
import { withSent } from './sent'

const setting = (name: string, kind: string, usual: string) => ({
  name,
  label: name,
  kind,
  usual,
  begins: usual,
  roleKind: usual === 'K' ? 'key' : 'selection',
  use: 'names',
  optional: false,
  bySpectator: false,
  piles: true,
  parts: false,
  options: [],
})

const move = (id: string, settings: Move['settings']) => ({ id, settings }) as Move

const CATALOGUE = {
  families: [],
  occasions: [],
  looks: [],
  moves: [
    move('complete-cut', [setting('pile', 'place', 'deck'), setting('depth', 'amount', '20-32')]),
    move('spell-to', [setting('role', 'role', 'A'), setting('words', 'text', '')]),
  ],
  claims: [
    {
      id: 'position',
      name: 'Position',
      onlyJudged: false,
      settings: [setting('role', 'role', 'A'), setting('nth', 'amount', '1')],
    },
  ],
} as Catalogue

describe('an answer of the reckoner', () => {
  const empty = routine('a b', [])

  it('becomes the last step, with what was reckoned and what is usual', () => {
    const sent = withSent(empty, { steps: [{ move: 'complete-cut', settings: { depth: '17' } }] }, CATALOGUE)

    expect(sent.steps.map((s) => s.move)).toEqual(['false-cut', 'false-cut', 'complete-cut'])
    expect(sent.steps.at(-1)!.settings).toEqual({ pile: 'deck', depth: '17' })
    expect(new Set(sent.steps.map((s) => s.id)).size).toBe(3)
    expect(empty.steps).toHaveLength(2)
  })

  it('may bring a claim that stands after its step', () => {
    const withRole = { ...empty, roles: [{ letter: 'B', kind: 'selection', owner: 'Ines', card: '' }] }
    const sent = withSent(
      withRole,
      { steps: [{ move: 'spell-to' }], claim: { kind: 'position', settings: { nth: '12' } } },
      CATALOGUE,
    )

    expect(sent.steps.at(-1)!.settings).toEqual({ role: 'B', words: '' })
    expect(sent.claims).toHaveLength(1)
    expect(sent.claims[0]).toMatchObject({
      after: sent.steps.at(-1)!.id,
      claim: { kind: 'position', settings: { role: 'B', nth: '12' } },
    })
  })

  it('may be a claim alone, and stands at the end', () => {
    const sent = withSent(
      routine('', []),
      { steps: [], claim: { kind: 'position', settings: {} } },
      CATALOGUE,
    )
    expect(sent.steps).toEqual([])
    expect(sent.claims[0]!.after).toBe('')
  })

  it('leaves out a move that is not known', () => {
    expect(withSent(empty, { steps: [{ move: 'fly' }] }, CATALOGUE).steps).toHaveLength(2)
  })
})
