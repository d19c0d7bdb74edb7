<script setup lang="ts">
import { t } from '@/words'
import type { Performance } from '@/api/client'
import { useKeeping } from '@/saving'
import { typing, useViewKeys } from '@/ui/keys'
import { useScreenOn } from '@/ui/screenOn'
import { onKeyStroke } from '@vueuse/core'
import { computed, ref, toRef } from 'vue'
import { useRouter } from 'vue-router'
import PerformedCard from './PerformedCard.vue'
import { useEvening, useSet } from './sets'

const props = defineProps<{ id: string }>()
const router = useRouter()
const { set, missing } = useSet(toRef(props, 'id'))
const evening = useEvening(set)
const keeping = useKeeping()

/** The acts whose routines are there, with what is to be done for them. */
const stages = computed(() =>
  (evening.data.value?.stages ?? []).map((stage) => ({ ...stage, ...set.value!.acts[stage.act]! })),
)
const at = ref(0)
/** Whether it is over, and what came of each is written down. */
const over = computed(() => stages.value.length > 0 && at.value >= stages.value.length)
const stage = computed(() => stages.value[at.value])
const asked = ref(0)
useScreenOn(() => !over.value)
const begun = new Date()
let beingKept = false

function go(by: 1 | -1): void {
  at.value = Math.max(0, Math.min(stages.value.length, at.value + by))
}

function leave(): void {
  void router.push(`/tonight/${props.id}`)
}

async function keep(
  came: Pick<Performance, 'cameOut' | 'slippedAt' | 'out' | 'reaction' | 'note'>,
): Promise<void> {
  // A key that is pressed twice answers once.
  if (beingKept) {
    return
  }
  beingKept = true
  const act = stages.value[asked.value]!
  const done: Performance = {
    routine: act.routine,
    title: act.title,
    audience: set.value?.audience,
    doneAt: new Date(begun.getTime() + asked.value).toISOString(),
    method: '',
    forced: [],
    ...came,
  }
  if (await keeping.keep({ kind: 'practice', practice: { of: 'performance', done } })) {
    asked.value++
  }
  beingKept = false
}

onKeyStroke([' ', 'PageDown', 'ArrowRight', 'Enter'], (event) => {
  if (!typing(event) && !over.value && !(event.target as HTMLElement).closest('a, button')) {
    event.preventDefault()
    go(1)
  }
})
onKeyStroke(['PageUp', 'ArrowLeft'], (event) => {
  if (!typing(event) && !over.value) {
    event.preventDefault()
    go(-1)
  }
})
onKeyStroke('Escape', leave)
document.title = t('tonight.performView.perform')
useViewKeys([
  { keys: 'Space, → or PageDown', does: t('tonight.performView.theNextRoutine') },
  { keys: '← or PageUp', does: t('tonight.performView.theOneBefore') },
  { keys: 'Esc', does: 'leave' },
  { keys: '?', does: t('tonight.performView.theseKeys') },
])
</script>

<template>
  <div class="perform flex grow flex-col px-5 py-5 sm:px-10">
    <p v-if="missing" role="alert">{{ missing }}</p>
    <section
      v-else-if="stage && !over"
      class="flex grow flex-col"
      aria-live="polite"
      :aria-label="$t('tonight.performView.now')"
    >
      <p class="text-lg opacity-80">
        {{ $t('tonight.performView.of', { at: at + 1, stages: stages.length }) }}
      </p>
      <ul v-if="stage.resets.length > 0" class="mt-2 text-xl sm:text-2xl">
        <li v-for="reset in stage.resets" :key="reset.sentence">→ {{ reset.sentence }}</li>
      </ul>
      <h1 class="mt-3 text-4xl leading-tight sm:text-7xl">{{ stage.title }}</h1>
      <p v-if="stage.bring" class="mt-3 text-xl sm:text-3xl">{{ stage.bring }}</p>
      <p v-if="stage.firstWords" class="mt-4 text-2xl italic sm:text-4xl">“{{ stage.firstWords }}”</p>
      <ol class="mt-5 flex flex-col gap-3 text-2xl leading-snug sm:text-4xl">
        <li v-for="cue in stage.cues" :key="cue">{{ cue }}</li>
      </ol>
      <p class="mt-auto pt-6 text-lg opacity-80">
        <template v-if="stages[at + 1]">{{
          $t('tonight.performView.then', { stages: stages[at + 1]!.title })
        }}</template>
        <template v-else>{{ $t('tonight.performView.theLastOne') }}</template>
      </p>
      <div class="mt-3 flex gap-3">
        <button class="quiet" :disabled="at === 0" @click="go(-1)">←</button>
        <button class="quiet" @click="leave">
          {{ $t('tonight.performView.leave') }} <kbd class="kbd max-sm:hidden">Esc</kbd>
        </button>
        <button class="quiet ml-auto grow sm:grow-0" @click="go(1)">
          {{ $t('tonight.performView.goOn') }}
        </button>
      </div>
    </section>
    <PerformedCard
      v-else-if="over && asked < stages.length"
      :key="asked"
      :routine="stages[asked]!.routine"
      :title="stages[asked]!.title"
      :problem="keeping.problem.value"
      @keep="keep"
      @skip="asked++"
    />
    <section v-else-if="over" class="flex grow flex-col items-center justify-center gap-4 text-center">
      <h1 class="text-4xl">{{ $t('tonight.performView.thatWasTheSet') }}</h1>
      <p v-if="keeping.problem.value" role="status">{{ keeping.problem.value }}</p>
      <button class="quiet" @click="leave">{{ $t('tonight.performView.backToTonight') }}</button>
    </section>
  </div>
</template>

<style scoped>
/* For the side of a room: nothing glows. */
.perform {
  background: #0b080d;
  color: #b5a588;
}

.quiet {
  border: 1px solid #4a4036;
  border-radius: 10px;
  padding: 0.9rem 1.4rem;
  font-size: 1.25rem;
}

.perform :deep(kbd) {
  border-color: #4a4036;
}

.quiet:disabled {
  opacity: 0.35;
}
</style>
