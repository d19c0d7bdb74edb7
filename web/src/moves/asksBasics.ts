import { useCatalogue } from '@/api/catalogue'
import { usePerformer } from '@/performer'
import { ref, watch, type Ref } from 'vue'

/** Whether the few moves that matter are to be asked for: only one's own are wanted, and nothing has been said of any move yet. */
export function useAsksBasics(onlyMine: Ref<boolean>): Ref<boolean> {
  const catalogue = useCatalogue()
  const { note } = usePerformer()
  const asks = ref(false)
  watch(onlyMine, (on) => (asks.value = on && !catalogue.value.moves.some((move) => note(move.id).skill > 0)))
  return asks
}
