import { t } from '@/words'
import {
  answered,
  api,
  ApiProblem,
  type ClaimSpec,
  type Finding,
  type OwnMove,
  type Routine,
  type Seen,
  type World,
} from '@/api/client'
import { alone, lineOf, MAIN, ownIds, putBack } from '@/routine'
import { useOutbox, type DocumentQueue } from '@/saving'
import { cut } from '@/ui/text'
import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { useAnalysis } from './analysis'

/** The row of the set-up, above all steps. */
export const SET_UP = ''

/** Whose deck is drawn. */
export type DeckView = 'real' | 'seen' | 'both'

/** How the numbers of a world begin that say where a card lies of which nobody said so. */
const LIES = 'lies.'

/**
 * The routine on the Bench, of which one line is seen and edited at a time. An edit shows at once, is traced at once and put
 * into the outbox, which saves it.
 */
export const useBench = defineStore('bench', () => {
  const id = ref('')
  const outbox = useOutbox()
  const queue = shallowRef<DocumentQueue<Routine>>()
  /** With all its lines, as it is seen. */
  const whole = computed(() => queue.value?.shown.value)
  const line = ref(MAIN)
  /** The line that is seen, as a routine. */
  const routine = computed(() => whole.value && lineOf(whole.value, line.value))
  const own = computed(() => (whole.value ? ownIds(whole.value, line.value) : new Set<string>()))
  const canUndo = computed(() => queue.value?.canUndo.value ?? false)
  const canRedo = computed(() => queue.value?.canRedo.value ?? false)
  const world = ref<World>({})
  const { trace, seen, found, survey, seconds, problems, trouble, recompute, retrace, forget, leave } =
    useAnalysis({
      whole,
      routine,
      line,
      world,
    })
  /** Whose deck is drawn: the real one, that in people's heads, or the real one with what they think of otherwise marked. */
  const deckView = useLocalStorage<DeckView>('bench-deck-view', 'real')

  /** What people think and see after a step. */
  function seenAt(stepId: string): Seen['moments'][number] | undefined {
    return seen.value?.moments.find((m) => m.stepId === stepId)
  }

  /** What fails first, of what can be shown failing. */
  const firstFailing = computed(() => survey.value?.findings.find((f) => f.verdict !== 'always' && f.failing))
  /** How many steps are not filled in yet: until they are there is nothing to judge. */
  const stillOpen = computed(() => trace.value?.moments.filter((m) => m.broken?.open).length ?? 0)
  const selected = ref(SET_UP)
  /** Which of the questions that fill the page is open, and the claim that *Get me there* starts with. */
  const asked = ref<'' | 'solve' | 'bridge'>('')
  const goal = shallowRef<ClaimSpec>()
  const state = computed(() => queue.value?.state.value ?? 'saved')
  /** Why what is on the screen is not saved, or cannot be worked out. */
  const failure = computed(() => queue.value?.failure.value || trouble.value)
  const otherFolder = computed(() => queue.value?.otherFolder.value ?? false)
  /** Why what is on the screen cannot be accepted as it is. */
  const refusal = computed(() => queue.value?.refusal.value)

  const selectedIndex = computed(() =>
    selected.value === SET_UP
      ? 0
      : 1 + (routine.value?.steps.findIndex((s) => s.id === selected.value) ?? -1),
  )

  async function load(routineId: string): Promise<void> {
    id.value = routineId
    queue.value = undefined
    line.value = MAIN
    forget()
    world.value = {}
    selected.value = SET_UP
    trouble.value = ''
    ask('')
    const opened = await outbox.open(routineId)
    if (id.value === routineId) {
      queue.value = opened
      show()
    }
  }

  /** Shows what is there now; the world stays. */
  function show(): void {
    if (!whole.value!.outs.some((o) => o.id === line.value)) {
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
    return own.value.has(stepId)
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
    queue.value!.edit(changed, typed)
    recompute()
  }

  /**
   * An edit that the server makes, since one must know for it what the routine means. What is edited meanwhile is asked for too.
   *
   * @returns what it answered; nothing where another routine was opened meanwhile, which stays as it is
   */
  async function editAsked<T extends { routine: Routine }>(
    ask: (routine: Routine) => Promise<T>,
  ): Promise<T | undefined> {
    const opened = queue.value
    let routine: Routine
    let made: T
    do {
      routine = whole.value!
      made = await ask(routine)
      if (queue.value !== opened) {
        return undefined
      }
    } while (whole.value !== routine)
    editWhole(made.routine)
    return made
  }

  /** Gives something another name wherever the routine speaks of it. */
  async function rename(kind: 'person' | 'thing', from: string, to: string): Promise<void> {
    trouble.value = ''
    try {
      await editAsked((routine) =>
        answered(api.POST('/api/edits/rename', { body: { routine, kind, from, to } })),
      )
    } catch (thrown) {
      const problem = thrown as ApiProblem
      const [first] = problem.problems
      trouble.value = first ? `“${first.value}”: ${first.rule}. ${first.cure}.` : problem.message
    }
  }

  /** Puts an own move in the place of the steps it was made of, and selects it. */
  async function wrap(own: OwnMove, steps: string[]): Promise<void> {
    const made = await editAsked((routine) =>
      answered(api.POST('/api/edits/wrap', { body: { routine, own, steps } })),
    )
    selected.value = made?.step ?? selected.value
  }

  async function step(direction: 'undo' | 'redo'): Promise<void> {
    trouble.value = ''
    try {
      await queue.value!.step(direction)
      show()
    } catch (thrown) {
      const problem = thrown as ApiProblem
      trouble.value =
        problem.status === 0
          ? t('bench.store.goesOnOnceItAnswers', {
              message: problem.message,
              direction: direction === 'undo' ? t('bench.store.undo') : t('bench.store.redo'),
            })
          : problem.message
    }
  }

  /** What is on the screen becomes a routine of its own. Gives its id. */
  function keepMineAsCopy(): Promise<string> {
    const title = t('bench.store.myVersion', { cut: cut(whole.value!.title, 105) })
    return queue.value!.keepAsCopy({ ...whole.value!, title })
  }

  /** Gives up what is on the screen, and shows what is saved. */
  async function dropMine(): Promise<void> {
    queue.value!.drop()
    await load(id.value)
  }

  /** Sets one choice and shows that world. */
  function choose(key: string, number: number): void {
    world.value = { ...world.value, [key]: number }
    void retrace()
  }

  /** Shows the way in which the next of the cards that nobody laid lies where this one lay in the set-up. */
  function layAnother(card: number): void {
    const { cards, moments } = trace.value!
    const deck = moments[0]!.piles.find((pile) => pile.place === 'deck')!.cards
    const open = cards.flatMap((each, number) => (each.stated === 'open' ? [number] : []))
    const next = open[(open.indexOf(card) + 1) % open.length]!
    const place = deck.indexOf(card) + 1
    const others = Object.entries(world.value).filter(
      ([key, number]) => !key.startsWith(LIES) || number !== place,
    )
    world.value = Object.fromEntries([...others, [LIES + cards[next]!.code, place]])
    void retrace()
  }

  /** Shows the smallest world in which something fails. */
  function showFailing(finding: Finding): void {
    if (!finding.failing) {
      return
    }
    world.value = { ...finding.failing }
    const at = trace.value?.moments[finding.moment]
    if (at) {
      selected.value = at.stepId
    }
    void retrace()
  }

  /** Shows the smallest world in which something fails with this number of a choice; that number, if it does not. */
  async function showFailingWith(finding: Finding, key: string, number: number): Promise<void> {
    const asked = routine.value
    const index = survey.value?.findings.indexOf(finding) ?? -1
    if (!asked || index < 0) {
      return
    }
    try {
      const body = { routine: alone(asked), finding: index, choice: key, number }
      const { world: failing } = await answered(api.POST('/api/survey/failing', { body }))
      if (routine.value === asked) {
        showFailing({ ...finding, failing: failing ?? { [key]: number } })
      }
    } catch (thrown) {
      trouble.value = (thrown as Error).message
    }
  }

  /** Shows the first way that fails; the usual way again when another is shown. */
  function toggleFailing(): void {
    if (Object.keys(world.value).length > 0) {
      showUsual()
    } else if (firstFailing.value) {
      showFailing(firstFailing.value)
    }
  }

  /** Opens a question, or closes all. */
  function ask(question: '' | 'solve' | 'bridge', wanted?: ClaimSpec): void {
    goal.value = wanted
    asked.value = question
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
    refusal,
    canUndo,
    canRedo,
    world,
    trace,
    seen,
    deckView,
    seenAt,
    survey,
    seconds,
    selected,
    selectedIndex,
    problems,
    state,
    failure,
    otherFolder,
    load,
    leave,
    retrace,
    openLine,
    isOwn,
    edit,
    editWhole,
    rename,
    wrap,
    undo: () => step('undo'),
    redo: () => step('redo'),
    keepMineAsCopy,
    dropMine,
    choose,
    layAnother,
    showFailing,
    showFailingWith,
    toggleFailing,
    firstFailing,
    stillOpen,
    showUsual,
    asked,
    goal,
    ask,
  }
})
