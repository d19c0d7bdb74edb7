<script setup lang="ts">
import { useCatalogue } from '@/api/catalogue'
import type { Moment, Out, Step } from '@/api/client'
import { outLabel } from '@/routine'
import { computed } from 'vue'
import type { Session } from './session'
import type { Between } from './useBetween'

const props = defineProps<{
  step: Step
  moment: Moment
  session: Session
  /** How many steps there are in this way. */
  due: number
  /** What they insist on at this step. */
  insisted?: Out
  /** The outs that can be taken when it is done. */
  ready: Out[]
  /** What is asked before it. */
  between?: Between
  /** Which time a passage is gone through; 0 when it does not begin again. */
  round: number
}>()
const emit = defineEmits<{
  go: [by: 1 | -1]
  slip: []
  because: [reason: string]
  out: [out: Out]
}>()

const catalogue = useCatalogue()
const move = computed(() => catalogue.value.moves.find((m) => m.id === props.step.move))
/** Where to look, when the performer wrote it down. */
const look = computed(() =>
  [props.step.before, props.step.look, props.step.then]
    .filter((name) => name && name !== 'as-taught')
    .map((name) => catalogue.value.looks.find((l) => l.name === name)?.label)
    .join(', then '),
)
const asksWhy = computed(() => {
  const here = props.session.steps[props.session.at]
  return !!here && here.slips > here.reasons.length
})
</script>

<template>
  <section class="flex grow flex-col" aria-live="polite" :aria-label="$t('rehearse.runStep.step')">
    <div class="mt-4 flex gap-1.5" aria-hidden="true">
      <span
        v-for="i in due"
        :key="i"
        class="h-1.5 grow rounded-full"
        :class="i <= session.at ? 'bg-holds' : i === session.at + 1 ? 'bg-brass' : 'bg-rule'"
      />
    </div>
    <div class="flex grow flex-col justify-center">
      <p class="text-xl text-soft">
        {{ $t('rehearse.runStep.of', { session: session.at + 1, due }) }}
      </p>
      <p class="font-display text-4xl leading-tight sm:text-6xl font-semibold">{{ move?.name }}</p>
      <p class="mt-4 max-w-5xl text-2xl leading-snug sm:text-3xl" data-testid="sentence">
        {{ moment.sentence }}
      </p>
      <p v-if="look" class="mt-4 text-2xl font-semibold text-brass">
        {{ $t('rehearse.runStep.look', { look }) }}
      </p>
      <p v-if="step.note" class="mt-5 max-w-5xl text-2xl leading-snug text-soft italic">{{ step.note }}</p>
      <p
        v-if="insisted"
        role="status"
        class="mt-6 max-w-5xl rounded-xl border-l-8 border-(--brass-line) bg-raised px-5 py-3 text-3xl leading-snug"
        data-testid="insisted"
      >
        {{ insisted.says || outLabel(insisted, catalogue) }}
        <span class="block text-xl text-soft">{{ $t('rehearse.runStep.goOnWithYourOut') }}</span>
      </p>
      <ul v-if="move && move.watch.length > 0" class="mt-5 max-w-5xl text-xl text-soft">
        <li v-for="each in move.watch" :key="each">· {{ each }}</li>
      </ul>
      <p
        v-if="between"
        role="status"
        class="mt-6 max-w-5xl rounded-xl border-l-8 border-(--brass-line) bg-raised px-5 py-3 text-3xl leading-snug"
        data-testid="asked-between"
      >
        {{ between.question.words }}
        <strong v-if="between.shown" class="block text-holds">{{ between.question.told }}</strong>
        <span v-else class="block text-xl text-soft">{{ $t('rehearse.runStep.goOnShowsIt') }}</span>
      </p>
      <p v-if="moment.broken" class="mt-4 text-2xl text-broken">▲ {{ moment.broken.reason }}</p>
    </div>
    <p v-if="round > 0" class="text-lg text-soft">
      {{ $t('rehearse.runStep.round', { rounds: round }) }} <kbd class="kbd">Esc</kbd>
      {{ $t('rehearse.runStep.endsIt') }}
    </p>
    <div v-if="asksWhy" class="mt-2 flex flex-wrap items-center gap-2" data-testid="reasons">
      <span class="text-soft">{{ $t('rehearse.runStep.whyIfYouWantTo') }}</span>
      <button
        v-for="reason in move?.faults ?? []"
        :key="reason"
        class="btn text-sm"
        @click="emit('because', reason)"
      >
        {{ reason }}
      </button>
    </div>
    <slot name="deck" />
    <div class="mt-4 flex flex-wrap gap-2 pb-2 sm:gap-3">
      <button class="btn px-3 py-3 sm:px-5 sm:text-lg" :disabled="session.at === 0" @click="emit('go', -1)">
        {{ $t('rehearse.runStep.back') }}
      </button>
      <button class="btn px-3 py-3 sm:px-5 sm:text-lg" @click="emit('slip')">
        {{ $t('rehearse.runStep.slip') }} <kbd class="kbd">M</kbd>
      </button>
      <slot name="show" />
      <template v-if="!insisted">
        <button
          v-for="(out, i) in ready"
          :key="out.id"
          class="btn px-3 py-3 sm:px-5 sm:text-lg"
          @click="emit('out', out)"
        >
          ↳ {{ outLabel(out, catalogue) }} <kbd v-if="i === 0" class="kbd">O</kbd>
        </button>
      </template>
      <button class="ml-auto btn-main px-5 py-3 text-lg sm:px-8" @click="emit('go', 1)">
        {{
          session.at === due - 1 && !insisted ? $t('rehearse.runStep.finish') : $t('rehearse.runStep.goOn')
        }}
        →
      </button>
    </div>
  </section>
</template>
