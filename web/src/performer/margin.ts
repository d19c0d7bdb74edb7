import { answered, api } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'
import { computed, type ComputedRef } from 'vue'

/** By how much a number that is judged may be off while nobody has been measured. */
const UNMEASURED = 2

/** By how much the performer's own guesses may be off, once there are enough of them to tell. */
export function useMargin(): ComputedRef<number> {
  const { data } = useQuery({
    queryKey: ['judged'],
    queryFn: () => answered(api.GET('/api/practice/judged')),
  })
  return computed(() => (data.value?.all.enough ? data.value.all.margin : UNMEASURED))
}
