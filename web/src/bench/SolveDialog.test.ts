import { choose, newFaceUpCount, openOnBench, press, row, says, select } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { demoRoutine, saved } from '@/testing/page'
import { fireEvent, screen, waitFor, within } from '@testing-library/vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'

recordedConversation()

// The shuffle that is drawn is the same each time.
beforeEach(() => {
  vi.spyOn(Math, 'random').mockReturnValue(0.1)
})

describe('solving for a number', () => {
  it('finds the number to announce, and takes it', async () => {
    await openOnBench(demoRoutine(23))
    await select('deal')
    await press('Solve for …')
    await says(() => screen.getByTestId('solved'), 'Always works with 22–52. Smallest: 22.')
    expect(screen.getByLabelText('22: 100 %, best')).toBeTruthy()

    await fireEvent.click(screen.getByLabelText(/^21: /))

    await says(() => row('deal'), 'Announce 21')
    await saved()
    await press('Undo')
    await says(() => row('deal'), 'Announce 23')
    await saved()
  })

  it('finds the beats of a count that hide a face', async () => {
    await newFaceUpCount('Hidden')
    await press('Claim something after this step')
    const claims = within(await screen.findByLabelText('What must hold'))
    await fireEvent.update(claims.getByLabelText('What must be true'), 'never-seen')
    await fireEvent.update(await claims.findByLabelText('This role or card'), '2S')
    // Turned over, the pack is 4♠ 3♠ 2♠ A♠ from the top: the third is hidden.
    await says(() => screen.getByLabelText('What must hold'), 'The two of spades is never seen by anybody')
    await says(() => claims.getAllByTestId('verdict')[0]!, 'always')
    await fireEvent.update(claims.getByLabelText('This role or card'), '3S')
    await says(() => claims.getAllByTestId('verdict')[0]!, 'never')
    await saved()

    await press('Solve for …')
    const beats = await screen.findByText('2 · Count hiding the third: which beats')
    await choose('What you do not know', (beats as HTMLOptionElement).value)

    await says(() => screen.getByTestId('solved'), /ways? of counting always work/)
  })
})

describe('what was chosen', () => {
  it('is charted, a bar shows its way, and a shuffle is seen again', async () => {
    await openOnBench(demoRoutine(24))
    await screen.findByTitle('holds in 97.5 % · all ways, each weighed')
    await fireEvent.click(screen.getAllByText('By what was chosen')[0]!)
    const byHour = screen.getAllByLabelText('How often it holds, by: Their number')[0]!
    expect(byHour.querySelectorAll('li')).toHaveLength(12)
    expect(within(byHour).getByLabelText('1: 100 %')).toBeTruthy()

    await fireEvent.click(byHour.querySelectorAll('li button')[3]!)
    await press('as usual')

    await select('mix')
    const picture = () => document.querySelector('svg[role=img]')!.innerHTML
    const before = picture()
    await press('Shuffle again')
    await waitFor(() => expect(picture()).not.toBe(before))
    await screen.findByText('as usual')
  })
})
