import { choose, fill, newRoutine, openOnBench, press, row, says, select } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { demoRoutine, saved } from '@/testing/page'
import { fireEvent, screen, waitFor } from '@testing-library/vue'
import { describe, expect, it } from 'vitest'

recordedConversation()

describe('the field of a number', () => {
  it('that follows from a guess is changed in its parts and solved for', async () => {
    await openOnBench(demoRoutine(22))
    await screen.findByText('holds · all 4,845 ways')
    await select('deal')
    expect(screen.getByLabelText<HTMLSelectElement>('Number announced').value).toBe('as')
    expect(screen.getByLabelText<HTMLSelectElement>('Number announced: which').value).toBe('guess.guess')

    await fill(screen.getByLabelText('Number announced: how many more'), '3')
    await says(() => row('deal'), 'Announce your guess of step 4, and 3')
    // Right unless the guess is two too low: one guess in five.
    await screen.findByText(/holds in 80 %/)
    await saved()

    await press('Solve for …')
    await says(() => screen.getByTestId('solved'), 'Smallest: 4.')
    await fireEvent.click(screen.getByLabelText('4: 100 %, best'))
    await says(() => row('deal'), 'of step 4, and 4')
    await saved()
  })

  it('at a hold names the finger, and a step says which hold it uses', async () => {
    const { addMove } = await newRoutine('Two fingers')
    await addMove('hold a break')
    await addMove('hold a break')
    await choose('Held by', 'thumb')
    await choose('Cards above it, or below it', 'at')
    await fill(await screen.findByLabelText('Cards above it, or below it: how many more'), '-6')
    await says(() => row('s2'), 'Hold the thumb’s break in the deck below as many as lie above the break − 6')
    await select('s2')
    await addMove('jog a card')
    await addMove('cut at the break')
    await choose('At', 'break')
    await says(() => row('s4'), 'Cut the deck at the little finger’s break')
    await says(() => document.querySelector<HTMLElement>('svg[role=img]')!, 'thumb')

    await choose('At', 'finger')

    await says(() => row('s4'), 'not the other finger’s break')
    await saved()
  })

  it('that is wrong is traced, and the slip is told among the claims', async () => {
    await openOnBench(demoRoutine(6))
    await select('hold')
    await fill(screen.getByLabelText('Cards above it, or below it: number'), '2')

    await waitFor(() =>
      expect(screen.getAllByText(/Before it, the break is under one card fewer/).length).toBeGreaterThan(0),
    )
    expect(screen.queryByText(/cannot be done/)).toBeNull()
    await saved()
  })
})
