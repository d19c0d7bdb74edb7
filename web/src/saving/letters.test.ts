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

  it('tell whoever sent them what became of them: the answer, nothing while they wait, or why they were refused', async () => {
    const letters = open()
    const delivered = async (letter: Letter) => {
      const fate = letters.deliver(letter).catch((problem: Error) => problem.message)
      await vi.advanceTimersByTimeAsync(0)
      return fate
    }
    expect(await delivered(run('1'))).toEqual({})
    expect(await delivered(note('2', 'unknown', 'x'))).toBe('There is no such move.')
    expect(refused).toEqual([])

    gone = true
    expect(await delivered(run('3'))).toBeUndefined()
    expect(kept.map((l) => l.id)).toEqual(['3'])
  })

  it('are kept while the disk is full, whatever they are', async () => {
    vi.stubGlobal(
      'fetch',
      async () => new Response(JSON.stringify({ title: 'Full', detail: 'Full.' }), { status: 507 }),
    )
    const letters = open()
    const all: Letter[] = [
      run('1'),
      { id: '2', kind: 'people', people: 'p', audience: { name: 'Bar', note: '' } },
      { id: '3', kind: 'hint', rule: 'r', aside: true },
      { id: '4', kind: 'hand', hand: 'left' },
      { id: '5', kind: 'forced', cards: 'QH' },
    ]
    for (const letter of all) {
      const fate = letters.deliver(letter)
      await vi.advanceTimersByTimeAsync(0)
      expect(await fate).toBeUndefined()
    }
    // Taken back before it was sent: only the last counts.
    void letters.put({ id: '6', kind: 'hint', rule: 'r', aside: false })

    expect(kept.map((l) => l.id)).toEqual(['1', '2', '4', '5', '6'])
    expect(refused).toEqual([])
  })
})
