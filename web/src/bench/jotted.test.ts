import type { Catalogue, Move, Setting } from '@/api/client'
import { plainSetUp } from '@/routine'
import { routine as routineOf } from '@/routine/testRoutine'
import { describe, expect, it } from 'vitest'
import { putIn, type JottedLine, type Reading, type Taken } from './jotted'

const setting = (name: string, kind: string, more: Partial<Setting> = {}): Setting => ({
  name,
  label: name,
  kind,
  usual: '',
  begins: '',
  roleKind: '',
  use: 'names',
  optional: false,
  bySpectator: false,
  piles: true,
  parts: false,
  options: [],
  ...more,
})

const selection = (use: string) => setting('role', 'role', { roleKind: 'selection', use })
const move = (id: string, ...settings: Setting[]) => ({ id, name: id, settings }) as unknown as Move

const CATALOGUE = {
  moves: [
    move('pick', selection('makes')),
    move('back', selection('returns')),
    move('cut', setting('depth', 'amount', { begins: '20-32' })),
  ],
} as unknown as Catalogue

const reading = (id: string, more: Partial<Reading> = {}): Reading => ({
  move: id,
  settings: {},
  times: 1,
  person: '',
  quoted: '',
  sureness: 'sure',
  left: [],
  ...more,
})

const line = (text: string, when?: JottedLine['when']): JottedLine => ({
  from: 0,
  to: 0,
  text,
  readings: [],
  when,
})
const waiting = (from: number, occasion: string, end = '') => ({
  from,
  words: 'they do',
  occasion,
  end,
  key: false,
})

const empty = { ...routineOf('', []), setUp: plainSetUp('52') }

const put = (lines: { line: JottedLine; taken: Taken }[], routine = empty, after = '') =>
  putIn({ routine, after, now: [] }, lines, CATALOGUE, [])

describe('putting lines into a routine', () => {
  it('keeps their order, as often as they say, with what they state', () => {
    const { routine, last } = put([
      { line: line('pick'), taken: reading('pick', { person: 'Anselm', quoted: 'Any berth.' }) },
      { line: line('nothing'), taken: 'nothing' },
      { line: line('two cuts'), taken: reading('cut', { times: 2, settings: { depth: '9' } }) },
    ])

    expect(routine.steps.map((s) => `${s.id} ${s.move}`)).toEqual(['s1 pick', 's2 cut', 's3 cut'])
    expect(routine.steps[0]).toMatchObject({ note: 'Any berth.', settings: { role: 'A' } })
    expect(routine.steps[2]!.settings).toEqual({ depth: '9' })
    expect(routine.roles).toMatchObject([{ letter: 'A', kind: 'selection', owner: 'Anselm' }])
    expect(last).toBe('s3')
  })

  it('gives each person a card, and returns to each their own', () => {
    const { routine } = put([
      { line: line('1'), taken: reading('pick', { person: 'Anselm' }) },
      { line: line('2'), taken: reading('pick', { person: 'Tove' }) },
      { line: line('3'), taken: reading('back', { person: 'Anselm' }) },
      { line: line('4'), taken: reading('back', { person: 'Tove' }) },
      { line: line('5'), taken: reading('pick', { person: 'Tove' }) },
    ])

    expect(routine.steps.map((s) => s.settings.role).join('')).toBe('ABABC')
    expect(routine.roles.map((r) => r.owner)).toEqual(['Anselm', 'Tove', 'Tove'])
  })

  it('adds notes to the step before, or to the set-up, and cuts them where a note ends', () => {
    const long = 'x'.repeat(3000)
    const { routine } = put([
      { line: line('lights down'), taken: 'note' },
      { line: line('cut'), taken: reading('cut') },
      { line: line('the captain coughs'), taken: 'note' },
      { line: line(long), taken: 'note' },
    ])

    expect(routine.setUp.note).toBe('lights down')
    expect(routine.steps[0]!.note).toMatch(/^the captain coughs\nx/)
    expect(routine.steps[0]!.note).toHaveLength(2000)
    expect(put([{ line: line(long), taken: 'note' }]).routine.setUp.note).toHaveLength(1000)
  })

  it('makes one out of the lines of one clause; it goes on at the next step', () => {
    const { routine } = put([
      { line: line('cut'), taken: reading('cut') },
      { line: line('wait', waiting(4, 'shuffling')), taken: reading('cut', { settings: { depth: '1' } }) },
      { line: line('and', waiting(4, 'shuffling')), taken: reading('cut', { settings: { depth: '2' } }) },
      { line: line('pick'), taken: reading('pick') },
      { line: line('last', waiting(9, 'other')), taken: reading('cut') },
    ])

    expect(routine.outs.map((o) => [o.id, o.occasion, o.after, o.rejoin, o.steps.length, o.says])).toEqual([
      ['o1', 'shuffling', 's1', 's4', 2, 'they do'],
      ['o2', 'other', 's4', '', 1, 'they do'],
    ])
    const ids = [...routine.steps, ...routine.outs.flatMap((o) => o.steps)].map((s) => s.id)
    expect(new Set(ids).size).toBe(5)
  })

  it('lets a step depend on where a card lies', () => {
    const { routine } = put([
      { line: line('pick'), taken: reading('pick') },
      { line: line('cut', waiting(3, '', 'top')), taken: reading('cut') },
    ])

    expect(routine.outs).toEqual([])
    expect(routine.steps[1]!.onlyIf).toMatchObject({
      kind: 'position',
      settings: { role: 'A', nth: '1', from: 'top' },
    })
  })

  it('goes in after the step that is selected, and an out at the end rejoins the one behind', () => {
    const there = { ...empty, ...routineOf('x y', []), setUp: empty.setUp }
    const { routine } = put(
      [
        { line: line('cut'), taken: reading('cut') },
        { line: line('wait', waiting(4, 'cutting')), taken: reading('cut') },
      ],
      there,
      'x',
    )

    expect(routine.steps.map((s) => s.id)).toEqual(['x', 's1', 'y'])
    expect(routine.outs[0]).toMatchObject({ after: 's1', rejoin: 'y' })
    expect(there.steps).toHaveLength(2)
  })
})
