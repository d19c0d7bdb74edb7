import { fill, newRoutine, press, row, says, select, stepNames } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { pressKey, saved } from '@/testing/page'
import { fireEvent, screen, waitFor } from '@testing-library/vue'
import { describe, expect, it } from 'vitest'

recordedConversation()

const LINES = `key on the bottom
Anselm: spread, free pick
return under it · two cuts
if they insist on shuffling, false shuffle
the captain coughs
deal to the key and one more`

const line = (text: string) =>
  screen.getByLabelText<HTMLSelectElement>(`“${text}” means`).closest<HTMLElement>('[data-line]')!

async function jot(text: string): Promise<void> {
  await pressKey('j')
  await fill(await screen.findByLabelText(/A move a line/), text)
}

describe('jotting a routine down', () => {
  it('makes steps, notes and an out of lines, in one edit that can be undone', async () => {
    await newRoutine('Jotted down')
    await jot(LINES)
    await waitFor(() => expect(document.querySelectorAll('[data-line]')).toHaveLength(7))

    expect(line('two cuts').textContent).toContain('2 times')
    expect(line('Anselm: spread, free pick').textContent).toContain('Anselm')
    expect(line('false shuffle').textContent).toContain('an out, if they insist on shuffling')
    expect(screen.getByLabelText<HTMLSelectElement>('“the captain coughs” means').value).toBe('note')
    await press('Add 7 steps')

    await waitFor(() =>
      expect(stepNames()).toEqual([
        'Glimpse',
        'Spread, free pick',
        'Return, key dropped on it',
        'Complete cut',
        'Complete cut',
        'Deal face up past the key',
      ]),
    )
    await says(() => row('s2'), 'Anselm')
    await screen.findByText(/If they insist on shuffling/)
    await saved()
    await select('s5')
    await screen.findByDisplayValue('the captain coughs')

    await press(/^Undo/)
    await waitFor(() => expect(stepNames()).toEqual([]))
  })

  it('takes another reading, or leaves a line out; what was chosen stays while more is written', async () => {
    await newRoutine('Chosen')
    await jot('shuffle · pass')
    await waitFor(() => expect(document.querySelectorAll('[data-line]')).toHaveLength(2))

    const meaning = screen.getByLabelText<HTMLSelectElement>('“pass” means')
    await fireEvent.update(meaning, 'nothing')
    const field = screen.getByLabelText<HTMLTextAreaElement>(/A move a line/)
    await fill(field, 'shuffle · pass · if the key is on top, cut')
    await waitFor(() => expect(document.querySelectorAll('[data-line]')).toHaveLength(3))
    expect(screen.getByLabelText<HTMLSelectElement>('“pass” means').value).toBe('nothing')
    expect(line('cut').textContent).toContain('only if the key is on top')
    await press('Add 2 steps')

    await waitFor(() => expect(stepNames()).toEqual(['Overhand shuffle', 'Complete cut']))
    await saved()
  })
})
