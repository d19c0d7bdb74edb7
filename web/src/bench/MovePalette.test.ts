import { useCatalogue } from '@/api/catalogue'
import { fill } from '@/testing/bench'
import { recordedConversation } from '@/testing/conversation'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { render, screen } from '@testing-library/vue'
import { createPinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import { defineComponent, h } from 'vue'
import MovePalette from './MovePalette.vue'

recordedConversation()

describe('the palette of moves', () => {
  it('lists each move first when its name is typed', async () => {
    let catalogue: ReturnType<typeof useCatalogue> | undefined
    const Held = defineComponent(() => {
      catalogue = useCatalogue()
      return () => h(MovePalette, { catalogue: catalogue!.value, open: true })
    })
    render(Held, { global: { plugins: [createPinia(), VueQueryPlugin] } })
    await screen.findByText('Complete cut')

    for (const move of catalogue!.value.moves) {
      await fill(screen.getByLabelText('Find a move'), move.name)
      expect(screen.getAllByRole('option')[0]!.querySelector('strong')!.textContent).toBe(move.name)
    }
  })
})
