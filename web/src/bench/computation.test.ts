import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
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

  it('says why it failed', async () => {
    serve()
    const scope = effectScope()
    const { start, failure, running } = scope.run(() =>
      useComputation(() => Promise.reject({ message: 'It does not answer.', problems: [] })),
    )!

    await start()

    expect(failure.value).toBe('It does not answer.')
    expect(running.value).toBe(false)
    scope.stop()
  })
})
