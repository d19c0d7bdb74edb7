import { fill, says } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { nothingInSight, openPage } from '@/testing/page'
import { fireEvent, screen, waitFor, within } from '@testing-library/vue'
import { describe, expect, it } from 'vitest'

recordedConversation()

const cards = () => screen.getAllByTestId('routine')
const card = (title: string) => cards().find((each) => within(each).queryByText(title))!

async function opened() {
  nothingInSight()
  await openPage('/')
  await waitFor(() => expect(card('The purser’s wager')).toBeTruthy())
}

async function openNew(title: string) {
  nothingInSight()
  const page = await openPage('/')
  await fireEvent.click(await screen.findByText('New routine'))
  await fill(await screen.findByLabelText('What is it called?'), title)
  return page
}

describe('the shelf', () => {
  it('finds routines by words and tags', async () => {
    await opened()
    const search = screen.getByLabelText('Search titles and tags')

    await fill(search, 'FOG')
    await waitFor(() => expect(cards()).toHaveLength(1))
    await says(() => cards()[0]!, 'What the fog keeps')
    await fill(search, 'nowhere')
    await screen.findByText('Nothing on the shelf is called that.')
    await fill(search, '')
    await fireEvent.click(await screen.findByRole('button', { name: 'wager' }))

    await waitFor(() => expect(card('What the fog keeps')).toBeUndefined())
    expect(card('The purser’s wager')).toBeTruthy()
  })

  it.each([
    ['{"format": "notes"}', 'a routine file says crafty-pocket/routine'],
    ['not json', '“notes.json” is not a routine file'],
  ])('explains a file that is no routine: %s', async (text, why) => {
    await opened()
    const file = new File([text], 'notes.json', { type: 'application/json' })
    const input = screen.getByTestId<HTMLInputElement>('routine-file')
    Object.defineProperty(input, 'files', { value: [file] })
    await fireEvent.change(input)

    await says(() => screen.getByRole('alert'), why)
  })

  it('begins a routine with an effect, and proves it', async () => {
    const { address } = await openNew('Found already')
    await fireEvent.click(await screen.findByText('A card is found'))
    await fireEvent.submit(screen.getByLabelText('What is it called?').closest('form')!)

    await screen.findByText('holds · all 130,050 ways')
    expect(address()).toMatch(/^\/bench\//)
  })

  it('begins a routine from its end', async () => {
    await openNew('From the end')
    await fireEvent.click(await screen.findByText(/Say what must be true at the end/))
    await fireEvent.click(screen.getByText('Start'))

    await screen.findByText(/to where this is true:/)
  })
})
