import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { ApiProblem } from './client'
import { useComputation } from './computation'

/** A server that notes what it is asked to stop. */
function serve(): string[] {
  const stopped: string[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    stopped.push(`${request.method} ${new URL(request.url).pathname}`)
    return new Response('{"running": 0}', { headers: { 'Content-Type': 'application/json' } })
  })
  return stopped
}

afterEach(() => vi.unstubAllGlobals())

describe('a long computation', () => {
  it('gives the answer of the last question only', async () => {
    serve()
    const waiting: ((answer: string) => void)[] = []
    const scope = effectScope()
    const { start, answer, running } = scope.run(() =>
      useComputation(() => new Promise<string>((resolve) => waiting.push(resolve))),
    )!

    const first = start()
    const second = start()
    waiting[1]!('new')
    waiting[0]!('old')
    await Promise.all([first, second])

    expect(answer.value).toBe('new')
    expect(running.value).toBe(false)
    scope.stop()
  })

  it('is stopped on the server when it is asked anew, and when nobody waits any more', async () => {
    const stopped = serve()
    const scope = effectScope()
    const { start } = scope.run(() => useComputation(() => new Promise<string>(() => {})))!

    void start()
    void start()
    scope.stop()

    await vi.waitFor(() => expect(stopped).toHaveLength(2))
    expect(stopped.every((call) => /^DELETE \/api\/computations\/c-/.test(call))).toBe(true)
  })

  it('says how far it is while it is under way', async () => {
    vi.useFakeTimers()
    let share = 0
    vi.stubGlobal('fetch', async () => {
      share += 0.25
      return new Response(JSON.stringify({ share }), { headers: { 'Content-Type': 'application/json' } })
    })
    const scope = effectScope()
    let finish: (answer: string) => void = () => {}
    const computation = scope.run(() =>
      useComputation(() => new Promise<string>((resolve) => (finish = resolve))),
    )!

    const done = computation.start()
    await vi.advanceTimersByTimeAsync(650)
    expect(computation.share.value).toBe(0.5)
    finish('there')
    await done
    await vi.advanceTimersByTimeAsync(2000)

    expect(share).toBe(0.5)
    expect(computation.running.value).toBe(false)
    scope.stop()
    vi.useRealTimers()
  })

  it('says why it failed', async () => {
    serve()
    const scope = effectScope()
    const { start, failure, running } = scope.run(() =>
      useComputation(() => Promise.reject(new ApiProblem(0, '', 'It does not answer.', []))),
    )!

    await start()

    expect(failure.value).toBe('It does not answer.')
    expect(running.value).toBe(false)
    scope.stop()
  })
})
