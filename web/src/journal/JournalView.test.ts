import { choose, says } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { openPage } from '@/testing/page'
import { screen, waitFor, within } from '@testing-library/vue'
import { describe, expect, it } from 'vitest'

recordedConversation()

const entries = () => screen.getAllByTestId('entry')

describe('the journal', () => {
  it('tells of each performance: for whom, how it went', async () => {
    await openPage('/journal')
    await waitFor(() => expect(entries().length).toBeGreaterThan(1))

    expect(entries()[0]!.textContent).toMatch(/performed|rehearsed/)
    const table = await screen.findByLabelText('By routine')
    expect(table.querySelectorAll('tbody tr').length).toBeGreaterThan(1)
  })

  it('shows one kind of entry', async () => {
    await openPage('/journal')
    await waitFor(() => expect(entries().length).toBeGreaterThan(1))

    await choose('Show', 'performance')

    await waitFor(() => expect(entries().every((each) => each.textContent!.includes('performed'))).toBe(true))
  })

  it('says so where nothing is written down', async () => {
    await openPage('/journal')
    await screen.findAllByTestId('entry')

    await choose('Show', 'rehearsal')

    await says(() => screen.getByRole('main'), 'Nothing is written down for this yet.')
    expect(within(screen.getByRole('main')).queryByTestId('entry')).toBeNull()
  })
})
