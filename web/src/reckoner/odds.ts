import { answered, api } from '@/api/client'
import { useAsked } from './asked'

/** The odds of shuffles of so many cards; overhand shuffles in so many chunks. */
export function useOdds(cards: () => number, chunks = () => 7) {
  return useAsked(
    'odds',
    () => [cards(), chunks()],
    () =>
      answered(api.GET('/api/reckoner/odds', { params: { query: { cards: cards(), chunks: chunks() } } })),
  )
}
