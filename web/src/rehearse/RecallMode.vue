<script setup lang="ts">
import { t } from '@/words'
import { answered, api, type ApiProblem, type Routine, type Trace } from '@/api/client'
import { RunningDeck } from '@/deck'
import { alone } from '@/routine'
import { onKeyStroke, useElementSize } from '@vueuse/core'
import { typing } from '@/ui/keys'
import { useKeeping } from '@/saving'
import { computed, ref, shallowRef } from 'vue'

const props = defineProps<{
  id: string
  routine: Routine
}>()

/** So many are asked in one go. */
const ASKED = 10

const questions = shallowRef<Awaited<ReturnType<typeof ask>>['questions']>([])
const trace = shallowRef<Trace>()
const at = ref(0)
const typed = ref('')
const given = ref<number>()
const rightOnes = ref(0)
const keeping = useKeeping()
const { problem } = keeping
const box = ref<HTMLElement>()
const { width } = useElementSize(box)

function ask(seed: number) {
  const body = { routine: props.routine, subject: props.id, seed }
  return answered(api.POST('/api/practice/questions', { body }))
}

async function begin(): Promise<void> {
  problem.value = ''
  try {
    const asked = await ask(Math.floor(Math.random() * 1_000_000_000))
    const body = { routine: alone(props.routine), world: asked.world }
    trace.value = await answered(api.POST('/api/trace', { body }))
    questions.value = asked.questions.slice(0, ASKED)
    at.value = 0
    rightOnes.value = 0
    next(0)
  } catch (thrown) {
    problem.value = (thrown as ApiProblem).message
  }
}
void begin()

const question = computed(() => questions.value[at.value])
const right = computed(() => given.value === question.value?.right)
const moment = computed(() => trace.value?.moments[question.value?.moment ?? 0])
/** Without the cards that matter until it is answered: an unmarked deck. */
const picture = computed<Trace | undefined>(() => {
  if (!trace.value || !moment.value) {
    return undefined
  }
  const one = { ...moment.value, ribbons: [] }
  return given.value === undefined
    ? { ...trace.value, roles: [], moments: [{ ...one, roles: [] }] }
    : { ...trace.value, moments: [one] }
})
const after = computed(() =>
  question.value && question.value.moment > 0
    ? t('rehearse.recallMode.afterStep', { moment: question.value.moment, sentence: moment.value?.sentence })
    : t('rehearse.recallMode.beforeTheFirstStep'),
)

function next(by: number): void {
  at.value += by
  given.value = undefined
  typed.value = ''
}

async function answer(number: number): Promise<void> {
  const asked = question.value
  if (!asked || given.value !== undefined || !Number.isInteger(number)) {
    return
  }
  given.value = number
  rightOnes.value += right.value ? 1 : 0
  await keeping.keep({
    kind: 'practice',
    practice: { of: 'recall', subject: props.id, question: asked.id, right: right.value },
  })
}

/** A card of the pile that is asked for was pointed at. */
function point(event: MouseEvent): void {
  const asked = question.value
  const pile = moment.value?.piles.find((each) => each.place === asked?.pile)
  const svg = (event.currentTarget as HTMLElement).querySelector('svg')
  if (asked && asked.answers.length === 0 && pile && svg) {
    const slots = pile.cards.length
    const place = (event.clientX - svg.getBoundingClientRect().left) / svg.getBoundingClientRect().width
    if (moment.value!.piles.length === 1) {
      void answer(Math.min(slots, Math.max(1, Math.ceil(place * slots))))
    }
  }
}

onKeyStroke(['1', '2', '3', '4'], (event) => {
  const number = Number(event.key) - 1
  if (!typing(event) && question.value && number < question.value.answers.length) {
    void answer(number)
  }
})
onKeyStroke([' ', 'PageDown', 'ArrowRight', 'Enter'], (event) => {
  const onControl = (event.target as HTMLElement).closest('button, a') !== null
  if (given.value !== undefined && !onControl && !typing(event)) {
    event.preventDefault()
    next(1)
  }
})
</script>

<template>
  <section ref="box" :aria-label="$t('rehearse.recallMode.recall')" class="w-full">
    <p v-if="problem" role="alert" class="font-semibold text-broken">{{ problem }}</p>
    <template v-if="question && picture">
      <p class="text-lg text-soft">
        {{ $t('rehearse.recallMode.of', { at: at + 1, questions: questions.length, after }) }}
      </p>
      <p class="mt-2 font-display text-4xl leading-tight" data-testid="question">{{ question.words }}</p>
      <form
        v-if="question.answers.length === 0"
        class="mt-5 flex items-center gap-3 text-xl"
        @submit.prevent="given === undefined ? answer(Number(typed)) : next(1)"
      >
        <label for="place">{{ $t('rehearse.recallMode.fromTheTop') }}</label>
        <input
          id="place"
          v-model="typed"
          type="number"
          min="1"
          max="104"
          class="w-24 field text-xl"
          :disabled="given !== undefined"
        />
        <button v-if="given === undefined" type="submit" class="btn" :disabled="typed === ''">
          {{ $t('rehearse.recallMode.thatIsIt') }}
        </button>
        <span v-if="given === undefined" class="text-base text-soft">{{
          $t('rehearse.recallMode.orPointAtItOn')
        }}</span>
      </form>
      <ol v-else class="mt-5 space-y-2" :aria-label="$t('rehearse.recallMode.answers')">
        <li v-for="(each, i) in question.answers" :key="each">
          <button
            class="w-full btn py-3 text-left text-xl whitespace-normal"
            :disabled="given !== undefined"
            @click="answer(i)"
          >
            <kbd class="kbd mr-3">{{ i + 1 }}</kbd>{{ each }}
          </button>
        </li>
      </ol>
      <p
        v-if="given !== undefined"
        role="status"
        class="mt-4 text-2xl font-semibold"
        :class="right ? 'text-holds' : 'text-broken'"
        data-testid="answered"
      >
        {{ right ? $t('rehearse.recallMode.right') : $t('rehearse.recallMode.no') }}: {{ question.told }}
      </p>
      <div class="mt-6" data-testid="recall-deck" @click="point">
        <RunningDeck
          v-if="width > 0"
          :trace="picture"
          :width="width"
          :row-height="86"
          :slot-height="34"
          :slot-top="24"
        />
      </div>
      <button v-if="given !== undefined" class="mt-3 btn-main px-6 py-3 text-xl" @click="next(1)">
        {{ $t('rehearse.recallMode.goOn') }}
      </button>
    </template>
    <template v-else-if="questions.length > 0">
      <p class="font-display text-4xl">
        {{ $t('rehearse.recallMode.ofRight', { rightOnes, questions: questions.length }) }}
      </p>
      <button class="mt-5 btn-main px-6 py-3 text-xl" @click="begin">
        {{ $t('rehearse.recallMode.askAgainInAnotherWay') }}
      </button>
    </template>
    <p v-else-if="trace" class="text-xl">{{ $t('rehearse.recallMode.thereIsNothingToAsk') }}</p>
    <p class="mt-8 text-sm text-soft">{{ $t('rehearse.recallMode.whatWasRightComesBack') }}</p>
  </section>
</template>
