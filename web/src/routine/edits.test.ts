import { plainSetUp } from './index'
import type { Catalogue, Move, Routine } from '@/api/client'
import { describe, expect, it } from 'vitest'
import { addClaim, changeSetting, newClaimSpec } from './edits'
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

describe('edits', () => {
  it('changes one setting only', () => {
    const changed = changeSetting(routine, 's2', 'depth', '9')

    expect(changed.steps.map((s) => s.settings.depth)).toEqual(['5', '9', '5'])
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
