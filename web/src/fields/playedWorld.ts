import type { FieldProblem, Moment, Role, Routine, Trace } from '@/api/client'

/** What the fields of a step know of the routine they belong to, and of the world that is shown. */
export interface PlayedWorld {
  routine: Routine
  roles: Role[]
  trace?: Trace
  /** The moment of the step whose settings these are; none for a claim. */
  moment?: Moment
  problems: FieldProblem[]
}
