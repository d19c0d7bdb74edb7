import type { Rehearsal } from '@/api/client'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createLetters, type Letter } from './letters'

const note = (id: string, move: string, alias: string): Letter => ({
  id,
  kind: 'move-note',
  move,
  note: { alias, skill: 3 },
})
const run = (id: string): Letter => ({ id, kind: 'run', routineId: 'r', run: {} as Rehearsal })

describe('letters', () => {
  let arrived: string[]
  let gone: boolean
  let kept: Letter[]
  let refused: string[]

  const open = () =>
    createLetters(
      (letters) => (kept = letters),
      () => {},
      (sentence) => refused.push(sentence),
    )

  beforeEach(() => {
    vi.useFakeTimers()
    arrived = []
    refused = []
    kept = []
    gone = false
    vi.stubGlobal('fetch', async (request: Request) => {
      if (gone) {
        throw new TypeError('Failed to fetch')
      }
      const text = await request.text()
      const path = new URL(request.url).pathname
      arrived.push(`${path} ${request.headers.get('Edit-Id') ?? ''}${JSON.parse(text).alias ?? ''}`)
      return path.includes('unknown')
        ? new Response(JSON.stringify({ title: 'No', detail: 'There is no such move.' }), { status: 404 })
        : new Response('{}', { status: 200 })
    })
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('arrive one after another', async () => {
    const letters = open()
    void letters.put(run('1'))
    void letters.put(note('2', 'cut', 'mine'))
    await vi.advanceTimersByTimeAsync(0)

    expect(arrived).toEqual(['/api/routines/r/rehearsals 1', '/api/performer/moves/cut mine'])
    expect(letters.unsent.value).toBe(false)
  })

  it('do not stand in each other’s way when one is refused, which is told', async () => {
    const letters = open()
    void letters.put(note('1', 'unknown', 'x'))
    void letters.put(note('2', 'cut', 'mine'))
    await vi.advanceTimersByTimeAsync(0)

    expect(arrived.at(-1)).toBe('/api/performer/moves/cut mine')
    expect(refused).toEqual(['The note on the move was not kept: There is no such move.'])
  })

  it('wait while nobody answers, the newest note on a move instead of older ones, and are kept', async () => {
    const letters = open()
    gone = true
    void letters.put(run('1'))
    void letters.put(note('2', 'cut', 'm'))
    void letters.put(note('3', 'cut', 'mine'))
    await vi.advanceTimersByTimeAsync(0)
    expect(kept.map((l) => l.id)).toEqual(['1', '3'])

    gone = false
    await vi.advanceTimersByTimeAsync(2000)
    expect(arrived).toEqual(['/api/routines/r/rehearsals 1', '/api/performer/moves/cut mine'])
    expect(kept).toEqual([])
  })
})
