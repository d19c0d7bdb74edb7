import { t } from '@/words'
import { answered, api, type MoveNote, type OwnMove } from '@/api/client'
import { useOutbox } from '@/saving'
import { useToast } from '@/ui/toast'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'

const UNKNOWN: MoveNote = { alias: '', skill: 0 }

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

  const outbox = useOutbox()
  const toast = useToast()

  /** Whether it was kept; what went wrong is told. */
  async function keep(call: Promise<unknown>): Promise<boolean> {
    try {
      client.setQueryData(['performer'], await call)
      return true
    } catch (thrown) {
      toast.say(t('performer.performer.thatWasNotKept', { thrown: (thrown as Error).message }))
      return false
    }
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
    /** Changes of notes are seen at once, and kept one after another, each built on what the one before left. */
    async setNote(id: string, change: Partial<MoveNote>) {
      const known = await client.ensureQueryData({ queryKey: ['performer'], queryFn: fetchPerformer })
      const changed = { ...(known.moves[id] ?? UNKNOWN), ...change }
      client.setQueryData(['performer'], { ...known, moves: { ...known.moves, [id]: changed } })
      await outbox.keepNote(id, changed)
    },
    /** Gives whether it was kept. */
    async putAside(rule: string) {
      return keep(answered(api.PUT('/api/performer/put-aside/{rule}', { params: { path: { rule } } })))
    },
    async takeUp(rule: string) {
      await keep(answered(api.DELETE('/api/performer/put-aside/{rule}', { params: { path: { rule } } })))
    },
    /** Cards that were forced on the people of tonight, as codes with spaces between. */
    async setForced(cards: string) {
      client.setQueryData(
        ['performer'],
        await answered(api.PUT('/api/performer/forced', { body: { cards } })),
      )
    },
    /** Fails when it is refused. */
    async keepOwnMove(move: OwnMove) {
      const params = { path: { id: move.id } }
      const kept = await answered(api.PUT('/api/performer/own-moves/{id}', { params, body: move }))
      client.setQueryData(['performer'], kept)
      await client.invalidateQueries({ queryKey: ['catalogue'] })
    },
    /** Gives whether it is gone. */
    async dropOwnMove(id: string) {
      const gone = await keep(
        answered(api.DELETE('/api/performer/own-moves/{id}', { params: { path: { id } } })),
      )
      await client.invalidateQueries({ queryKey: ['catalogue'] })
      return gone
    },
  }
}
