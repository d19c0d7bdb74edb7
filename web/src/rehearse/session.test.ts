import { describe, expect, it } from 'vitest'
import { begin, divert, go, isOver, record, slip, slips, total } from './session'

describe('a run-through', () => {
  it('times each step, also when it is gone back to', () => {
    let run = begin(['a', 'b'], 1000)
    run = go(run, 1, 3000)
    run = go(run, -1, 3500)
    run = go(run, 1, 4500)
    run = go(run, 1, 6500)

    expect(run.steps.map((s) => s.millis)).toEqual([3000, 2500])
    expect(isOver(run)).toBe(true)
    expect(total(run, 99_999)).toBe(5500)
  })

  it('counts the running step in the time of all', () => {
    expect(total(go(begin(['a', 'b'], 0), 1, 2000), 2700)).toBe(2700)
  })

  it('stays at the first step going back and at the end going on', () => {
    const first = begin(['a'], 0)

    expect(go(first, -1, 10).at).toBe(0)
    expect(go(go(first, 1, 10), 1, 20)).toEqual(go(first, 1, 10))
    expect(go(go(first, 1, 10), -1, 20).at).toBe(0)
  })

  it('goes on by another line, with what was done so far', () => {
    let run = go(begin(['a', 'b', 'c'], 0), 1, 1000)
    run = divert(slip(run), ['x', 'y'], 3000)

    expect(run.steps).toEqual([
      { stepId: 'a', millis: 1000, slips: 0, reasons: [] },
      { stepId: 'b', millis: 2000, slips: 1, reasons: [] },
      { stepId: 'x', millis: 0, slips: 0, reasons: [] },
      { stepId: 'y', millis: 0, slips: 0, reasons: [] },
    ])
    expect(run.at).toBe(2)
    expect(isOver(divert(run, [], 4000))).toBe(true)
  })

  it('keeps slips with their step', () => {
    let run = begin(['a', 'b'], Date.UTC(2026, 4, 4, 20))
    run = slip(slip(go(run, 1, Date.UTC(2026, 4, 4, 20, 0, 1))))
    run = go(run, 1, Date.UTC(2026, 4, 4, 20, 0, 3))

    expect(slips(run)).toBe(2)
    expect(record(run, true)).toEqual({
      startedAt: '2026-05-04T20:00:00.000Z',
      totalMillis: 3000,
      cameOut: true,
      notes: '',
      steps: [
        { stepId: 'a', millis: 1000, slips: 0, reasons: [] },
        { stepId: 'b', millis: 2000, slips: 2, reasons: [] },
      ],
    })
  })
})
