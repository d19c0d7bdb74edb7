<script setup lang="ts">
import { t } from '@/words'
import SheetDialog from '@/ui/SheetDialog.vue'
import { useCatalogue } from '@/api/catalogue'
import { answered, api, type ApiProblem, type Schemas } from '@/api/client'
import { watchDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useBench } from './store'

type JottedLine = Schemas['JottedLine']
type Reading = Schemas['ReadingDocument']

/** What was jotted down before it was opened: pasted into the field for one move. */
const props = defineProps<{ pasted: string }>()
const open = defineModel<boolean>('open', { required: true })

const MOST = 5000

const bench = useBench()
const catalogue = useCatalogue()

/** How many cards “a third” is of. */
const deck = computed(() => bench.trace?.cards.length ?? 52)
const text = ref('')
const lines = ref<JottedLine[]>([])
/** What was taken for a line other than its first reading, by its words: the id of a move, a note, or nothing. */
const others = ref<Record<string, string>>({})
/** The text of which the lines are: what was typed since is not read yet. */
const readOf = ref('')
const failure = ref('')
/** While they are put in: a second press puts nothing in. */
const adding = ref(false)

watch(
  open,
  (now) => {
    if (now) {
      text.value = props.pasted
      others.value = {}
      failure.value = ''
      void read()
    }
  },
  { immediate: true },
)
watchDebounced(text, read, { debounce: 250 })

async function read(): Promise<void> {
  const asked = text.value
  if (asked.trim() === '') {
    lines.value = []
    readOf.value = asked
    return
  }
  try {
    const body = { text: asked, deck: deck.value }
    const answer = await answered(api.POST('/api/jotted/read', { body }))
    if (asked === text.value) {
      lines.value = answer.lines
      readOf.value = asked
      failure.value = ''
    }
  } catch (thrown) {
    const problem = thrown as ApiProblem
    failure.value = problem.problems[0]?.rule ?? problem.message
  }
}

/** Lines of the same words are told apart by how many of them came before. */
function key(line: JottedLine): string {
  const before = lines.value.filter((other) => other.text === line.text && other.from < line.from).length
  return before === 0 ? line.text : `${line.text} ${before}`
}

/** What becomes of a line: one of its readings, a note, or nothing. */
function takenFor(line: JottedLine): Reading | 'note' | 'nothing' {
  const other = others.value[key(line)]
  return other === 'note' || other === 'nothing'
    ? other
    : (line.readings.find((reading) => reading.move === other) ?? line.readings[0] ?? 'note')
}

const taken = computed(() => lines.value.map((line) => ({ line, taken: takenFor(line) })))
const steps = computed(() =>
  taken.value.reduce((sum, { taken: as }) => sum + (typeof as === 'string' ? 0 : as.times), 0),
)
const notes = computed(() => taken.value.filter(({ taken: as }) => as === 'note').length)

function name(reading: Reading): string {
  return catalogue.value.moves.find((m) => m.id === reading.move)?.name ?? reading.move
}

/** What a reading states beside its move, in a few words. */
function stated(reading: Reading): string[] {
  const move = catalogue.value.moves.find((m) => m.id === reading.move)
  const settings = Object.entries(reading.settings).flatMap(([setting, value]) => {
    const declared = move?.settings.find((s) => s.name === setting)
    const option = declared?.options.find((o) => o.name === value)?.label
    return declared ? `${declared.label}: ${option ?? value}` : []
  })
  return [
    ...(reading.times > 1 ? [t('bench.jotted.times', { times: reading.times })] : []),
    ...(reading.person ? [reading.person] : []),
    ...settings,
  ]
}

function choose(line: JottedLine, event: Event): void {
  others.value = { ...others.value, [key(line)]: (event.target as HTMLSelectElement).value }
}

async function add(): Promise<void> {
  const as = taken.value.map((each) => (typeof each.taken === 'string' ? each.taken : each.taken.move))
  adding.value = true
  try {
    await bench.jot(readOf.value, deck.value, as)
    open.value = false
  } catch (thrown) {
    failure.value = (thrown as ApiProblem).inWords
  } finally {
    adding.value = false
  }
}
</script>

<template>
  <SheetDialog v-model:open="open" :title="$t('bench.jotted.title')" width="wide">
    <template #beside
      ><button class="btn-main" :disabled="adding || steps + notes === 0 || readOf !== text" @click="add">
        {{ $t('bench.jotted.add', steps) }}
      </button></template
    >
    <label class="mt-2 block text-sm text-soft" for="jotted">{{ $t('bench.jotted.how') }}</label>
    <textarea
      id="jotted"
      v-model="text"
      class="mt-1 max-h-56 field-sizing-content min-h-28 w-full shrink-0 field"
      :maxlength="MOST"
      :placeholder="$t('bench.jotted.example')"
    />
    <p v-if="failure" role="alert" class="text-sm font-semibold text-broken">{{ failure }}</p>
    <ol class="mt-3 min-h-0 divide-y divide-rule overflow-y-auto" :aria-label="$t('bench.jotted.lines')">
      <li v-for="{ line, taken: as } in taken" :key="key(line)" class="line py-2" :data-line="line.from">
        <span class="min-w-0 text-soft">
          <span v-if="line.when" class="block text-sm"
            >{{ line.when.occasion ? $t('bench.jotted.out') : $t('bench.jotted.onlyIf') }}
            {{ line.when.words }}</span
          >
          {{ line.text }}
        </span>
        <select
          class="w-full self-start field font-semibold"
          :aria-label="$t('bench.jotted.meaning', { line: line.text })"
          :value="typeof as === 'string' ? as : as.move"
          @change="choose(line, $event)"
        >
          <option v-for="reading in line.readings" :key="reading.move" :value="reading.move">
            {{ name(reading) }}
          </option>
          <option value="note">{{ $t('bench.jotted.note') }}</option>
          <option value="nothing">{{ $t('bench.jotted.nothing') }}</option>
        </select>
        <span v-if="typeof as !== 'string'" class="min-w-0 text-sm">
          <span :class="as.sureness === 'sure' ? 'text-holds' : 'text-hint'" data-sureness>{{
            $t(`bench.jotted.${as.sureness}`)
          }}</span>
          <span v-for="words in stated(as)" :key="words"> · {{ words }}</span>
          <span v-if="as.left.length > 0" class="block text-soft">{{
            $t('bench.jotted.left', { words: as.left.join(' · ') })
          }}</span>
        </span>
      </li>
    </ol>
  </SheetDialog>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1.1fr) minmax(0, 0.9fr);
  align-items: center;
  gap: 0.25rem 1rem;
}

@media (max-width: 640px) {
  .line {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
