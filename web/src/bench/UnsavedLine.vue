<script setup lang="ts">
import { useFolder } from '@/saving'
import { computed } from 'vue'
import { useBench } from './store'

const bench = useBench()
/** Told above every view. */
const folder = useFolder()

defineEmits<{
  /** What is on the screen is to become a routine of its own. */
  keep: []
  /** What is on the screen is to be given up. */
  drop: []
}>()

/** What stands between the screen and the saved routine, and what can be done. */
const said = computed(() => {
  switch (bench.state) {
    case 'conflict':
      return {
        title: 'Changed in another window.',
        text: 'Yours is on this screen and kept in this browser; the other one is saved.',
        keep: true,
        drop: 'Drop mine, load the other',
      }
    case 'gone':
      return {
        title: 'Deleted in another window.',
        text: 'Yours is on this screen and kept in this browser.',
        keep: true,
        drop: 'Drop mine',
      }
    case 'refused':
      return {
        title: 'A draft, kept in this browser.',
        text: `It is saved once this is put right: ${bench.refusal?.message ?? ''}`,
        keep: false,
        drop: 'Drop the draft',
      }
    case 'failed':
      return folder.value
        ? undefined
        : {
            title: 'Not saved yet.',
            text: `${bench.failure} What you change is kept in this browser and saved by itself as soon as it can be.`,
            keep: false,
            drop: '',
          }
    default:
      return bench.failure ? { title: '', text: bench.failure, keep: false, drop: '' } : undefined
  }
})
</script>

<template>
  <div
    v-if="said"
    role="alert"
    class="flex flex-wrap items-center gap-x-3 gap-y-1 border-y border-broken bg-broken/10 px-5 py-2"
  >
    <strong v-if="said.title">{{ said.title }}</strong>
    <span class="min-w-0 basis-96 grow">{{ said.text }}</span>
    <button v-if="said.keep" class="btn" @click="$emit('keep')">Keep mine as a copy</button>
    <button v-if="said.drop" class="btn" @click="$emit('drop')">{{ said.drop }}</button>
  </div>
</template>
