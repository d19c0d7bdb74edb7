import { fill, says } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { openPage } from '@/testing/page'
import { fireEvent, screen, within } from '@testing-library/vue'
import { describe, expect, it } from 'vitest'

recordedConversation()

function tile(title: string) {
  return within(screen.getByLabelText(title))
}

async function opened() {
  await openPage('/reckoner')
  await screen.findByLabelText('Number past the key')
}

describe('a tile of the Reckoner', () => {
  it.each([
    ['Number past the key', '±', '5', 'announce 22 or more', 'announce 24 or more'],
    ['Spelling', 'Or your own words', 'Night ferry', 'letters', '10 letters'],
    ['Depth and thickness', 'Depth', '13', 'mm', '3.8 mm'],
    ['Count a packet', 'Packet', '5', '4 pass for 4', '5 pass for 4'],
  ])('%s follows its numbers', async (title, label, typed, before, after) => {
    await opened()
    const answer = () => tile(title).getByTestId('reckoned')
    await says(answer, before)

    await fill(tile(title).getByLabelText(label), typed)

    await says(answer, after)
  })

  it('tells how random a shuffle leaves the pack, as published', async () => {
    await opened()

    await says(() => tile('How random is it?').getByTestId('reckoned'), '33.4 % from random')
  })

  it('follows a bar that is pressed', async () => {
    await opened()
    await fireEvent.click(await tile('Unequal packets riffled').findByLabelText('26: 50 %'))

    await says(() => tile('Unequal packets riffled').getByTestId('reckoned'), 'top stays in 50 %')
  })

  it('says what is wrong with what is given, and keeps the answer before', async () => {
    await opened()
    const spelling = () => screen.getByLabelText('Double spelling')
    await says(spelling, 'cut 27 from the face')

    await fill(tile('Double spelling').getByLabelText('Selection, on the face'), '??')

    await says(() => within(spelling()).getByRole('alert'), 'it must be a card with a name')
  })

  it('tells an order under riffles by its hours', async () => {
    await opened()
    const order = () => screen.getByLabelText('An order under riffles')
    await says(order, /at 7 right in 99\.\d %/)
    await fireEvent.click(within(order()).getByLabelText(/^1: 0 %/))
    await says(order, 'at 1 they have the key itself')

    await fill(tile('An order under riffles').getByLabelText('Riffles'), '3')
    await fireEvent.click(await within(order()).findByLabelText(/^7: 6/))

    await says(order, /at 7 right in 6\d\.?\d* %/)
  })

  it('counts beat by beat, and says when the packet is too small for them', async () => {
    await opened()
    await says(() => screen.getByLabelText('Count a packet'), '4 pass for 4')

    await fireEvent.click(tile('Count a packet').getByText('+ top card'))

    await says(() => screen.getByLabelText('Count a packet'), 'too few cards')
    expect(tile('Count a packet').getByTestId('reckoned').textContent).not.toBe('')
  })
})
