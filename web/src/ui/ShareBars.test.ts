import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import ShareBars from './ShareBars.vue'

const bars = (count: number) =>
  Array.from({ length: count }, (_, i) => ({ value: i + 1, share: (i + 1) / count }))

describe('bars of shares', () => {
  it('say their number and share, and which is best', () => {
    const wrapper = mount(ShareBars, { props: { bars: bars(4), label: 'By depth', best: 3 } })

    expect(wrapper.find('ol').attributes('aria-label')).toBe('By depth')
    expect(wrapper.findAll('button').map((b) => b.attributes('aria-label'))).toEqual([
      '1: 25 %',
      '2: 50 %',
      '3: 75 %, best',
      '4: 100 %',
    ])
  })

  it('do not round what nearly always holds up to always', () => {
    const wrapper = mount(ShareBars, { props: { bars: [{ value: 1, share: 0.99995 }], label: 'x' } })

    expect(wrapper.find('button').attributes('aria-label')).toBe('1: > 99.9 %')
  })

  it('write only as many numbers as there is room for, and always the best', () => {
    const wrapper = mount(ShareBars, { props: { bars: bars(52), label: 'x', best: 42 } })
    const written = wrapper
      .findAll('.number')
      .map((n) => n.text())
      .filter((text) => text !== '')

    expect(written.length).toBeLessThanOrEqual(15)
    expect(written).toContain('42')
    expect(written).not.toContain('41')
  })

  it('give their value when they are pressed', async () => {
    const wrapper = mount(ShareBars, { props: { bars: bars(3), label: 'x' } })

    await wrapper.findAll('button')[1]!.trigger('click')

    expect(wrapper.emitted('take')).toEqual([[2]])
  })

  it('draw the failing part where all of them would look the same', () => {
    const nearly = [
      { value: 1, share: 0.98 },
      { value: 2, share: 1 },
      { value: 3, share: 0.99 },
    ]
    const heights = (props: { failing?: boolean }) =>
      mount(ShareBars, { props: { bars: nearly, label: 'x', height: 100, ...props } })
        .findAll('.fill')
        .map((fill) => Math.round(parseFloat((fill.element as HTMLElement).style.height)))

    expect(heights({})).toEqual([98, 100, 99])
    expect(heights({ failing: true })).toEqual([100, 0, 50])
    const wrapper = mount(ShareBars, { props: { bars: nearly, label: 'x', failing: true } })
    expect(wrapper.text()).toContain('Drawn is the part that fails: up to 2 %.')
    expect(wrapper.find('button').attributes('aria-label')).toBe('1: 98 %')
  })

  it('draw what works as soon as one of them often fails', () => {
    const wrapper = mount(ShareBars, {
      props: { bars: [...bars(2), { value: 3, share: 0.99 }], label: 'x', failing: true },
    })

    expect(wrapper.text()).not.toContain('the part that fails')
  })
})
