<script setup lang="ts">
import { t } from '@/words'
import VerdictPill from '@/ui/VerdictPill.vue'
import { vTyped } from '@/ui/typed'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import BridgeDialog from './BridgeDialog.vue'
import SaveMenu from './SaveMenu.vue'
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
      saved: t('bench.benchHeader.saved'),
      unsaved: t('bench.benchHeader.saving'),
      saving: t('bench.benchHeader.saving'),
      failed: t('bench.benchHeader.notSavedYet'),
      refused: t('bench.benchHeader.aDraftNotSaved'),
      conflict: t('bench.benchHeader.notSaved'),
      gone: t('bench.benchHeader.notSaved'),
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
  <div class="border-b border-rule px-5 py-2">
    <div class="flex flex-wrap items-center gap-x-3 gap-y-1 max-[1199px]:gap-x-2 min-[1000px]:flex-nowrap">
      <h1 class="sr-only">{{ bench.routine?.title }}</h1>
      <input
        v-typed="bench.routine?.title ?? ''"
        class="title shrink-0 overflow-hidden rounded text-ellipsis border border-transparent bg-transparent px-1 font-display text-2xl font-semibold hover:border-rule"
        :aria-label="$t('bench.benchHeader.titleOfTheRoutine')"
        maxlength="120"
        @change="retitle"
      />
      <span
        v-if="bench.stillOpen > 0"
        class="mr-auto shrink-0 rounded-full bg-rule/50 px-3 py-0.5 text-sm font-semibold text-soft"
        data-testid="still-open"
      >
        ○ {{ $t('bench.benchHeader.stepsAreNotFilledIn', bench.stillOpen) }}
      </span>
      <span v-else class="mr-auto min-w-40 shrink leading-tight">
        <VerdictPill short :survey="bench.problems.length > 0 ? undefined : bench.survey" />
      </span>
      <span
        class="ml-auto shrink-0 text-sm text-soft"
        :class="{ 'max-[1199px]:sr-only': bench.state === 'saved' }"
        role="status"
        data-testid="save-state"
        >{{ saved }}</span
      >
      <button
        class="btn shrink-0 max-[1199px]:hidden"
        :aria-pressed="compact"
        :title="$t('bench.benchHeader.namesAloneSoThatThe')"
        @click="compact = !compact"
      >
        {{ compact ? $t('bench.benchHeader.roomy') : $t('bench.benchHeader.compact') }}
      </button>
      <button
        class="btn shrink-0"
        :title="$t('bench.benchHeader.whichValueMustANumber')"
        @click="solving = true"
      >
        {{ $t('bench.benchHeader.solveFor') }}
      </button>
      <button
        class="btn shrink-0"
        :title="$t('bench.benchHeader.whichMovesLeadToA')"
        @click="bridging = true"
      >
        {{ $t('bench.benchHeader.getMeThere') }}
      </button>
      <button
        class="btn"
        :disabled="!bench.canUndo"
        :title="$t('bench.benchHeader.undoCtrlZ')"
        @click="bench.undo()"
      >
        <span class="hidden max-[1199px]:inline" aria-hidden="true">↶</span>
        <span class="max-[1199px]:sr-only">{{ $t('bench.benchHeader.undo') }}</span>
      </button>
      <button
        class="btn"
        :disabled="!bench.canRedo"
        :title="$t('bench.benchHeader.redoCtrlShiftZ')"
        @click="bench.redo()"
      >
        <span class="hidden max-[1199px]:inline" aria-hidden="true">↷</span>
        <span class="max-[1199px]:sr-only">{{ $t('bench.benchHeader.redo') }}</span>
      </button>
      <SaveMenu v-model:compact="compact" />
      <RouterLink class="btn-main" :to="`/rehearse/${bench.id}`">{{
        $t('bench.benchHeader.rehearse')
      }}</RouterLink>
    </div>
    <p
      v-if="unusual || (bench.firstFailing && bench.stillOpen === 0)"
      class="mt-1 text-sm"
      data-testid="failing-way"
    >
      <template v-if="bench.firstFailing && bench.stillOpen === 0">
        <span class="font-semibold text-broken">▲ {{ bench.firstFailing.sentence }}</span>
        {{ bench.firstFailing.because }}
        <button v-if="!unusual" class="link" @click="bench.showFailing(bench.firstFailing)">
          {{ $t('bench.benchHeader.showMe') }} <kbd class="kbd ml-1">F</kbd>
        </button>
      </template>
      <template v-if="unusual">
        <span class="ml-1 text-soft">{{ $t('bench.benchHeader.shownIsNotTheUsual') }}</span>
        <button class="ml-2 link" @click="bench.showUsual()">
          {{ $t('bench.benchHeader.asUsual') }} <kbd class="kbd ml-1">F</kbd>
        </button>
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

@media (max-width: 1199px) {
  .title {
    max-width: 16rem;
  }
}
</style>
