<script setup lang="ts">
import SheetDialog from '@/ui/SheetDialog.vue'
import { useBench } from './store'

/** Something is to be taken out that others speak of: it says by what, and takes that out too, or nothing. */
const bench = useBench()

function take(): void {
  const { what, name } = bench.removal!
  void bench.remove(what, name, true)
}

function keep(): void {
  bench.removal = undefined
}
</script>

<template>
  <SheetDialog
    :open="!!bench.removal"
    :title="$t('bench.removalDialog.title')"
    width="narrow"
    @update:open="keep"
  >
    <p class="text-soft">{{ bench.removal?.says }}</p>
    <ul
      class="mt-2 max-h-72 list-disc space-y-1 overflow-y-auto pl-5"
      :aria-label="$t('bench.removalDialog.what')"
    >
      <li v-for="(each, i) in bench.removal?.asks" :key="i">{{ each }}</li>
    </ul>
    <div class="mt-4 flex justify-end gap-2">
      <button class="btn" @click="keep">{{ $t('bench.removalDialog.keep') }}</button>
      <button class="btn-main" @click="take">{{ $t('bench.removalDialog.take') }}</button>
    </div>
  </SheetDialog>
</template>
