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
        ? $t('bench.wantedDialog.fromTheTopOf', {
            letter: role.letter,
            label: role.label,
            position: wanted.spot.position,
            label2: wanted.spot.label,
          })
        : ''
    "
    width="narrow"
    @update:open="wanted = undefined"
  >
    <p class="mt-1 text-soft">
      {{ $t('bench.wantedDialog.thatIsWhereItShould', { selectedIndex: bench.selectedIndex }) }}
    </p>
    <div class="mt-4 flex flex-col gap-2">
      <button class="btn-main" @click="findMoves">
        {{ $t('bench.wantedDialog.findMovesThatLeadThere') }}
      </button>
      <button class="btn" @click="addAnd('solve')">{{ $t('bench.wantedDialog.solveForANumberThat') }}</button>
      <button class="btn" @click="addAnd('')">{{ $t('bench.wantedDialog.claimItAndSeeWhether') }}</button>
      <button class="btn" @click="wanted = undefined">{{ $t('bench.wantedDialog.leaveItWhereItIs') }}</button>
    </div>
  </SheetDialog>
</template>
