import type { Routine } from '@/api/client'

/** A pack in any order, face down, with nothing beside it. */
export function plainSetUp(pack = '52'): Routine['setUp'] {
  return {
    pack,
    extra: '',
    order: '',
    piles: [],
    placements: [],
    markings: [],
    bend: false,
    cardSize: '',
    things: [],
    newDeckOrder: false,
    note: '',
  }
}
