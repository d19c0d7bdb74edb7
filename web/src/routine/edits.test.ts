import { plainSetUp } from './index'
import type { Catalogue, Move, Routine } from '@/api/client'
import { describe, expect, it } from 'vitest'
import {
  addClaim,
  addRole,
  addStep,
  changeSetting,
  duplicateStep,
  moveStep,
  newClaimSpec,
  newStep,
  removeStep,
} from './edits'
import { findMoves } from '@/moves'
import { knownPlaces, placeLabel } from './places'

const setting = (name: string, kind: string, usual: string, optional = false) => ({
  name,
  label: name,
  kind,
  usual,
  begins: usual,
  roleKind: usual === 'K' ? 'key' : 'selection',
  use: 'names',
  optional,
  bySpectator: false,
  piles: true,
  parts: false,
  options: [],
})

const move = (id: string, name: string, settings: Move['settings']): Move => ({
  id,
  name,
  family: id.split('-')[0]!,
  bySpectator: false,
  difficulty: 1,
  secret: false,
  table: false,
  angles: '',
  effect: 'The packet goes elsewhere.',
  attention: '',
  watch: [],
  faults: [],
  cautions: [],
  own: false,
  basic: false,
  settings,
})

const catalogue: Catalogue = {
  occasions: [],
  looks: [],
  families: [
    { id: 'cut', label: 'Cuts' },
    { id: 'return', label: 'Returns' },
  ],
  moves: [
    move('cut-complete', 'Complete cut', [setting('depth', 'amount', '20-32')]),
    move('cut-false', 'False cut', []),
    move('return-key', 'Return to the key', [
      setting('role', 'role', 'A'),
      setting('key', 'role', 'K'),
      setting('as', 'role', '', true),
    ]),
  ],
  claims: [
    {
      id: 'below',
      name: 'Below',
      onlyJudged: false,
      settings: [setting('role', 'role', 'A'), setting('nth', 'amount', '1')],
    },
  ],
}

const routine: Routine = {
  format: 'crafty-pocket/routine',
  version: 1,
  title: 'T',
  summary: '',
  tags: [],
  setUp: plainSetUp(),
  roles: [
    { letter: 'B', kind: 'selection', owner: 'Ines', card: '' },
    { letter: 'K', kind: 'key', owner: '', card: '' },
  ],
  steps: ['s1', 's2', 's3'].map((id) => ({
    id,
    move: 'cut-complete',
    settings: { depth: '5' },
    look: 'as-taught',
    then: 'as-taught',
    cover: '',
    seconds: 0,
    before: 'as-taught',
    note: '',
  })),
  claims: [
    {
      id: 'c1',
      after: 's2',
      claim: { kind: 'below', settings: { role: 'B' }, not: false, or: [] },
      believed: false,
    },
  ],
  ownMoves: [],
  outs: [],
}

const ids = (r: Routine) => r.steps.map((s) => s.id).join(' ')

describe('edits', () => {
  it('puts a new step after the selected one, with roles of the fitting kind', () => {
    const { step } = newStep(routine, catalogue.moves[2]!)

    expect(step).toMatchObject({ id: 's4', settings: { role: 'B', key: 'K', as: '' } })
    expect(ids(addStep(routine, step, 's1'))).toBe('s1 s4 s2 s3')
    expect(ids(addStep(routine, step, ''))).toBe('s4 s1 s2 s3')
  })

  it('makes the roles that a step needs, each its own', () => {
    const pick = move('pick', 'Pick', [{ ...setting('role', 'role', 'A'), use: 'makes' }])
    const back = move('back', 'Back', [{ ...setting('role', 'role', 'A'), use: 'returns' }])
    const none = { ...routine, roles: [], steps: [] }

    const first = newStep(none, pick)
    expect(first.routine.roles).toMatchObject([{ letter: 'A', kind: 'selection', owner: 'Ines' }])
    expect(first.step.settings.role).toBe('A')

    const chosen = [{ letter: 'A', chosen: true, out: true }]
    const second = newStep(first.routine, pick, chosen)
    expect(second.routine.roles).toMatchObject([{ owner: 'Ines' }, { letter: 'B', owner: 'Bruno' }])
    expect(second.step.settings.role).toBe('B')

    const both = [
      { letter: 'A', chosen: true, out: false },
      { letter: 'B', chosen: true, out: true },
    ]
    expect(newStep(second.routine, back, both).step.settings.role).toBe('B')
    expect(newStep(second.routine, back, both).routine).toBe(second.routine)
  })

  it('places a key that it makes, so that it is somewhere', () => {
    const none = { ...routine, roles: [], steps: [] }
    const made = newStep(none, move('drop', 'Drop', [setting('key', 'role', 'K')])).routine

    expect(made.roles).toMatchObject([{ letter: 'K', kind: 'key', card: '9C' }])
    expect(made.setUp.placements).toEqual([{ card: '9C', nth: 1, from: 'bottom' }])
  })

  it('moves, duplicates and removes steps without touching the old routine', () => {
    expect(ids(moveStep(routine, 's3', 0))).toBe('s3 s1 s2')
    expect(ids(moveStep(routine, 's1', 9))).toBe('s2 s3 s1')
    expect(ids(moveStep(routine, 'gone', 0))).toBe('s1 s2 s3')
    expect(ids(duplicateStep(routine, 's2').routine)).toBe('s1 s2 s4 s3')
    expect(ids(routine)).toBe('s1 s2 s3')
  })

  it('keeps a claim when its step is removed', () => {
    expect(removeStep(routine, 's2').claims[0]!.after).toBe('s1')
    expect(removeStep(removeStep(routine, 's1'), 's2').claims[0]!.after).toBe('')
  })

  it('changes one setting only', () => {
    const changed = changeSetting(routine, 's2', 'depth', '9')

    expect(changed.steps.map((s) => s.settings.depth)).toEqual(['5', '9', '5'])
  })

  it('gives a new role the next free letter of its kind', () => {
    expect(addRole(routine, 'selection').roles.at(-1)!.letter).toBe('A')
    expect(addRole(routine, 'key').roles.at(-1)!.letter).toBe('L')
    expect(addRole(routine, 'helper').roles.at(-1)!.letter).toBe('H')
  })

  it('makes claims about roles that there are', () => {
    const claim = newClaimSpec(routine, 'below', catalogue)

    expect(claim.settings).toEqual({ role: 'B', nth: '1' })
    expect(addClaim(routine, claim, 's1').claims.at(-1)).toMatchObject({ id: 'c2', after: 's1' })
  })
})

describe('finding moves', () => {
  it('finds by the beginnings of words, names first', () => {
    const names = (typed: string) => findMoves(catalogue, typed).map((m) => m.name)

    expect(names('cut')).toEqual(['Complete cut', 'False cut'])
    expect(names('fal cu')).toEqual(['False cut'])
    expect(names('packet')).toHaveLength(3)
    expect(names('')).toHaveLength(3)
    expect(names('xyz')).toEqual([])
  })
})

describe('places', () => {
  it('offers the hands of spectators and the piles in use', () => {
    const used = changeSetting(routine, 's1', 'to', 'table:left')

    expect(knownPlaces(used)).toEqual(expect.arrayContaining(['deck', 'spectator:Ines', 'table:left']))
    expect(placeLabel('spectator:Ines')).toBe('Ines’s hand')
    expect(placeLabel('table:left')).toBe('table: left')
  })
})
