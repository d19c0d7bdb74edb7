<script setup lang="ts">
import { t } from '@/words'
import { useCatalogue } from '@/api/catalogue'
import type { StepAudience } from '@/api/client'
import { computed } from 'vue'
import ClaimEditor from './ClaimEditor.vue'
import { SettingField, type PlayedWorld } from '@/fields'
import { changeSetting, changeStep, newClaimSpec } from '@/routine'
import { vTyped } from '@/ui/typed'
import { useBench } from './store'

const bench = useBench()
const catalogue = useCatalogue()

const emit = defineEmits<{
  /** This step and others are to become one move. */
  compose: []
  /** A move is to be put before this step. */
  before: [moveId: string]
}>()

const index = computed(() => bench.selectedIndex - 1)
const step = computed(() => bench.routine?.steps[index.value])
const move = computed(() => catalogue.value.moves.find((m) => m.id === step.value?.move))
const moment = computed(() => bench.trace?.moments.find((m) => m.stepId === step.value?.id))

const played = computed<PlayedWorld>(() => ({
  routine: bench.routine!,
  roles: bench.routine!.roles,
  trace: bench.trace,
  moment: moment.value,
  problems: bench.problems,
}))

/** The moves that would mend it. */
const helpers = computed(() =>
  catalogue.value.moves.filter((move) => moment.value?.broken?.helpers.includes(move.id)),
)

/** What it is to those who watch. */
const audience = computed<StepAudience>(() => step.value?.audience ?? { effect: 'as-taught', thinks: '' })
/** The looks that have a word; everything else is a sentence. */
const LOOKS = ['', 'itself', 'nothing', 'mixed', 'one']
const takenFor = computed(() => (LOOKS.includes(audience.value.thinks) ? audience.value.thinks : 'words'))

function audienceIs(part: Partial<StepAudience>): void {
  const now = { ...audience.value, ...part }
  change({ audience: now.effect === 'as-taught' && now.thinks === '' ? undefined : now })
}

function takeFor(look: string): void {
  audienceIs({ thinks: look === 'words' ? t('bench.stepInspector.somethingIsDone') : look })
}

/** The steps that can cover this one. */
const others = computed(() =>
  bench.routine!.steps.flatMap((s, i) =>
    s.id === step.value?.id
      ? []
      : [
          {
            id: s.id,
            label: `${i + 1} · ${catalogue.value.moves.find((m) => m.id === s.move)?.name ?? s.move}`,
          },
        ],
  ),
)

/** Why a hold did not last, in the words of what was done to the pile. */
const lostBecause = computed(() => {
  switch (move.value?.family) {
    case 'shuffles':
      return t('bench.stepInspector.aShuffleCannotKeepIt')
    case 'cuts':
      return t('bench.stepInspector.theCutClosesIt')
    default:
      return move.value?.id === 'hand-over'
        ? t('bench.stepInspector.theCardsLeaveYourHand')
        : t('bench.stepInspector.theCardsChangeAndThe')
  }
})

function set(name: string, value: string): void {
  bench.edit(changeSetting(bench.routine!, step.value!.id, name, value), true)
}

function change(part: Parameters<typeof changeStep>[2]): void {
  bench.edit(changeStep(bench.routine!, step.value!.id, part), true)
}

function toggleCondition(event: Event): void {
  const on = (event.target as HTMLInputElement).checked
  change({ onlyIf: on ? newClaimSpec(bench.routine!, 'position', catalogue.value) : undefined })
}
</script>

