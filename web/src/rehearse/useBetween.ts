import { answered, api, type Routine, type World } from '@/api/client'
import { shallowRef, watch, type Ref } from 'vue'
import type { Session } from './session'

/** In a run with surprises a question comes up after so many of the steps. */
const ASKED = 1 / 3

/** What is asked between two steps, and whether its answer is shown. */
export interface Between {
  question: { id: string; moment: number; words: string; told: string }
  shown: boolean
}

/** Questions between the steps of a run, about the way it goes. Nothing is kept of them: whoever runs knows whether they knew. */
export function useBetween(run: {
  whole: Ref<Routine | undefined>
  id: string
  world: Ref<World>
  session: Ref<Session | undefined>
  due: Ref<{ index: number }[]>
  over: Ref<boolean>
  /** Whether anything is asked. */
  on: () => boolean
}) {
  const asked = shallowRef<Between>()
  const questions = shallowRef<Between['question'][]>([])

  async function fetched() {
    const body = {
      routine: run.whole.value!,
      subject: run.id,
      seed: Date.now() % 1_000_000,
      world: run.world.value,
    }
    return (await answered(api.POST('/api/practice/questions', { body }))).questions
  }

  // A shallow ref itself would be taken for changed whenever the run goes on.
  watch([() => run.world.value, () => run.session.value?.startedAt], async () => {
    questions.value = []
    if (run.session.value && run.on()) {
      questions.value = await fetched().catch(() => [])
    }
  })
  watch(
    () => run.session.value?.at,
    (at, before) => {
      const done = run.due.value[(at ?? 0) - 1]?.index
      const here = questions.value.filter((each) => each.moment === done && !each.id.startsWith('next'))
      asked.value =
        at === (before ?? -1) + 1 && here.length > 0 && !run.over.value && Math.random() < ASKED
          ? { question: here[Math.floor(Math.random() * here.length)]!, shown: false }
          : undefined
    },
  )

  /** Goes on with a question, if one is asked: first its answer is shown, then it is gone. Whether there was one. */
  function goneOn(): boolean {
    if (!asked.value) {
      return false
    }
    asked.value = asked.value.shown ? undefined : { ...asked.value, shown: true }
    return true
  }

  return { asked, goneOn }
}
