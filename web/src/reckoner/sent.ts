import { answered, api, type Catalogue, type Routine } from '@/api/client'
import { addClaim, MAIN, newClaimSpec } from '@/routine'

/** An answer as it goes into a routine: moves with some of their settings, and perhaps what is then claimed. */
export interface Sent {
  steps: { move: string; settings?: Record<string, string> }[]
  claim?: { kind: string; settings: Record<string, string> }
}

/** Puts an answer at the end of a routine: steps, then a claim after the last of them. */
export async function withSent(routine: Routine, sent: Sent, catalogue: Catalogue): Promise<Routine> {
  const moves = sent.steps.map(({ move, settings = {} }) => ({ move, settings }))
  const at = { routine, line: MAIN, world: {} }
  const after = routine.steps.at(-1)?.id ?? ''
  const changed =
    moves.length === 0
      ? routine
      : (await answered(api.POST('/api/edits/add', { body: { at, after, moves } }))).routine
  return sent.claim ? withClaim(changed, sent.claim, catalogue) : changed
}

function withClaim(routine: Routine, claim: NonNullable<Sent['claim']>, catalogue: Catalogue): Routine {
  const spec = newClaimSpec(routine, claim.kind, catalogue)
  const settings = { ...spec.settings, ...claim.settings }
  return addClaim(routine, { ...spec, settings }, routine.steps.at(-1)?.id ?? '')
}
