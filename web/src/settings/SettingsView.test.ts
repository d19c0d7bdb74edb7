import { fill, press, says } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { openPage } from '@/testing/page'
import { fireEvent, screen, waitFor } from '@testing-library/vue'
import { describe, expect, it } from 'vitest'

recordedConversation()

const people = () => screen.queryAllByTestId('people').map((each) => each.textContent!)

describe('the settings', () => {
  it('write all words for one hand', async () => {
    await openPage('/settings')
    await fireEvent.click(await screen.findByLabelText('left-handed performers'))
    await waitFor(() =>
      expect(screen.getByLabelText<HTMLInputElement>('left-handed performers').checked).toBe(true),
    )

    await fireEvent.click(screen.getByLabelText('right-handed performers'))

    await waitFor(() =>
      expect(screen.getByLabelText<HTMLInputElement>('right-handed performers').checked).toBe(true),
    )
  })

  it('remember people, tell what they have seen, and forget them', async () => {
    await openPage('/settings')
    await waitFor(() => expect(people().length).toBeGreaterThan(0))
    const known = people().length
    await fill(screen.getByLabelText('Name of the people'), 'The engineers')
    await press('Add people')
    await waitFor(() => expect(people()).toHaveLength(known + 1))

    await fireEvent.click(screen.getByLabelText('What The engineers have seen'))
    await says(() => screen.getByLabelText('People'), 'Nothing yet.')
    await fireEvent.click(screen.getByLabelText('Forget The engineers'))

    await waitFor(() => expect(people()).toHaveLength(known))
  })

  it('are dark when they are told to', async () => {
    await openPage('/settings')
    const dark = await screen.findByLabelText<HTMLInputElement>('dark screens')
    const before = document.documentElement.className

    await fireEvent.click(dark)

    await waitFor(() => expect(document.documentElement.className).not.toBe(before))
    await fireEvent.click(dark)
  })
})
