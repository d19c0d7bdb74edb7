<script setup lang="ts">
import { t } from '@/words'
import {
  answered,
  api,
  type ApiProblem,
  type ClaimSpec,
  type Find,
  type Invented,
  type Invention,
  type NamedQuestion,
  type Question,
  type Routine,
  type RoutineEntry,
  type Step,
} from '@/api/client'
import { useCatalogue } from '@/api/catalogue'
import { useComputation } from '@/api/computation'
import { ClaimFields, type PlayedWorld } from '@/fields'
import { useViewKeys } from '@/ui/keys'
import { useToast } from '@/ui/toast'
import { count } from '@/ui/verdict'
import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { byIdea, COLUMNS, inColumn, sorted, type Column } from './columns'
import FindDetail from './FindDetail.vue'
import FindShelf from './FindShelf.vue'
import { useFinds } from './useFinds'

/** How often it is asked what was found. */
const ASK_EVERY_MS = 800
const LARGEST = 52
/** So much of a title leaves room for what is put before it. */
const LONGEST_TITLE = 80

const catalogue = useCatalogue()
const router = useRouter()
const route = useRoute()
const toast = useToast()
const { finds, load, put, keep, takeOff } = useFinds()

const questions = shallowRef<NamedQuestion[]>([])
const routines = shallowRef<RoutineEntry[]>([])
const begun = ref('0')
const question = shallowRef<Question>()
/** What was asked of what is listed: its finds are opened with it, whatever is changed meanwhile. */
const asked = shallowRef<Question>()
const numbers = ref('')
const soFar = shallowRef<Invented>()
const column = ref<Column>('choices')
/** What was picked; the best one as long as none was. */
const picked = shallowRef<Invention>()
const keptNow = shallowRef<Invention[]>([])
const problem = ref('')
let round = 0

const played = computed<PlayedWorld>(() => ({
  routine: question.value!.routine,
  roles: question.value!.routine.roles,
  problems: [],
}))
const listed = computed(() => sorted(soFar.value?.found ?? [], column.value))
const ideas = computed(() => byIdea(listed.value))
/** Whether all of an idea are listed, or the first alone. */
const allToo = ref(false)
const others = computed(() => listed.value.length - ideas.value.length)
const selected = computed(() => picked.value ?? listed.value[0])
const written = computed(() => numbers.value.split(/[\s,]+/).filter((n) => n !== ''))
const wrongNumbers = computed(() => written.value.some((n) => !(/^\d+$/.test(n) && +n >= 1 && +n <= LARGEST)))

/** What is asked for, its routine told what it is an answer to: so it is found again on a shelf. */
const sought = computed<Question | undefined>(() => {
  const { routine, steps, choices } = question.value ?? {}
  return (
    routine && {
      ...question.value!,
      routine: {
        ...routine,
        summary: t('invent.inventView.asked', { title: routine.title, steps, choices }),
      },
      numbers: written.value.map(Number),
    }
  )
})
/** Whether it is the same question as before, of which not all is found yet. */
const goesOn = computed(
  () => !!soFar.value && !soFar.value.done && JSON.stringify(sought.value) === JSON.stringify(asked.value),
)

const { running, share, failure, start, stop } = useComputation(async (computation) => {
  const mine = ++round
  const now = sought.value!
  if (!goesOn.value) {
    asked.value = now
    soFar.value = undefined
    picked.value = undefined
  }
  const looking = window.setInterval(() => void look(computation, mine), ASK_EVERY_MS)
  try {
    // A request takes some seconds; the same question again goes on.
    while (mine === round) {
      const got = await answered(api.POST('/api/invent', { body: { computation, question: now } }))
      soFar.value = got
      if (got.done) {
        break
      }
    }
  } finally {
    window.clearInterval(looking)
  }
  return soFar.value
})

async function look(computation: string, mine: number): Promise<void> {
  try {
    const path = { computation }
    const got = await answered(api.GET('/api/invent/{computation}', { params: { path } }))
    if (mine === round && got.tried > (soFar.value?.tried ?? 0)) {
      soFar.value = got
    }
  } catch {
    // It will be asked again.
  }
}

