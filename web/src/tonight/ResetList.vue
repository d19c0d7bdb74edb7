<script setup lang="ts">
import type { Reset } from '@/api/client'
import { inDialog, typing } from '@/ui/keys'
import { onKeyStroke } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { span } from './sets'

const props = defineProps<{
  resets: Reset[]
  tables: number
  /** How long it took once, in seconds; 0 while nobody measured. */
  timed: number
}>()
const emit = defineEmits<{ timed: [seconds: number] }>()

const done = ref(0)
const since = ref(0)
watch(
  () => props.resets,
  () => (done.value = 0),
)
const reckoned = computed(() => props.resets.reduce((sum, each) => sum + each.seconds, 0))

/** Ticks the next one. From the first tick to the last it is timed. */
function tick(): void {
  if (done.value >= props.resets.length) {
    done.value = 0
    return
  }
  if (done.value === 0) {
    since.value = Date.now()
  }
  done.value++
  if (done.value === props.resets.length && props.resets.length > 1) {
    emit('timed', Math.max(1, Math.round((Date.now() - since.value) / 1000)))
  }
}

onKeyStroke(['x', 'X'], (event) => {
  if (!typing(event) && !inDialog() && props.resets.length > 0) {
    tick()
  }
})
</script>

<template>
  <section :aria-label="$t('tonight.resetList.beforeTheNextTable')" data-testid="reset-list">
    <div class="flex flex-wrap items-baseline gap-3">
      <h2 class="text-xl">{{ $t('tonight.resetList.beforeTheNextTable') }}</h2>
      <span class="text-soft">
        {{
          timed > 0
            ? $t('tonight.resetList.betweenTablesAsYouTimed', { timed: span(timed) })
            : $t('tonight.resetList.about', { reckoned: span(reckoned) })
        }}
      </span>
    </div>
    <p v-if="resets.length === 0" class="mt-1 text-soft">{{ $t('tonight.resetList.everythingIsAsItWas') }}</p>
    <ol v-else class="mt-1">
      <li
        v-for="(each, i) in resets"
        :key="each.sentence"
        class="flex gap-2 border-t border-rule py-1.5"
        :class="{ 'text-soft line-through': i < done }"
      >
        <span aria-hidden="true">{{ i < done ? '☑' : '☐' }}</span>
        <span>{{ each.sentence }}</span>
      </li>
    </ol>
    <button v-if="resets.length > 0" class="btn mt-2" @click="tick">
      {{
        done >= resets.length ? $t('tonight.resetList.beginAgain') : $t('tonight.resetList.tickTheNextOne')
      }}
      <kbd class="kbd">X</kbd>
    </button>
  </section>
</template>
