import { cleanup, render, screen } from '@testing-library/vue'
import { afterEach, describe, expect, it } from 'vitest'
import BarChart from './BarChart.vue'
import SeriesList from './SeriesList.vue'

afterEach(cleanup)

const bars = (...all: number[]) =>
  all.map((number, i) => ({ key: `m${i}`, name: `${i}`, all: number, cells: [`${number}`] }))

/** The numbers at the axis, from its foot. */
const axis = () =>
  [...document.querySelectorAll('svg text[text-anchor=end]')].map((text) => Number(text.textContent))

const heights = () =>
  [...document.querySelectorAll('svg rect')].map((rect) => Number(rect.getAttribute('height')))

describe('a chart of bars', () => {
  it.each([
    [[0], [0, 1]],
    [
      [1, 1],
      [0, 1],
    ],
    [[3], [0, 1, 2, 3]],
    [[9], [0, 5, 10]],
    [
      [8, 2],
      [0, 2, 4, 6, 8],
    ],
    [[42], [0, 20, 40, 60]],
    [[1999], [0, 500, 1000, 1500, 2000]],
  ])('of %j has round numbers at its axis, up to the highest bar', (all, numbers) => {
    render(BarChart, { props: { title: 'Bars', columns: ['Month', 'Slips'], bars: bars(...all) } })

    expect(axis()).toEqual(numbers)
  })

  it('draws what came out as the filled part of each bar, and says the same as a table', () => {
    const came = [
      { key: 'May', name: 'May', all: 4, filled: 1, cells: ['4', '25 %'] },
      { key: 'June', name: 'June', all: 2, filled: 2, cells: ['2', '100 %'] },
    ]
    render(BarChart, {
      props: {
        title: 'By month',
        columns: ['Month', 'Runs', 'Came out'],
        legend: { all: 'did not', filled: 'came out' },
        bars: came,
      },
    })

    const [may, mayCame, june, juneCame] = heights()
    expect(mayCame! / may!).toBeCloseTo(1 / 4)
    expect(juneCame).toBe(june)
    // Two of two are no higher than one of four of them.
    expect(june! / may!).toBeCloseTo(1 / 2)
    const rows = screen.getAllByTestId('bar').map((row) => row.textContent)
    expect(rows).toEqual(['May425 %', 'June2100 %'])
  })
})

describe('what was measured again and again', () => {
  const points = (...values: number[]) =>
    values.map((value, i) => ({ day: `2026-01-${String(1 + 7 * i).padStart(2, '0')}`, value }))

  it('tells the first and the last, with its line and its table', () => {
    const series = [
      { key: 'a', name: 'Count', points: points(12, 10, 6) },
      { key: 'b', name: 'Once', points: points(5) },
    ]
    render(SeriesList, { props: { title: 'Seconds', series, told: (value: number) => `${value} s` } })

    const told = screen.getAllByTestId('series').map((row) => row.textContent!.replace(/\s+/g, ' ').trim())
    expect(told).toEqual(['Count12 s → 6 s', 'Once5 s'])
    expect(document.querySelectorAll('tbody tr')).toHaveLength(4)
    const [first] = [...document.querySelectorAll('path[stroke="var(--holds)"]')]
    const ends = first!
      .getAttribute('d')!
      .slice(1)
      .split('L')
      .map((point) => Number(point.split(' ')[1]))
    // The higher a value, the nearer to the top.
    expect(ends[0]!).toBeLessThan(ends[1]!)
    expect(ends[1]!).toBeLessThan(ends[2]!)
  })
})
