import { answered, api } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'

/** While nothing can be saved, it is asked so often whether that is over. */
const ASK_AGAIN_MS = 5000

/** Why nothing can be saved in the data folder, and what to do; empty when all is well. */
export function useFolder() {
  const folder = useQuery({
    queryKey: ['folder'],
    queryFn: () => answered(api.GET('/api/folder')),
    refetchInterval: (query) => (query.state.data?.state === 'well' ? false : ASK_AGAIN_MS),
  })
  return computed(() => folder.data.value?.sentence ?? '')
}
