import type { Moment, Survey, Trace } from '@/api/client'
import { describe, expect, it } from 'vitest'
import { cardPath, layOut } from './geometry'
import { roleStyle } from './roleStyle'

const FRAME = { width: 520, rowHeight: 80, slotHeight: 20, slotTop: 20 }

function moment(
  piles: Record<string, number[]>,
  ribbons: Moment['ribbons'] = [],
  roles: Moment['roles'] = [],
): Moment {
  return {
    stepId: '',
    sentence: '',
    stated: '',
    condition: '',
    skipped: false,
    remarks: [],
    choices: [],
    holds: [],
    things: [],
    spoilt: [],
    shown: [],
    lost: [],
    alsoSeen: [],
    beliefs: [],
    ribbons,
    roles,
    piles: Object.entries(piles).map(([place, cards]) => ({
      place,
      label: place,
      caption: place,
      open: true,
      cards,
      faceUp: cards.map(() => false),
    })),
  }
}

function role(place: string, position: number): Moment['roles'][number] {
  return {
    card: 0,
    chosen: true,
    place,
    placeLabel: place,
    position,
    fromBottom: 1,
    faceUp: false,
    placeKnown: 'exact',
    within: 0,
    nameKnownTo: [],
    takenFor: -1,
    slug: [],
  }
}

function traceOf(cards: number, letters: string, ...moments: Moment[]): Trace {
  return {
    cards: Array.from({ length: cards }, (_, i) => ({
      code: `${i}`,
      sign: `${i}`,
      name: `card ${i}`,
      red: false,
      front: { kind: 'face', sign: `${i}`, name: `card ${i}`, red: false, design: '' },
      back: { kind: 'back', sign: 'back', name: 'blue back', red: false, design: '' },
      special: false,
      stated: 'placed',
      marks: [],
    })),
    people: ['you'],
    roles: [...letters].map((letter) => ({ letter, kind: 'key', label: letter, owner: '' })),
    moments,
    outcomes: [],
    hints: [],
  }
}

const range = (from: number, to: number) => Array.from({ length: to - from }, (_, i) => from + i)

