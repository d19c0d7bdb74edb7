import { t } from '@/words'
import { answered, api, type MoveNote, type OwnMove } from '@/api/client'
import { useOutbox, type Unsent } from '@/saving'
import { useToast } from '@/ui/toast'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'

type Performer = Awaited<ReturnType<typeof fetchPerformer>>

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

  /** Shows a change at once and sends it, now or when it can be; whether it is kept or waits. What is refused is told. */
  async function keep(letter: Unsent, change: (known: Performer) => Performer): Promise<boolean> {
    const known = await client.ensureQueryData({ queryKey: ['performer'], queryFn: fetchPerformer })
    client.setQueryData(['performer'], change(known))
    try {
      await outbox.deliver(letter)
      return true
    } catch (thrown) {
      client.setQueryData(['performer'], known)
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
    /** Writes all texts for this hand. */
    setHand: (hand: 'left' | 'right') => keep({ kind: 'hand', hand }, (known) => ({ ...known, hand })),
    /** Changes of notes are seen at once, and kept one after another, each built on what the one before left. */
    async setNote(id: string, change: Partial<MoveNote>) {
      const known = await client.ensureQueryData({ queryKey: ['performer'], queryFn: fetchPerformer })
      const changed = { ...(known.moves[id] ?? UNKNOWN), ...change }
      client.setQueryData(['performer'], { ...known, moves: { ...known.moves, [id]: changed } })
      await outbox.post({ kind: 'move-note', move: id, note: changed })
    },
    /** Gives whether it was kept. */
    putAside: (rule: string) =>
      keep({ kind: 'hint', rule, aside: true }, (known) => ({
        ...known,
        putAside: [...known.putAside, rule].sort(),
      })),
    takeUp: (rule: string) =>
      keep({ kind: 'hint', rule, aside: false }, (known) => ({
        ...known,
        putAside: known.putAside.filter((each) => each !== rule),
      })),
    /** Cards that were forced on the people of tonight, as codes with spaces between. Fails when they are no cards. */
    async setForced(cards: string) {
      await outbox.deliver({ kind: 'forced', cards })
    },
    /** Fails when it is refused. */
    async keepOwnMove(move: OwnMove) {
      await outbox.deliver({ kind: 'own-move', move })
    },
    /** Gives whether it is gone. */
    async dropOwnMove(id: string) {
      try {
        const params = { path: { id } }
        client.setQueryData(
          ['performer'],
          await answered(api.DELETE('/api/performer/own-moves/{id}', { params })),
        )
        await client.invalidateQueries({ queryKey: ['catalogue'] })
        return true
      } catch (thrown) {
        toast.say(t('performer.performer.thatWasNotKept', { thrown: (thrown as Error).message }))
        return false
      }
    },
  }
}
