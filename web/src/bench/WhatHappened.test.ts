import { choose, openOnBench, row, says, select, storedRoutine } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { demoRoutine, saved } from '@/testing/page'
import { fireEvent, screen } from '@testing-library/vue'
import { describe, expect, it } from 'vitest'

recordedConversation()

async function whatHappened(): Promise<void> {
  await fireEvent.click(screen.getByLabelText('Save as …'))
  await fireEvent.click(await screen.findByText('What happened'))
}

describe('what people think and tell', () => {
  it('stands under each step, and is told as a whole', async () => {
    await openOnBench(demoRoutine(26))
    await choose('Deck', 'seen')
    await says(() => row('p1'), 'They think: Ines’s card is in Ines’s hand.')
    await says(() => row('t1'), 'Orla’s card, which was in the deck, is in the “one” pile.')

    await whatHappened()
    await says(() => screen.getByTestId('told'), 'Ines chooses a card. Bruno chooses a card.')
    await screen.findByText(/Everything can be examined/)
    await choose('Deck', 'real')
    expect(screen.queryByText(/^They think/)).toBeNull()
  })

  it('is a flaw where it must not surprise, and what the performer writes', async () => {
    await openOnBench(demoRoutine(26))
    await select('t1')
    await choose('A surprise here', 'no')
    await says(() => row('t1'), 'They see: Orla’s card, which was in the deck')
    await choose('They take it for', 'words')
    await fireEvent.update(await screen.findByLabelText('What they would tell of it'), 'A berth is opened.')
    await fireEvent.change(screen.getByLabelText('What they would tell of it'))
    await saved()

    await whatHappened()
    await says(() => screen.getByTestId('told'), 'A berth is opened.')
  })

  it('is put right by moves that are looked for from the end', async () => {
    await openOnBench(
      await storedRoutine('Palmed', [{ id: 'p', move: 'palm-top', settings: { count: '1' } }], []),
    )
    await whatHappened()
    await says(() => screen.getByTestId('unclean'), 'lies a card of which nobody knows.')

    await fireEvent.click(screen.getByLabelText(/what would clean it. In .* lies a card/))
    await says(() => screen.getByTestId('bridge-outcome'), /ways? leads? there/)
    await screen.findByLabelText('Insert: Replace palmed cards')
  })
})