describe('layout of the running deck', () => {
  it('gives a packet beside a deck slots that can be read', () => {
    const shapes = layOut(traceOf(52, '', moment({ deck: range(0, 46), packet: range(46, 52) })), FRAME)
    const [deck, packet] = shapes.rows[0]!.piles

    expect(packet!.slot).toBe(20)
    expect(deck!.slot).toBeGreaterThanOrEqual(6)
    expect(deck!.end).toBeLessThan(packet!.x)
  })

  it('gives every card a slot of one width in every row, within the frame', () => {
    const trace = traceOf(
      52,
      '',
      moment({ deck: range(0, 52) }),
      moment({ deck: range(0, 40), 'table:a': range(40, 52) }),
    )

    const shapes = layOut(trace, FRAME)

    for (const row of shapes.rows) {
      expect(row.slots).toHaveLength(52)
      for (const slot of row.slots) {
        expect(slot.x).toBeGreaterThanOrEqual(0)
        expect(slot.x + slot.width).toBeLessThanOrEqual(FRAME.width + 0.01)
      }
    }
    const [deck, table] = shapes.rows[1]!.piles
    expect(table!.x - deck!.end).toBeGreaterThan(10)
    expect(table!.end).toBeCloseTo(FRAME.width)
  })

  it.each([4, 12, 52, 54])('slots of %i cards are as wide as there is room, up to a limit', (cards) => {
    const shapes = layOut(traceOf(cards, '', moment({ deck: range(0, cards) })), FRAME)

    expect(shapes.rows[0]!.slots[0]!.width).toBeCloseTo(Math.min(46, 520 / cards))
  })

  it('starts with the first pile at the left even when there is no deck in hand', () => {
    const shapes = layOut(traceOf(10, '', moment({ 'table:a': range(0, 10) })), FRAME)

    expect(shapes.rows[0]!.piles[0]!.x).toBe(0)
  })

  it('leads ribbons from the block to where it lands, and twists a turned one', () => {
    const straight = { from: 'deck', fromPosition: 1, to: 'deck', toPosition: 3, length: 2, turned: false }
    const turned = { ...straight, fromPosition: 3, toPosition: 1, turned: true }
    const shapes = layOut(
      traceOf(4, '', moment({ deck: [0, 1, 2, 3] }), moment({ deck: [3, 2, 0, 1] }, [straight, turned])),
      { ...FRAME, width: 184 },
    )

    const [first, second] = shapes.ribbons[0]!
    expect(first!.path).toMatch(/^M0 40C.* 92 100L184 100C/)
    expect(second!.path).toMatch(/^M92 40C.* 92 100L0 100C/)
    expect(second!.turned).toBe(true)
  })

  /** The markers of a row, from the left. */
  function markersAt(width: number, ...positions: number[]) {
    const near = moment(
      { deck: range(0, 52) },
      [],
      positions.map((position) => role('deck', position)),
    )
    const trace = traceOf(52, 'AKBCD'.slice(0, positions.length), near)
    return layOut(trace, { ...FRAME, width }).rows[0]!.markers.sort((one, other) => one.x - other.x)
  }

  it.each([208, 520, 800])(
    'gives neighbours boxes that touch and one label with both numbers, %d wide',
    (width) => {
      const [k, a] = markersAt(width, 18, 17)

      expect([k!.position, a!.position]).toEqual([17, 18])
      expect(a!.x - k!.x).toBeGreaterThanOrEqual((a!.width + k!.width) / 2 - 1e-9)
      expect(a!.x - k!.x).toBeLessThan(Math.max(width / 52 + 1e-9, (a!.width + k!.width) / 2 + 1e-9))
      expect(Math.min(a!.width, k!.width)).toBeGreaterThanOrEqual(13)
      // Their middle is that of their slots.
      expect((a!.x + k!.x) / 2).toBeCloseTo((width / 52) * 17, 5)
      expect([k!.label, a!.label].filter((label) => label !== '')).toEqual(['17 · 18'])
      expect(k!.labelX).toBeCloseTo((width / 52) * 17, 5)
    },
  )

  it('never lets boxes or labels cover one another, however many are near', () => {
    for (let first = 1; first <= 40; first++) {
      for (const step of [1, 2, 3, 5]) {
        const all = markersAt(416, ...[0, 1, 2, 3, 4].map((nth) => Math.min(52, first + nth * step)))
        const own = all.filter((marker) => marker.share.index === 0)
        own.slice(1).forEach((marker, i) => {
          expect(marker.x - own[i]!.x).toBeGreaterThanOrEqual((marker.width + own[i]!.width) / 2 - 1e-9)
        })
        const labels = all.filter((marker) => marker.label)
        labels.slice(1).forEach((marker, i) => {
          const before = labels[i]!
          expect(marker.labelX - before.labelX).toBeGreaterThan(
            3.5 * (marker.label.length + before.label.length),
          )
        })
      }
    }
  })

  it('writes single numbers where there is room for them', () => {
    expect(markersAt(1200, 10, 30).map((marker) => marker.label)).toEqual(['10', '30'])
    expect(markersAt(208, 10, 11, 12, 13).map((marker) => marker.label)).toEqual(['10–13', '', '', ''])
  })

  it('lets roles that are one card share its slot', () => {
    const same = moment({ deck: range(0, 52) }, [], [role('deck', 7), role('deck', 7)])

    const markers = layOut(traceOf(52, 'AK', same), FRAME).rows[0]!.markers

    expect(markers.map((m) => m.share)).toEqual([
      { index: 0, of: 2 },
      { index: 1, of: 2 },
    ])
    expect(markers.map((m) => m.label)).toEqual(['7', ''])
  })

  it('draws a thread through all moments in which a role has a card', () => {
    const trace = traceOf(
      4,
      'A',
      moment({ deck: range(0, 4) }, [], [{ ...role('', 0), card: -1 }]),
      moment({ deck: range(0, 4) }, [], [role('deck', 1)]),
      moment({ deck: range(0, 4) }, [], [role('deck', 2)]),
    )

    const shapes = layOut(trace, FRAME)

    expect(shapes.threads[0]!.path).toMatch(/^M23 100L23 120C23 150 69 150 69 180L69 200$/)
    expect(cardPath(shapes, 2, 20)).toMatch(/^M115 20L/)
  })

  it('draws bands only where a place is uncertain, the likeliest darkest', () => {
    const trace = traceOf(4, 'A', moment({ deck: range(0, 4) }, [], [role('deck', 1)]))
    const spots = (...shares: number[]) =>
      shares.map((share, i) => ({ place: 'deck', position: i + 1, share }))
    const survey = (...shares: number[]) => ({ bands: [[spots(...shares)]] }) as unknown as Survey

    expect(layOut(trace, FRAME, survey(1)).rows[0]!.band).toEqual([])
    expect(layOut(trace, FRAME, survey(0.25, 0.75)).rows[0]!.band.map((c) => c.weight)).toEqual([1 / 3, 1])
  })

  describe('a thread whose place is uncertain', () => {
    const trace = traceOf(
      20,
      'A',
      moment({ deck: range(0, 20) }, [], [role('deck', 1)]),
      moment({ deck: range(0, 20) }, [], [role('deck', 1)]),
    )
    const even = range(1, 11).map((position) => ({ place: 'deck', position, share: 0.1 }))
    const sure = [{ place: 'deck', position: 4, share: 1 }]
    const surveyed = (...rows: (typeof even)[]) => ({ bands: rows.map((row) => [row]) }) as unknown as Survey
    /** The left and right edge of a path at its end. */
    const end = (path: string) => {
      const [, left, right] = /C\S+ \S+ \S+ \S+ (\S+) \S+L(\S+) /.exec(path)!
      return [Number(left), Number(right)]
    }

    it('widens to where most ways lead, darker in the middle', () => {
      const sheaths = layOut(trace, FRAME, surveyed(sure, even)).sheaths[0]!
      const slot = end(sheaths[0]!.path)[1]! / 10

      expect(sheaths).toHaveLength(3)
      expect(end(sheaths[0]!.path).map((x) => Math.round(x / slot))).toEqual([0, 10])
      expect(end(sheaths[1]!.path).map((x) => Math.round(x / slot))).toEqual([1, 9])
      expect(end(sheaths[2]!.path).map((x) => Math.round(x / slot))).toEqual([2, 8])
      expect(sheaths[2]!.opacity).toBeGreaterThan(sheaths[0]!.opacity)
    })

    it('narrows to its thread where the place is certain', () => {
      const [left, right] = end(layOut(trace, FRAME, surveyed(even, sure)).sheaths[0]![0]!.path)

      expect(right! - left!).toBeCloseTo(3)
      expect(layOut(trace, FRAME, surveyed(sure, sure)).sheaths[0]).toEqual([])
      expect(layOut(trace, FRAME).sheaths[0]).toEqual([])
    })

    it('is not drawn where it can be nearly anywhere: a sign says so', () => {
      const half = range(3, 13).map((position) => ({ place: 'deck', position, share: 0.1 }))
      const most = range(1, 17).map((position) => ({ place: 'deck', position, share: 1 / 16 }))
      const shapes = layOut(trace, FRAME, surveyed(half, most))

      expect(shapes.rows.map((row) => row.captions.map((c) => c.text))).toEqual([[], ['A anywhere']])
      expect(shapes.rows.map((row) => row.band.length)).toEqual([10, 0])
      expect(shapes.sheaths[0]).toEqual([])
      const fewer = most.slice(0, 15)
      expect(layOut(trace, FRAME, surveyed(half, fewer)).sheaths[0]).toHaveLength(3)
    })

    it('follows the pile in which it is most often', () => {
      const parted = [
        { place: 'palm', position: 1, share: 0.2 },
        { place: 'deck', position: 3, share: 0.4 },
        { place: 'deck', position: 4, share: 0.4 },
      ]
      const away = traceOf(
        10,
        'A',
        moment({ deck: range(0, 9), palm: [9] }, [], [role('deck', 1)]),
        moment({ deck: range(0, 9), palm: [9] }, [], [role('deck', 1)]),
      )
      const shapes = layOut(away, FRAME, surveyed(sure, parted))
      const slot = shapes.rows[1]!.piles[0]!.slot

      expect(end(shapes.sheaths[0]![0]!.path).map((x) => Math.round(x / slot))).toEqual([2, 4])
    })
  })

  it('tells roles apart by colour and line', () => {
    const styles = range(0, 6).map(roleStyle)

    expect(new Set(styles.map((s) => s.colour)).size).toBe(6)
    expect(new Set(styles.map((s) => s.dash)).size).toBe(6)
    expect(roleStyle(6)).not.toEqual(roleStyle(0))
  })
})