function same(one: Invention, other: Invention): boolean {
  return JSON.stringify(one.steps) === JSON.stringify(other.steps)
}

function end(): void {
  round++
  stop()
}

onScopeDispose(end)

async function attempt(does: () => Promise<void>): Promise<void> {
  problem.value = ''
  try {
    await does()
  } catch (thrown) {
    problem.value = (thrown as ApiProblem).message
  }
}

function fromQuestion(index: number): void {
  question.value = questions.value[index]!.question
}

/** The question of before, of a routine from one of its steps on. */
async function fromRoutine(id: string, after?: string): Promise<void> {
  const stored = await answered(api.GET('/api/routines/{id}', { params: { path: { id } } }))
  if (begun.value !== id) {
    // Something else was chosen meanwhile.
    return
  }
  const title = t('invent.inventView.foundFrom', { title: stored.routine.title.slice(0, LONGEST_TITLE) })
  const routine = { ...stored.routine, title }
  const last = after ?? routine.steps.at(-1)?.id ?? ''
  const role = routine.roles[0]?.letter
  const goal: ClaimSpec = {
    kind: role ? 'place-known' : 'same-face-up',
    settings: role ? { role } : {},
    not: false,
    or: [],
  }
  question.value = { ...(question.value ?? questions.value[0]!.question), routine, after: last, goal }
}

function begin(value: string): Promise<void> {
  begun.value = value
  return attempt(async () => {
    if (/^\d+$/.test(value)) {
      fromQuestion(+value)
    } else {
      await fromRoutine(value)
    }
  })
}

function nameOf(step: Step): string {
  const own = question.value!.routine.ownMoves.find((move) => move.id === step.move)
  return own?.name ?? catalogue.value.moves.find((move) => move.id === step.move)?.name ?? step.move
}

function change(changed: Partial<Question>): void {
  question.value = { ...question.value!, ...changed }
}

const open = (routine: Routine) =>
  attempt(async () => {
    const made = await answered(api.POST('/api/routines/from-file', { body: routine as never }))
    await router.push(`/bench/${made.id}`)
  })

const keepFound = (routine: Routine) =>
  attempt(async () => {
    const found = selected.value!
    await keep(found, routine)
    keptNow.value = [...keptNow.value, found]
    toast.say(t('invent.findDetail.kept'))
  })

const note = (find: Find, text: string) => attempt(() => put({ ...find, note: text }))

const drop = (find: Find) =>
  attempt(async () => {
    await takeOff(find)
    toast.say(t('invent.findShelf.takenOff'), () => void attempt(() => put(find)))
  })

function outcome(): string {
  const got = soFar.value
  if (!got) {
    return ''
  }
  const numbersOf = {
    found: count(got.found.length),
    tried: count(got.tried),
    actions: count(got.actions),
    length: got.length,
    steps: asked.value!.steps,
    layouts: count(got.layouts),
  }
  if (running.value) {
    return t('invent.inventView.so', numbersOf)
  }
  if (!got.done) {
    return t('invent.inventView.stopped', numbersOf)
  }
  return got.found.length > 0
    ? t('invent.inventView.over', numbersOf)
    : `${t('invent.inventView.none', numbersOf)} ${t('invent.inventView.wider')}`
}

const HEADS: Record<Column, { short: string; long: string }> = {
  choices: { short: t('invent.inventView.free'), long: t('invent.inventView.freely') },
  ways: { short: t('invent.inventView.ways'), long: t('invent.inventView.ways') },
  steps: { short: t('invent.inventView.stepsShort'), long: t('invent.inventView.stepsShort') },
  dealt: { short: t('invent.inventView.dealt'), long: t('invent.inventView.dealt') },
  distance: { short: t('invent.inventView.after'), long: t('invent.inventView.afterLast') },
}

void attempt(async () => {
  questions.value = await answered(api.GET('/api/invent/questions'))
  fromQuestion(0)
  routines.value = await answered(api.GET('/api/routines'))
  await load()
  const asks = route.query.routine
  if (typeof asks === 'string') {
    begun.value = asks
    await fromRoutine(asks, typeof route.query.after === 'string' ? route.query.after : undefined)
  }
})

