<script setup lang="ts">
import SheetDialog from '@/ui/SheetDialog.vue'
import { useCatalogue } from '@/api/catalogue'
import type { ClaimSpec } from '@/api/client'
import type { Spot } from '@/deck'
import { computed } from 'vue'
import { addClaim, newClaimSpec } from '@/routine'
import { useBench } from './store'

/** Where a hand put a thread's end, until it is said what that means. */
const wanted = defineModel<{ role: number; spot: Spot } | undefined>({ required: true })

const bench = useBench()
const catalogue = useCatalogue()
const role = computed(() => wanted.value && bench.trace?.roles[wanted.value.role])

function claim(): ClaimSpec {
  const { spot } = wanted.value!
  const plain = newClaimSpec(bench.routine!, 'position', catalogue.value)
  const settings = { role: role.value!.letter, nth: String(spot.position), from: 'top', pile: spot.place }
  return { ...plain, settings: { ...plain.settings, ...settings } }
}

function findMoves(): void {
  bench.ask('bridge', claim())
  wanted.value = undefined
}

function addAnd(then: 'solve' | ''): void {
  bench.edit(addClaim(bench.routine!, claim(), bench.selected))
  bench.ask(then)
  wanted.value = undefined
}
</script>

<template>
  <SheetDialog
    :open="!!wanted"
    :title="
      wanted && role
        ? `${role.letter}, ${role.label}: ${wanted.spot.position} from the top of ${wanted.spot.label}`
        : ''
    "
    width="narrow"
    @update:open="wanted = undefined"
  >
    <p class="mt-1 text-soft">That is where it should lie after step {{ bench.selectedIndex }}.</p>
    <div class="mt-4 flex flex-col gap-2">
      <button class="btn-main" @click="findMoves">Find moves that lead there</button>
      <button class="btn" @click="addAnd('solve')">Solve for a number that puts it there</button>
      <button class="btn" @click="addAnd('')">Claim it, and see whether it holds</button>
      <button class="btn" @click="wanted = undefined">Leave it where it is</button>
    </div>
  </SheetDialog>
</template>
