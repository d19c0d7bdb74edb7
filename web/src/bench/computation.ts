import { answered, api, ApiProblem } from '@/api/client'
import { onScopeDispose, ref } from 'vue'

/** A long computation on the server: it can be stopped, and is when nobody waits for it any more. */
export function useComputation<T>(ask: (name: string) => Promise<T>) {
  const running = ref(false)
  const answer = ref<T>()
  const failure = ref('')
  let name = ''

  async function start(): Promise<void> {
    stop()
    const mine = `c-${crypto.randomUUID()}`
    name = mine
    running.value = true
    answer.value = undefined
    failure.value = ''
    try {
      const got = await ask(mine)
      if (name === mine) {
        answer.value = got
      }
    } catch (thrown) {
      if (name === mine) {
        const problem = thrown as ApiProblem
        failure.value = problem.problems[0]
          ? `${problem.problems[0].rule}. ${problem.problems[0].cure}.`
          : problem.message
      }
    } finally {
      if (name === mine) {
        running.value = false
      }
    }
  }

  /** Asks the server to stop; what it found by then still comes as the answer. */
  function stop(): void {
    if (running.value) {
      void answered(api.DELETE('/api/computations/{name}', { params: { path: { name } } }))
    }
  }

  onScopeDispose(stop)
  return { running, answer, failure, start, stop }
}
