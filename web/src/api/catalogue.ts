import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api, type Catalogue } from './client'

const EMPTY: Catalogue = { families: [], moves: [], claims: [], occasions: [], looks: [] }

/** The moves and claims that can be used. They do not change while the program runs. */
export function useCatalogue() {
  const query = useQuery({
    queryKey: ['catalogue'],
    queryFn: () => answered(api.GET('/api/catalogue')),
    staleTime: Infinity,
  })
  return computed(() => query.data.value ?? EMPTY)
}
