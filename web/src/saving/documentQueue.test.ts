import { ApiProblem, type Routine, type StoredRoutine } from '@/api/client'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { begun, type Queue, type Stored } from './queue'
import { createDocumentQueue } from './documentQueue'
import { routines } from './doors'

const titled = (title: string) => ({ title }) as Routine

const fromServer = (server: Server): Stored<Routine> => {
  const { routine, ...stored } = server.stored()
  return { ...stored, document: routine }
}

/** A server that remembers edits by their ids, and can be gone, or lose its answers. */
class Server {
  version = 0
  history = ['start']
  at = 0
  done = new Map<string, number>()
  gone = false
  losesAnswers = false
  status = 0
  asked = 0

  async fetch(request: Request): Promise<Response> {
    this.asked++
    if (this.gone) {
      throw new TypeError('Failed to fetch')
    }
    const answer = await this.answer(request)
    if (this.losesAnswers) {
      throw new TypeError('Failed to fetch')
    }
    return answer
  }

  private async answer(request: Request): Promise<Response> {
    const body = (await request.text()) || '{}'
    const id = request.headers.get('Edit-Id')!
    if (this.status) {
      return this.json({ title: 'No', detail: 'Not now.', problems: [] }, this.status)
    }
    if (!this.done.has(id)) {
      if (request.headers.get('If-Match') !== `"v${this.version}"`) {
        return this.json({ title: 'Changed', detail: 'Changed elsewhere.', problems: [] }, 412)
      }
      const routine = JSON.parse(body) as Routine
      if (routine.title === 'bad') {
        return this.json({ title: 'No', detail: 'Bad, and why.', problems: [] }, 422)
      }
      this.change(new URL(request.url).pathname, routine)
      this.done.set(id, ++this.version)
    }
    return this.json(this.stored(this.done.get(id)!))
  }

  private change(path: string, routine: Routine): void {
    if (path.endsWith('/undo')) {
      this.at--
    } else if (path.endsWith('/redo')) {
      this.at++
    } else {
      this.history = [...this.history.slice(0, this.at + 1), routine.title]
      this.at++
    }
  }

  stored(version = this.version): StoredRoutine {
    return {
      id: 'r',
      version: `v${version}`,
      canUndo: this.at > 0,
      canRedo: this.at < this.history.length - 1,
      changedAt: '',
      routine: titled(this.history[this.at]!),
    }
  }

  private json(body: unknown, status = 200): Response {
    return new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
  }
}

