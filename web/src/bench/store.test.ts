import { plainSetUp } from '@/routine'
import type { Routine } from '@/api/client'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useBench } from './store'

const EMPTY: Routine = {
  format: 'crafty-pocket/routine',
  version: 1,
  title: 'Start',
  summary: '',
  tags: [],
  setUp: plainSetUp(),
  roles: [],
  steps: [],
  claims: [],
  ownMoves: [],
  outs: [],
}

/** A server of one routine: it counts versions, refuses stale edits, and traces whatever it is sent. */
class Server {
  version = 0
  saved: string[] = []
  traced: string[] = []
  /** What was asked about which steps. */
  asked: string[] = []
  last?: Routine
  surveyNames: string[] = []
  stopped: string[] = []
  title = 'Start'
  /** How long it takes to answer. */
  surveyMs = 0
  glanceMs = 0

  /** How long an edit takes that the server makes, and what speaks of what is to be taken out. */
  editMs = 0
  asks: string[] = []

  /** An edit adds a letter to the title; a step is moved. */
  async edits(
    what: string,
    body: { at: { routine: Routine }; too?: boolean; step?: string; after?: string },
  ): Promise<Response> {
    const { routine } = body.at
    if (what === 'move') {
      this.asked.push(`${body.step} of ${routine.steps.map((s) => s.id).join('')} after ${body.after}`)
      await later(this.editMs)
      const steps = routine.steps.filter((s) => s.id !== body.step)
      steps.splice(
        steps.findIndex((s) => s.id === body.after) + 1,
        0,
        routine.steps.find((s) => s.id === body.step)!,
      )
      return json({ routine: { ...routine, steps }, selected: '', says: 'Moved.', asks: [] })
    }
    this.asked.push(`${what} of ${routine.title}`)
    await later(this.editMs)
    if (what === 'double') {
      return problem(422, [
        { field: 'step', value: 'a', rule: 'there is no such step', cure: 'Choose another' },
      ])
    }
    const asks = body.too ? [] : this.asks
    const title = asks.length > 0 ? routine.title : `${routine.title}+`
    const trace = { cards: [], people: [], roles: [], moments: [], outcomes: [{ sentence: 'told' }] }
    return json({ routine: { ...routine, title }, selected: '', says: 'Done.', asks, trace })
  }

  async fetch(request: Request): Promise<Response> {
    const path = new URL(request.url).pathname
    const body = ['GET', 'DELETE'].includes(request.method)
      ? undefined
      : JSON.parse((await request.text()) || '{}')
    if (path === '/api/trace' || path === '/api/survey') {
      const steps = (body.routine as Routine).steps.map((s) => s.id)
      this.asked.push([path.slice(5), ...steps].join(' '))
    }
    if (path === '/api/trace') {
      this.traced.push(body.routine.title)
      return body.routine.title === 'bad'
        ? problem(422, [{ field: 'title', value: 'bad', rule: 'not bad', cure: 'Change it' }])
        : json({
            cards: [],
            people: [],
            roles: [],
            moments: [],
            outcomes: [{ sentence: body.routine.title }],
          })
    }
    if (request.method === 'DELETE') {
      this.stopped.push(path.split('/').at(-1)!)
      return json({ running: 0 })
    }
    if (path.startsWith('/api/edits/')) {
      return this.edits(path.slice('/api/edits/'.length), body)
    }
    if (path.startsWith('/api/survey/')) {
      await later(this.glanceMs)
      return json({ survey: { worlds: 200, underWay: true, findings: [], bands: [] }, seconds: 4 })
    }
    if (path === '/api/survey') {
      this.surveyNames.push(body.computation)
      await later(this.surveyMs)
      return json({
        worlds: 1,
        exhaustive: true,
        counted: true,
        ways: 1,
        sampledBecause: '',
        seed: 0,
        allHold: true,
        findings: [],
        bands: [],
      })
    }
    if (request.method === 'PUT') {
      if (request.headers.get('If-Match') !== `"${this.version}"`) {
        return problem(412, [])
      }
      if (body.title === 'bad') {
        return problem(422, [{ field: 'title', value: 'bad', rule: 'not bad', cure: 'Change it' }])
      }
      this.version++
      this.title = body.title
      this.saved.push(body.title)
      this.last = body
    }
    return json({
      id: 'r',
      version: this.version,
      canUndo: this.version > 0,
      canRedo: false,
      changedAt: '2026-05-04T20:00:00Z',
      routine: { ...EMPTY, title: this.title },
    })
  }
}

const later = (ms: number) => new Promise((done) => setTimeout(done, ms))

function json(body: unknown, status = 200): Response {
  return new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
}

