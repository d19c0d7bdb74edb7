import { api } from '@/api/client'
import { describe, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import { VueQueryPlugin, QueryClient } from '@tanstack/vue-query'
import { createApp } from 'vue'
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
  app.use(VueQueryPlugin, { queryClient: new QueryClient() })
  app.runWithContext(() => effectScope().run(() => (given = use())))
  return given!
}

describe('an edited set', () => {
  it('is saved a moment later, of the version that was loaded, and says when another was quicker', async () => {
    vi.useFakeTimers()
    const stored = { id: 's', version: 3, set: emptySet('Bar') }
    const sent: string[] = []
    vi.spyOn(api, 'GET').mockImplementation((() =>
      Promise.resolve({ data: stored, response: new Response() })) as never)
    const put = vi.spyOn(api, 'PUT').mockImplementation(((
      _path: string,
      of: { params: { header: object } },
    ) => {
      sent.push(JSON.stringify(of.params.header))
      return Promise.resolve({ data: { ...stored, version: 4 }, response: new Response() })
    }) as never)
    const set = within(() => useSet(ref('s')))
    await vi.waitFor(() => expect(set.set.value?.title).toBe('Bar'))

    set.edit({ title: 'Quay' })
    set.edit({ title: 'Quay, late' })
    expect(set.set.value?.title).toBe('Quay, late')
    expect(set.kept.value).toBe(false)
    await vi.advanceTimersByTimeAsync(600)
    expect(sent).toEqual(['{"If-Match":"\\"3\\""}'])
    expect(set.kept.value).toBe(true)

    put.mockImplementation((() =>
      Promise.resolve({
        error: { title: 'Changed', detail: 'It was changed elsewhere.' },
        response: new Response(null, { status: 412 }),
      })) as never)
    set.edit({ title: 'Too late' })
    await vi.advanceTimersByTimeAsync(600)
    expect(set.changedElsewhere.value).toBe(true)
    expect(set.problem.value).toBe('It was changed elsewhere.')
    // What is on the screen stays until the performer decides.
    expect(set.set.value?.title).toBe('Too late')
    await set.loadAnew()
    expect(set.set.value?.title).toBe('Bar')
    vi.useRealTimers()
  })
})
