import { useCatalogue } from '@/api/catalogue'
import type { operations } from '@/api/generated/schema'
import { computed } from 'vue'

type Asked = NonNullable<NonNullable<operations['spelling']['parameters']['query']>['language']>

/** The language in which cards are spelled unless another is chosen, as moves name it. */
export const USUAL_LANGUAGE = 'english'

/** The languages in which cards are spelled, as the moves that spell have them. */
export function useLanguages() {
  const catalogue = useCatalogue()
  return computed(
    () =>
      catalogue.value.moves.find((m) => m.id === 'spell-to')?.settings.find((s) => s.name === 'language')
        ?.options ?? [],
  )
}

/** A language of a move as the reckoner is asked for it. */
export function asAsked(language: string): Asked {
  return language.replace('-', '_').toUpperCase() as Asked
}
