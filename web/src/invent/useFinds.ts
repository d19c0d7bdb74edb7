import { answered, api, type Find, type Invention, type Routine } from '@/api/client'
import { shallowRef } from 'vue'

/** The shelf of procedures that were kept. */
export function useFinds() {
  const finds = shallowRef<Find[]>([])

  async function load(): Promise<void> {
    finds.value = await answered(api.GET('/api/finds'))
  }

  async function put(find: Find): Promise<void> {
    finds.value = await answered(
      api.PUT('/api/finds/{id}', { params: { path: { id: find.id } }, body: find }),
    )
  }

  /** Keeps what was found, as the routine that it is. */
  async function keep(found: Invention, routine: Routine): Promise<void> {
    await put({
      id: `find-${crypto.randomUUID().slice(0, 13)}`,
      kept: new Date().toISOString(),
      sentence: found.sentence,
      choices: found.choices,
      ways: found.ways,
      note: '',
      routine,
    })
  }

  async function takeOff(find: Find): Promise<void> {
    finds.value = await answered(api.DELETE('/api/finds/{id}', { params: { path: { id: find.id } } }))
  }

  return { finds, load, put, keep, takeOff }
}
