import type { Catalogue, Routine } from '@/api/client'
import { addClaim, addStep, newClaimSpec, newStep } from '@/routine'

/** An answer as it goes into a routine: moves with some of their settings, and perhaps what is then claimed. */
export interface Sent {
  steps: { move: string; settings?: Record<string, string> }[]
  claim?: { kind: string; settings: Record<string, string> }
}

/** Puts an answer at the end of a routine: steps, then a claim after the last of them. */
export function withSent(routine: Routine, sent: Sent, catalogue: Catalogue): Routine {
  let changed = routine
  for (const { move, settings } of sent.steps) {
    const known = catalogue.moves.find((m) => m.id === move)
    if (known) {
      const { routine: cast, step } = newStep(changed, known)
      const last = changed.steps.at(-1)?.id ?? ''
      changed = addStep(cast, { ...step, settings: { ...step.settings, ...settings } }, last)
    }
  }
  if (sent.claim) {
    const spec = newClaimSpec(changed, sent.claim.kind, catalogue)
    const settings = { ...spec.settings, ...sent.claim.settings }
    changed = addClaim(changed, { ...spec, settings }, changed.steps.at(-1)?.id ?? '')
  }
  return changed
}
