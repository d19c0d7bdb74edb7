import type { Catalogue } from '@/api/client'
import { routine } from '@/routine/testRoutine'
import { recordedConversation } from '@/testing/conversation'
import { describe, expect, it } from 'vitest'
import { withSent } from './sent'

recordedConversation()

const setting = (name: string, kind: string, usual: string) => ({ name, kind, usual })

const CATALOGUE = {
  claims: [{ id: 'position', settings: [setting('role', 'role', 'A'), setting('nth', 'amount', '1')] }],
} as unknown as Catalogue

describe('an answer of the reckoner', () => {
  const empty = routine('a b', [])

  it('becomes the last step, with what was reckoned and what is usual', async () => {
    const sent = await withSent(
      empty,
      { steps: [{ move: 'complete-cut', settings: { depth: '17' } }] },
      CATALOGUE,
    )

    expect(sent.steps.map((s) => s.move)).toEqual(['false-cut', 'false-cut', 'complete-cut'])
    expect(sent.steps.at(-1)!.settings).toMatchObject({ pile: 'deck', depth: '17' })
    expect(new Set(sent.steps.map((s) => s.id)).size).toBe(3)
    expect(empty.steps).toHaveLength(2)
  })

  it('may bring a claim that stands after its step', async () => {
    const withRole = { ...empty, roles: [{ letter: 'B', kind: 'selection', owner: 'Ines', card: '' }] }
    const sent = await withSent(
      withRole,
      { steps: [{ move: 'spell-to' }], claim: { kind: 'position', settings: { nth: '12' } } },
      CATALOGUE,
    )

    expect(sent.steps.at(-1)!.settings).toMatchObject({ role: 'B' })
    expect(sent.claims).toHaveLength(1)
    expect(sent.claims[0]).toMatchObject({
      after: sent.steps.at(-1)!.id,
      claim: { kind: 'position', settings: { role: 'B', nth: '12' } },
    })
  })

  it('may be a claim alone, and stands at the end', async () => {
    const sent = await withSent(
      routine('', []),
      { steps: [], claim: { kind: 'position', settings: {} } },
      CATALOGUE,
    )
    expect(sent.steps).toEqual([])
    expect(sent.claims[0]!.after).toBe('')
  })

  it('is refused in words where a move is not known', async () => {
    await expect(withSent(empty, { steps: [{ move: 'fly' }] }, CATALOGUE)).rejects.toThrow(
      /there is no such move/,
    )
  })
})
