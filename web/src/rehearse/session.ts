import type { Rehearsal } from '@/api/client'

/** A run-through under way. Times are in milliseconds; the clock is given with every act. */
export interface Session {
  startedAt: number
  /** The step that is on, from 0; as many as there are steps when the run is over. */
  at: number
  steps: { stepId: string; millis: number; slips: number; reasons: string[] }[]
  /** When the step that is on was entered. */
  since: number
}

/** Begins a run over these steps. */
export function begin(stepIds: string[], now: number): Session {
  return {
    startedAt: now,
    at: 0,
    since: now,
    steps: stepIds.map((stepId) => ({ stepId, millis: 0, slips: 0, reasons: [] })),
  }
}

/** Goes on, or back, by one step; before the first step it stays, after the last the run is over. */
export function go(session: Session, by: 1 | -1, now: number): Session {
  if (isOver(session) && by > 0) {
    return session
  }
  const steps = session.steps.map((step, i) =>
    i === session.at ? { ...step, millis: step.millis + now - session.since } : step,
  )
  return { ...session, steps, since: now, at: Math.max(0, Math.min(steps.length, session.at + by)) }
}

/** Goes on by another line from the step that is on: what was done so far stays, and these steps are still to come. */
export function divert(session: Session, stepIds: string[], now: number): Session {
  const done = session.steps.slice(0, session.at + 1)
  const rest = stepIds.map((stepId) => ({ stepId, millis: 0, slips: 0, reasons: [] }))
  return go({ ...session, steps: [...done, ...rest] }, 1, now)
}

/** Marks a slip in the step that is on. */
export function slip(session: Session): Session {
  return {
    ...session,
    steps: session.steps.map((step, i) => (i === session.at ? { ...step, slips: step.slips + 1 } : step)),
  }
}

/** Says why the last slip of the step that is on came. */
export function because(session: Session, reason: string): Session {
  return {
    ...session,
    steps: session.steps.map((step, i) =>
      i === session.at && step.reasons.length < step.slips
        ? { ...step, reasons: [...step.reasons, reason] }
        : step,
    ),
  }
}

/** Whether the last step is done. */
export function isOver(session: Session): boolean {
  return session.at >= session.steps.length
}

/** The time of all steps so far. */
export function total(session: Session, now: number): number {
  const done = session.steps.reduce((sum, step) => sum + step.millis, 0)
  return isOver(session) ? done : done + now - session.since
}

/** How many slips were marked in all. */
export function slips(session: Session): number {
  return session.steps.reduce((sum, step) => sum + step.slips, 0)
}

/** The run as it is kept. */
export function record(session: Session, cameOut: boolean, notes = ''): Rehearsal {
  return {
    startedAt: new Date(session.startedAt).toISOString(),
    totalMillis: Math.round(total(session, 0)),
    cameOut,
    notes,
    steps: session.steps.map((step) => ({ ...step, millis: Math.round(step.millis) })),
  }
}
