<script setup lang="ts">
import { t } from '@/words'
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
        text: t('bench.unsavedLine.itIsSavedOnceThis', { refusal: bench.refusal?.message ?? '' }),
        keep: false,
        drop: t('bench.unsavedLine.dropTheDraft'),
      }
    case 'failed':
      return folder.value
        ? undefined
        : {
            title: t('bench.unsavedLine.notSavedYet'),
            text: t('bench.unsavedLine.whatYouChangeIsKept', { failure: bench.failure }),
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
    <button v-if="said.keep" class="btn" @click="$emit('keep')">
      {{ $t('bench.unsavedLine.keepMineAsACopy') }}
    </button>
    <button v-if="said.drop" class="btn" @click="$emit('drop')">{{ said.drop }}</button>
  </div>
</template>
