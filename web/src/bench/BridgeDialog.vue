<script setup lang="ts">
import { t } from '@/words'
import SheetDialog from '@/ui/SheetDialog.vue'
import { useCatalogue } from '@/api/catalogue'
import { answered, api, type Bridge, type ClaimSpec, type Trace } from '@/api/client'
import { alone, newClaimSpec } from '@/routine'
import { RunningDeck } from '@/deck'
import { BasicMoves, useAsksBasics } from '@/moves'
import { count, percent } from '@/ui/verdict'
import { computed, ref, shallowRef, watch } from 'vue'
import ClaimEditor from './ClaimEditor.vue'
import { useComputation } from '@/api/computation'
import { SET_UP, useBench } from './store'

const open = defineModel<boolean>('open', { required: true })

const PICTURE = 330

/** What works in less than this part of the ways is listed when it is asked for. */
const OFTEN = 0.5

const bench = useBench()
const catalogue = useCatalogue()
const goal = ref<ClaimSpec>()
const onlyMine = ref(false)
const asking = useAsksBasics(onlyMine)
const pictures = shallowRef<Trace[]>([])
/** Whether ways that fail more often than not are listed too. */
const rareToo = ref(false)

const { running, share, answer, failure, start, stop } = useComputation(async (computation) => {
  const routine = bench.routine!
  const found = await answered(
    api.POST('/api/bridge', {
      body: {
        computation,
        routine: alone(routine),
        after: bench.selected,
        goal: goal.value!,
        onlyMine: onlyMine.value,
      },
    }),
  )
  const at = bench.selectedIndex
  pictures.value = await Promise.all(
    found.ways.map(async (way) => {
      const { steps } = way.routine
      const until = steps.findIndex((step) => step.id === way.last) + 1
      const short = { ...way.routine, steps: steps.slice(0, until), claims: [] }
      const trace = await answered(api.POST('/api/trace', { body: { routine: short, world: {} } }))
      return { ...trace, moments: trace.moments.slice(at) }
    }),
  )
  return found
})

const ways = computed(() =>
  (answer.value?.ways ?? [])
    .map((way, i) => ({ way, picture: pictures.value[i] }))
    .filter(({ way }) => rareToo.value || way.share >= OFTEN),
)
/** The layout from which ways are sought. */
const from = computed<Trace | undefined>(() => {
  const at = bench.trace?.moments[bench.selectedIndex]
  return at && { ...bench.trace!, moments: [at] }
})
const rare = computed(() => (answer.value?.ways ?? []).filter((way) => way.share < OFTEN).length)

watch(
  open,
  (now) => {
    if (now && bench.routine) {
      goal.value = bench.goal ?? newClaimSpec(bench.routine, 'position', catalogue.value)
      pictures.value = []
      rareToo.value = false
      answer.value = undefined
      failure.value = ''
      if (bench.goal) {
        void start()
      }
    } else {
      stop()
    }
  },
  { immediate: true },
)

function insert(way: Bridge['ways'][number]): void {
  bench.edit(way.routine)
  bench.selected = way.last
  open.value = false
}

/** How a way looks to whoever watches. */
function looks(oddity: number): string {
  return oddity === 0
    ? t('bench.bridgeDialog.looksNatural')
    : oddity < 3
      ? t('bench.bridgeDialog.needsAReason')
      : t('bench.bridgeDialog.looksArranged')
}

function outcome(): string {
  const found = answer.value
  if (!found) {
    return ''
  }
  switch (found.outcome) {
    case 'found':
      return t('bench.bridgeDialog.thereTheShortestFirstThen', {}, found.ways.length)
    case 'none':
      return t('bench.bridgeDialog.noneWithinMoves', { within: found.within, found: tried(found) })
    default:
      return t('bench.bridgeDialog.stoppedWhileTryingInA', { within: found.within, found: tried(found) })
  }
}

/** What a search without an answer tried, and what would widen it. */
function tried(found: Bridge): string {
  const layouts = t('bench.bridgeDialog.layouts', { tried: count(found.tried) }, found.tried)
  const done = t('bench.bridgeDialog.triedMovesThatLeaveNothing', { moves: count(found.moves), layouts })
  const wider =
    found.leftOut > 0
      ? t('bench.bridgeDialog.movesThatYouDoNot', { leftOut: count(found.leftOut) })
      : t('bench.bridgeDialog.askForLessOrBegin')
  return `${done} ${wider}`
}
</script>

