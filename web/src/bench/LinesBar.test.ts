import { openOnBench, row, says, select, stepNames } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { demoRoutine, pressKey, saved } from '@/testing/page'
import { fireEvent, screen, waitFor, within } from '@testing-library/vue'
import { describe, expect, it } from 'vitest'

recordedConversation()

const PURSER = demoRoutine(12)

function line(label: string): HTMLElement {
  return within(screen.getByLabelText('Lines of the routine'))
    .getAllByRole('button')
    .find((button) => button.textContent!.includes(label))!
}

async function opened() {
  const bench = await openOnBench(PURSER)
  await screen.findByLabelText('Lines of the routine')
  // The outs are there once the server has told what they are.
  await waitFor(() => expect(line('It is on top')).toBeTruthy())
  return bench
}

describe('the lines of a routine', () => {
  it('are shown and judged each by itself', async () => {
    await opened()
    for (const each of within(screen.getByLabelText('Lines of the routine')).getAllByRole('button')) {
      // Of a line that is sampled it is not told what you know on it.
      await says(() => each, /holds ·|nothing failed in a sample/)
    }
    expect(row('up').textContent).toContain('2 outs')

    await fireEvent.click(line('It is on top'))

    await waitFor(() =>
      expect(stepNames()).toEqual([
        'Spread, free pick',
        'Return on the lower packet',
        'Cut at the break',
        'Bring the top card to second',
        'Lift a packet',
        'Bury a packet',
        'Lift a packet',
        'Bury a packet',
        'Glimpse',
        'Name it',
        'Turn the top card',
      ]),
    )
    await select('up')
    await pressKey('Delete')
    expect(await screen.findByText(/This step belongs to another line/)).toBeTruthy()
    expect(stepNames()).toHaveLength(11)
  })

  it('let people pick again', async () => {
    await opened()
    await fireEvent.click(line('If they insist on picking again'))
    await waitFor(() => expect(row('forget')).toBeTruthy())
    await says(() => row('forget'), 'they may pick again')

    await select('forget')
    await says(() => screen.getByTestId('ledger'), 'not chosen yet')
    await select('repick')

    await says(() => screen.getByTestId('ledger'), 'in Silvan’s hand')
  })

  it('show from the main line that an out fails', async () => {
    await opened()
    await fireEvent.click(line('If they insist on cutting'))
    await waitFor(() => expect(row('palm2')).toBeTruthy())
    await select('palm2')
    await pressKey('Delete')
    await fireEvent.click(line('Main line'))

    await says(() => line('Main line'), 'holds ·')
    await says(() => line('If they insist on cutting'), /holds in [0-9.]+ %/)
    await saved()
    await fireEvent.click(screen.getAllByText('Undo')[0]!)
    await says(() => line('If they insist on cutting'), /holds ·/)
    await saved()
  })
})
