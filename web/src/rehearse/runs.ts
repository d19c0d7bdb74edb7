import { answered, api } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'

/** The runs of a routine that were kept, the newest first. */
export function useRuns(id: string) {
  return useQuery({
    queryKey: ['runs', id],
    queryFn: () => answered(api.GET('/api/routines/{id}/rehearsals', { params: { path: { id } } })),
  }).data
}
