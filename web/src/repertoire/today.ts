import { answered, api } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'

/** What was rehearsed: how ready it is, and when it is due. */
export function useToday() {
  return useQuery({ queryKey: ['today'], queryFn: () => answered(api.GET('/api/today')), staleTime: 0 })
}
