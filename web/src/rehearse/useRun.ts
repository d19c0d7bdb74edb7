import { answered, api, type Out, type Routine, type Trace, type World } from '@/api/client'
import { alone, lineOf, MAIN } from '@/routine'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { because, begin, divert, go, isOver, slip, type Session } from './session'

/** In a run with surprises, people insist every other time they could. */
const INSISTING = 0.5

/** A run as it is kept in this window, so that it survives a reload. */
interface KeptRun {
  line: string
  world: World
  session: Session
  insisted?: string
  settled: string[]
  surprising: boolean
  passage?: { from: string; to: string }
  /** The steps of the line: when they are no longer the same, the run is not gone on with. */
  steps: string[]
}

/**
 * A run through a routine: the session with its times and slips, the world in which it goes, and the line it takes.
 *
 * @param whole the routine with all its lines
 * @param id under which the run is kept while it is under way
 * @param random from 0 to 1, drawn for whatever people and hands might do
 */
export function useRun(whole: Ref<Routine | undefined>, id: string, random: () => number = Math.random) {
  /** The line that is rehearsed: the main one, until an out is taken. */
  const line = ref(MAIN)
  const routine = computed(() => whole.value && lineOf(whole.value, line.value))
  const session = ref<Session>()
  const trace = shallowRef<Trace>()
  const world = shallowRef<World>({})
  /** What they insist on at the step that is on. */
  const insisted = ref<Out>()
  /** The steps at which it is settled whether they insist. */
  const settled = new Set<string>()
  let surprising = false
  /** The first and the last step of a passage that is rehearsed alone; empty for the whole routine. */
  const passage = ref<{ from: string; to: string }>()

  /** The steps that this world needs, with their moment. */
  const due = computed(() => {
    const all = (trace.value?.moments ?? [])
      .map((moment, index) => ({ moment, index }))
      .filter((m) => m.index > 0 && !m.moment.skipped)
    const at = (id?: string) => all.findIndex((m) => m.moment.stepId === id)
    const from = Math.max(0, at(passage.value?.from))
    const to = at(passage.value?.to)
    return all.slice(from, to < 0 ? undefined : to + 1)
  })
  const over = computed(() => !!session.value && isOver(session.value))
  const current = computed(() => (session.value && !over.value ? due.value[session.value.at] : undefined))
  const step = computed(() => routine.value?.steps.find((s) => s.id === current.value?.moment.stepId))
  /** The outs that can be taken once the step that is on is done. */
  const ready = computed(() => (whole.value?.outs ?? []).filter((o) => o.after === step.value?.id))

  async function retrace(): Promise<void> {
    const body = { routine: alone(routine.value!), world: world.value }
    trace.value = await answered(api.POST('/api/trace', { body }))
  }

  /** Traces the line; in a run with surprises, whatever is open in it is drawn first. */
  async function follow(): Promise<void> {
    await retrace()
    const open = trace.value!.moments.flatMap((m) => m.choices).filter((c) => !(c.key in world.value))
    if (surprising && open.length > 0) {
      const drawn = open.map((c) => [c.key, c.low + Math.floor(random() * Math.max(1, c.high - c.low + 1))])
      world.value = { ...world.value, ...(Object.fromEntries(drawn) as World) }
      await retrace()
    }
  }

  /** Begins a run: with the usual numbers, or with what people and hands might do; of the whole routine, or of a passage. */
  async function start(surprise: boolean, only?: { from: string; to: string }): Promise<void> {
    passage.value = only
    line.value = MAIN
    world.value = {}
    surprising = surprise
    settled.clear()
    await follow()
    session.value = begin(
      due.value.map((d) => d.moment.stepId),
      Date.now(),
    )
    mayInsist()
  }

  /** Goes on or back by a step; on by the out, when they insist on something. */
  async function goBy(by: 1 | -1): Promise<void> {
    if (by > 0 && insisted.value) {
      await takeOut(insisted.value)
    } else if (session.value) {
      session.value = go(session.value, by, Date.now())
      mayInsist()
    }
  }

  function mayInsist(): void {
    insisted.value = undefined
    const here = ready.value
    if (surprising && step.value && here.length > 0 && !settled.has(step.value.id)) {
      settled.add(step.value.id)
      insisted.value = random() < INSISTING ? here[Math.floor(random() * here.length)] : undefined
    }
  }

  /** Goes on by the line of an out. When that cannot be traced, the run stays where it is. */
  async function takeOut(out: Out): Promise<void> {
    const before = line.value
    line.value = out.id
    try {
      await follow()
    } catch (thrown) {
      line.value = before
      throw thrown
    }
    const rest = due.value.slice(session.value!.at + 1).map((d) => d.moment.stepId)
    session.value = divert(session.value!, rest, Date.now())
    mayInsist()
  }

  const keptAs = `run/${id}`

  function keep(): void {
    if (session.value && routine.value) {
      const kept: KeptRun = {
        line: line.value,
        world: world.value,
        session: session.value,
        insisted: insisted.value?.id,
        settled: [...settled],
        surprising,
        passage: passage.value,
        steps: routine.value.steps.map((s) => s.id),
      }
      sessionStorage.setItem(keptAs, JSON.stringify(kept))
    }
  }
  watch([session, insisted], keep)

  /** Goes on with the run that was under way when the page was left, if there is one and its steps are still there. */
  async function resume(): Promise<void> {
    const kept = JSON.parse(sessionStorage.getItem(keptAs) ?? 'null') as KeptRun | null
    if (!kept || !whole.value || (kept.line !== MAIN && !whole.value.outs.some((o) => o.id === kept.line))) {
      return
    }
    const steps = lineOf(whole.value, kept.line).steps.map((s) => s.id)
    if (steps.join() !== kept.steps.join()) {
      return
    }
    line.value = kept.line
    world.value = kept.world
    surprising = kept.surprising
    passage.value = kept.passage
    settled.clear()
    kept.settled.forEach((step) => settled.add(step))
    await retrace()
    session.value = { ...kept.session, since: Date.now() }
    insisted.value = whole.value.outs.find((o) => o.id === kept.insisted)
  }

  /** The run is kept, or given up: there is nothing to go on with. */
  function forget(): void {
    sessionStorage.removeItem(keptAs)
  }

  function markSlip(): void {
    if (session.value && !over.value) {
      session.value = slip(session.value)
    }
  }

  function slipBecause(reason: string): void {
    if (session.value) {
      session.value = because(session.value, reason)
    }
  }

  return {
    passage,
    slipBecause,
    routine,
    session,
    trace,
    world,
    insisted,
    due,
    over,
    current,
    step,
    ready,
    start,
    goBy,
    takeOut,
    markSlip,
    resume,
    forget,
  }
}