<template>
  <SheetDialog v-model:open="open" :title="$t('bench.bridgeDialog.getMeThere')" width="wide">
    <div class="mt-2 grid min-h-0 grow gap-6 overflow-y-auto md:grid-cols-[300px_minmax(0,1fr)]">
      <form @submit.prevent="start">
        <p class="text-sm text-soft">
          {{
            $t('bench.bridgeDialog.fromTheLayoutAfterTo', {
              selected:
                bench.selected === SET_UP
                  ? $t('bench.bridgeDialog.theSetUp')
                  : $t('bench.bridgeDialog.step', { selectedIndex: bench.selectedIndex }),
            })
          }}
        </p>
        <ClaimEditor v-if="goal" :claim="goal" path="goal" @change="goal = $event" />
        <label class="mt-3 flex items-center gap-2 text-sm">
          <input v-model="onlyMine" type="checkbox" /> {{ $t('bench.bridgeDialog.onlyMovesThatICan') }}
        </label>
        <BasicMoves v-if="onlyMine && asking" class="mt-2" />
        <div class="mt-3 flex gap-2">
          <button type="submit" class="btn-main" :disabled="running">
            {{ $t('bench.bridgeDialog.findWays') }}
          </button>
          <button v-if="running" type="button" class="btn" @click="stop">
            {{ $t('bench.bridgeDialog.stop') }}
          </button>
          <button type="button" class="btn" @click="open = false">
            {{ $t('bench.bridgeDialog.close') }}
          </button>
        </div>
        <RouterLink
          class="mt-3 block link text-sm"
          :to="{ path: '/invent', query: { routine: bench.id, after: bench.selected } }"
          >{{ $t('bench.bridgeDialog.invent') }}</RouterLink
        >
        <progress
          v-if="running"
          class="mt-3 w-full"
          :value="share"
          :aria-label="$t('bench.bridgeDialog.howFarTheSearchIs')"
        />
        <p role="status" class="mt-3" data-testid="bridge-outcome">
          {{ running ? $t('bench.bridgeDialog.lookingForWays') : failure || outcome() }}
        </p>
      </form>
      <div v-if="from && ways.length === 0">
        <p class="text-sm text-soft">{{ $t('bench.bridgeDialog.fromHere') }}</p>
        <RunningDeck
          :trace="from"
          :width="2 * PICTURE - 160"
          :row-height="90"
          :slot-height="24"
          :slot-top="26"
          class="mt-1"
        />
      </div>
      <ol class="space-y-3" :aria-label="$t('bench.bridgeDialog.ways')">
        <li
          v-for="({ way, picture }, i) in ways"
          :key="i"
          class="rounded-lg border border-rule bg-raised p-3"
          data-testid="way"
        >
          <div class="flex items-start justify-between gap-3">
            <p>
              <strong>{{ way.names.join(', then ') }}</strong>
              <span class="block text-sm text-soft">
                {{ '●'.repeat(way.difficulty) }}{{ '○'.repeat(5 - way.difficulty) }} ·
                {{ way.secret > 0 ? $t('bench.bridgeDialog.secret') : $t('bench.bridgeDialog.inTheOpen') }} ·
                {{ looks(way.oddity) }} ·
                {{
                  way.share === 1
                    ? $t('bench.bridgeDialog.alwaysWorks')
                    : $t(
                        way.atLeast
                          ? 'bench.bridgeDialog.worksInAtLeast'
                          : 'bench.bridgeDialog.worksInOfTheWays',
                        { share: percent(way.share) },
                      )
                }}
              </span>
            </p>
            <button
              class="btn"
              :aria-label="$t('bench.bridgeDialog.insert', { way: way.names.join(', then ') })"
              @click="insert(way)"
            >
              {{ $t('bench.bridgeDialog.insert2') }}
            </button>
          </div>
          <RunningDeck
            v-if="picture"
            :trace="picture"
            :width="PICTURE"
            :row-height="34"
            :slot-height="12"
            :slot-top="4"
            thumbnail
            class="mt-2"
          />
        </li>
        <li v-if="rare > 0">
          <button type="button" class="btn" :aria-pressed="rareToo" @click="rareToo = !rareToo">
            {{
              $t(rareToo ? 'bench.bridgeDialog.leaveOutRare' : 'bench.bridgeDialog.rareToo', { rare }, rare)
            }}
          </button>
        </li>
      </ol>
    </div>
  </SheetDialog>
</template>