<template>
  <section v-if="step && move" :aria-label="$t('bench.stepInspector.stepSettings')">
    <h2 class="text-lg">{{ index + 1 }} · {{ move.name }}</h2>
    <p class="text-sm text-soft">{{ moment?.sentence ?? move.effect }}</p>

    <div
      v-if="moment?.broken"
      role="alert"
      class="mt-2 rounded-lg border-l-4 border-broken bg-broken/10 px-3 py-2"
    >
      <strong class="text-broken">{{ moment.broken.reason }}</strong>
      <p class="text-sm">{{ moment.broken.mend }}</p>
      <button
        v-for="helper in helpers"
        :key="helper.id"
        class="mt-2 mr-2 btn"
        @click="emit('before', helper.id)"
      >
        {{ $t('bench.stepInspector.putBeforeIt', { name: helper.name }) }}
      </button>
    </div>
    <p
      v-for="remark in moment?.remarks ?? []"
      :key="remark.text"
      class="mt-2 rounded-lg border-l-4 px-3 py-2 text-sm"
      :class="remark.warning ? 'border-broken bg-broken/10' : 'border-holds bg-holds/10'"
      data-testid="remark"
    >
      {{ remark.text }}
    </p>
    <p v-for="(hold, nth) in moment?.lost ?? []" :key="nth" class="mt-2 text-sm text-hint">
      {{ $t('bench.stepInspector.theIsLostHere', { word: hold.word, lostBecause }) }}
    </p>

    <SettingField
      v-for="setting in move.settings"
      :key="setting.name"
      :setting="setting"
      :value="step.settings[setting.name] ?? setting.usual"
      :path="`steps[${index}].settings.${setting.name}`"
      :played="played"
      @change="set(setting.name, $event)"
      @choose="bench.choose"
    />

    <label class="mt-3 flex items-center gap-2 text-sm">
      <input type="checkbox" :checked="!!step.onlyIf" @change="toggleCondition" />
      {{ $t('bench.stepInspector.onlyIfSomethingIsTrue') }}
    </label>
    <p v-if="moment?.condition" class="text-sm text-soft">
      {{
        $t('bench.stepInspector.onlyIf', {
          condition: moment.condition,
          moment: moment.skipped ? $t('bench.stepInspector.notSoThisWay') : '',
        })
      }}
    </p>
    <ClaimEditor
      v-if="step.onlyIf"
      :claim="step.onlyIf"
      :path="`steps[${index}].onlyIf`"
      @change="change({ onlyIf: $event })"
    />

    <label class="mt-2.5 block text-sm font-semibold" :for="`note-${step.id}`">{{
      $t('bench.stepInspector.yourWordsAndCues')
    }}</label>
    <textarea
      :id="`note-${step.id}`"
      class="w-full field text-sm"
      rows="2"
      maxlength="2000"
      :value="step.note"
      @input="change({ note: ($event.target as HTMLTextAreaElement).value })"
    />
    <label class="mt-2 flex items-center gap-2 text-sm">
      <span class="font-semibold">{{ $t('bench.stepInspector.plannedSeconds') }}</span>
      <input
        type="number"
        min="0"
        max="3600"
        class="w-20 field text-sm"
        :value="step.seconds || ''"
        @input="
          change({
            seconds: Math.min(
              3600,
              Math.max(0, Math.round(Number(($event.target as HTMLInputElement).value))),
            ),
          })
        "
      />
    </label>

    <div class="mt-2.5 flex items-baseline gap-2">
      <label class="shrink-0 text-sm font-semibold" :for="`before-${step.id}`">{{
        $t('bench.stepInspector.before')
      }}</label>
      <select
        :id="`before-${step.id}`"
        class="grow field text-sm"
        :value="step.before"
        @change="change({ before: ($event.target as HTMLSelectElement).value })"
      >
        <option v-for="look in catalogue.looks" :key="look.name" :value="look.name">
          {{ look.name === 'as-taught' ? $t('bench.stepInspector.nowhereInParticular') : look.label }}
        </option>
      </select>
    </div>
    <div class="mt-2.5 flex items-baseline gap-2">
      <label class="shrink-0 text-sm font-semibold" :for="`look-${step.id}`">{{
        $t('bench.stepInspector.youLook')
      }}</label>
      <select
        :id="`look-${step.id}`"
        class="grow field text-sm"
        :value="step.look"
        @change="change({ look: ($event.target as HTMLSelectElement).value })"
      >
        <option v-for="look in catalogue.looks" :key="look.name" :value="look.name">{{ look.label }}</option>
      </select>
    </div>
    <div class="mt-1.5 flex items-baseline gap-2">
      <label class="shrink-0 text-sm font-semibold" :for="`then-${step.id}`">{{
        $t('bench.stepInspector.andThen')
      }}</label>
      <select
        :id="`then-${step.id}`"
        class="grow field text-sm"
        :value="step.then"
        @change="change({ then: ($event.target as HTMLSelectElement).value })"
      >
        <option v-for="look in catalogue.looks" :key="look.name" :value="look.name">
          {{ look.name === 'as-taught' ? $t('bench.stepInspector.nowhereElse') : look.label }}
        </option>
      </select>
    </div>
    <div v-if="move.secret" class="mt-1.5 flex items-baseline gap-2">
      <label class="shrink-0 text-sm font-semibold" :for="`cover-${step.id}`">{{
        $t('bench.stepInspector.coveredBy')
      }}</label>
      <select
        :id="`cover-${step.id}`"
        class="min-w-0 grow field text-sm"
        :value="step.cover"
        @change="change({ cover: ($event.target as HTMLSelectElement).value })"
      >
        <option value="">{{ $t('bench.stepInspector.whateverIsBesideIt') }}</option>
        <option v-for="other in others" :key="other.id" :value="other.id">{{ other.label }}</option>
      </select>
    </div>

    <div class="mt-2.5 flex items-baseline gap-2">
      <label class="shrink-0 text-sm font-semibold" :for="`effect-${step.id}`">{{
        $t('bench.stepInspector.ifItSurprises')
      }}</label>
      <select
        :id="`effect-${step.id}`"
        class="min-w-0 grow field text-sm"
        :value="audience.effect"
        @change="audienceIs({ effect: ($event.target as HTMLSelectElement).value })"
      >
        <option value="as-taught">{{ $t('bench.stepInspector.inARevealItIsMeant') }}</option>
        <option value="yes">{{ $t('bench.stepInspector.itIsMeantTo') }}</option>
        <option value="no">{{ $t('bench.stepInspector.itMustNot') }}</option>
      </select>
    </div>
    <div class="mt-1.5 flex items-baseline gap-2">
      <label class="shrink-0 text-sm font-semibold" :for="`taken-${step.id}`">{{
        $t('bench.stepInspector.theyTakeItFor')
      }}</label>
      <select
        :id="`taken-${step.id}`"
        class="min-w-0 grow field text-sm"
        :value="takenFor"
        @change="takeFor(($event.target as HTMLSelectElement).value)"
      >
        <option value="">{{ $t('bench.stepInspector.whatTheMoveLooksLike') }}</option>
        <option value="itself">{{ $t('bench.stepInspector.whatItIs') }}</option>
        <option value="nothing">{{ $t('bench.stepInspector.nothing') }}</option>
        <option value="mixed">{{ $t('bench.stepInspector.aShuffle') }}</option>
        <option value="one">{{ $t('bench.stepInspector.oneCard') }}</option>
        <option value="words">{{ $t('bench.stepInspector.whatYouWrite') }}</option>
      </select>
    </div>
    <input
      v-if="takenFor === 'words'"
      v-typed="audience.thinks"
      class="mt-1.5 w-full field text-sm"
      maxlength="200"
      :aria-label="$t('bench.stepInspector.whatTheyTellOfIt')"
      @change="audienceIs({ thinks: ($event.target as HTMLInputElement).value.trim() })"
    />

    <button class="mt-2 link text-sm" @click="$emit('compose')">
      {{ $t('bench.stepInspector.makeThisOneMove') }}
    </button>

    <dl class="mt-3 space-y-2 text-sm">
      <div>
        <dt class="font-semibold">{{ $t('bench.stepInspector.whatItDoes') }}</dt>
        <dd>{{ move.effect }}</dd>
      </div>
      <div>
        <dt class="font-semibold">{{ $t('bench.stepInspector.attention') }}</dt>
        <dd>{{ move.attention }}</dd>
      </div>
      <div>
        <dt class="font-semibold">{{ $t('bench.stepInspector.watchPoints') }}</dt>
        <dd>
          <ul class="list-disc pl-4">
            <li v-for="point in move.watch" :key="point">{{ point }}</li>
            <li v-if="move.angles">
              {{ $t('bench.stepInspector.notToBeWatched', { angles: move.angles }) }}
            </li>
          </ul>
        </dd>
      </div>
      <div v-if="move.cautions.length > 0">
        <dt class="font-semibold">{{ $t('bench.stepInspector.takeCare') }}</dt>
        <dd v-for="caution in move.cautions" :key="caution">{{ caution }}</dd>
      </div>
    </dl>
  </section>
</template>