document.title = t('invent.inventView.invent')
useViewKeys([{ keys: '?', does: t('moves.movesView.theseKeys') }])
</script>

<template>
  <div class="invent grow">
    <section class="asks" :aria-label="$t('invent.inventView.whatIsSought')">
      <h1 class="text-2xl">{{ $t('invent.inventView.invent') }}</h1>
      <form v-if="question" class="mt-2 space-y-2" @submit.prevent="start">
        <label class="block text-sm font-semibold" for="begin-with">{{
          $t('invent.inventView.beginWith')
        }}</label>
        <select
          id="begin-with"
          :value="begun"
          class="w-full field"
          @change="begin(($event.target as HTMLSelectElement).value)"
        >
          <optgroup :label="$t('invent.inventView.roomsOfQuestions')">
            <option v-for="(each, i) in questions" :key="i" :value="String(i)">{{ each.title }}</option>
          </optgroup>
          <optgroup :label="$t('invent.inventView.yourRoutines')">
            <option v-for="each in routines" :key="each.id" :value="each.id">{{ each.title }}</option>
          </optgroup>
        </select>
        <label class="block text-sm font-semibold" for="after-step">{{
          $t('invent.inventView.afterStep')
        }}</label>
        <select
          id="after-step"
          :value="question.after"
          class="w-full field"
          @change="change({ after: ($event.target as HTMLSelectElement).value })"
        >
          <option value="">{{ $t('invent.inventView.theSetUp') }}</option>
          <option v-for="(step, i) in question.routine.steps" :key="step.id" :value="step.id">
            {{ i + 1 }} · {{ nameOf(step) }}
          </option>
        </select>
        <h2 class="pt-1 text-sm font-semibold">{{ $t('invent.inventView.inTheEnd') }}</h2>
        <ClaimFields :claim="question.goal" path="goal" :played="played" @change="change({ goal: $event })" />
        <div class="grid grid-cols-2 gap-x-3 gap-y-1 pt-1 text-sm">
          <label for="steps">{{ $t('invent.inventView.steps') }}</label>
          <input
            id="steps"
            class="field"
            type="number"
            min="1"
            max="8"
            :value="question.steps"
            @input="change({ steps: +($event.target as HTMLInputElement).value })"
          />
          <label for="choices">{{ $t('invent.inventView.choices') }}</label>
          <input
            id="choices"
            class="field"
            type="number"
            min="0"
            max="5"
            :value="question.choices"
            @input="change({ choices: +($event.target as HTMLInputElement).value })"
          />
          <label for="secret">{{ $t('invent.inventView.secret') }}</label>
          <input
            id="secret"
            class="field"
            type="number"
            min="0"
            max="8"
            :value="question.secret"
            @input="change({ secret: +($event.target as HTMLInputElement).value })"
          />
          <label for="difficulty">{{ $t('invent.inventView.difficulty') }}</label>
          <select
            id="difficulty"
            class="field"
            :value="question.difficulty"
            @change="change({ difficulty: +($event.target as HTMLSelectElement).value })"
          >
            <option v-for="n in [1, 2, 3, 4, 5]" :key="n" :value="n">
              {{ '●'.repeat(n) }}{{ '○'.repeat(5 - n) }}
            </option>
          </select>
          <label for="numbers">{{ $t('invent.inventView.numbers') }}</label>
          <input
            id="numbers"
            v-model="numbers"
            class="field"
            maxlength="80"
            :placeholder="$t('invent.inventView.usualNumbers')"
            :aria-invalid="wrongNumbers"
            aria-describedby="numbers-wrong"
          />
          <label class="col-span-2 flex items-center gap-2 py-1">
            <input
              type="checkbox"
              :checked="question.table"
              @change="change({ table: ($event.target as HTMLInputElement).checked })"
            />
            {{ $t('invent.inventView.table') }}
          </label>
        </div>
        <p v-if="wrongNumbers" id="numbers-wrong" role="alert" class="text-sm text-broken">
          {{ $t('invent.inventView.notANumber') }}
        </p>
        <div class="flex gap-2">
          <button type="submit" class="btn-main" :disabled="running || wrongNumbers">
            {{ goesOn ? $t('invent.inventView.goOn') : $t('invent.inventView.find') }}
          </button>
          <button v-if="running" type="button" class="btn" @click="end">
            {{ $t('invent.inventView.stop') }}
          </button>
        </div>
        <progress v-if="running" class="w-full" :value="share" :aria-label="$t('invent.inventView.howFar')" />
      </form>
      <p role="status" class="mt-2" data-testid="invent-outcome">
        {{ failure || problem || (running && !soFar ? $t('invent.inventView.looking') : outcome()) }}
      </p>
    </section>

    <section class="min-w-0 px-6 py-4" :aria-label="$t('invent.inventView.finds')">
      <p v-if="listed.length === 0" class="text-lg text-soft">{{ $t('invent.inventView.pickOne') }}</p>
      <div v-else class="finds">
        <table class="w-full text-left">
          <thead class="text-sm">
            <tr>
              <th scope="col" class="font-normal text-soft">{{ $t('invent.inventView.procedure') }}</th>
              <th
                v-for="each in COLUMNS"
                :key="each.key"
                scope="col"
                class="w-16 text-right font-normal"
                :aria-sort="column === each.key ? (each.more ? 'descending' : 'ascending') : undefined"
              >
                <button
                  class="min-h-6 text-brass"
                  :class="{ 'font-semibold underline': column === each.key }"
                  :title="HEADS[each.key].long"
                  :aria-label="$t('invent.inventView.sortedBy', { column: HEADS[each.key].long })"
                  @click="column = each.key"
                >
                  {{ HEADS[each.key].short }}
                </button>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="(found, i) in allToo ? ideas.flat() : ideas.map((idea) => idea[0]!)"
              :key="i"
              class="border-t border-rule"
              :class="{ here: selected && same(found, selected) }"
              data-testid="found"
            >
              <td class="py-1 pr-3">
                <button
                  class="w-full text-left leading-snug"
                  :aria-pressed="!!selected && same(found, selected)"
                  @click="picked = found"
                >
                  {{ found.sentences.join(' ') }}
                </button>
              </td>
              <td v-for="each in COLUMNS" :key="each.key" class="py-1 text-right tabular-nums">
                {{ count(inColumn(found, each.key)) }}
              </td>
            </tr>
          </tbody>
        </table>
        <button v-if="others > 0" class="btn mt-1" :aria-pressed="allToo" @click="allToo = !allToo">
          {{
            $t(allToo ? 'invent.inventView.onePerIdea' : 'invent.inventView.othersToo', { others }, others)
          }}
        </button>
      </div>
      <FindDetail
        v-if="selected && asked"
        :found="selected"
        :question="asked"
        :kept="keptNow.some((k) => same(k, selected!))"
        @open="open"
        @keep="keepFound"
      />
      <FindShelf :finds="finds" @open="open" @note="note" @take-off="drop" />
    </section>
  </div>
</template>

<style scoped>
.invent {
  display: grid;
  grid-template-columns: 340px minmax(0, 1fr);
}

.asks {
  border-right: 1px solid var(--rule);
  padding: 1rem 1.25rem 4rem;
}

.finds {
  max-height: 34vh;
  overflow-y: auto;
  scrollbar-gutter: stable;
  padding-right: 0.5rem;
}

.here {
  background: var(--raised);
  box-shadow: inset 4px 0 0 var(--brass-line);
}

td {
  vertical-align: top;
}

.here td:first-child {
  padding-left: 0.6rem;
}

/* On a phone the words need the room: how free a procedure is stands beside them, and the rest is told below. */
@media (max-width: 600px) {
  .finds :is(th, td):nth-child(n + 4) {
    display: none;
  }
}

@media (max-width: 900px) {
  .invent {
    grid-template-columns: minmax(0, 1fr);
  }

  .asks {
    border-right: 0;
    border-bottom: 1px solid var(--rule);
    padding-bottom: 1rem;
  }
}
</style>
