import type { FieldProblem } from '@/api/client'

/*
 * What was done to a document, a routine or a set, and is not known to be saved. Every function here makes a new queue of an old one, so that what
 * is written to the browser's storage is always one whole state.
 */

/** Why an edit was not accepted. */
export interface Refusal {
  message: string
  problems: FieldProblem[]
}

/** A document as the server has it. Of one without a history nothing can be undone there. */
export interface Stored<D> {
  id: string
  document: D
  version: string
  canUndo: boolean
  canRedo: boolean
}

/** One step of a document on its way to the server. */
export interface Edit<D> {
  /** Sent along, so that an edit whose answer was lost is not done twice. */
  id: string
  /** A new state; or the server is to go back from, or again to, the state before, which it may have by now. */
  kind: 'put' | 'undo' | 'redo'
  /** The document as it is after this. */
  document: D
  /** Whether it was typed or slid: what follows in one go is the same edit. */
  typed: boolean
  /** Whether it was ever sent: it may be saved, though no answer came. */
  sent: boolean
  refusal?: Refusal
}

/** A document as the server last told it, and what was done since. */
export interface Queue<D> {
  saved: Stored<D>
  /** The oldest first. Refused ones stay: what comes after them may put right what was wrong. */
  edits: Edit<D>[]
  /** Edits that were taken back before they were saved, the last taken back last. */
  undone: Edit<D>[]
}

/** So many edits wait at most; of more, states in between are given up, never the last. */
export const MOST_EDITS = 200

export function begun<D>(saved: Stored<D>): Queue<D> {
  return { saved, edits: [], undone: [] }
}

/** The document as it is on the screen. */
export function shown<D>(queue: Queue<D>): D {
  return queue.edits.at(-1)?.document ?? queue.saved.document
}

export function isUnsaved(queue: Queue<unknown>): boolean {
  return queue.edits.length > 0
}

export function canUndo(queue: Queue<unknown>): boolean {
  return queue.edits.length > 0 || queue.saved.canUndo
}

export function canRedo(queue: Queue<unknown>): boolean {
  return (
    queue.undone.length > 0 ||
    queue.edits.at(-1)?.kind === 'undo' ||
    (queue.edits.length === 0 && queue.saved.canRedo)
  )
}

/** Puts an edit at the end. What was undone before it can no longer be redone. */
export function edited<D>(queue: Queue<D>, document: D, typed: boolean, id: string): Queue<D> {
  const last = queue.edits.at(-1)
  const before = typed && last?.typed && !last.sent ? queue.edits.slice(0, -1) : queue.edits
  const edits: Edit<D>[] = [...before, { id, kind: 'put', document, typed, sent: false }]
  const tooMany = edits.length > MOST_EDITS ? edits.findIndex((e) => !e.sent || e.refusal) : -1
  return {
    ...queue,
    saved: { ...queue.saved, canRedo: false },
    edits: edits.filter((_, at) => at !== tooMany),
    undone: [],
  }
}

/** The edit that is sent next: refused ones are not sent again. */
export function nextToSend<D>(queue: Queue<D>): Edit<D> | undefined {
  return queue.edits.find((e) => !e.refusal)
}

export function sending<D>(queue: Queue<D>, id: string): Queue<D> {
  return { ...queue, edits: queue.edits.map((e) => (e.id === id ? { ...e, sent: true } : e)) }
}

/** An edit is saved, and with it whatever was refused before it. */
export function accepted<D>(queue: Queue<D>, id: string, stored: Stored<D>): Queue<D> {
  const at = queue.edits.findIndex((e) => e.id === id)
  return {
    ...queue,
    saved: { ...stored, document: queue.edits[at]!.document },
    edits: queue.edits.slice(at + 1),
  }
}

/** An edit was not accepted. If it is to be taken back anyway, that is done with it. */
export function refused<D>(queue: Queue<D>, id: string, refusal: Refusal): Queue<D> {
  const at = queue.edits.findIndex((e) => e.id === id)
  if (queue.edits[at + 1]?.kind === 'undo') {
    return { ...queue, edits: queue.edits.filter((_, i) => i !== at && i !== at + 1) }
  }
  return { ...queue, edits: queue.edits.map((e) => (e.id === id ? { ...e, refusal } : e)) }
}

/** Refused edits are tried once more: the other side may have been started anew. */
export function takenUp<D>(queue: Queue<D>): Queue<D> {
  return { ...queue, edits: queue.edits.map((e) => ({ ...e, refusal: undefined })) }
}

/**
 * Takes back the last edit that is not saved; undefined when there is none, or when only the server knows what was before.
 * An edit that was sent and not answered may be saved after all: then the server is to take it back.
 */
export function steppedBack<D>(queue: Queue<D>, id: string): Queue<D> | undefined {
  const last = queue.edits.at(-1)
  if (!last || last.kind === 'undo') {
    return undefined
  }
  const before = queue.edits.slice(0, -1)
  if (!last.sent || last.refusal) {
    const undone = last.kind === 'put' ? [...queue.undone, last] : queue.undone
    return { ...queue, edits: before, undone }
  }
  const document = before.at(-1)?.document ?? queue.saved.document
  return { ...queue, edits: [...queue.edits, { id, kind: 'undo', document, typed: false, sent: false }] }
}

/** Brings back the edit that was taken back last; undefined when that is the server's to do, or nobody's. */
export function steppedAgain<D>(queue: Queue<D>, id: string): Queue<D> | undefined {
  const undo = queue.edits.at(-1)
  if (undo?.kind === 'undo') {
    const document = queue.edits.at(-2)?.document
    const before = queue.edits.slice(0, -1)
    return undo.sent && document !== undefined
      ? { ...queue, edits: [...queue.edits, { id, kind: 'redo', document, typed: false, sent: false }] }
      : { ...queue, edits: before }
  }
  const last = queue.undone.at(-1)
  if (!last || (queue.edits.length === 0 && queue.saved.canRedo)) {
    return undefined
  }
  const edit: Edit<D> = { id, kind: 'put', document: last.document, typed: false, sent: false }
  return { ...queue, edits: [...queue.edits, edit], undone: queue.undone.slice(0, -1) }
}

/** The server went back or forth by itself: the edits that were taken back here stay to be brought back. */
export function steppedThere<D>(queue: Queue<D>, stored: Stored<D>): Queue<D> {
  return { ...begun(stored), undone: queue.undone }
}

/** A queue as an earlier program kept it, when only routines had one, and versions were numbers. */
interface Earlier {
  routineId: string
  saved: { routine: unknown; version: number; canUndo: boolean; canRedo: boolean }
  edits: (Omit<Edit<unknown>, 'document'> & { routine: unknown })[]
  undone: Earlier['edits']
}

/** What was left in the browser, as queues are kept today. */
export function read<D>(left: unknown): Queue<D> {
  if (!(left as Earlier).routineId) {
    return left as Queue<D>
  }
  const { routineId, saved, edits, undone } = left as Earlier
  const documents = (all: Earlier['edits']) =>
    all.map(({ routine, ...edit }) => ({ ...edit, document: routine as D }))
  return {
    saved: {
      id: routineId,
      document: saved.routine as D,
      version: String(saved.version),
      canUndo: saved.canUndo,
      canRedo: saved.canRedo,
    },
    edits: documents(edits),
    undone: documents(undone),
  }
}
