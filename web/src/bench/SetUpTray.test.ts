import { fill, newFaceUpCount, newRoutine, press, row, says } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { saved } from '@/testing/page'
import { fireEvent, screen, waitFor, within } from '@testing-library/vue'
import { describe, expect, it } from 'vitest'

recordedConversation()

const pile = (place: string) => document.querySelector<HTMLElement>(`[data-pile='${place}']`)!
const cards = (place: string) =>
  [...pile(place).querySelectorAll('.tray-card')].map((card) => card.textContent!.trim())

async function openTray(title: string): Promise<void> {
  await newRoutine(title)
  await press('Lay the cards …')
  await waitFor(() => expect(pile('deck')).toBeTruthy())
}

describe('laying the cards', () => {
  it('reads an order that is written or pasted; what is no card changes nothing', async () => {
    await openTray('Pasted')
    const order = screen.getByLabelText('Write or paste the order of the deck in hand')
    await fill(order, 'qc, 7♥; 🃅 10s^')
    await waitFor(() => expect(cards('deck')).toEqual(['Q♣', '7♥', '5♦', '10♠']))
    expect(pile('deck').textContent).toContain('then 48 in any order')

    await fill(order, 'QC ZZ 5H')

    await screen.findByText(/names no card/)
    expect(cards('deck')).toHaveLength(4)
    await press('Done')
    await saved()
  })

  it('has special cards beside the pack', async () => {
    await openTray('Special')
    await fill(screen.getByLabelText('Cards beside the pack'), 'KH/AC blank back/back')
    await fireEvent.click(await screen.findByLabelText('Lay king of hearts, on the other side ace of clubs'))
    await waitFor(() => expect(cards('deck')).toEqual(['K♥/A♣']))

    await fill(screen.getByLabelText('Cards beside the pack'), 'KH/ZZ')

    await screen.findByText(/it must be a card\./)
  })
})

describe('the builder of a count', () => {
  it('says what is seen twice, and what stays behind is no fault', async () => {
    await newFaceUpCount('Seen twice')
    const builder = within(screen.getByTestId('count-builder'))
    const leaves = () =>
      [...screen.getByTestId('count-leaves').querySelectorAll('.card')].map((card) =>
        card.textContent!.trim(),
      )
    await says(() => screen.getAllByTestId('hint')[0]!, 'The four of spades is seen twice in one count')
    await waitFor(() => expect(leaves()).toEqual(['4♠', 'A♠', '3♠', '2♠']))

    await fireEvent.click(builder.getByLabelText('Remove beat 4'))
    await says(() => row('s2'), 'in exchange (under), peel.')
    expect(screen.queryByText('cannot be done')).toBeNull()
    await saved()
    await fireEvent.click(builder.getByText('+ the rest as one'))
    await waitFor(() => expect(leaves()).toHaveLength(4))
    await saved()

    await press('Undo')
    await press('Undo')
    await says(() => screen.getAllByTestId('hint')[0]!, 'seen twice')
    await saved()
  })
})
