import { answered, api, type Stage, type Survey } from '@/api/client'
import { inTurn } from '@/api/inTurn'
import { canFail, ways } from '@/ui/verdict'
import { t } from '@/words'
import { computed, ref, shallowRef, watch } from 'vue'

/** Whether a routine holds from the layout that the resets lead to, and from the one without them. */
export function useProof(routine: () => string, stage: () => Stage | undefined) {
  const found = shallowRef<{ after: Survey; begins: Survey }>()
  const asking = ref(false)
  const problem = ref('')
  const question = computed(() => JSON.stringify([routine(), stage()?.after.order, stage()?.begins.order]))
  watch(question, () => (found.value = undefined))

  async function ask(): Promise<void> {
    const of = stage()
    if (!of) {
      return
    }
    const asked = question.value
    asking.value = true
    problem.value = ''
    try {
      const path = { id: routine() }
      const stored = await answered(api.GET('/api/routines/{id}', { params: { path } }))
      const survey = (setUp: Stage['after']) =>
        inTurn(() => answered(api.POST('/api/survey', { body: { routine: { ...stored.routine, setUp } } })))
      const answer = { after: await survey(of.after), begins: await survey(of.begins) }
      // The acts may have been put in another order meanwhile: this answer is of what stood here before.
      if (asked === question.value) {
        found.value = answer
      }
    } catch (thrown) {
      problem.value = (thrown as Error).message
    } finally {
      asking.value = false
    }
  }

  /** What a survey says, in a sentence. */
  function told(survey: Survey, after: boolean): string {
    const from = after ? t('tonight.proof.putRight') : t('tonight.proof.asItIs')
    if (!survey.allHold) {
      return t(canFail(survey) ? 'tonight.proof.fails' : 'tonight.proof.notKnown', { from })
    }
    return t(survey.exhaustive ? 'tonight.proof.holds' : 'tonight.proof.sampled', {
      from,
      ways: ways(survey),
    })
  }

  /** Its colour: what nobody knows yet is neither good nor bad. */
  function tone(survey: Survey): string {
    return survey.allHold ? 'text-holds' : canFail(survey) ? 'text-broken' : 'text-soft'
  }

  return { found, asking, problem, ask, told, tone }
}
