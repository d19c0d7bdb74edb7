import { t } from '@/words'
import {
  answered,
  api,
  ApiProblem,
  type FieldProblem,
  type Routine,
  type Seen,
  type Survey,
  type Trace,
  type World,
} from '@/api/client'
import { alone, goesThrough, lineOf, MAIN } from '@/routine'
import { replaceEqualDeep } from '@tanstack/vue-query'
import { computed, ref, shallowRef, type Ref } from 'vue'

/** How long after the last edit the survey is asked for; the trace is asked for at once. */
const SURVEY_AFTER_MS = 200

/** How often it is asked what is seen of a survey that is under way. */
const GLANCE_EVERY_MS = 200

/** What was found of one line: its survey, or why it cannot be read. */
export interface LineFound {
  survey?: Survey
  /** While it is under way, about how many seconds it will take, where that is known. */
  seconds?: number
  unread?: string
}

/** What of the Bench is analysed. */
interface Analysed {
  whole: Ref<Routine | undefined>
  routine: Ref<Routine | undefined>
  line: Ref<string>
  world: Ref<World>
}

/** Asks what happens in the world that is shown, at once, and what holds in all of them, a moment later. */
export function useAnalysis({ whole, routine, line, world }: Analysed) {
  const trace = shallowRef<Trace>()
  /** The deck in people’s heads, of the trace that is shown. */
  const seen = shallowRef<Seen>()
  /** What was found of each line, by its id. */
  const found = shallowRef<Record<string, LineFound>>({})
  const survey = computed(() => found.value[line.value]?.survey)
  /** About how many seconds its survey still takes; only where that is known. */
  const seconds = computed(() => found.value[line.value]?.seconds)
  const problems = ref<FieldProblem[]>([])
  /** What went wrong when nothing was being saved. */
  const trouble = ref('')

  let surveyTimer = 0
  let knownTimer = 0
  let tracing: AbortController | undefined
  let surveying: AbortController | undefined
  /** The server stops a survey when the next one of the same name is asked for. */
  const surveyName = `bench-${crypto.randomUUID()}`
  const knownName = `${surveyName}-known`

  /** @param told the trace, where it came with an edit */
  function recompute(told?: Trace): void {
    void retrace(told)
    window.clearTimeout(surveyTimer)
    surveyTimer = window.setTimeout(() => void resurvey(), SURVEY_AFTER_MS)
  }

  /**
   * Asks for the trace of this world. A newer question overtakes an older one.
   *
   * @param told the trace, where it is known already
   */
  async function retrace(told?: Trace): Promise<void> {
    if (!routine.value) {
      return
    }
    tracing?.abort()
    const mine = new AbortController()
    tracing = mine
    try {
      const body = { routine: alone(routine.value), world: world.value }
      const answer = told ?? (await answered(api.POST('/api/trace', { body, signal: mine.signal })))
      if (tracing === mine) {
        // What is as it was stays the same, and is not drawn again.
        trace.value = replaceEqualDeep(trace.value, answer)
        problems.value = []
        trouble.value = ''
        window.clearTimeout(knownTimer)
        knownTimer = window.setTimeout(() => {
          void resee(body, mine)
          void reknow(body, mine)
        }, SURVEY_AFTER_MS)
      }
    } catch (thrown) {
      if (tracing === mine && thrown instanceof ApiProblem) {
        problems.value = thrown.problems
        trouble.value = thrown.problems.length > 0 ? '' : thrown.message
      }
    }
  }

  /** Asks what people think and see in this world. */
  async function resee(body: { routine: Routine; world: World }, mine: AbortController): Promise<void> {
    try {
      const answer = await answered(api.POST('/api/trace/seen', { body, signal: mine.signal }))
      if (tracing === mine) {
        seen.value = replaceEqualDeep(seen.value, answer)
      }
    } catch {
      // Then nothing is said of it.
    }
  }

  /** Asks what you know at each moment of the trace that is shown: only all ways together tell that. */
  async function reknow(body: { routine: Routine; world: World }, mine: AbortController): Promise<void> {
    if (body.routine.roles.length === 0) {
      return
    }
    try {
      const asked = { ...body, computation: knownName }
      const answer = await answered(api.POST('/api/trace/known', { body: asked, signal: mine.signal }))
      if (tracing === mine) {
        trace.value = replaceEqualDeep(trace.value, answer)
      }
    } catch {
      // Then nothing is said of it.
    }
  }

  /** Asks what holds on each line, the one that is seen first. A newer question overtakes an older one. */
  async function resurvey(): Promise<void> {
    const asked = whole.value
    if (!asked) {
      return
    }
    surveying?.abort()
    const mine = new AbortController()
    surveying = mine
    const others = [MAIN, ...asked.outs.map((o) => o.id)].filter((id) => id !== line.value)
    for (const id of [line.value, ...others]) {
      const shows = (seen: LineFound) => {
        if (surveying === mine) {
          found.value = { ...found.value, [id]: seen }
        }
      }
      const answer = goesThrough(asked, id)
        ? await surveyed(lineOf(asked, id), mine.signal, shows)
        : {
            survey: undefined,
            unread: t('bench.analysis.itRejoinsBeforeItBegins'),
          }
      if (surveying !== mine) {
        return
      }
      // What cannot be read keeps its last verdict while it is seen: its trace tells what is wrong.
      shows({ survey: found.value[id]?.survey, ...answer })
    }
  }

  /** @param shows what is seen of it before it is done */
  async function surveyed(
    asked: Routine,
    signal: AbortSignal,
    shows: (seen: LineFound) => void,
  ): Promise<LineFound> {
    let done = false
    const showsBefore = (seen: LineFound) => !done && shows(seen)
    const glances = window.setInterval(() => void glance(signal, showsBefore), GLANCE_EVERY_MS)
    try {
      const body = { routine: alone(asked), computation: surveyName }
      return { survey: await answered(api.POST('/api/survey', { body, signal })), unread: undefined }
    } catch (thrown) {
      return { unread: (thrown as Error).message }
    } finally {
      done = true
      window.clearInterval(glances)
    }
  }

  async function glance(signal: AbortSignal, shows: (seen: LineFound) => void): Promise<void> {
    try {
      const params = { path: { computation: surveyName } }
      const seen = await answered(api.GET('/api/survey/{computation}', { params, signal }))
      if (seen.survey) {
        shows({ survey: seen.survey, seconds: seen.seconds ?? undefined })
      }
    } catch {
      // It will be asked again.
    }
  }

  /** Nobody looks any more: what is asked for need not be answered. */
  function leave(): void {
    window.clearTimeout(surveyTimer)
    window.clearTimeout(knownTimer)
    tracing?.abort()
    surveying?.abort()
    surveying = undefined
    for (const name of [surveyName, knownName]) {
      const params = { path: { name } }
      void answered(api.DELETE('/api/computations/{name}', { params, keepalive: true })).catch(() => {
        // It will end by itself.
      })
    }
  }

  /** Nothing of another routine is shown. */
  function forget(): void {
    trace.value = undefined
    seen.value = undefined
    found.value = {}
  }

  return { trace, seen, found, survey, seconds, problems, trouble, recompute, retrace, forget, leave }
}
