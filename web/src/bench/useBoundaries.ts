import { answered, api, type Boundary } from '@/api/client'
import { alone, changeSetting } from '@/routine'
import { onScopeDispose, shallowRef, watch, type ShallowRef } from 'vue'
import { SET_UP, useBench } from './store'

/** How long after an edit it is asked. */
const ASK_AFTER_MS = 100

/** Where the selected step parts piles, as it can be put elsewhere by hand; nothing while that is not known. */
export function useBoundaries(): {
  boundaries: ShallowRef<Boundary[]>
  part: (boundary: Boundary, depth: number) => void
} {
  const bench = useBench()
  const boundaries = shallowRef<Boundary[]>([])
  let asking: AbortController | undefined
  let timer = 0

  watch(
    [() => bench.trace, () => bench.selected],
    ([, step], [, stepBefore]) => {
      asking?.abort()
      window.clearTimeout(timer)
      const mine = new AbortController()
      asking = mine
      if (step !== stepBefore) {
        boundaries.value = []
      }
      if (step === SET_UP || !bench.routine || bench.stillOpen > 0) {
        boundaries.value = []
        return
      }
      // While somebody types the picture comes first.
      timer = window.setTimeout(() => void ask(mine, step), step === stepBefore ? ASK_AFTER_MS : 0)
    },
    { immediate: true },
  )

  onScopeDispose(() => window.clearTimeout(timer))

  async function ask(mine: AbortController, step: string): Promise<void> {
    try {
      const body = { routine: alone(bench.routine!), world: bench.world, step }
      const found = await answered(api.POST('/api/trace/boundaries', { body, signal: mine.signal }))
      if (asking === mine) {
        // What is stated on another line is changed there.
        boundaries.value = found.filter((b) => b.choice !== '' || bench.isOwn(step))
      }
    } catch {
      // The picture can be read without them.
      if (asking === mine) {
        boundaries.value = []
      }
    }
  }

  /** Puts a boundary elsewhere: another number of the world that is shown, or of the step. */
  function part(boundary: Boundary, depth: number): void {
    const text = boundary.texts[depth - boundary.least]!
    if (boundary.choice !== '') {
      bench.choose(boundary.choice, Number(text))
    } else {
      bench.edit(changeSetting(bench.routine!, bench.selected, boundary.setting, text), true)
    }
  }

  return { boundaries, part }
}
