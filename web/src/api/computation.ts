import { answered, api, ApiProblem } from './client'
import { onScopeDispose, ref } from 'vue'

/** How often it is asked how far a computation is. */
const ASK_EVERY_MS = 300

/**
 * A long computation on the server: it says how far it is, can be stopped, and is when nobody waits for it any more.
 */
export function useComputation<T>(ask: (name: string) => Promise<T>) {
  const running = ref(false)
  const answer = ref<T>()
  const failure = ref('')
  /** From 0 to 1, while it is under way. */
  const share = ref(0)
  let name = ''
  let asking = 0

  async function start(): Promise<void> {
    stop()
    const mine = `c-${crypto.randomUUID()}`
    name = mine
    running.value = true
    answer.value = undefined
    failure.value = ''
    share.value = 0
    window.clearInterval(asking)
    asking = window.setInterval(() => void askHowFar(mine), ASK_EVERY_MS)
    try {
      const got = await ask(mine)
      if (name === mine) {
        answer.value = got
      }
    } catch (thrown) {
      if (name === mine) {
        failure.value = (thrown as ApiProblem).inWords
      }
    } finally {
      if (name === mine) {
        running.value = false
        window.clearInterval(asking)
      }
    }
  }

  async function askHowFar(mine: string): Promise<void> {
    try {
      const path = { name: mine }
      const told = await answered(api.GET('/api/computations/{name}', { params: { path } }))
      if (name === mine && running.value) {
        share.value = told.share
      }
    } catch {
      // It will be asked again.
    }
  }

  /** Asks the server to stop; what it found by then still comes as the answer. */
  function stop(): void {
    window.clearInterval(asking)
    if (running.value) {
      void answered(api.DELETE('/api/computations/{name}', { params: { path: { name } } }))
    }
  }

  onScopeDispose(stop)
  return { running, share, answer, failure, start, stop }
}