describe('the queue of a document', () => {
  let server: Server
  let kept: Queue<Routine>
  let told: (ApiProblem | undefined)[]

  function open(from: Queue<Routine> = begun(fromServer(server))) {
    return createDocumentQueue(
      from,
      routines,
      (state) => (kept = state),
      (problem) => told.push(problem),
    )
  }

  beforeEach(() => {
    vi.useFakeTimers()
    server = new Server()
    told = []
    vi.stubGlobal('fetch', (request: Request) => server.fetch(request))
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('sends an edit again, with growing pauses, until it is acknowledged', async () => {
    const queue = open()
    server.gone = true
    queue.edit(titled('kept'))
    await vi.advanceTimersByTimeAsync(60_000)
    expect(queue.state.value).toBe('failed')
    expect(server.asked).toBeGreaterThan(10)
    expect(server.asked).toBeLessThan(30)

    server.gone = false
    await vi.advanceTimersByTimeAsync(3000)
    expect(queue.state.value).toBe('saved')
    expect(server.history).toEqual(['start', 'kept'])
  })

  it.each([500, 503, 507, 403, 429])('tries again after an answer of %i', async (status) => {
    const queue = open()
    server.status = status
    queue.edit(titled('kept'))
    await vi.advanceTimersByTimeAsync(100)
    expect(queue.state.value).toBe('failed')
    expect(queue.failure.value).toBe('Not now.')

    server.status = 0
    queue.tryNow()
    await vi.advanceTimersByTimeAsync(0)
    expect(queue.state.value).toBe('saved')
    expect(told.map((problem) => problem?.status)).toEqual([status, undefined])
  })

  it('keeps what is typed while nobody answers, in order', async () => {
    const queue = open()
    server.gone = true
    queue.edit(titled('one'))
    await vi.advanceTimersByTimeAsync(0)
    queue.edit(titled('two'))
    queue.edit(titled('three'))
    expect(queue.shown.value.title).toBe('three')

    server.gone = false
    await vi.advanceTimersByTimeAsync(2000)
    expect(server.history).toEqual(['start', 'one', 'two', 'three'])
  })

  it('recognises an edit that was saved though its answer was lost', async () => {
    const queue = open()
    server.losesAnswers = true
    queue.edit(titled('lost'))
    await vi.advanceTimersByTimeAsync(100)
    expect(server.history).toEqual(['start', 'lost'])
    expect(queue.state.value).toBe('failed')

    server.losesAnswers = false
    queue.edit(titled('next'))
    await vi.advanceTimersByTimeAsync(5000)
    expect(queue.state.value).toBe('saved')
    expect(server.history).toEqual(['start', 'lost', 'next'])
  })

  it('goes on after a reload from what was kept', async () => {
    server.gone = true
    open().edit(titled('before the reload'))
    await vi.advanceTimersByTimeAsync(0)
    server.gone = false

    const again = open(JSON.parse(JSON.stringify(kept)) as Queue<Routine>)
    expect(again.shown.value.title).toBe('before the reload')
    again.tryNow()
    await vi.advanceTimersByTimeAsync(0)
    expect(server.history).toEqual(['start', 'before the reload'])
  })

  it('keeps a refused edit as a draft, and what is typed after it', async () => {
    const queue = open()
    queue.edit(titled('bad'))
    await vi.advanceTimersByTimeAsync(0)
    expect(queue.state.value).toBe('refused')
    expect(queue.refusal.value!.message).toBe('Bad, and why.')

    queue.edit(titled('put right'))
    await vi.advanceTimersByTimeAsync(0)
    expect(queue.state.value).toBe('saved')
    expect(server.history).toEqual(['start', 'put right'])
  })

  it('stops at a conflict, and can keep its own as a copy', async () => {
    const queue = open()
    server.version = 7
    queue.edit(titled('mine'))
    queue.edit(titled('mine too'))
    await vi.advanceTimersByTimeAsync(60_000)
    expect(queue.state.value).toBe('conflict')
    expect(server.asked).toBe(1)
    expect(kept.edits).toHaveLength(2)

    vi.stubGlobal('fetch', async () => new Response(JSON.stringify({ id: 'copy' }), { status: 201 }))
    expect(await queue.keepAsCopy(titled('mine too (my version)'))).toBe('copy')
    expect(queue.unsaved.value).toBe(false)
  })

  it('takes back an edit that was not sent without the server, and one that was with it', async () => {
    const queue = open()
    queue.edit(titled('saved'))
    await vi.advanceTimersByTimeAsync(0)
    queue.edit(titled('typed'), true)

    await queue.step('undo')
    expect(queue.shown.value.title).toBe('saved')
    await queue.step('undo')
    expect(queue.shown.value.title).toBe('start')
    await queue.step('redo')
    await queue.step('redo')
    expect(queue.shown.value.title).toBe('typed')
    await vi.advanceTimersByTimeAsync(1000)
    expect(server.history).toEqual(['start', 'saved', 'typed'])
    expect(queue.state.value).toBe('saved')
  })

  it('takes back without the server while nobody answers, and the server follows', async () => {
    const queue = open()
    server.losesAnswers = true
    queue.edit(titled('one'))
    queue.edit(titled('two'))
    await vi.advanceTimersByTimeAsync(0)

    await queue.step('undo')
    expect(queue.shown.value.title).toBe('one')
    await queue.step('undo')
    expect(queue.shown.value.title).toBe('start')
    await expect(queue.step('undo')).rejects.toThrow('does not answer')
    server.losesAnswers = false
    queue.tryNow()
    await vi.advanceTimersByTimeAsync(1000)
    expect(server.history[server.at]).toBe('start')

    await queue.step('redo')
    await queue.step('redo')
    await vi.advanceTimersByTimeAsync(1000)
    expect(queue.shown.value.title).toBe('two')
    expect(server.history).toEqual(['start', 'one', 'two'])
  })

  it('is at once saved when it is flushed, though it was being typed', async () => {
    const queue = open()
    queue.edit(titled('typed'), true)

    await queue.flush()
    expect(server.history).toEqual(['start', 'typed'])
  })

  it('tells another folder from another window, and stays as it is on the screen in both', async () => {
    const queue = open()
    vi.stubGlobal(
      'fetch',
      async () =>
        new Response(
          JSON.stringify({ type: 'urn:crafty-pocket:problem:other-folder', title: 'No', detail: 'Older.' }),
          { status: 412, headers: { 'Content-Type': 'application/json' } },
        ),
    )
    queue.edit(titled('mine'))
    await vi.advanceTimersByTimeAsync(0)

    expect(queue.state.value).toBe('conflict')
    expect(queue.otherFolder.value).toBe(true)
    expect(queue.shown.value.title).toBe('mine')
    expect(kept.edits).toHaveLength(1)
  })
})
