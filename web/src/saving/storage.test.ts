import { beforeEach, describe, expect, it } from 'vitest'
import { forgetSudden, keepSuddenly, takeOver, thisWindow } from './storage'

describe('what a window kept at the last moment', () => {
  beforeEach(() => localStorage.clear())

  it('is taken over by the next window, and not its own', async () => {
    localStorage.setItem('unsaved/gone/routine/r', JSON.stringify({ title: 'left behind' }))
    keepSuddenly('routine/mine', { title: 'mine' })
    const taken: unknown[] = []

    await takeOver((name, value) => taken.push([name, value]) > 0)

    expect(taken).toEqual([['routine/r', { title: 'left behind' }]])
    expect(Object.keys(localStorage)).toEqual([`unsaved/${thisWindow}/routine/mine`])
    forgetSudden()
    expect(Object.keys(localStorage)).toEqual([])
  })

  it('stays when nobody takes it', async () => {
    localStorage.setItem('unsaved/gone/routine/r', '{}')

    await takeOver(() => false)

    expect(Object.keys(localStorage)).toEqual(['unsaved/gone/routine/r'])
  })
})
