<script setup lang="ts">
import { t } from '@/words'
import { answered, api, type Pile, type Rehearsal, type Routine, type Trace, type World } from '@/api/client'
import { useComputation } from '@/api/computation'
import { RoleChip } from '@/deck'
import { clock } from '@/ui/time'
import { alone } from '@/routine'
import { computed, shallowRef } from 'vue'
import { slips, total, type Session } from './session'
import SlipFinder from './SlipFinder.vue'

const props = defineProps<{
  trace: Trace
  session: Session
  routine: Routine
  world: World
  /** The runs that were kept. */
  runs: Rehearsal[]
  /** What was answered, once it is kept. */
  kept: '' | 'came out' | 'failed'
  /** What there is to say of keeping it: why it waits, or is not kept. */
  keeping: string
}>()
defineEmits<{ cameOut: [yes: boolean]; again: [] }>()
const notes = defineModel<string>('notes', { default: '' })

const ENDS = 5

/** Shares are summed up. */
const ROUNDING = 1e-9

const end = computed(() => props.trace.moments.at(-1)!)

const survey = useComputation((computation) =>
  answered(api.POST('/api/survey', { body: { routine: alone(props.routine), computation } })),
)
/** The end with what you know of it, once all ways were gone through. */
const known = shallowRef<Trace['moments'][number]>()
void survey.start()
void knowTheEnd()

async function knowTheEnd(): Promise<void> {
  try {
    const body = { routine: alone(props.routine), world: props.world }
    known.value = (await answered(api.POST('/api/trace/known', { body }))).moments.at(-1)
  } catch {
    // Without it no number is told.
  }
}

/** What is so at the end whichever way it went. */
const always = computed(() =>
  (survey.answer.value?.findings ?? [])
    .filter(
      (f) => f.kind === 'claim' && f.verdict === 'always' && f.moment === props.trace.moments.length - 1,
    )
    .map((f) => f.sentence),
)
/** Whether nothing was left to people, hands or chance: then every card that was stated is where this run has it. */
const settled = computed(() => props.trace.moments.every((m) => m.choices.length === 0))

type RoleState = Trace['moments'][number]['roles'][number]

/** Where a card should be: a number only where you know it. */
function place(role: number): string {
  const state = end.value.roles[role]!
  const knows = known.value?.roles[role]
  const { position, fromBottom, placeLabel } = state
  if (knows?.placeKnown === 'exact') {
    const side = state.faceUp ? t('rehearse.endCheck.up') : t('rehearse.endCheck.down')
    return t('rehearse.endCheck.fromTheTopFromThe', { position, fromBottom, placeLabel, state: side })
  }
  if (knows?.placeKnown === 'near') {
    return t('rehearse.endCheck.near', { position, within: knows.within, placeLabel })
  }
  if (knows?.placeKnown === 'in-pile' || knows?.placeKnown === 'by-looking') {
    return t('rehearse.endCheck.somewhereIn', { placeLabel })
  }
  if (knows?.placeKnown === 'lost') {
    return t('rehearse.endCheck.anywhere')
  }
  // Where nobody went through all ways, what was the same in all that were tried is told as that.
  return inAllTried(role, state) ? t('rehearse.endCheck.inAllTried', { position, placeLabel }) : ''
}

/** Whether a card lay at this one place in every way that the survey tried. */
function inAllTried(role: number, state: RoleState): boolean {
  const spots = survey.answer.value?.bands.at(-1)?.[role] ?? []
  return spots.length === 1 && spots[0]!.place === state.place && spots[0]!.share > 1 - ROUNDING
}

function placed(state: RoleState, role: number): boolean {
  return state.place !== '' && known.value?.roles[role]?.placeKnown === 'exact'
}

/** A card as it should lie there: its name where somebody stated it, and where it is so in all ways. */
function cards(pile: Pile, from: number, to: number) {
  return pile.cards.slice(from, to).map((number, i) => {
    const card = props.trace.cards[number]!
    const role = end.value.roles.findIndex((r, index) => r.card === number && placed(r, index))
    const told = card.stated === 'placed' && (settled.value || role >= 0)
    return {
      number,
      name: told ? card.name : t('rehearse.endCheck.someCard'),
      sign: told ? card.sign : '',
      red: told && card.red,
      up: pile.faceUp[from + i]!,
      tells: told || role >= 0,
      role,
      position: from + i + 1,
    }
  })
}

/** The piles of which something is known, card by card. */
const piles = computed(() =>
  end.value.piles
    .map((pile) => {
      const { length } = pile.cards
      const rows =
        length <= 2 * ENDS
          ? [{ name: t('rehearse.endCheck.topToBottom'), cards: cards(pile, 0, length) }]
          : [
              { name: t('rehearse.endCheck.topFive'), cards: cards(pile, 0, ENDS) },
              { name: t('rehearse.endCheck.bottomFive'), cards: cards(pile, length - ENDS, length) },
            ]
      return { label: pile.label, size: length, rows: rows.filter((row) => row.cards.some((c) => c.tells)) }
    })
    .filter((pile) => pile.rows.length > 0),
)
/** Kept is said when it is kept. */
const said = computed(() => {
  if (props.keeping) {
    return props.kept === 'failed' ? t('rehearse.endCheck.itDidNotComeOut') : t('rehearse.endCheck.itCameOut')
  }
  return props.kept === 'failed'
    ? t('rehearse.endCheck.keptItDidNotCome')
    : t('rehearse.endCheck.keptItCameOut')
})
const slowest = computed(() => Math.max(1, ...props.session.steps.map((s) => s.millis)))

