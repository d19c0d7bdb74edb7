import type { Routine } from '@/api/client'
import { describe, expect, it } from 'vitest'
import {
  accepted,
  begun,
  canRedo,
  canUndo,
  edited,
  isUnsaved,
  MOST_EDITS,
  nextToSend,
  refused,
  sending,
  shown,
  steppedAgain,
  steppedBack,
  steppedThere,
  read,
  type Queue,
  type Stored,
} from './queue'

const titled = (title: string) => ({ title }) as Routine
const stored = (title: string, version: number, canUndo = version > 0, canRedo = false) =>
  ({ id: 'r', version: `v${version}`, canUndo, canRedo, document: titled(title) }) as Stored<Routine>

function typing(queue: Queue<Routine>, ...titles: string[]): Queue<Routine> {
  return titles.reduce((q, title) => edited(q, titled(title), false, `edit ${title}`), queue)
}

const waiting = (queue: Queue<Routine>) => queue.edits.map((e) => e.document.title)
const start = begun(stored('saved', 3))

describe('what is not saved yet', () => {
  it('is seen at once, and waits in order', () => {
    const queue = typing(start, 'one', 'two')

    expect(shown(queue).title).toBe('two')
    expect(waiting(queue)).toEqual(['one', 'two'])
    expect(isUnsaved(queue)).toBe(true)
    expect(isUnsaved(start)).toBe(false)
  })

  it('is one edit when it was typed in one go, unless a part of it was sent', () => {
    const t = (queue: Queue<Routine>, title: string) => edited(queue, titled(title), true, title)
    expect(waiting(t(t(start, 'T'), 'Ty'))).toEqual(['Ty'])

    const sent = sending(t(start, 'T'), 'T')
    expect(waiting(t(sent, 'Ty'))).toEqual(['T', 'Ty'])
  })

  it('goes when it is acknowledged, with what was refused before it', () => {
    let queue = typing(start, 'bad', 'still bad', 'good', 'later')
    queue = refused(queue, 'edit bad', { message: 'bad', problems: [] })
    queue = refused(queue, 'edit still bad', { message: 'bad', problems: [] })
    expect(nextToSend(queue)!.document.title).toBe('good')

    queue = accepted(queue, 'edit good', stored('good', 4))
    expect(waiting(queue)).toEqual(['later'])
    expect(queue.saved).toMatchObject({ version: 'v4', document: { title: 'good' } })
  })

  it('stays, when nothing of it can be accepted', () => {
    const queue = refused(typing(start, 'bad'), 'edit bad', { message: 'bad', problems: [] })

    expect(nextToSend(queue)).toBeUndefined()
    expect(isUnsaved(queue)).toBe(true)
    expect(shown(queue).title).toBe('bad')
  })

  it('gives up states in between when there are very many, never the last', () => {
    const titles = Array.from({ length: MOST_EDITS + 50 }, (_, i) => `edit ${i}`)
    const queue = typing(start, ...titles)

    expect(queue.edits).toHaveLength(MOST_EDITS)
    expect(shown(queue).title).toBe(titles.at(-1))
  })
})

describe('undo and redo', () => {
  it('take back and bring back what is not saved, one by one, before the server is asked', () => {
    let queue = typing(start, 'one', 'two')
    queue = steppedBack(queue, 'u1')!
    expect(shown(queue).title).toBe('one')
    queue = steppedBack(queue, 'u2')!
    expect(shown(queue).title).toBe('saved')
    expect(steppedBack(queue, 'u3')).toBeUndefined()
    expect(canUndo(queue)).toBe(true)
    expect(canRedo(queue)).toBe(true)

    queue = steppedAgain(queue, 'a1')!
    queue = steppedAgain(queue, 'a2')!
    expect(waiting(queue)).toEqual(['one', 'two'])
    expect(steppedAgain(queue, 'a3')).toBeUndefined()
  })

  it('bring back first what the server took back last', () => {
    let queue = steppedBack(typing(start, 'one'), 'u1')!
    queue = steppedThere(queue, stored('before', 4, true, true))
    expect(shown(queue).title).toBe('before')

    expect(steppedAgain(queue, 'a1')).toBeUndefined()
    queue = steppedThere(queue, stored('saved', 5))
    expect(shown(steppedAgain(queue, 'a2')!).title).toBe('one')
  })

  it('have the server take back an edit that was sent and not answered: it may be saved', () => {
    const sent = sending(typing(start, 'one'), 'edit one')

    const back = steppedBack(sent, 'u1')!
    expect(back.edits.map((e) => e.kind)).toEqual(['put', 'undo'])
    expect(shown(back).title).toBe('saved')
    expect(steppedBack(back, 'u2'), 'only the server knows what was before').toBeUndefined()

    expect(shown(steppedAgain(back, 'a1')!).title).toBe('one')
    const undoSent = sending(back, 'u1')
    const again = steppedAgain(undoSent, 'a1')!
    expect(again.edits.map((e) => e.kind)).toEqual(['put', 'undo', 'redo'])
    expect(shown(again).title).toBe('one')
  })

  it('leave nothing to be taken back when what was sent is refused after all', () => {
    const back = steppedBack(sending(typing(start, 'bad'), 'edit bad'), 'u1')!

    const queue = refused(back, 'edit bad', { message: 'bad', problems: [] })
    expect(isUnsaved(queue)).toBe(false)
    expect(shown(queue).title).toBe('saved')
  })

  it('cannot bring back what was taken back before something new was typed', () => {
    let queue = steppedBack(typing(start, 'one'), 'u1')!
    queue = typing(queue, 'other')

    expect(canRedo(queue)).toBe(false)
    const undone = steppedBack(typing(begun(stored('saved', 3, true, true)), 'new'), 'u2')!
    expect(shown(steppedAgain(undone, 'a1')!).title).toBe('new')
  })

  it('that an earlier program left behind is taken up, with versions that were numbers', () => {
    const edit = { id: 'e', kind: 'put', routine: titled('mine'), typed: true, sent: true }
    const saved = { routine: titled('saved'), version: 3, canUndo: true, canRedo: false }

    const queue = read<Routine>({ routineId: 'r', saved, edits: [edit], undone: [] })

    expect(queue.saved).toEqual({
      id: 'r',
      document: titled('saved'),
      version: '3',
      canUndo: true,
      canRedo: false,
    })
    expect(shown(queue)).toEqual(titled('mine'))
    expect(queue.edits[0]).toMatchObject({ id: 'e', sent: true })
    expect(read(queue)).toBe(queue)
  })
})
