import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'

/** What the server answered, and why it would not. */
export interface Asked<T> {
  answer: Ref<T | undefined>
  /** Why there is no answer to what is given now, in words; the answer before it stays. */
  refusal: Ref<string>
}

/** Asks the server again whenever what is given changes; the last answer stays until the next one is there. */
export function useAsked<T>(name: string, given: () => unknown[], ask: () => Promise<T>): Asked<T> {
  const query = useQuery({
    queryKey: computed(() => ['reckoner', name, ...given()]),
    queryFn: ask,
    placeholderData: keepPreviousData,
    retry: false,
  })
  return { answer: query.data, refusal: computed(() => query.error.value?.message ?? '') }
}
