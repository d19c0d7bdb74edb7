<script setup lang="ts">
import VerdictPill from '@/ui/VerdictPill.vue'
import { vTyped } from '@/ui/typed'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import BridgeDialog from './BridgeDialog.vue'
import SolveDialog from './SolveDialog.vue'
import { useBench } from './store'

const compact = defineModel<boolean>('compact', { required: true })

const bench = useBench()
const solving = computed({
  get: () => bench.asked === 'solve',
  set: (open) => bench.ask(open ? 'solve' : ''),
})
const bridging = computed({
  get: () => bench.asked === 'bridge',
  set: (open) => bench.ask(open ? 'bridge' : ''),
})
// A routine that was begun from its end asks first what must be true there.
if (useRoute().query.end === 'first') {
  bench.ask('bridge')
}

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
const unusual = computed(() => Object.keys(bench.world).length > 0)

function retitle(event: Event): void {
  const title = (event.target as HTMLInputElement).value.trim()
  if (bench.routine && title) {
    bench.edit({ ...bench.routine, title })
  }
}
</script>

<template>
  <div class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule px-5 py-2">
    <h1 class="sr-only">{{ bench.routine?.title }}</h1>
    <input
      v-typed="bench.routine?.title ?? ''"
      class="title shrink-0 rounded border border-transparent bg-transparent px-1 font-display text-2xl font-semibold hover:border-rule"
      aria-label="Title of the routine"
      maxlength="120"
      @change="retitle"
    />
    <span
      v-if="bench.stillOpen > 0"
      class="shrink-0 rounded-full bg-rule/50 px-3 py-0.5 text-sm font-semibold text-soft"
      data-testid="still-open"
    >
      ○ {{ bench.stillOpen === 1 ? '1 step is not filled in' : `${bench.stillOpen} steps are not filled in` }}
    </span>
    <VerdictPill v-else :survey="bench.problems.length > 0 ? undefined : bench.survey" />
    <span class="ml-auto shrink-0 text-sm text-soft" role="status" data-testid="save-state">{{ saved }}</span>
    <button
      class="btn max-[900px]:hidden"
      :aria-pressed="compact"
      title="Names alone, so that the whole routine is seen (C)"
      @click="compact = !compact"
    >
      {{ compact ? 'Roomy' : 'Compact' }}
    </button>
    <button class="btn" title="Which value must a number have?" @click="solving = true">Solve for …</button>
    <button class="btn" title="Which moves lead to a claim?" @click="bridging = true">Get me there …</button>
    <button class="btn" :disabled="!bench.canUndo" title="Undo (Ctrl+Z)" @click="bench.undo()">Undo</button>
    <button class="btn" :disabled="!bench.canRedo" title="Redo (Ctrl+Shift+Z)" @click="bench.redo()">
      Redo
    </button>
    <RouterLink class="btn-main" :to="`/rehearse/${bench.id}`">Rehearse</RouterLink>
    <p
      v-if="unusual || (bench.firstFailing && bench.stillOpen === 0)"
      class="w-full text-sm"
      data-testid="failing-way"
    >
      <template v-if="bench.firstFailing && bench.stillOpen === 0">
        <span class="font-semibold text-broken">▲ {{ bench.firstFailing.sentence }}</span>
        {{ bench.firstFailing.because }}
        <button v-if="!unusual" class="link" @click="bench.showFailing(bench.firstFailing)">
          show me <kbd class="kbd ml-1">F</kbd>
        </button>
      </template>
      <template v-if="unusual">
        <span class="ml-1 text-soft">Shown is not the usual way.</span>
        <button class="ml-2 link" @click="bench.showUsual()">as usual <kbd class="kbd ml-1">F</kbd></button>
      </template>
    </p>
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
