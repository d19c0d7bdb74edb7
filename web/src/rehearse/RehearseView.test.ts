import { fill, says, storedRoutine } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { demoRoutine, openPage, pressKey } from '@/testing/page'
import { fireEvent, screen, waitFor, within } from '@testing-library/vue'
import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'

const answered = recordedConversation()

const step = () => screen.getByLabelText('Step')

async function open(routine: string, mode = ''): Promise<void> {
  await openPage(`/rehearse/${routine}${mode && `?mode=${mode}`}`)
  await screen.findByText('Deck in hand?')
}

/** Goes on to the first step, of so many. */
async function begin(steps: number): Promise<void> {
  await pressKey(' ')
  await says(step, `1 of ${steps}`)
}

/** A pick and its return, and what follows. */
const twoSteps = (title: string, ...more: string[]) =>
  storedRoutine(
    title,
    [
      { id: 's1', move: 'spread-pick', settings: { role: 'A' } },
      { id: 's2', move: 'return-on-lower', settings: { role: 'A' } },
      ...more.map((move, at) => ({ id: `s${at + 3}`, move, settings: {} })),
    ],
    [{ letter: 'A', kind: 'selection', owner: 'Ines', card: '' }],
  )

// What chance decides is decided alike each time.
beforeEach(() => {
  vi.spyOn(Math, 'random').mockReturnValue(0.1)
  vi.useFakeTimers({ toFake: ['Date'], now: new Date('2026-05-04T20:00:00Z') })
  return () => vi.useRealTimers()
})

describe('a run', () => {
  it('leaves out the steps that are not needed this way', async () => {
    await open(demoRoutine(32))
    await begin(7)
  })

  it('lets chance choose, and still comes out', async () => {
    await open(demoRoutine(18))
    await fireEvent.click(await screen.findByText('Begin, and let them choose'))
    await waitFor(() => expect(step()).toBeTruthy())
    while (!screen.queryByText('Did it come out?')) {
      await pressKey('PageDown')
    }

    await says(() => screen.getByLabelText('End check'), 'Bruno’s card: 1 from the top')
  })

  it('that did not come out is explained by a slip', async () => {
    await open(demoRoutine(12))
    await begin(7)
    for (let at = 1; at <= 7; at++) {
      await pressKey(' ')
    }
    await fireEvent.click(await screen.findByText(/^No\b/))
    await screen.findByText('Kept: it did not come out.')

    await fill(await screen.findByLabelText('Silvan’s card is really at'), '2')
    await fireEvent.click(screen.getByText('Find the slip'))
    await says(
      () => screen.getAllByTestId('explanation')[0]!,
      '“Return on the lower packet”: the break or jog was one card too high.',
    )
    await fill(screen.getByLabelText('Silvan’s card is really at'), '1')
    await fireEvent.click(screen.getByText('Find the slip'))

    await says(() => screen.getByTestId('diagnosed'), 'That is where they should be')
  })

  it('with surprises asks in between', async () => {
    await open(await twoSteps('Asked between', 'complete-cut', 'false-cut'), 'surprises')
    await begin(4)
    await waitFor(() => expect(answered()).toContain('POST /api/practice/questions'))
    await flushPromises()
    await pressKey(' ')
    await says(() => screen.getByTestId('asked-between'), 'Say it, then go on')
    await pressKey(' ')
    await waitFor(() => expect(screen.getByTestId('asked-between').querySelector('strong')).toBeTruthy())
    await pressKey(' ')
    await waitFor(() => expect(screen.queryByTestId('asked-between')).toBeNull())
    await screen.findByText('2 of 4')
  })
})

describe('beats', () => {
  /** Beats so many milliseconds apart. */
  async function tap(...apart: number[]): Promise<void> {
    let at = Math.ceil(performance.now()) + 1
    const clock = vi.spyOn(performance, 'now').mockImplementation(() => at)
    for (const wait of [0, ...apart]) {
      at += wait
      await pressKey('PageDown')
    }
    clock.mockRestore()
  }

  it('that are tapped are judged, and a hurried one is named', async () => {
    await openPage(`/rehearse/${await twoSteps('Tapped')}?mode=beats`)
    await screen.findByTestId('tap')
    await waitFor(() => expect(screen.getByLabelText<HTMLSelectElement>('Beats of').value).not.toBe(''))

    await tap(500, 300, 500)
    await says(() => screen.getByTestId('told'), 'beat 3 comes 40 % early')
    await tap(500, 500, 500)

    await says(() => screen.getByTestId('told'), 'Even')
  })
})

describe('recall', () => {
  it('is answered by number, by typing and by a press', async () => {
    await openPage(`/rehearse/${demoRoutine(23)}?mode=recall`)
    for (let question = 1; question <= 10; question++) {
      await screen.findByText(new RegExp(`^${question} of 10`))
      const typed = screen.queryByLabelText('From the top')
      if (screen.queryByLabelText('Answers')) {
        await pressKey('1')
      } else {
        await fireEvent.update(typed!, question % 2 === 0 ? '7' : '9')
        await (question % 2 === 0
          ? fireEvent.submit(typed!.closest('form')!)
          : fireEvent.click(screen.getByText('That is it')))
      }
      await says(() => screen.getByTestId('answered'), /^\s*(● Right|▲ No): .+/)
      await fireEvent.click(screen.getByText(/^Go on/))
    }
    await screen.findByText(/\d+ of 10 right/)
  })
})

describe('judging packets', () => {
  it('makes a margin of what was said at the table and on the screen', async () => {
    await openPage(`/rehearse/${await twoSteps('Judged')}?mode=judge`)
    await fill(await screen.findByLabelText('You say'), '20')
    await fill(screen.getByLabelText('There are'), '23')
    await fireEvent.click(screen.getByText('Keep it'))
    await says(() => screen.getByTestId('judged'), '± 3')

    await fill(screen.getByLabelText('How many?'), '20')
    await fireEvent.click(screen.getByText('That many'))

    await says(() => screen.getByTestId('truth'), /It was \d+\./)
  })
})

describe('drills', () => {
  it('count the best series', async () => {
    await openPage('/drills')
    await fireEvent.click(await screen.findByLabelText(/^Begin Keep it/))
    for (const key of [' ', 'PageDown', ' ', 'm', ' ']) {
      await pressKey(key)
    }
    await says(() => screen.getByTestId('series'), '1')
    await fireEvent.click(screen.getByText('Done'))

    await says(() => screen.getAllByTestId('drill')[0]!, /Best series 3 · today 5/)
    expect(within(screen.getAllByTestId('drill')[0]!).getAllByRole('button').length).toBeGreaterThan(0)
  })
})
