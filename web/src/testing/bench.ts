import { answered, api } from '@/api/client'
import { fireEvent, screen, waitFor, within } from '@testing-library/vue'
import { expect } from 'vitest'
import { openPage, pressKey, type OpenPage } from './page'

/** A routine that is open on the Bench. */
export interface OpenBench extends OpenPage {
  id: string
  addMove: (typed: string) => Promise<void>
}

/** Opens a routine that is there. */
export async function openOnBench(id: string, query = ''): Promise<OpenBench> {
  const page = await openPage(`/bench/${id}${query}`)
  await waitFor(() => expect(row('set-up')).toBeTruthy())
  await waitFor(() => expect(document.querySelector('svg[role=img]')).toBeTruthy())

  /** Adds the first move that is found by these words, after the step that is selected. */
  async function addMove(typed: string): Promise<void> {
    const before = steps().length
    await pressKey('a')
    await fill(await screen.findByLabelText('Find a move'), typed)
    await screen.findAllByRole('option')
    await pressKey('Enter')
    await waitFor(() => expect(screen.queryByLabelText('Find a move')).toBeNull())
    await waitFor(() => expect(steps()).toHaveLength(before + 1))
    // What the step does is known: the next one builds on it.
    await waitFor(() => expect(document.querySelectorAll('rect[data-row]')).toHaveLength(before + 2))
  }

  return { ...page, id, addMove }
}

/** Makes a routine from an empty deck, and opens it. */
export async function newRoutine(title: string): Promise<OpenBench> {
  const id = crypto.randomUUID()
  await api.POST('/api/routines', { body: { title }, params: { header: { 'Edit-Id': id } } })
  return openOnBench(id)
}

/** Keeps a routine of these steps, without opening it, and gives its id. */
export async function storedRoutine(title: string, steps: object[], roles: object[]): Promise<string> {
  const body = {
    format: 'crafty-pocket/routine',
    version: 1,
    title,
    setUp: { pack: '52' },
    roles,
    steps,
    claims: [],
  } as never
  const kept = await answered(api.POST('/api/routines/from-file', { body }))
  return kept.id
}

/** Four cards, face up, counted hiding the third: the four of spades is seen twice. */
export async function newFaceUpCount(title: string): Promise<OpenBench> {
  const bench = await newRoutine(title)
  await fireEvent.update(screen.getByLabelText('Pack'), '4')
  await fireEvent.update(screen.getByLabelText('The other cards'), 'true')
  await bench.addMove('turn the pile over')
  await bench.addMove('count hiding the third')
  await fireEvent.update(screen.getByLabelText('The packet in'), 'deck')
  await screen.findAllByTestId('hint')
  return bench
}

export function row(step: string): HTMLElement {
  return document.querySelector<HTMLElement>(`[data-step="${step}"]`)!
}

export function steps(): HTMLElement[] {
  return [...document.querySelectorAll<HTMLElement>('[data-step]:not([data-step=set-up])')]
}

export function stepNames(): string[] {
  return steps().map((step) => step.querySelector('strong')!.textContent!.trim())
}

export async function select(step: string): Promise<void> {
  const button = row(step).querySelector('button')!
  button.focus()
  await fireEvent.click(button)
  await waitFor(() => expect(row(step).querySelector('[aria-current=step]')).toBeTruthy())
}

/** Writes into a field, in place of what stands there, and leaves it. */
export async function fill(field: HTMLElement, text: string): Promise<void> {
  field.focus()
  await fireEvent.update(field, text)
  await fireEvent.change(field)
}

/** Takes a value of a list. */
export async function choose(label: string, value: string): Promise<void> {
  await fireEvent.update(screen.getByLabelText(label), value)
}

export async function press(name: string | RegExp): Promise<void> {
  await fireEvent.click(await screen.findByText(name))
}

/** Waits until something holds these words. */
export async function says(found: () => HTMLElement, words: string | RegExp): Promise<void> {
  await waitFor(() => expect(found().textContent).toMatch(words))
}

/** The settings of the step that is selected. */
export function settings() {
  return within(screen.getByLabelText('Step settings'))
}
