import {
  choose,
  fill,
  newRoutine,
  openOnBench,
  press,
  row,
  says,
  select,
  settings,
  stepNames,
  steps,
} from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { demoRoutine, pressKey, saved } from '@/testing/page'
import { fireEvent, screen, waitFor, within } from '@testing-library/vue'
import { describe, expect, it } from 'vitest'

recordedConversation()

const WAGER = demoRoutine(23)
const ledger = (role: number) => screen.getAllByTestId('ledger')[role]!
const nothingIsRed = () =>
  waitFor(() => {
    expect(settings().queryByRole('alert')).toBeNull()
    expect(document.querySelector('[data-step] .text-broken')).toBeNull()
  })

describe('the Bench', () => {
  it('moves threads and ledger when a choice takes another number, and saves nothing', async () => {
    await openOnBench(WAGER)
    await select('return')
    await says(() => ledger(1), '17')

    await fill(await screen.findByLabelText('What they choose: Cards that come to lie below'), '31')

    await says(() => ledger(1), '20')
    await says(() => ledger(0), '21')
    expect(row('return').textContent).toContain('A, Ines’s card, 21 from the top of 52')
    expect(screen.getByTestId('save-state').textContent).toBe('saved')
    await press('as usual')
    await says(() => ledger(1), '17')
  })

  it('says what a step lacks, offers the move that mends it, and shows the rest', async () => {
    const { addMove } = await newRoutine('A break is missing')
    await addMove('cut at the break')
    await says(() => steps()[0]!, 'Nothing holds a break in the deck.')
    await says(() => settings().getByRole('alert'), 'Hold a break')

    await press('Put “Hold a break” before it')

    await waitFor(() => expect(stepNames()).toEqual(['Hold a break', 'Cut at the break']))
    await nothingIsRed()
    await screen.findByText('holds · the only way')
    await saved()
  })

  it('explains a setting that cannot be read beside its field, and does not save it', async () => {
    const { addMove } = await newRoutine('Nonsense')
    await addMove('overhand shuffle')
    await saved()

    await fill(screen.getByLabelText('Chunks, first to last'), '9 seven 8')

    await says(() => settings().getByRole('alert'), '“seven”: each chunk must be an amount')
    await says(() => screen.getByTestId('save-state'), 'a draft, not saved')
    await fill(screen.getByLabelText('Chunks, first to last'), '9 7 rest')
    await nothingIsRed()
    await saved()
  })

  it('drops a draft when it is told to', async () => {
    await newRoutine('To be dropped')
    await press('+ slug')
    await fill(await screen.findByLabelText('Cards of S'), 'ZZ')
    await says(() => screen.getByTestId('save-state'), 'a draft, not saved')

    await press('Drop the draft')

    await saved()
    await waitFor(() =>
      expect(screen.getByLabelText<HTMLInputElement>('Cards of S').value).toBe('9C QH 4S JD'),
    )
  })

  it('makes roles and a set-up, and judges what is claimed', async () => {
    const { addMove } = await newRoutine('From nothing')
    await press('+ selection')
    await fill(await screen.findByLabelText('Owner of A'), 'Bruno')
    await says(() => ledger(0), 'Bruno')
    await press('+ key')
    await fireEvent.update(await screen.findByLabelText('Card of K'), '9C')
    await press('Place a card')
    await fireEvent.update(await screen.findByLabelText('Placed card 1'), '9C')
    await says(() => ledger(1), '52')

    await select('set-up')
    await addMove('spread')
    await choose('But not', 'bottom')
    await addMove('return key dropped')
    await press('Claim something after this step')

    await says(() => screen.getAllByTestId('finding')[0]!, 'Bruno’s card lies directly below key K (9♣)')
    await says(() => screen.getAllByTestId('verdict')[0]!, 'always · all 459 ways')
    await saved()
  })

  it('makes a selection for each pick, and each return takes the one that is out', async () => {
    const { addMove } = await newRoutine('Two of them')
    await addMove('spread, free pick')
    await addMove('spread, free pick')
    await waitFor(() => expect(screen.getAllByTestId('ledger')).toHaveLength(2))
    await says(() => ledger(1), 'Bruno')
    await addMove('return on the lower')
    expect(screen.getByLabelText<HTMLSelectElement>('Goes back').value).toBe('A')
    await addMove('return on the lower')
    expect(screen.getByLabelText<HTMLSelectElement>('Goes back').value).toBe('B')
    await nothingIsRed()
    await saved()
  })

  it('says what is not filled in, and does not judge it', async () => {
    const { addMove } = await newRoutine('Open')
    await addMove('put into a thing')

    await says(() => screen.getByTestId('still-open'), '1 step is not filled in')
    await saved()
  })

  it('says what speaks of a card before it is taken out, and takes that out too', async () => {
    const { addMove } = await newRoutine('Not followed')
    await addMove('spread, free pick')
    await select('set-up')
    await fireEvent.click(await screen.findByLabelText('Remove A'))
    await screen.findByText('Step 1 (Spread, free pick)')
    await press('Leave everything')
    expect(ledger(0)).toBeTruthy()

    await fireEvent.click(await screen.findByLabelText('Remove A'))
    await press('Take all of it out')

    await screen.findByText('Card A is out now, with what spoke of it.')
    expect(screen.queryByLabelText('Remove A')).toBeNull()
    await saved()
  })

  it('explains the deck once, and again when asked', async () => {
    localStorage.setItem('deck-tour', '0')
    await openOnBench(WAGER)
    const tour = () => within(screen.getByTestId('deck-tour'))
    for (let step = 1; step <= 4; step++) {
      await says(() => screen.getByTestId('deck-tour'), `${step} of 4`)
      await fireEvent.click(tour().getByText(step < 4 ? 'Next' : 'Done'))
    }
    await waitFor(() => expect(screen.queryByTestId('deck-tour')).toBeNull())

    await pressKey('?')
    await press('Explain the deck')
    await says(() => screen.getByTestId('deck-tour'), '1 of 4')
    await fireEvent.click(tour().getByText('Skip'))
    await waitFor(() => expect(screen.queryByTestId('deck-tour')).toBeNull())
  })

  it('leads to the step of a hint, and a hint that is put aside does not come again', async () => {
    const { addMove } = await newRoutine('Just there it is')
    await press('+ key')
    await fireEvent.update(await screen.findByLabelText('Card of K'), 'AS')
    await addMove('false cut')
    await addMove('turn the top card')
    const hint = () => screen.getByTestId('hint')
    await says(hint, 'just there it is')
    await select('s1')
    await saved()

    await fireEvent.click(within(hint()).getByText('step 2'))
    await waitFor(() => expect(row('s2').querySelector('[aria-current=step]')).toBeTruthy())
    await fireEvent.click(within(hint()).getByText('not for me'))

    await waitFor(() => expect(screen.queryByTestId('hint')).toBeNull())
  })

  it('does not force a card twice on the people of tonight', async () => {
    await openOnBench(demoRoutine(1))
    const audience = within(await screen.findByLabelText('The people of tonight'))
    expect(screen.queryByTestId('hint')).toBeNull()

    await fireEvent.click(audience.getByText('They have seen this one'))
    await says(() => screen.getByTestId('hint'), 'has been forced on these people already')
    await fill(screen.getByLabelText('Cards forced on them already'), 'QQ')
    await says(() => audience.getByRole('alert'), 'it must be a card')
    await fireEvent.click(audience.getByText('New people'))

    await waitFor(() => expect(screen.queryByTestId('hint')).toBeNull())
  })
})
