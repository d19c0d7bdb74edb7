<script setup lang="ts">
import { t } from '@/words'
import { computed } from 'vue'
import type { SaveState } from './documentQueue'
import { useFolder } from './folder'
import type { Refusal } from './queue'

const props = defineProps<{
  state: SaveState
  /** Why it is not saved, or whatever else cannot be done. */
  failure: string
  refusal?: Refusal
  /** Whether what is kept is in another folder than the one that this began from. */
  otherFolder: boolean
}>()

/** Told above every view. */
const folder = useFolder()

defineEmits<{
  /** What is on the screen is to be kept beside what is there. */
  keep: []
  /** What is on the screen is to be given up. */
  drop: []
}>()

/** What stands between the screen and what is saved, and what can be done. */
const said = computed(() => {
  switch (props.state) {
    case 'conflict':
      return props.otherFolder
        ? {
            title: t('bench.unsavedLine.anotherFolder'),
            text: t('bench.unsavedLine.whatIsKeptThereIs'),
            keep: true,
            drop: t('bench.unsavedLine.dropMineLoadWhatIsThere'),
          }
        : {
            title: t('bench.unsavedLine.changedInAnotherWindow'),
            text: t('bench.unsavedLine.yoursIsOnThisScreen'),
            keep: true,
            drop: t('bench.unsavedLine.dropMineLoadTheOther'),
          }
    case 'gone':
      return {
        title: t('bench.unsavedLine.deletedInAnotherWindow'),
        text: t('bench.unsavedLine.yoursIsOnThisScreen2'),
        keep: true,
        drop: t('bench.unsavedLine.dropMine'),
      }
    case 'refused':
      return {
        title: t('bench.unsavedLine.aDraftKeptInThis'),
        text: t('bench.unsavedLine.itIsSavedOnceThis', { refusal: props.refusal?.message ?? '' }),
        keep: false,
        drop: t('bench.unsavedLine.dropTheDraft'),
      }
    case 'failed':
      return folder.value
        ? undefined
        : {
            title: t('bench.unsavedLine.notSavedYet'),
            text: t('bench.unsavedLine.whatYouChangeIsKept', { failure: props.failure }),
            keep: false,
            drop: '',
          }
    default:
      return props.failure ? { title: '', text: props.failure, keep: false, drop: '' } : undefined
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
    <button v-if="said.keep" class="btn" @click="$emit('keep')">
      {{ $t('bench.unsavedLine.keepMineAsACopy') }}
    </button>
    <button v-if="said.drop" class="btn" @click="$emit('drop')">{{ said.drop }}</button>
  </div>
</template>
