<script setup lang="ts">
import { t } from '@/words'
import { useViewKeys } from '@/ui/keys'
import DrillsMode from './DrillsMode.vue'

document.title = t('rehearse.drillsView.drills')
useViewKeys([
  { keys: 'Space, → or PageDown', does: t('rehearse.drillsView.doneOnceMoreWithoutAn') },
  { keys: 'M, ← or PageUp', does: t('rehearse.drillsView.itWentWrong') },
  { keys: '?', does: t('rehearse.drillsView.theseKeys') },
])
</script>

<template>
  <div class="mx-auto w-full max-w-6xl px-6 py-6">
    <h1 class="mb-4 text-3xl">{{ $t('rehearse.drillsView.drills') }}</h1>
    <DrillsMode />
  </div>
</template>
