<script setup lang="ts">
import VerdictPill from '@/ui/VerdictPill.vue'
import { vTyped } from '@/ui/typed'
import { computed, ref } from 'vue'
import BridgeDialog from './BridgeDialog.vue'
import SolveDialog from './SolveDialog.vue'
import { useBench } from './store'

const bench = useBench()
const solving = ref(false)
const bridging = ref(false)

const saved = computed(
  () =>
    ({
      saved: 'saved',
      unsaved: 'saving …',
      saving: 'saving …',
      failed: 'not saved yet',
      refused: 'a draft, not saved',
      conflict: 'not saved',
      gone: 'not saved',
    })[bench.state],
)
const firstFailing = computed(() => bench.survey?.findings.find((f) => f.verdict !== 'always' && f.failing))
const unusual = computed(() => Object.keys(bench.world).length > 0)

function retitle(event: Event): void {
  const title = (event.target as HTMLInputElement).value.trim()
  if (bench.routine && title) {
    bench.edit({ ...bench.routine, title })
  }
}
</script>

<template>
  <div class="flex items-center gap-x-4 border-b border-rule px-5 py-2 max-[900px]:flex-wrap">
    <input
      v-typed="bench.routine?.title ?? ''"
      class="title shrink-0 rounded border border-transparent bg-transparent px-1 font-display text-2xl font-semibold hover:border-rule"
      aria-label="Title of the routine"
      maxlength="120"
      @change="retitle"
    />
    <VerdictPill :survey="bench.problems.length > 0 ? undefined : bench.survey" />
    <button
      v-if="firstFailing"
      class="min-w-0 truncate link text-sm"
      :title="firstFailing.because"
      @click="bench.showFailing(firstFailing)"
    >
      show me: {{ firstFailing.because }}
    </button>
    <button v-if="unusual" class="shrink-0 link text-sm" @click="bench.showUsual()">as usual</button>
    <span class="ml-auto shrink-0 text-sm text-soft" role="status" data-testid="save-state">{{ saved }}</span>
    <button class="btn" title="Which value must a number have?" @click="solving = true">Solve for …</button>
    <button class="btn" title="Which moves lead to a claim?" @click="bridging = true">Get me there …</button>
    <button class="btn" :disabled="!bench.canUndo" title="Undo (Ctrl+Z)" @click="bench.undo()">Undo</button>
    <button class="btn" :disabled="!bench.canRedo" title="Redo (Ctrl+Shift+Z)" @click="bench.redo()">
      Redo
    </button>
    <RouterLink class="btn-main" :to="`/rehearse/${bench.id}`">Rehearse</RouterLink>
    <SolveDialog v-model:open="solving" />
    <BridgeDialog v-model:open="bridging" />
  </div>
</template>

<style scoped>
.title {
  field-sizing: content;
  max-width: 22rem;
}
</style>
