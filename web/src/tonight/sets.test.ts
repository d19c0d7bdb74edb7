import { api, type PlayedSet } from '@/api/client'
import { createPinia } from 'pinia'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { createApp, effectScope, ref } from 'vue'
import { actOf, emptySet, moved, span, useSet } from './sets'

describe('a set', () => {
  it('is empty, at a table, when it is new', () => {
    expect(emptySet('Bar')).toMatchObject({ format: 'crafty-pocket/set', version: 1, title: 'Bar', acts: [] })
    expect(actOf({ id: 'a', title: 'One' })).toEqual({
      routine: 'a',
      title: 'One',
      words: '',
      spot: 'anywhere',
      stays: false,
    })
  })

  it('keeps all routines when one is moved', () => {
    expect(moved(['a', 'b', 'c'], 0, 1)).toEqual(['b', 'a', 'c'])
    expect(moved(['a', 'b', 'c'], 2, 0)).toEqual(['c', 'a', 'b'])
    expect(moved(['a', 'b', 'c'], 1, 9)).toEqual(['a', 'c', 'b'])
  })

  it('takes a time that can be read', () => {
    expect(span(45)).toBe('45 s')
    expect(span(120)).toBe('2 min')
    expect(span(130.4)).toBe('2 min 10 s')
  })
})

/** What a composable gives, within an application. */
function within<T>(use: () => T): T {
  let given: T | undefined
  const app = createApp({ render: () => null })
  app.use(createPinia())
  app.runWithContext(() => effectScope().run(() => (given = use())))
  return given!
}

describe('an edited set', () => {
  afterEach(() => vi.restoreAllMocks())

  it('is saved at once, of the version that was loaded, and waits when another was quicker', async () => {
    const stored = { id: 's', version: 'v3', set: emptySet('Bar') }
    const sent: string[] = []
    vi.spyOn(api, 'GET').mockImplementation((() =>
      Promise.resolve({ data: stored, response: new Response() })) as never)
    const put = vi.spyOn(api, 'PUT').mockImplementation(((
      _path: string,
      of: { params: { header: Record<string, string> }; body: PlayedSet },
    ) => {
      sent.push(`${of.params.header['If-Match']} ${of.body.title}`)
      return Promise.resolve({ data: { ...stored, version: 'v4', set: of.body }, response: new Response() })
    }) as never)
    const set = within(() => useSet(ref('s')))
    await vi.waitFor(() => expect(set.set.value?.title).toBe('Bar'))

    set.edit({ title: 'Quay' })
    expect(set.set.value?.title).toBe('Quay')
    await vi.waitFor(() => expect(set.queue.value!.state.value).toBe('saved'))
    expect(sent).toEqual(['"v3" Quay'])

    put.mockImplementation((() =>
      Promise.resolve({
        error: { title: 'Changed', detail: 'It was changed elsewhere.' },
        response: new Response(null, { status: 412 }),
      })) as never)
    set.edit({ title: 'Too late' })
    await vi.waitFor(() => expect(set.queue.value!.state.value).toBe('conflict'))
    // What is on the screen stays until the performer decides.
    expect(set.set.value?.title).toBe('Too late')
    await set.drop()
    expect(set.set.value?.title).toBe('Bar')
  })

  it('stays in the browser while nobody answers, and is told when it is not there', async () => {
    vi.spyOn(api, 'GET').mockImplementation((() => Promise.reject(new TypeError('Failed to fetch'))) as never)
    const set = within(() => useSet(ref('s')))

    await vi.waitFor(() => expect(set.missing.value).not.toBe(''))
    expect(set.set.value).toBeUndefined()
  })
})
