import type { Routine } from '@/api/client'
import { routine } from '@/routine/testRoutine'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, shallowRef } from 'vue'
import { useRun } from './useRun'

/** A server that traces any line: each step has one choice, from 1 to 10. */
class Server {
  asked: { steps: string; world: Record<string, number> }[] = []
  broken = false

  async fetch(request: Request): Promise<Response> {
    const body = JSON.parse(await request.text()) as { routine: Routine; world: Record<string, number> }
    const ids = body.routine.steps.map((s) => s.id)
    this.asked.push({ steps: ids.join(' '), world: body.world })
    const moments = [
      { stepId: '', skipped: false, choices: [] },
      ...ids.map((stepId) => ({
        stepId,
        skipped: stepId === 'skipped',
        choices: [{ key: `${stepId}.at`, low: 1, high: 10, number: body.world[`${stepId}.at`] ?? 5 }],
      })),
    ]
    return new Response(
      JSON.stringify(this.broken ? { title: 'No', detail: 'It cannot.', problems: [] } : { moments }),
      { status: this.broken ? 422 : 200, headers: { 'Content-Type': 'application/json' } },
    )
  }
}

describe('a run', () => {
  let server: Server
  const whole = shallowRef<Routine | undefined>(
    routine('a b skipped c', ['x b>c: p q', 'y p>c: r', 'z b>: e']),
  )

  beforeEach(() => {
    server = new Server()
    vi.stubGlobal('fetch', (request: Request) => server.fetch(request))
  })
  afterEach(() => vi.unstubAllGlobals())

  it('goes through the steps that are needed', async () => {
    const run = useRun(whole, 'r')
    await run.start(false)

    expect(run.session.value!.steps.map((s) => s.stepId)).toEqual(['a', 'b', 'c'])
    expect(run.step.value!.id).toBe('a')
    await run.goBy(1)
    expect(run.ready.value.map((o) => o.id)).toEqual(['x', 'z'])
    await run.goBy(1)
    run.markSlip()
    await run.goBy(1)
    expect(run.over.value).toBe(true)
    run.markSlip()
    expect(run.session.value!.steps.map((s) => s.slips)).toEqual([0, 0, 1])
  })

  it('goes on by an out, and by an out of that one', async () => {
    const run = useRun(whole, 'r')
    await run.start(false)
    await run.goBy(1)
    await run.takeOut(run.ready.value[0]!)

    expect(run.step.value!.id).toBe('p')
    await run.takeOut(run.ready.value[0]!)
    expect(run.session.value!.steps.map((s) => s.stepId)).toEqual(['a', 'b', 'p', 'r', 'c'])
    expect(server.asked.at(-1)!.steps).toBe('a b p r c')
  })

  it('has people insist every other time in a run with surprises, once a step', async () => {
    const draws = [0, 0, 0, 0, 0.4, 0.9]
    const run = useRun(whole, 'r', () => draws.shift() ?? 0.99)
    await run.start(true)
    expect(server.asked.at(-1)!.world).toEqual({ 'a.at': 1, 'b.at': 1, 'skipped.at': 1, 'c.at': 1 })
    await run.goBy(1)
    expect(run.insisted.value!.id).toBe('z')

    await run.goBy(-1)
    expect(run.insisted.value).toBeUndefined()
    await run.goBy(1)
    expect(run.insisted.value).toBeUndefined()
  })

  it('goes on by what they insist on, and draws what is open there', async () => {
    const draws = [0, 0, 0, 0, 0, 0]
    const run = useRun(whole, 'r', () => draws.shift() ?? 0.99)
    await run.start(true)
    await run.goBy(1)
    expect(run.insisted.value!.id).toBe('x')
    await run.goBy(1)

    expect(run.step.value!.id).toBe('p')
    expect(server.asked.at(-1)!.world).toMatchObject({ 'a.at': 1, 'p.at': 10, 'q.at': 10 })
  })

  it('stays where it is when an out cannot be followed', async () => {
    const run = useRun(whole, 'r')
    await run.start(false)
    await run.goBy(1)
    server.broken = true

    await expect(run.takeOut(run.ready.value[0]!)).rejects.toThrow('It cannot.')
    expect(run.step.value!.id).toBe('b')
    expect(run.routine.value!.steps.map((s) => s.id)).toEqual(['a', 'b', 'skipped', 'c'])
  })
})

describe('a run that is interrupted', () => {
  const whole = shallowRef<Routine | undefined>(routine('a b c', []))
  let server: Server

  beforeEach(() => {
    server = new Server()
    vi.stubGlobal('fetch', (request: Request) => server.fetch(request))
    sessionStorage.clear()
  })
  afterEach(() => vi.unstubAllGlobals())

  it('goes on where it was, in the same world, with its slips', async () => {
    const before = useRun(whole, 'r', () => 0.99)
    await before.start(true)
    await before.goBy(1)
    before.markSlip()
    await nextTick()

    const after = useRun(whole, 'r')
    await after.resume()
    expect(after.step.value!.id).toBe('b')
    expect(after.session.value!.steps.map((s) => s.slips)).toEqual([0, 1, 0])
    expect(after.world.value).toEqual(before.world.value)
  })

  it('goes on in the passage it was in, and ends where that ends', async () => {
    const before = useRun(whole, 'r')
    await before.start(false, { from: 'b', to: 'b' })
    await nextTick()

    const after = useRun(whole, 'r')
    await after.resume()
    expect(after.step.value!.id).toBe('b')
    expect(after.due.value).toHaveLength(1)
    await after.goBy(1)
    expect(after.over.value).toBe(true)
    expect(after.passage.value).toEqual({ from: 'b', to: 'b' })
  })

  it('is not gone on with when its steps are others now, when it was given up, or in another routine', async () => {
    const before = useRun(whole, 'r')
    await before.start(false)
    await nextTick()
    const changed = useRun(shallowRef(routine('a c', [])), 'r')
    await changed.resume()
    const other = useRun(whole, 'other')
    await other.resume()
    before.forget()
    const forgotten = useRun(whole, 'r')
    await forgotten.resume()

    expect([changed, other, forgotten].map((run) => run.session.value)).toEqual([
      undefined,
      undefined,
      undefined,
    ])
  })
})
