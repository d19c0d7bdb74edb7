import { choose, fill, newRoutine, openOnBench, press, row, says, storedRoutine } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { saved } from '@/testing/page'
import { fireEvent, screen, waitFor, within } from '@testing-library/vue'
import { describe, expect, it } from 'vitest'

recordedConversation()

describe('what a set-up does not state', () => {
  it('lies in any order, and is told and shown as such', async () => {
    const bench = await newRoutine('Any order')
    const laid = () => screen.getByTestId('laid')
    await says(laid, '52 cards, any order')
    await says(() => row('set-up'), '52 cards, any order')
    await says(() => screen.getByTestId('in-view'), 'nothing but backs as they lie')

    await press('Place a card')
    await says(laid, '1 stated, 51 in any order')
    await says(() => screen.getByTestId('in-view'), /below\s*A♠/)

    await choose('The other cards', 'true')
    await says(laid, '52 cards, each stated')
    await choose('The other cards', 'false')
    await says(laid, '1 stated, 51 in any order')

    await bench.addMove('spread, free pick')
    const card = () => screen.getByTestId('ledger')
    await says(card, 'some card, here')
    const sign = () => within(card()).getByText(/^.+[♠♥♦♣]$/).textContent
    const first = sign()
    await fireEvent.click(await within(card()).findByLabelText(/^Another card for /))
    await waitFor(() => expect(sign()).not.toBe(first))
    await saved()
  })
})

describe('a new name', () => {
  it('of a person is followed to the cards in their hand, and said why where it is none', async () => {
    const give = { id: 'give', move: 'hand-over', settings: { to: 'spectator:Bruno' } }
    const role = { letter: 'A', kind: 'selection', owner: 'Bruno' }
    const bench = await openOnBench(await storedRoutine('For Bruno', [give], [role]))
    await says(() => row('give'), 'Bruno’s hand')

    await fill(screen.getByLabelText('Owner of A'), 'Tove')
    await says(() => row('give'), 'Tove’s hand')
    await saved()

    await fireEvent.click(screen.getAllByText('Undo')[0]!)
    await says(() => row('give'), 'Bruno’s hand')
    expect(bench.id).toBeTruthy()
  })
})
