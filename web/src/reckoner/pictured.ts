import { t } from '@/words'
import { plainSetUp } from '@/routine'
import { answered, api, type Routine, type Trace } from '@/api/client'
import { useAsked } from './asked'

/** A move with the settings that matter; the others are as usual. */
export interface PicturedStep {
  move: string
  settings: Record<string, string>
}

/** Packs that a picture can be drawn of. */
function canBePictured(cards: number): boolean {
  return Number.isInteger(cards) && ((cards >= 3 && cards <= 52) || cards === 54)
}

/** A pack in order, in which one card at most is followed, and what is done with it. */
export function pictured(cards: number, followed: number | undefined, step: PicturedStep): Routine {
  return {
    format: 'crafty-pocket/routine',
    version: 1,
    title: t('reckoner.pictured.reckoner'),
    summary: '',
    tags: [],
    setUp: { ...plainSetUp(String(cards)), newDeckOrder: true },
    roles: followed ? [{ letter: 'A', kind: 'key', owner: '', card: `#${followed}` }] : [],
    steps: [
      {
        id: 'it',
        look: 'as-taught',
        then: 'as-taught',
        cover: '',
        note: '',
        seconds: 0,
        before: 'as-taught',
        ...step,
      },
    ],
    claims: [],
    ownMoves: [],
    outs: [],
  }
}

/** The running deck of one step with a pack in order; none for a pack that cannot be drawn. */
export function usePictured(name: string, ask: () => [number, number | undefined, PicturedStep]) {
  return useAsked<Trace | null>(name, ask, () => {
    const [cards, followed, step] = ask()
    const fits = canBePictured(cards) && (followed ?? 1) <= cards
    const body = { routine: pictured(cards, followed, step), world: {} }
    return fits ? answered(api.POST('/api/trace', { body })) : Promise.resolve(null)
  })
}