function stepName(stepId: string): string {
  return props.trace.moments.find((m) => m.stepId === stepId)?.sentence ?? ''
}
</script>

<template>
  <section class="mx-auto w-full max-w-6xl py-4" :aria-label="$t('rehearse.endCheck.endCheck')">
    <div class="flex flex-wrap items-center gap-4">
      <h2 class="text-4xl">{{ $t('rehearse.endCheck.didItComeOut') }}</h2>
      <template v-if="!kept">
        <button class="btn-main px-6 py-2 text-xl" @click="$emit('cameOut', true)">
          {{ $t('rehearse.endCheck.yesAsBelow') }} <kbd class="kbd ml-1">Y</kbd>
        </button>
        <button class="btn px-6 py-2 text-xl" @click="$emit('cameOut', false)">
          {{ $t('rehearse.endCheck.no') }} <kbd class="kbd ml-1">N</kbd>
        </button>
      </template>
      <p
        v-else
        role="status"
        class="text-xl font-semibold"
        :class="kept === 'failed' ? 'text-broken' : 'text-holds'"
      >
        {{ said }}
      </p>
      <button v-if="kept" class="btn px-6 py-2 text-xl" @click="$emit('again')">
        {{ $t('rehearse.endCheck.onceMore') }}
      </button>
      <span class="ml-auto text-lg text-soft">{{
        $t('rehearse.endCheck.inAll', {
          clock: clock(total(session, 0)),
          slips: $t('rehearse.endCheck.slips', slips(session)),
        })
      }}</span>
    </div>
    <p v-if="keeping" role="alert" class="mt-2 text-lg text-broken">{{ keeping }}</p>
    <label v-if="!kept" class="mt-4 block max-w-2xl">
      <span class="text-soft">{{ $t('rehearse.endCheck.notesOnThisRun') }}</span>
      <textarea v-model="notes" rows="2" maxlength="1000" class="w-full field" />
    </label>
    <SlipFinder v-if="kept === 'failed'" :routine="routine" :world="world" :trace="trace" :runs="runs" />
    <div class="mt-5 grid gap-8 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
      <div>
        <h3 class="text-xl">{{ $t('rehearse.endCheck.whatShouldBeThere') }}</h3>
        <ul v-if="always.length > 0" class="mt-2 space-y-1 text-xl" data-testid="in-every-way">
          <li v-for="sentence in always" :key="sentence">
            <span class="text-holds" aria-hidden="true">✓</span> {{ sentence }}
          </li>
        </ul>
        <p v-else-if="survey.running.value" class="mt-2 text-soft">
          {{ $t('rehearse.endCheck.goingThrough') }}
        </p>
        <ul class="mt-3 space-y-2">
          <li
            v-for="(state, i) in end.roles"
            :key="trace.roles[i]!.letter"
            class="flex items-center gap-3 text-lg"
          >
            <RoleChip :letter="trace.roles[i]!.letter" :index="i" />
            <span v-if="state.place">
              <strong>{{ trace.roles[i]!.label }}</strong>{{ place(i) }}
            </span>
            <span v-else>{{
              $t('rehearse.endCheck.notChosenThisTime', { label: trace.roles[i]!.label })
            }}</span>
          </li>
        </ul>
        <div v-for="pile in piles" :key="pile.label" class="mt-5">
          <h4 class="font-semibold">
            {{ $t('rehearse.endCheck.cards', { pile: pile.label, n: pile.size }, pile.size) }}
          </h4>
          <div
            v-for="row in pile.rows"
            :key="row.name"
            class="mt-1 flex items-center gap-2"
            data-testid="end-row"
          >
            <span class="w-24 shrink-0 text-sm text-soft">{{ row.name }}</span>
            <span
              v-for="card in row.cards"
              :key="card.number"
              class="relative flex h-12 w-12 items-center justify-center rounded border text-lg font-semibold"
              :class="[
                card.up ? 'border-(--brass-line) bg-(--slot-up)' : 'border-(--slot-rule) bg-(--slot)',
                card.red ? 'text-pip-red' : '',
              ]"
              :title="
                $t('rehearse.endCheck.fromTheTopFace', {
                  name: card.name,
                  position: card.position,
                  card: card.up ? $t('ui.face.up') : $t('ui.face.down'),
                })
              "
            >
              {{ card.sign.replace('Joker ', '★') }}
              <RoleChip
                v-if="card.role >= 0"
                class="absolute -top-2 -right-2 scale-75"
                :letter="trace.roles[card.role]!.letter"
                :index="card.role"
              />
            </span>
          </div>
        </div>
      </div>
      <div>
        <h3 class="text-xl">{{ $t('rehearse.endCheck.stepByStep') }}</h3>
        <ol class="mt-2 space-y-2">
          <li v-for="(step, i) in session.steps" :key="step.stepId" class="text-sm">
            <span class="flex justify-between gap-2">
              <span class="truncate">{{ i + 1 }} · {{ stepName(step.stepId) }}</span>
              <span class="shrink-0"
                >{{ $t('rehearse.endCheck.s', { step: (step.millis / 1000).toFixed(1) })
                }}<template v-if="step.slips">
                  · <strong class="text-broken">{{ step.slips }} ✕</strong></template
                ></span
              >
            </span>
            <span class="mt-0.5 block h-1.5 rounded bg-rule" aria-hidden="true">
              <span
                class="block h-full rounded"
                :class="step.slips ? 'bg-broken' : 'bg-brass'"
                :style="{ width: `${(100 * step.millis) / slowest}%` }"
              />
            </span>
          </li>
        </ol>
      </div>
    </div>
  </section>
</template>
