import { answered, api, type MoveNote, type OwnMove } from '@/api/client'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'

const UNKNOWN: MoveNote = { alias: '', skill: 0 }

/** The changes of notes that are under way, in their order. */
let changes: Promise<void> = Promise.resolve()

function fetchPerformer() {
  return answered(api.GET('/api/performer'))
}

/** What the performer says of themselves: hand, names for moves, how well they go, and moves of their own. */
export function usePerformer() {
  const client = useQueryClient()
  const query = useQuery({
    queryKey: ['performer'],
    queryFn: fetchPerformer,
    staleTime: Infinity,
  })
  const performer = computed(
    () => query.data.value ?? { hand: 'right', moves: {}, ownMoves: [], putAside: [], forced: [] },
  )

  async function keep(call: Promise<unknown>): Promise<void> {
    client.setQueryData(['performer'], await call)
  }

  function note(id: string): MoveNote {
    return performer.value.moves[id] ?? UNKNOWN
  }

  return {
    performer,
    note,
    /** Writes all texts for this hand; what was fetched for the other one is fetched anew. */
    async setHand(hand: 'left' | 'right') {
      await keep(answered(api.PUT('/api/performer/hand', { body: { hand } })))
      await client.invalidateQueries({ queryKey: ['catalogue'] })
    },
    /** Changes of notes go one after another, each built on what the one before left. */
    setNote(id: string, change: Partial<MoveNote>): Promise<void> {
      changes = changes.then(async () => {
        const known = await client.ensureQueryData({ queryKey: ['performer'], queryFn: fetchPerformer })
        const body = { ...(known.moves[id] ?? UNKNOWN), ...change }
        await keep(answered(api.PUT('/api/performer/moves/{id}', { params: { path: { id } }, body })))
      })
      return changes
    },
    async putAside(rule: string) {
      await keep(answered(api.PUT('/api/performer/put-aside/{rule}', { params: { path: { rule } } })))
    },
    async takeUp(rule: string) {
      await keep(answered(api.DELETE('/api/performer/put-aside/{rule}', { params: { path: { rule } } })))
    },
    /** Cards that were forced on the people of tonight, as codes with spaces between. */
    async setForced(cards: string) {
      await keep(answered(api.PUT('/api/performer/forced', { body: { cards } })))
    },
    async keepOwnMove(move: OwnMove) {
      const params = { path: { id: move.id } }
      await keep(answered(api.PUT('/api/performer/own-moves/{id}', { params, body: move })))
      await client.invalidateQueries({ queryKey: ['catalogue'] })
    },
    async dropOwnMove(id: string) {
      await keep(answered(api.DELETE('/api/performer/own-moves/{id}', { params: { path: { id } } })))
      await client.invalidateQueries({ queryKey: ['catalogue'] })
    },
  }
}
