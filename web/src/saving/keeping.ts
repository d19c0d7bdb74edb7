import type { ApiProblem } from '@/api/client'
import { postPractice, type Practice } from './letters'
import { useOutbox } from './outbox'
import { t } from '@/words'
import { ref } from 'vue'

/** Keeps what is practised; while nobody answers it waits in this browser and is sent later, once. */
export function useKeeping() {
  const outbox = useOutbox()
  /** What there is to say of the last one; nothing when it is kept. */
  const problem = ref('')

  /** Whether it is kept or waits. `stands` hears how things stand when there is an answer. */
  async function keep<T>(practice: Practice, stands: (answer: T) => void): Promise<boolean> {
    const id = crypto.randomUUID()
    problem.value = ''
    try {
      stands((await postPractice(id, practice)) as T)
      return true
    } catch (thrown) {
      const failed = thrown as ApiProblem
      if (failed.status !== 0) {
        problem.value = failed.message
        return false
      }
      void outbox.keepPractice(id, practice)
      problem.value = t('saving.keeping.waits')
      return true
    }
  }

  return { keep, problem }
}
