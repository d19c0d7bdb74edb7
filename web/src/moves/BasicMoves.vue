<script setup lang="ts">
import { useCatalogue } from '@/api/catalogue'
import { usePerformer } from '@/performer'
import { computed } from 'vue'

/** How well a basic goes that was ticked here; how well it really goes is said with the move. */
const WELL = 3

const catalogue = useCatalogue()
const { note, setNote } = usePerformer()
const basics = computed(() => catalogue.value.moves.filter((move) => move.basic))

function tick(id: string, event: Event): void {
  void setNote(id, { skill: (event.target as HTMLInputElement).checked ? WELL : 0 })
}
</script>

<template>
  <fieldset class="rounded-lg border border-rule bg-raised p-3" data-testid="basics">
    <legend class="px-1 font-semibold">{{ $t('moves.basicMoves.whichOfTheseDoYou') }}</legend>
    <p class="text-sm text-soft">{{ $t('moves.basicMoves.aStartIsEnoughEvery') }}</p>
    <ul class="mt-2 grid gap-x-4" style="grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr))">
      <li v-for="move in basics" :key="move.id">
        <label class="flex min-h-7 items-center gap-2 text-sm">
          <input type="checkbox" :checked="note(move.id).skill > 0" @change="tick(move.id, $event)" />
          {{ move.name }}
        </label>
      </li>
    </ul>
  </fieldset>
</template>
