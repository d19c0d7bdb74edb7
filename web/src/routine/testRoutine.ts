import { plainSetUp } from './plainSetUp'
import type { Out, Routine, RoutineClaim, Step } from '@/api/client'

/* Small routines for the tests of lines and outs. */

/** Steps by their ids. */
export const steps = (ids: string): Step[] =>
  ids
    .trim()
    .split(' ')
    .filter(Boolean)
    .map((id) => ({
      id,
      move: 'false-cut',
      settings: {},
      look: 'as-taught',
      then: 'as-taught',
      cover: '',
      seconds: 0,
      before: 'as-taught',
      note: '',
    }))

/** An out, written as id after>rejoin: steps. */
function out(text: string): Out {
  const [, id, after, rejoin, own] = /^\s*(\w+) (\w*)>(\w*):(.*)$/.exec(text)!
  return { id: id!, occasion: 'other', says: '', after: after!, rejoin: rejoin!, steps: steps(own!) }
}

/** Some claim after a step. */
export const claim = (id: string, after: string): RoutineClaim => ({
  id,
  after,
  claim: { kind: 'pile-size', settings: {}, not: false, or: [] },
  believed: false,
})

/** A routine of steps and outs by their ids. */
export function routine(main: string, outs: string[], claims: RoutineClaim[] = []): Routine {
  return {
    format: 'crafty-pocket/routine',
    version: 1,
    title: 'Lines',
    summary: '',
    tags: [],
    setUp: plainSetUp(),
    roles: [],
    steps: steps(main),
    claims,
    ownMoves: [],
    outs: outs.map(out),
  }
}

/** The ids of steps. */
export const ids = (list: Step[] | undefined) => list?.map((s) => s.id).join(' ')
