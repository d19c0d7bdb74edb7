import { choose, openOnBench, press, says, select } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { demoRoutine, saved } from '@/testing/page'
import { fireEvent, screen, within } from '@testing-library/vue'
import { describe, it } from 'vitest'

recordedConversation()

describe('what is seen', () => {
  it('is told of everybody, and of one person what is turned to them', async () => {
    await openOnBench(demoRoutine(26))
    await select('three1')
    await says(() => screen.getByTestId('seen'), 'nothing but backs')

    await choose('Seen by', 'Ines')
    await says(() => screen.getByTestId('seen'), /3♦\s*Ines/)
    await says(() => screen.getByTestId('so-far'), 'knows the name of Ines’s card')
    await choose('Seen by', 'Bruno')
    await says(() => screen.getByTestId('seen'), 'nothing but backs')

    await choose('Shown to', '')
    await says(() => screen.getByTestId('seen'), '3♦')
    await saved()
  })

  it('and what people believe are set side by side', async () => {
    await openOnBench(demoRoutine(5))
    await select('open')
    const believed = () => screen.getByLabelText('What they believe')
    await says(believed, 'The other hand is taken for 4 cards')
    await says(believed, 'it is not so')
    await says(() => screen.getByTestId('in-view'), /the other hand\s*back/)

    await press('Lead them to believe something here')
    await fireEvent.update(await within(believed()).findByLabelText('What must be true'), 'face-up-count')
    await fireEvent.update(await within(believed()).findByLabelText('Cards face up: number'), '4')
    await says(believed, '4 cards of the deck lie face up')
    await saved()
    await fireEvent.click(within(believed()).getByText('remove'))
    await says(believed, /^(?!.*lie face up)/s)
    await saved()
  })
})
