import type { Stage } from '@/api/client'
import { describe, expect, it, vi } from 'vitest'
import { nextTick, ref } from 'vue'
import { useProof } from './proof'

const surveys: (() => void)[] = []
vi.mock('@/api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    GET: () => Promise.resolve({ data: { routine: {} }, response: { ok: true } }),
    POST: () =>
      new Promise((resolve) =>
        surveys.push(() => resolve({ data: { allHold: true, worlds: 52 }, response: { ok: true } })),
      ),
  },
}))

const stage = (order: string) => ({ after: { order }, begins: { order } }) as unknown as Stage

/** Answers the two surveys of one question, one after the other. */
async function answerBoth(): Promise<void> {
  for (let i = 0; i < 2; i++) {
    await vi.waitFor(() => expect(surveys).not.toHaveLength(0))
    surveys.pop()!()
  }
}

describe('whether what is put right is enough', () => {
  it('is answered for the acts as they stand, never for the order before', async () => {
    const shown = ref(stage('AS 2S'))
    const proof = useProof(
      () => 'one',
      () => shown.value,
    )
    let asked = proof.ask()
    await vi.waitFor(() => expect(surveys).toHaveLength(1))
    shown.value = stage('2S AS')
    await nextTick()
    await answerBoth()
    await asked
    expect(proof.found.value).toBeUndefined()
    expect(proof.asking.value).toBe(false)

    asked = proof.ask()
    await answerBoth()
    await asked
    expect(proof.found.value?.after.allHold).toBe(true)
  })
})
