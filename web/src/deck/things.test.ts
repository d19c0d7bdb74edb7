import type { Moment } from '@/api/client'
import { describe, expect, it } from 'vitest'
import { thingBoxes, units, type ThingState, type Unit } from './things'

function thing(name: string, place: string, parts: string[] = [], above = 0): ThingState {
  return { name, label: name, place, spot: place, above, closed: false, parts, written: '' }
}

function moment(piles: Record<string, number>, things: ThingState[]): Moment {
  return {
    piles: Object.entries(piles).map(([place, size]) => ({
      place,
      label: place,
      cards: Array.from({ length: size }, (_, i) => i),
      faceUp: [],
    })),
    things,
  } as unknown as Moment
}

const told = (unit: Unit) => unit.pile?.place ?? unit.thing?.name

describe('things beside the deck', () => {
  it('lie after the piles, each with what it holds', () => {
    const at = moment({ deck: 5, 'in:case/right': 1, 'table:a': 2 }, [
      thing('envelope', 'table:mat', ['in:envelope']),
      thing('case', 'pocket:left', ['in:case/left', 'in:case/right']),
      thing('note', 'in:envelope'),
      thing('photo', 'in:case/left'),
    ])

    expect(units(at).map(told)).toEqual(['deck', 'table:a', 'note', 'photo', 'in:case/right'])
  })

  it('are drawn around what they hold, a slip between cards where it lies', () => {
    const at = moment({ deck: 5, 'in:case': 2 }, [
      thing('case', 'pocket:left', ['in:case']),
      thing('slip', 'in:case', [], 1),
    ])
    const before = moment({ deck: 5 }, [thing('case', 'table:mat', ['in:case'])])
    const boxes = thingBoxes(
      at,
      before,
      (unit) => (unit.pile?.place === 'in:case' ? { x: 100, end: 120 } : undefined),
      (_, depth) => 100 + depth * 10,
    )

    const [outer, slip] = [boxes.find((b) => b.name === 'case')!, boxes.find((b) => b.name === 'slip')!]
    expect(units(at).map(told)).toEqual(['deck', 'in:case'])
    expect(outer.x).toBeLessThan(100)
    expect(outer.end).toBeGreaterThan(120)
    expect(outer.told).toBe('case, pocket:left')
    expect(slip.x).toBeLessThan(110)
    expect(slip.end).toBeGreaterThan(110)
    expect(slip.told).toBe('')
  })
})
