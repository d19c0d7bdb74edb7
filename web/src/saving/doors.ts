import { answered, api, type PlayedSet, type Routine, type StoredRoutine, type StoredSet } from '@/api/client'
import type { Door } from './documentQueue'
import type { Stored } from './queue'

const routine = ({ id, version, canUndo, canRedo, routine }: StoredRoutine): Stored<Routine> => ({
  id,
  version,
  canUndo,
  canRedo,
  document: routine,
})

/** Sets have no history at the server. */
const set = ({ id, version, set }: StoredSet): Stored<PlayedSet> => ({
  id,
  version,
  canUndo: false,
  canRedo: false,
  document: set,
})

/** Where documents of a kind are asked for and kept. */
export interface DoorOf<D> extends Door<D> {
  find(id: string): Promise<Stored<D>>
}

export const routines: DoorOf<Routine> = {
  find: async (id) => routine(await answered(api.GET('/api/routines/{id}', { params: { path: { id } } }))),
  put: async (id, header, body) =>
    routine(await answered(api.PUT('/api/routines/{id}', { params: { path: { id }, header }, body }))),
  step: async (direction, id, header) =>
    routine(
      await answered(
        direction === 'undo'
          ? api.POST('/api/routines/{id}/undo', { params: { path: { id }, header } })
          : api.POST('/api/routines/{id}/redo', { params: { path: { id }, header } }),
      ),
    ),
  create: async (id, document) => {
    const params = { header: { 'Edit-Id': id } }
    return routine(await answered(api.POST('/api/routines/from-file', { params, body: document as never })))
  },
}

export const sets: DoorOf<PlayedSet> = {
  find: async (id) => set(await answered(api.GET('/api/sets/{id}', { params: { path: { id } } }))),
  put: async (id, header, body) =>
    set(await answered(api.PUT('/api/sets/{id}', { params: { path: { id }, header }, body }))),
  create: async (id, body) =>
    set(await answered(api.POST('/api/sets', { params: { header: { 'Edit-Id': id } }, body }))),
}
