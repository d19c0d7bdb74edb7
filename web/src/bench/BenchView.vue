<script setup lang="ts">
import { t } from '@/words'
import { useCatalogue } from '@/api/catalogue'
import { ApiProblem } from '@/api/client'
import { MAIN } from '@/routine'
import { inDialog, typing, useViewKeys } from '@/ui/keys'
import { useToast } from '@/ui/toast'
import { onKeyStroke, useElementSize, useEventListener, useLocalStorage } from '@vueuse/core'
import { computed, onBeforeUnmount, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import AudiencePanel from './AudiencePanel.vue'
import BeliefsPanel from './BeliefsPanel.vue'
import BenchHeader from './BenchHeader.vue'
import ClaimsPanel from './ClaimsPanel.vue'
import DeckTour from './DeckTour.vue'
import HintsPanel from './HintsPanel.vue'
import JottedDialog from './JottedDialog.vue'
import LedgerPanel from './LedgerPanel.vue'
import LinesBar from './LinesBar.vue'
import MovePalette from './MovePalette.vue'
import ScriptAndDeck from './ScriptAndDeck.vue'
import RemovalDialog from './RemovalDialog.vue'
import SetUpInspector from './SetUpInspector.vue'
import StepInspector from './StepInspector.vue'
import OutEditor from './OutEditor.vue'
import OutsPanel from './OutsPanel.vue'
import OwnMoveDialog from './OwnMoveDialog.vue'
import SetUpTray from './SetUpTray.vue'
import SightStrip from './SightStrip.vue'
import UnsavedLine from '@/saving/UnsavedLine.vue'
import { SET_UP, useBench } from './store'

const bench = useBench()
const catalogue = useCatalogue()
const toast = useToast()
const route = useRoute()
const router = useRouter()
const missing = ref('')
const palette = ref(false)
/** What was pasted to be jotted down; nothing while that sheet is closed. */
const jotted = ref<string>()
const composing = ref(false)
const tray = ref(false)
/** Names alone, so that a long routine is seen as a whole. */
const compact = useLocalStorage('bench-compact', false)
const seen = ref<HTMLElement>()
const { height: room } = useElementSize(seen)
/** Where there is no room beside the script, the inspector is a sheet at the foot of the page. */
const sheet = ref(false)

bench.load(route.params.id as string).catch((thrown: ApiProblem) => (missing.value = thrown.message))
onBeforeUnmount(bench.leave)
useEventListener(window, 'pagehide', bench.leave)

const selectedName = computed(() => {
  const step = bench.routine?.steps.find((s) => s.id === bench.selected)
  const move = catalogue.value.moves.find((m) => m.id === step?.move)
  return step ? `${bench.selectedIndex} · ${move?.name ?? step.move}` : 'Set-up'
})

const stepIds = computed(() => bench.routine?.steps.map((s) => s.id) ?? [])

function select(id: string): void {
  bench.selected = id
}

function selectNeighbour(by: number): void {
  const all = [SET_UP, ...stepIds.value]
  const at = all.indexOf(bench.selected) + by
  select(all[Math.max(0, Math.min(all.length - 1, at))]!)
}

/** Puts a move before the selected step, as it needs one. */
function addBefore(moveId: string): void {
  const at = stepIds.value.indexOf(bench.selected)
  select(stepIds.value[at - 1] ?? SET_UP)
  void bench.add(moveId)
}

/** Steps of another line are seen here and changed there. */
function belongsHere(id: string): boolean {
  if (id !== SET_UP && !bench.isOwn(id)) {
    toast.say(t('bench.benchView.thisStepBelongsToAnother'))
    return false
  }
  return id !== SET_UP
}

function remove(id: string): void {
  if (belongsHere(id)) {
    void bench.remove('step', id)
  }
}

function duplicate(id: string): void {
  if (id !== SET_UP) {
    void bench.double(id)
  }
}

function move(id: string, to: (from: number) => number): void {
  if (belongsHere(id)) {
    void bench.move(id, to)
  }
}

async function keepMine(): Promise<void> {
  try {
    const id = await bench.keepMineAsCopy()
    await router.push(`/bench/${id}`)
  } catch (thrown) {
    toast.say(t('bench.benchView.itCannotBeKeptAs', { thrown: (thrown as ApiProblem).message }))
  }
}

async function dropMine(): Promise<void> {
  try {
    await bench.dropMine()
  } catch (thrown) {
    missing.value = (thrown as ApiProblem).message
  }
}

useViewKeys([
  { keys: 'A', does: t('bench.benchView.addAMoveAfterThe') },
  { keys: 'J', does: t('bench.benchView.jotDown') },
  { keys: '↑ ↓', does: t('bench.benchView.selectTheStepBeforeOr') },
  { keys: 'Alt + ↑ ↓', does: t('bench.benchView.moveTheSelectedStep') },
  { keys: 'D', does: t('bench.benchView.duplicateTheSelectedStep') },
  { keys: 'Delete', does: t('bench.benchView.removeTheSelectedStep') },
  { keys: 'Ctrl + Z', does: t('bench.benchView.undo') },
  { keys: 'Ctrl + Shift + Z', does: t('bench.benchView.redo') },
  { keys: 'F', does: t('bench.benchView.showTheFirstWayThat') },
  { keys: 'C', does: t('bench.benchView.compactOrRoomyAgain') },
  { keys: 'R', does: t('bench.benchView.rehearse') },
  { keys: '?', does: t('bench.benchView.theseKeys') },
])

function onKey(key: string | string[], does: (event: KeyboardEvent) => void): void {
  onKeyStroke(key, (event) => {
    if (!typing(event) && !inDialog() && !event.defaultPrevented) {
      does(event)
    }
  })
}

onKey(['a', 'A'], (event) => {
  if (!event.ctrlKey && !event.metaKey) {
    event.preventDefault()
    palette.value = true
  }
})
onKey(['j', 'J'], (event) => {
  if (!event.ctrlKey && !event.metaKey) {
    event.preventDefault()
    jotted.value = ''
  }
})
onKey(['d', 'D'], (event) => {
  if (!event.ctrlKey && !event.metaKey) {
    duplicate(bench.selected)
  }
})
onKey(['f', 'F'], (event) => {
  if (!event.ctrlKey && !event.metaKey) {
    bench.toggleFailing()
  }
})
onKey(['c', 'C'], (event) => {
  if (!event.ctrlKey && !event.metaKey) {
    compact.value = !compact.value
  }
})
onKey(['r', 'R'], (event) => {
  if (!event.ctrlKey && !event.metaKey) {
    void router.push(`/rehearse/${bench.id}`)
  }
})
onKey('Delete', () => remove(bench.selected))
onKey(['ArrowUp', 'ArrowDown'], (event) => {
  const by = event.key === 'ArrowUp' ? -1 : 1
  event.preventDefault()
  if (event.altKey) {
    move(bench.selected, (from) => from + by)
  } else {
    selectNeighbour(by)
  }
})
onKey(['z', 'Z'], (event) => {
  if (event.ctrlKey || event.metaKey) {
    event.preventDefault()
    void (event.shiftKey ? bench.redo() : bench.undo())
  }
})
</script>

<template>
  <p v-if="missing" role="alert" class="p-8">
    {{ missing }} <RouterLink to="/" class="link">{{ $t('bench.benchView.backToTheRepertoire') }}</RouterLink>
  </p>
  <div v-else-if="bench.routine" class="whole">
    <BenchHeader v-model:compact="compact" />
    <UnsavedLine
      :state="bench.state"
      :failure="bench.failure"
      :refusal="bench.refusal"
      :other-folder="bench.otherFolder"
      @keep="keepMine"
      @drop="dropMine"
    />
    <LinesBar v-if="bench.whole!.outs.length > 0" />
    <div class="bench">
      <div ref="seen" class="seen">
        <DeckTour v-if="bench.routine.steps.length > 2" />
        <ScriptAndDeck
          class="grow"
          :compact="compact"
          :room="room"
          @select="select"
          @move="move"
          @remove="remove"
          @duplicate="duplicate"
          @add="palette = true"
        />
        <SightStrip />
      </div>
      <aside class="inspector" :class="{ open: sheet }" :aria-label="$t('bench.benchView.selectedStep')">
        <button class="handle" :aria-expanded="sheet" @click="sheet = !sheet">
          <span class="min-w-0 font-semibold">{{ selectedName }}</span>
          <span class="shrink-0 text-sm"
            >{{ sheet ? $t('bench.benchView.close') : $t('bench.benchView.settingsClaimsHints') }}
            {{ sheet ? '▾' : '▴' }}</span
          >
        </button>
        <OutEditor v-if="bench.line !== MAIN" />
        <SetUpInspector v-if="bench.selected === SET_UP" @lay="tray = true" />
        <StepInspector v-else :key="bench.selected" @compose="composing = true" @before="addBefore" />
        <HintsPanel :here="true" />
        <LedgerPanel />
        <BeliefsPanel />
        <ClaimsPanel />
        <OutsPanel />
        <HintsPanel :here="false" />
        <AudiencePanel />
      </aside>
    </div>
    <OwnMoveDialog v-model:open="composing" />
    <SetUpTray v-model:open="tray" />
    <RemovalDialog />
    <MovePalette v-model:open="palette" :catalogue="catalogue" @pick="bench.add" @jot="jotted = $event" />
    <JottedDialog
      v-if="jotted !== undefined"
      :open="true"
      :pasted="jotted"
      @update:open="jotted = undefined"
    />
  </div>
</template>

<style scoped>
/* The header stays in view: what is below it scrolls, each side by itself. */
.whole {
  display: flex;
  flex-direction: column;
  height: calc(100dvh - 3rem);
  min-height: 24rem;
}

.bench {
  display: grid;
  flex: 1 1 0;
  min-height: 0;
  grid-template-columns: minmax(0, 1fr) 340px;
}

.seen {
  display: flex;
  flex-direction: column;
  min-width: 0;
  overflow-y: auto;
}

.inspector {
  border-left: 1px solid var(--rule);
  padding: 0.75rem 1.25rem 5rem;
  overflow-y: auto;
}

.handle {
  display: none;
}

@media (max-width: 900px) {
  .whole {
    height: auto;
    padding-bottom: 4rem;
  }

  .handle {
    position: sticky;
    top: 0;
    z-index: 1;
    display: flex;
    width: 100%;
    min-height: 3.25rem;
    align-items: center;
    justify-content: space-between;
    gap: 1rem;
    background: var(--paper);
    text-align: left;
  }

  .bench {
    grid-template-columns: minmax(0, 1fr);
  }

  .seen {
    overflow-y: visible;
  }

  .inspector {
    position: fixed;
    inset: auto 0 0;
    z-index: 10;
    max-height: 75dvh;
    border-left: 0;
    border-top: 2px solid var(--brass-line);
    background: var(--paper);
    padding: 0 1.25rem;
  }

  .inspector.open {
    padding-bottom: 2rem;
  }

  .inspector:not(.open) > :not(.handle) {
    display: none;
  }
}
</style>
