import { ApiProblem } from '@/api/client'

/**
 * The pauses between attempts to send what could not be sent, the last again and again. The program is on the same machine: whoever
 * starts it again is not kept waiting.
 */
const PAUSES_MS = [500, 1000, 2000, 3000]

/** What is to be done about something that was not accepted. */
export type Fate = 'again' | 'conflict' | 'gone' | 'refused'

/** Whether it is worth sending again: when nobody answered, or somebody who could not help it. */
export function fateOf(problem: unknown): Fate {
  const status = problem instanceof ApiProblem ? problem.status : 0
  switch (status) {
    case 412:
      return 'conflict'
    case 404:
      return 'gone'
    case 400:
    case 409:
    case 413:
    case 415:
    case 422:
      return 'refused'
    default:
      return 'again'
  }
}

/** Does something again after growing pauses, or at once when it is told that it may work now. */
export function createRetry(does: () => void) {
  let failures = 0
  let timer = 0

  return {
    failed(): void {
      window.clearTimeout(timer)
      timer = window.setTimeout(does, PAUSES_MS[Math.min(failures, PAUSES_MS.length - 1)])
      failures++
    },
    worked(): void {
      window.clearTimeout(timer)
      failures = 0
    },
  }
}
