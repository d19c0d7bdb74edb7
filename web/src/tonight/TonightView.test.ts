import { choose, fill, press, says } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { demoSet, openPage, pressKey } from '@/testing/page'
import { fireEvent, screen, waitFor, within } from '@testing-library/vue'
import { describe, expect, it } from 'vitest'

const answered = recordedConversation()

const acts = () => screen.getAllByTestId('act')
const order = () =>
  screen.getAllByLabelText(/^Words that lead to/).map((words) => words.getAttribute('aria-label'))
const kept = (path: string) => waitFor(() => expect(answered()).toContain(path))

describe('a set', () => {
  it('says what does not go together, and takes a better order', async () => {
    await openPage(`/tonight/${demoSet(0)}`)
    await screen.findByText(/is for two things/)
    await screen.findByText(/Q♦ is forced in/)

    await press('Seek a better order')
    await says(() => screen.getByTestId('better-order'), 'It is a closer.')
    await press('Take it')

    await says(() => acts()[2]!, 'Always on deck')
    await waitFor(() => expect(screen.queryByTestId('better-order')).toBeNull())
  })

  it('is changed by keys, by its place and by its people, and kept', async () => {
    const set = demoSet(1)
    await openPage(`/tonight/${set}`)
    await waitFor(() => expect(acts()).toHaveLength(3))
    const [first, second] = order()
    const words = screen.getAllByLabelText(/^Words that lead to/)[1]!
    words.focus()
    await fireEvent.keyDown(words, { key: 'ArrowUp', altKey: true })
    await waitFor(() => expect(order().slice(0, 2)).toEqual([second, first]))
    await fireEvent.click(screen.getByLabelText('a table'))
    await waitFor(() =>
      expect(screen.getAllByText(/needs a table, and there is none/).length).toBeGreaterThan(0),
    )
    await kept(`PUT /api/sets/${set}`)

    await fireEvent.click(screen.getByLabelText('a table'))
    await fireEvent.click(screen.getAllByLabelText(/^Take .* out of the set/)[2]!)
    await waitFor(() => expect(acts()).toHaveLength(2))
  })

  it('shows where everything is, act by act', async () => {
    await openPage(`/tonight/${demoSet(0)}`)
    await says(() => screen.getByTestId('places'), 'At the beginning')

    await fireEvent.click(screen.getByLabelText('After that'))

    await says(() => within(screen.getByTestId('places')).getByRole('status'), 'After 1')
  })

  it('ticks what is to be put right, and says how long it took', async () => {
    await openPage(`/tonight/${demoSet(0)}`)
    const list = await screen.findByTestId('reset-list')
    for (let reset = within(list).getAllByRole('listitem').length; reset > 0; reset--) {
      await pressKey('x')
    }

    await says(() => screen.getByTestId('reset-list'), 'as you timed it')
  })

  it('takes routines that are found by their titles', async () => {
    await openPage(`/tonight/${demoSet(1)}`)
    await press('+ Add routines')
    await fill(await screen.findByLabelText('Find a routine'), 'Four lamps')
    await fireEvent.click(await screen.findByLabelText('Add Four lamps'))
    await press('Done')

    await waitFor(() => expect(acts().at(-1)!.textContent).toContain('Four lamps'))
  })

  it('is for somebody, and says what they have seen', async () => {
    await openPage(`/tonight/${demoSet(1)}`)
    const people = await screen.findByLabelText<HTMLSelectElement>('For whom')
    await waitFor(() => expect(people.options.length).toBeGreaterThan(1))

    await choose('For whom', people.options[1]!.value)

    await kept(`PUT /api/sets/${demoSet(1)}`)
  })
})
