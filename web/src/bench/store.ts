import {
  answered,
  api,
  ApiProblem,
  type FieldProblem,
  type Finding,
  type Routine,
  type StoredRoutine,
  type Survey,
  type Trace,
  type World,
} from '@/api/client'
import { alone, goesThrough, lineOf, MAIN } from '@/lines'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { ownIds, putBack } from './outs'

/** How long after the last keystroke what was typed is saved: one undo takes back what was typed in one go. */
const TYPING_PAUSE_MS = 350

/** How long after the last edit the survey is asked for; the trace is asked for at once. */
const SURVEY_AFTER_MS = 200

/** The row of the set-up, above all steps. */
export const SET_UP = ''

/** What was found of one line: its survey, or why it cannot be read. */
export interface LineFound {
  survey?: Survey
  unread?: string
}

/**
 * The routine on the Bench, of which one line is seen and edited at a time. An edit shows at once, is traced at once and saved a moment later; an edit that the server
 * cannot read is shown with its problem and not saved until it can be read.
 */
export const useBench = defineStore('bench', () => {
  const id = ref('')
  /** With all its lines. */
  const whole = shallowRef<Routine>()
  const line = ref(MAIN)
  /** The line that is seen, as a routine. */
  const routine = computed(() => whole.value && lineOf(whole.value, line.value))
  const version = ref(0)
  const canUndo = ref(false)
  const canRedo = ref(false)
  const world = ref<World>({})
  const trace = shallowRef<Trace>()
  /** What was found of each line, by its id. */
  const found = shallowRef<Record<string, LineFound>>({})
  const survey = computed(() => found.value[line.value]?.survey)
  const selected = ref(SET_UP)
  const problems = ref<FieldProblem[]>([])
  const state = ref<'saved' | 'unsaved' | 'saving' | 'conflict' | 'failed'>('saved')
  const failure = ref('')
  /** Why the last save was refused: told when nothing else on the screen tells it. */
  const refused = ref('')

  /** States that were not sent yet, the oldest first; each becomes one step of the history. */
  let unsent: { routine: Routine; typed: boolean }[] = []
  let saveTimer = 0
  let surveyTimer = 0
  let saving: Promise<void> = Promise.resolve()
  let tracing: AbortController | undefined
  let surveying: AbortController | undefined
  /** The server stops a survey when the next one of the same name is asked for. */
  const surveyName = `bench-${crypto.randomUUID()}`

  const selectedIndex = computed(() =>
    selected.value === SET_UP
      ? 0
      : 1 + (routine.value?.steps.findIndex((s) => s.id === selected.value) ?? -1),
  )

  async function load(routineId: string): Promise<void> {
    id.value = routineId
    unsent = []
    whole.value = undefined
    line.value = MAIN
    trace.value = undefined
    found.value = {}
    world.value = {}
    selected.value = SET_UP
    show(await answered(api.GET('/api/routines/{id}', { params: { path: { id: routineId } } })))
  }

  /** Takes over what the server has; the world stays. */
  function show(stored: StoredRoutine): void {
    accept(stored)
    whole.value = stored.routine
    if (!stored.routine.outs.some((o) => o.id === line.value)) {
      line.value = MAIN
    }
    if (!onLine(selected.value)) {
      selected.value = SET_UP
    }
    recompute()
  }

  function onLine(stepId: string): boolean {
    return routine.value?.steps.some((s) => s.id === stepId) ?? false
  }

  /** Shows another line; what is selected stays so where it is on that line too. */
  function openLine(id: string): void {
    const outs = whole.value?.outs ?? []
    const left = outs.find((o) => o.id === line.value)
    const out = outs.find((o) => o.id === id)
    line.value = id
    if (!onLine(selected.value)) {
      const near = out?.steps[0]?.id ?? out?.after ?? left?.after ?? SET_UP
      selected.value = onLine(near) ? near : SET_UP
    }
    recompute()
  }

  /** Whether a step is edited on the line that is seen: the others are edited on theirs. */
  function isOwn(stepId: string): boolean {
    return !!whole.value && ownIds(whole.value, line.value).has(stepId)
  }

  function accept(stored: StoredRoutine): void {
    version.value = stored.version
    canUndo.value = stored.canUndo
    canRedo.value = stored.canRedo
    state.value = 'saved'
    failure.value = ''
    refused.value = ''
  }

  /** Puts an edited line in place of the old one. */
  function edit(changed: Routine, typed = false): void {
    editWhole(putBack(whole.value!, line.value, changed), typed)
  }

  /**
   * Puts an edited routine with all its lines in place of the old one.
   *
   * @param typed whether it was typed or slid, letter by letter: what follows in one go is then one edit
   */
  function editWhole(changed: Routine, typed = false): void {
    whole.value = changed
    state.value = 'unsaved'
    canUndo.value = true
    canRedo.value = false
    if (typed && unsent.at(-1)?.typed) {
      unsent.pop()
    }
    unsent.push({ routine: changed, typed })
    recompute()
    window.clearTimeout(saveTimer)
    saveTimer = window.setTimeout(() => void save(), typed ? TYPING_PAUSE_MS : 0)
  }

  function recompute(): void {
    void retrace()
    window.clearTimeout(surveyTimer)
    surveyTimer = window.setTimeout(() => void resurvey(), SURVEY_AFTER_MS)
  }

  /** Asks for the trace of this world. A newer question overtakes an older one. */
  async function retrace(): Promise<void> {
    if (!routine.value) {
      return
    }
    tracing?.abort()
    const mine = new AbortController()
    tracing = mine
    try {
      const body = { routine: alone(routine.value), world: world.value }
      const answer = await answered(api.POST('/api/trace', { body, signal: mine.signal }))
      if (tracing === mine) {
        trace.value = answer
        problems.value = []
      }
    } catch (thrown) {
      if (tracing === mine && thrown instanceof ApiProblem) {
        problems.value = thrown.problems
        failure.value = thrown.problems.length > 0 ? '' : thrown.message
      }
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
      const answer = goesThrough(asked, id)
        ? await surveyed(lineOf(asked, id), mine.signal)
        : {
            survey: undefined,
            unread: 'It rejoins before it begins. Choose a later step, or let it end the routine.',
          }
      if (surveying !== mine) {
        return
      }
      // What cannot be read keeps its last verdict while it is seen: its trace tells what is wrong.
      found.value = { ...found.value, [id]: { survey: found.value[id]?.survey, ...answer } }
    }
  }

  async function surveyed(asked: Routine, signal: AbortSignal): Promise<LineFound> {
    try {
      const body = { routine: alone(asked), computation: surveyName }
      return { survey: await answered(api.POST('/api/survey', { body, signal })), unread: undefined }
    } catch (thrown) {
      return { unread: (thrown as Error).message }
    }
  }

  /** Nobody looks any more: what is asked for need not be answered. */
  function leave(): void {
    window.clearTimeout(surveyTimer)
    tracing?.abort()
    surveying?.abort()
    surveying = undefined
    const params = { path: { name: surveyName } }
    void answered(api.DELETE('/api/computations/{name}', { params, keepalive: true })).catch(() => {
      // It will end by itself.
    })
  }

  /** Saves every state that was not sent yet, one after another, after any save under way. */
  function save(): Promise<void> {
    window.clearTimeout(saveTimer)
    saving = saving.then(async () => {
      while (unsent.length > 0 && state.value !== 'conflict') {
        const next = unsent.shift()!
        state.value = 'saving'
        try {
          accept(
            await answered(
              api.PUT('/api/routines/{id}', {
                params: { path: { id: id.value }, header: { 'If-Match': `"${version.value}"` } },
                body: next.routine,
              }),
            ),
          )
        } catch (thrown) {
          refuse(thrown as ApiProblem)
        }
      }
    })
    return saving
  }

  function refuse(problem: ApiProblem): void {
    // A routine that cannot be read yet is shown with its problems, and saved once it can be read again.
    state.value = problem.isConflict ? 'conflict' : 'failed'
    failure.value = problem.problems.length > 0 ? '' : problem.message
    refused.value = problem.problems.some((p) => p.field.startsWith('outs[')) ? problem.message : ''
  }

  async function step(direction: 'undo' | 'redo'): Promise<void> {
    await save()
    const params = { path: { id: id.value }, header: { 'If-Match': `"${version.value}"` } }
    try {
      show(
        await answered(
          direction === 'undo'
            ? api.POST('/api/routines/{id}/undo', { params })
            : api.POST('/api/routines/{id}/redo', { params }),
        ),
      )
    } catch (thrown) {
      refuse(thrown as ApiProblem)
    }
  }

  /** After a conflict: what is on the screen becomes a routine of its own. Gives its id. */
  async function keepMineAsCopy(): Promise<string> {
    const mine = { ...whole.value!, title: `${whole.value!.title} (my version)`.slice(0, 120) }
    const stored = await answered(api.POST('/api/routines/from-file', { body: mine as never }))
    return stored.id
  }

  /** Sets one choice and shows that world. */
  function choose(key: string, number: number): void {
    world.value = { ...world.value, [key]: number }
    void retrace()
  }

  /** Shows the smallest world in which something fails. */
  function showFailing(finding: Finding): void {
    world.value = { ...finding.failing }
    const at = trace.value?.moments[finding.moment]
    if (at) {
      selected.value = at.stepId
    }
    void retrace()
  }

  function showUsual(): void {
    world.value = {}
    void retrace()
  }

  return {
    id,
    whole,
    line,
    routine,
    found,
    refused,
    canUndo,
    canRedo,
    world,
    trace,
    survey,
    selected,
    selectedIndex,
    problems,
    state,
    failure,
    load,
    leave,
    retrace,
    openLine,
    isOwn,
    edit,
    editWhole,
    save,
    undo: () => step('undo'),
    redo: () => step('redo'),
    keepMineAsCopy,
    choose,
    showFailing,
    showUsual,
  }
})
