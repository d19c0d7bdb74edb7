import type { ApiProblem } from '@/api/client'
import { t } from '@/words'
import { ref } from 'vue'
import type { Unsent } from './letters'
import { useOutbox } from './outbox'

/** Keeps what is practised or performed; while nobody answers it waits in this browser and is sent later, once. */
export function useKeeping() {
  const outbox = useOutbox()
  /** What there is to say of the last one; nothing when it is kept. */
  const problem = ref('')

  /** Whether it is kept or waits. `stands` hears how things stand when there is an answer. */
  async function keep<T>(letter: Unsent, stands: (answer: T) => void = () => {}): Promise<boolean> {
    problem.value = ''
    try {
      const answer = await outbox.deliver(letter)
      if (answer === undefined) {
        problem.value = t('saving.keeping.waits')
      } else {
        stands(answer as T)
      }
      return true
    } catch (thrown) {
      problem.value = (thrown as ApiProblem).message
      return false
    }
  }

  return { keep, problem }
}
