import { t } from '@/words'
import {
  answered,
  api,
  ApiProblem,
  type ClaimSpec,
  type Edited,
  type EditedLine,
  type Finding,
  type OwnMove,
  type Role,
  type Routine,
  type Seen,
  type Trace,
  type World,
} from '@/api/client'
import { alone, lineOf, MAIN, ownIds, putBack, type Unknown } from '@/routine'
import { useOutbox, type DocumentQueue } from '@/saving'
import { cut } from '@/ui/text'
import { useToast } from '@/ui/toast'
import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { useAnalysis } from './analysis'

/** The row of the set-up, above all steps. */
export const SET_UP = ''

/** Whose deck is drawn. */
export type DeckView = 'real' | 'seen' | 'both'

/** Something that is to be taken out, while it is asked whether what speaks of it goes too. */
export interface Removal {
  what: 'role' | 'step' | 'thing' | 'out'
  name: string
  /** What it is, in words. */
  says: string
  /** What speaks of it, in words. */
  asks: string[]
}

/** How the numbers of a world begin that say where a card lies of which nobody said so. */
const LIES = 'lies.'

/**
 * The routine on the Bench, of which one line is seen and edited at a time. An edit shows at once, is traced at once and put
 * into the outbox, which saves it.
 */
export const useBench = defineStore('bench', () => {
  const id = ref('')
  const outbox = useOutbox()
  const toast = useToast()
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
  const removal = shallowRef<Removal>()
  /** How many edits are asked for and not answered yet. */
  const underWay = ref(0)
  const state = computed(() => {
    const kept = queue.value?.state.value ?? 'saved'
    return underWay.value > 0 && kept === 'saved' ? 'saving' : kept
  })
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
    removal.value = undefined
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
   * @param told what happens on this line then, where that came with the edit
   */
  function editWhole(changed: Routine, typed = false, told?: Trace): void {
    queue.value!.edit(changed, typed)
    recompute(told)
  }

  let asking: Promise<unknown> = Promise.resolve()

  /**
   * An edit that the server makes, since one must know for it what the routine means. One is asked for after another; what was edited
   * while one was asked for is kept, and it is asked for again.
   *
   * @param ask with the line as it is then
   * @param selects whether the step that it is about is selected then
   * @returns what was answered; nothing where another routine was opened meanwhile, which stays as it is. What is refused is thrown
   */
  function editAsked(
    ask: (at: EditedLine) => Promise<Edited>,
    selects: boolean,
  ): Promise<Edited | undefined> {
    underWay.value++
    const opened = queue.value
    const mine = asking.then(() => editNow(opened, ask, selects)).finally(() => underWay.value--)
    asking = mine.catch(() => {})
    return mine
  }

  async function editNow(
    opened: typeof queue.value,
    ask: (at: EditedLine) => Promise<Edited>,
    selects: boolean,
  ): Promise<Edited | undefined> {
    while (queue.value === opened) {
      const at = { routine: whole.value!, line: line.value, world: world.value }
      const made = await ask(at)
      if (queue.value === opened && whole.value === at.routine) {
        if (made.asks.length === 0) {
          if (!made.routine.outs.some((out) => out.id === line.value)) {
            line.value = MAIN
          }
          editWhole(made.routine, false, line.value === at.line ? made.trace : undefined)
          const gone = selected.value !== SET_UP && !onLine(selected.value)
          if (selects || gone) {
            selected.value = onLine(made.selected) ? made.selected : SET_UP
          }
        }
        return made
      }
    }
    return undefined
  }

  /** The same; what is refused is told above the script. */
  async function edited(
    ask: (at: EditedLine) => Promise<Edited>,
    selects = false,
  ): Promise<Edited | undefined> {
    trouble.value = ''
    try {
      return await editAsked(ask, selects)
    } catch (thrown) {
      trouble.value = (thrown as ApiProblem).inWords
      return undefined
    }
  }

  /** Says what was changed where that is not seen at once, with a way back. */
  function tell(made: Edited | undefined): void {
    if (made && made.asks.length === 0) {
      toast.say(made.says, () => void step('undo'))
    }
  }

  /** Adds a move after the selected step, and selects it. */
  async function add(move: string): Promise<void> {
    await edited((at) => {
      const body = { at, after: selected.value, moves: [{ move, settings: {} }] }
      return answered(api.POST('/api/edits/add', { body }))
    }, true)
  }

  /** Does a step once more, and selects that. */
  async function double(id: string): Promise<void> {
    await edited((at) => answered(api.POST('/api/edits/double', { body: { at, step: id } })), true)
  }

  /**
   * Does a step at another moment of the line that is seen.
   *
   * @param to where it comes among the steps, counted from 0, from where it is by then
   */
  async function move(id: string, to: (from: number) => number): Promise<void> {
    const place = () => {
      const ids = routine.value!.steps.map((s) => s.id)
      const from = ids.indexOf(id)
      const others = ids.filter((each) => each !== id)
      const at = Math.max(0, Math.min(others.length, to(from)))
      return { stays: at === from, after: others[at - 1] ?? SET_UP }
    }
    if (underWay.value > 0 || !place().stays) {
      await edited((at) => {
        const body = { at, step: id, after: place().after }
        return answered(api.POST('/api/edits/move', { body }))
      })
    }
  }

  /**
   * Takes something out. Where something else speaks of it, that is asked about first.
   *
   * @param too whether what speaks of it goes too
   */
  async function remove(what: Removal['what'], name: string, too = false): Promise<void> {
    removal.value = undefined
    const made = await edited((at) =>
      answered(api.POST('/api/edits/remove', { body: { at, what, name, too } })),
    )
    if (made?.asks.length) {
      removal.value = { what, name, says: made.says, asks: made.asks }
    }
    tell(made)
  }

  /** Gives something another name wherever the routine speaks of it. */
  async function rename(kind: 'person' | 'thing', from: string, to: string): Promise<void> {
    tell(await edited((at) => answered(api.POST('/api/edits/rename', { body: { at, kind, from, to } }))))
  }

  /** Puts an own move in the place of the steps it was made of, and selects it. */
  async function wrap(own: OwnMove, steps: string[]): Promise<void> {
    await editAsked((at) => answered(api.POST('/api/edits/wrap', { body: { at, own, steps } })), true)
  }

  /** Puts a number in that was solved for; of a card of the set-up, at which place it lies. */
  async function put(
    { kind, id: of, setting }: Pick<Unknown, 'kind' | 'id' | 'setting'>,
    value: number,
  ): Promise<void> {
    await edited((at) => answered(api.POST('/api/edits/put', { body: { at, kind, id: of, setting, value } })))
  }

  /** Follows a card more. */
  async function follow(kind: Role['kind']): Promise<void> {
    await edited((at) => answered(api.POST('/api/edits/role', { body: { at, kind } })))
  }

  /** Keeps an out ready after the selected step, and opens its line. */
  async function keepOut(): Promise<void> {
    const made = await edited((at) =>
      answered(api.POST('/api/edits/out', { body: { at, after: selected.value } })),
    )
    const out = made?.routine.outs.at(-1)
    if (out) {
      openLine(out.id)
    }
  }

  /** Puts jotted lines in after the selected step, and selects the last of them. What is refused is thrown. */
  async function jot(text: string, deck: number, taken: string[]): Promise<void> {
    tell(
      await editAsked((at) => {
        const body = { at, after: selected.value, text, deck, taken }
        return answered(api.POST('/api/edits/jot', { body }))
      }, true),
    )
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
    add,
    double,
    move,
    remove,
    removal,
    rename,
    wrap,
    put,
    follow,
    keepOut,
    jot,
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