function problem(status: number, problems: unknown[]): Response {
  return json({ title: 'Refused', detail: 'Refused, and why.', problems }, status)
}

describe('the routine on the bench', () => {
  let server: Server
  let bench: ReturnType<typeof useBench>

  const titled = (title: string): Routine => ({ ...bench.routine!, title })

  async function answeredTo(asked: Promise<void>): Promise<void> {
    await vi.runAllTimersAsync()
    await asked
  }

  beforeEach(async () => {
    vi.useFakeTimers()
    server = new Server()
    vi.stubGlobal('fetch', (request: Request) => server.fetch(request))
    setActivePinia(createPinia())
    bench = useBench()
    await bench.load('r')
    await vi.runAllTimersAsync()
  })

  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('saves each edit by itself, in order, however fast they come', async () => {
    bench.edit(titled('one'))
    bench.edit(titled('two'))
    bench.edit(titled('three'))
    await vi.runAllTimersAsync()

    expect(server.saved).toEqual(['one', 'two', 'three'])
    expect(bench.state).toBe('saved')
    expect(bench.canUndo).toBe(true)
  })

  describe('with outs', () => {
    const step = (id: string) => ({
      id,
      move: 'false-cut',
      settings: {},
      look: 'as-taught',
      then: 'as-taught',
      cover: '',
      seconds: 0,
      before: 'as-taught',
      note: '',
    })
    const out = { id: 'o1', occasion: 'cutting', says: '', after: 'a', steps: [step('p')], rejoin: 'c' }

    beforeEach(async () => {
      bench.editWhole({ ...titled('outs'), steps: ['a', 'b', 'c'].map(step), outs: [out] })
      await vi.runAllTimersAsync()
      server.asked = []
    })

    it('shows and asks about one line at a time, and judges them all', async () => {
      bench.selected = 'b'
      bench.openLine('o1')
      await vi.runAllTimersAsync()

      expect(bench.routine!.steps.map((s) => s.id)).toEqual(['a', 'p', 'c'])
      expect(bench.selected).toBe('p')
      expect(bench.isOwn('p')).toBe(true)
      expect(bench.isOwn('a')).toBe(false)
      expect(server.asked).toEqual(['trace a p c', 'survey a p c', 'survey a b c'])
      expect(Object.keys(bench.found).sort()).toEqual(['', 'o1'])
    })

    it('saves an edited line as the whole routine', async () => {
      bench.openLine('o1')
      bench.edit({ ...bench.routine!, steps: [...bench.routine!.steps, step('q')] })
      await vi.runAllTimersAsync()

      expect(server.last!.steps.map((s) => s.id)).toEqual(['a', 'b', 'c'])
      expect(server.last!.outs[0]!.steps.map((s) => s.id)).toEqual(['p', 'q'])
    })

    it('says of an out that cannot rejoin what is wrong with it', async () => {
      bench.editWhole({ ...bench.whole!, outs: [{ ...out, after: 'c', rejoin: 'a' }] })
      await vi.runAllTimersAsync()

      expect(bench.found['o1']!.unread).toContain('rejoins before it begins')
      expect(bench.found['']!.survey!.allHold).toBe(true)
    })
  })

  it('asks for surveys under one name, and has them stopped when nobody looks any more', async () => {
    bench.edit(titled('one'))
    await vi.runAllTimersAsync()
    bench.edit(titled('two'))
    await vi.runAllTimersAsync()
    bench.leave()
    await vi.runAllTimersAsync()

    expect(new Set(server.surveyNames).size).toBe(1)
    expect(server.stopped).toEqual([server.surveyNames[0], `${server.surveyNames[0]}-known`])
  })

  it('shows what is seen of a survey that takes long, until it is done', async () => {
    server.surveyMs = 1000
    server.glanceMs = 70
    bench.edit(titled('heavy'))
    await vi.advanceTimersByTimeAsync(600)

    expect(bench.survey).toMatchObject({ worlds: 200, underWay: true })
    expect(bench.seconds).toBe(4)
    await vi.runAllTimersAsync()
    expect(bench.survey!.worlds, 'the last glance came late').toBe(1)
    expect(bench.seconds).toBeUndefined()
  })

  it('saves what is typed in one go as one edit', async () => {
    for (const title of ['T', 'Ty', 'Typed']) {
      bench.edit(titled(title), true)
      await vi.advanceTimersByTimeAsync(100)
    }
    expect(server.saved).toEqual([])
    await vi.runAllTimersAsync()

    expect(server.saved).toEqual(['Typed'])
  })

  it('shows an edit at once, and traces the newest', async () => {
    bench.edit(titled('shown'))

    expect(bench.routine!.title).toBe('shown')
    await vi.runAllTimersAsync()
    expect(bench.trace!.outcomes[0]!.sentence).toBe('shown')
  })

  it('stops saving on a conflict and keeps what is on the screen', async () => {
    server.version = 7

    bench.edit(titled('mine'))
    bench.edit(titled('mine too'))
    await vi.runAllTimersAsync()

    expect(bench.state).toBe('conflict')
    expect(server.saved).toEqual([])
    expect(bench.routine!.title).toBe('mine too')
  })

  it('explains an edit that cannot be read, and saves the next that can', async () => {
    bench.edit(titled('bad'), true)
    await vi.runAllTimersAsync()
    expect(bench.problems).toMatchObject([{ field: 'title', rule: 'not bad' }])
    expect(bench.state).toBe('refused')

    bench.edit(titled('good'), true)
    await vi.runAllTimersAsync()
    expect(bench.problems).toEqual([])
    expect(bench.state).toBe('saved')
    expect(server.saved).toEqual(['good'])
  })

  it('keeps a world until it is left', async () => {
    bench.choose('s1.at', 9)
    expect(bench.world).toEqual({ 's1.at': 9 })

    bench.showUsual()
    await vi.runAllTimersAsync()
    expect(bench.world).toEqual({})
  })

  it('asks for edits one after another, each of what the one before left, and shows what happens then at once', async () => {
    server.editMs = 30
    const traced = server.traced.length
    void bench.follow('key')
    void bench.put({ kind: 'start', id: 'deck', setting: '9C' }, 3)
    expect(bench.state).toBe('saving')
    await vi.advanceTimersByTimeAsync(70)

    expect(server.asked.filter((asked) => asked.includes(' of '))).toEqual(['role of Start', 'put of Start+'])
    expect(bench.trace!.outcomes[0]!.sentence).toBe('told')
    expect(server.traced).toHaveLength(traced)
    await vi.runAllTimersAsync()
    expect(server.saved).toEqual(['Start+', 'Start++'])
  })

  it('moves a step by one as often as it is asked to, and not beyond the ends', async () => {
    const step = (id: string) => ({ id, move: 'false-cut', settings: {} })
    bench.edit({ ...titled('Start'), steps: ['a', 'b', 'c'].map(step) as Routine['steps'] })
    await vi.runAllTimersAsync()
    server.editMs = 30
    void bench.move('a', (from) => from + 1)
    void bench.move('a', (from) => from + 1)
    await vi.runAllTimersAsync()
    await answeredTo(bench.move('a', (from) => from + 1))
    await answeredTo(bench.move('c', () => 0))

    expect(server.asked.filter((asked) => asked.includes(' after '))).toEqual([
      'a of abc after b',
      'a of bac after c',
      'c of bca after ',
    ])
    expect(bench.routine!.steps.map((s) => s.id).join('')).toBe('cba')
    await vi.runAllTimersAsync()
  })

  it('asks again where something was typed meanwhile, and keeps it', async () => {
    server.editMs = 30
    void bench.follow('key')
    await vi.advanceTimersByTimeAsync(10)
    bench.edit(titled('typed'))
    await vi.runAllTimersAsync()

    expect(server.asked.filter((asked) => asked.includes(' of '))).toEqual(['role of Start', 'role of typed'])
    expect(bench.routine!.title).toBe('typed+')
  })

  it('changes nothing where an edit is refused or not answered, and says why', async () => {
    await answeredTo(bench.double('a'))
    expect(bench.failure).toBe('there is no such step. Choose another.')
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no server')))
    await answeredTo(bench.follow('key'))

    expect(bench.routine!.title).toBe('Start')
    expect(bench.failure).toMatch(/does not answer/)
  })

  it('asks before it takes out what others speak of', async () => {
    server.asks = ['Step 2 speaks of it.']
    await answeredTo(bench.remove('step', 'a'))
    expect(bench.removal).toEqual({ what: 'step', name: 'a', says: 'Done.', asks: ['Step 2 speaks of it.'] })
    expect(bench.routine!.title).toBe('Start')

    await answeredTo(bench.remove('step', 'a', true))
    expect(bench.removal).toBeUndefined()
    expect(bench.routine!.title).toBe('Start+')
    await vi.runAllTimersAsync()
  })

  it('leaves a routine alone that was opened meanwhile', async () => {
    server.editMs = 50
    const asked = [bench.follow('key'), bench.follow('selection')]
    await vi.advanceTimersByTimeAsync(10)
    const loading = bench.load('other')
    await vi.runAllTimersAsync()
    await Promise.all([...asked, loading])

    expect(bench.routine!.title).toBe('Start')
    // The one that waited was of the routine that is open no more.
    expect(server.asked.filter((each) => each.includes(' of '))).toEqual(['role of Start'])
  })
})
