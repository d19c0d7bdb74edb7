import { mount } from '@vue/test-utils'
import { defineComponent } from 'vue'
import { describe, expect, it } from 'vitest'
import { vTyped } from './typed'

const Field = defineComponent({
  directives: { typed: vTyped },
  props: { value: { type: String, required: true }, other: { type: Number, default: 0 } },
  template: '<p>{{ other }}</p><input v-typed="value" />',
})

function field(value: string) {
  const wrapper = mount(Field, { props: { value }, attachTo: document.body })
  const input = wrapper.find('input')
  return { wrapper, input, element: input.element }
}

describe('a field that is read when it is left', () => {
  it('shows its value, and a new one when nobody has typed', async () => {
    const { wrapper, element } = field('first')
    expect(element.value).toBe('first')
    element.focus()
    await wrapper.setProps({ value: 'second' })
    expect(element.value).toBe('second')
  })

  it('keeps what is half typed when the screen is redrawn', async () => {
    const { wrapper, element } = field('')
    element.focus()
    element.value = 'the ferry'
    await wrapper.setProps({ other: 1 })
    expect(element.value).toBe('the ferry')
    await wrapper.setProps({ value: 'from elsewhere' })
    expect(element.value).toBe('the ferry')
  })

  it('shows what was made of the text once the field is left', async () => {
    const { wrapper, element } = field('')
    element.focus()
    element.value = ' the ferry '
    element.blur()
    await wrapper.setProps({ value: 'the ferry' })
    expect(element.value).toBe('the ferry')
  })
})
