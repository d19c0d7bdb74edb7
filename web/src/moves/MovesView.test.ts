import { choose, fill, says } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { openPage } from '@/testing/page'
import { fireEvent, screen, waitFor, within } from '@testing-library/vue'
import { describe, expect, it } from 'vitest'

const answered = recordedConversation()

const found = () =>
  [...document.querySelectorAll('.move > span:first-child')].map((each) => each.textContent!.trim())

async function opened(path: string) {
  const page = await openPage(path)
  await waitFor(() => expect(found().length).toBeGreaterThan(90))
  return page
}

describe('the moves', () => {
  it('can be played with on a small deck', async () => {
    await opened('/moves/spread-cull')
    const picture = () => screen.getByTestId('play-deck')
    await says(picture, 'Spread the deck')
    await waitFor(() => expect(picture().querySelector('svg')).toBeTruthy())
    const before = picture().querySelector('svg')!.innerHTML

    await fill(screen.getByLabelText('What they choose: Where they stop'), '12')

    await says(picture, 'stop at 12')
    expect(picture().querySelector('svg')!.innerHTML).not.toBe(before)
  })

  it('are filtered by what hands and table allow', async () => {
    await opened('/moves')
    await choose('Difficulty', '1')
    await fireEvent.click(screen.getByLabelText('without a table'))

    await waitFor(() => expect(found()).not.toContain('Pass at the break'))
    expect(found()).not.toContain('Force by a crosswise cut')
    expect(found()).toContain('Complete cut')
  })

  it('are asked for once, when only those that somebody can do are wanted', async () => {
    await opened('/moves')
    await fireEvent.click(screen.getByLabelText('I can do it'))
    expect(screen.getByText(/Tick what you do/)).toBeTruthy()
    const basics = within(screen.getByTestId('basics'))
    expect(basics.getAllByRole('checkbox')).toHaveLength(12)

    await fireEvent.click(basics.getByLabelText(/Double undercut/))
    await says(() => screen.getByRole('main'), /1 of \d+ moves/)
    await fireEvent.click(basics.getByLabelText(/Double undercut/))
    await says(() => screen.getByRole('main'), /0 of \d+ moves/)
    await waitFor(() => expect(answered().filter((each) => each.startsWith('PUT'))).toHaveLength(2))
  })

  it('are worded for the left hand too', async () => {
    await opened('/moves/pass')
    await screen.findByText(/from above and from the right/)

    await fireEvent.click(screen.getByText('Right-handed'))
    await screen.findByText(/from above and from the left/)
    await fireEvent.click(screen.getByText('Left-handed'))

    await screen.findByText(/from above and from the right/)
  })
})
