import type { FieldProblem, Routine, StoredRoutine } from '@/api/client'

/*
 * What was done to a routine and is not known to be saved. Every function here makes a new queue of an old one, so that what
 * is written to the browser's storage is always one whole state.
 */

/** Why an edit was not accepted. */
export interface Refusal {
  message: string
  problems: FieldProblem[]
}

/** One step of a routine on its way to the server. */
export interface Edit {
  /** Sent along, so that an edit whose answer was lost is not done twice. */
  id: string
  /** A new state; or the server is to go back from, or again to, the state before, which it may have by now. */
  kind: 'put' | 'undo' | 'redo'
  /** The routine as it is after this. */
  routine: Routine
  /** Whether it was typed or slid: what follows in one go is the same edit. */
  typed: boolean
  /** Whether it was ever sent: it may be saved, though no answer came. */
  sent: boolean
  refusal?: Refusal
}

/** A routine as the server last told it, and what was done since. */
export interface Queue {
  routineId: string
  saved: Pick<StoredRoutine, 'routine' | 'version' | 'canUndo' | 'canRedo'>
  /** The oldest first. Refused ones stay: what comes after them may put right what was wrong. */
  edits: Edit[]
  /** Edits that were taken back before they were saved, the last taken back last. */
  undone: Edit[]
}

/** So many edits wait at most; of more, states in between are given up, never the last. */
export const MOST_EDITS = 200

export function begun(stored: StoredRoutine): Queue {
  const { routine, version, canUndo, canRedo } = stored
  return { routineId: stored.id, saved: { routine, version, canUndo, canRedo }, edits: [], undone: [] }
}

/** The routine as it is on the screen. */
export function shown(queue: Queue): Routine {
  return queue.edits.at(-1)?.routine ?? queue.saved.routine
}

export function isUnsaved(queue: Queue): boolean {
  return queue.edits.length > 0
}

export function canUndo(queue: Queue): boolean {
  return queue.edits.length > 0 || queue.saved.canUndo
}

export function canRedo(queue: Queue): boolean {
  return (
    queue.undone.length > 0 ||
    queue.edits.at(-1)?.kind === 'undo' ||
    (queue.edits.length === 0 && queue.saved.canRedo)
  )
}

/** Puts an edit at the end. What was undone before it can no longer be redone. */
export function edited(queue: Queue, routine: Routine, typed: boolean, id: string): Queue {
  const last = queue.edits.at(-1)
  const before = typed && last?.typed && !last.sent ? queue.edits.slice(0, -1) : queue.edits
  const edits: Edit[] = [...before, { id, kind: 'put', routine, typed, sent: false }]
  const tooMany = edits.length > MOST_EDITS ? edits.findIndex((e) => !e.sent || e.refusal) : -1
  return {
    ...queue,
    saved: { ...queue.saved, canRedo: false },
    edits: edits.filter((_, at) => at !== tooMany),
    undone: [],
  }
}

/** The edit that is sent next: refused ones are not sent again. */
export function nextToSend(queue: Queue): Edit | undefined {
  return queue.edits.find((e) => !e.refusal)
}

export function sending(queue: Queue, id: string): Queue {
  return { ...queue, edits: queue.edits.map((e) => (e.id === id ? { ...e, sent: true } : e)) }
}

/** An edit is saved, and with it whatever was refused before it. */
export function accepted(queue: Queue, id: string, stored: StoredRoutine): Queue {
  const at = queue.edits.findIndex((e) => e.id === id)
  const { version, canUndo } = stored
  return {
    ...queue,
    saved: { routine: queue.edits[at]!.routine, version, canUndo, canRedo: stored.canRedo },
    edits: queue.edits.slice(at + 1),
  }
}

/** An edit was not accepted. If it is to be taken back anyway, that is done with it. */
export function refused(queue: Queue, id: string, refusal: Refusal): Queue {
  const at = queue.edits.findIndex((e) => e.id === id)
  if (queue.edits[at + 1]?.kind === 'undo') {
    return { ...queue, edits: queue.edits.filter((_, i) => i !== at && i !== at + 1) }
  }
  return { ...queue, edits: queue.edits.map((e) => (e.id === id ? { ...e, refusal } : e)) }
}

/** Refused edits are tried once more: the other side may have been started anew. */
export function takenUp(queue: Queue): Queue {
  return { ...queue, edits: queue.edits.map((e) => ({ ...e, refusal: undefined })) }
}

/**
 * Takes back the last edit that is not saved; undefined when there is none, or when only the server knows what was before.
 * An edit that was sent and not answered may be saved after all: then the server is to take it back.
 */
export function steppedBack(queue: Queue, id: string): Queue | undefined {
  const last = queue.edits.at(-1)
  if (!last || last.kind === 'undo') {
    return undefined
  }
  const before = queue.edits.slice(0, -1)
  if (!last.sent || last.refusal) {
    const undone = last.kind === 'put' ? [...queue.undone, last] : queue.undone
    return { ...queue, edits: before, undone }
  }
  const routine = before.at(-1)?.routine ?? queue.saved.routine
  return { ...queue, edits: [...queue.edits, { id, kind: 'undo', routine, typed: false, sent: false }] }
}

/** Brings back the edit that was taken back last; undefined when that is the server's to do, or nobody's. */
export function steppedAgain(queue: Queue, id: string): Queue | undefined {
  const undo = queue.edits.at(-1)
  if (undo?.kind === 'undo') {
    const routine = queue.edits.at(-2)?.routine
    const before = queue.edits.slice(0, -1)
    return undo.sent && routine
      ? { ...queue, edits: [...queue.edits, { id, kind: 'redo', routine, typed: false, sent: false }] }
      : { ...queue, edits: before }
  }
  const last = queue.undone.at(-1)
  if (!last || (queue.edits.length === 0 && queue.saved.canRedo)) {
    return undefined
  }
  const edit: Edit = { id, kind: 'put', routine: last.routine, typed: false, sent: false }
  return { ...queue, edits: [...queue.edits, edit], undone: queue.undone.slice(0, -1) }
}

/** The server went back or forth by itself: the edits that were taken back here stay to be brought back. */
export function steppedThere(queue: Queue, stored: StoredRoutine): Queue {
  return { ...begun(stored), undone: queue.undone }
}
