<script setup lang="ts">
import { useCatalogue } from '@/api/catalogue'
import type { Setting } from '@/api/client'
import { computed } from 'vue'
import AmountField from './AmountField.vue'
import CountBuilder from './CountBuilder.vue'
import PlaceField from './PlaceField.vue'
import { amountsOf } from '@/routine'
import type { PlayedWorld } from './playedWorld'

const props = defineProps<{
  setting: Setting
  value: string
  /** Names the field in problems that the server finds, such as `steps[2].settings.depth`. */
  path: string
  played: PlayedWorld
}>()

const emit = defineEmits<{
  change: [value: string]
  /** A choice takes another number in the world that is shown. */
  choose: [key: string, number: number]
}>()

const catalogue = useCatalogue()

/** The number of a shuffle is drawn from so many; each of them is a shuffle that can be seen again. */
const SHUFFLES = 100_000

const fieldId = computed(() => `f-${props.path.replace(/[^a-zA-Z0-9]+/g, '-')}`)
const problem = computed(() => props.played.problems.find((p) => p.field === props.path))
const choices = computed(
  () => props.played.moment?.choices.filter((c) => c.setting === props.setting.name) ?? [],
)

/** The amounts of the steps before the one that the field belongs to, or of all. */
const earlier = computed(() => {
  const own = /^steps\[(\d+)]/.exec(props.path)?.[1]
  const { routine } = props.played
  return amountsOf(routine, own === undefined ? routine.steps.length : Number(own), catalogue.value)
})

/** Who owns a card, and whoever is named although they no longer do. */
const people = computed(() => {
  const owners = props.played.roles.map((role) => role.owner).filter((owner) => owner !== '')
  const named = ['', 'you'].includes(props.value) ? [] : [props.value]
  return [...new Set([...owners, ...(props.setting.kind === 'person' ? named : [])])]
})

function changed(event: Event): void {
  emit('change', (event.target as HTMLInputElement | HTMLSelectElement).value)
}

/** Which of several choices of one setting it is, for whoever does not see them below one another. */
function which(key: string): string {
  const chunk = /\[(\d+)\]$/.exec(key)
  return chunk ? `, no. ${Number(chunk[1]) + 1}` : ''
}

/** Words that fill a line are written smaller, so that none is cut off. */
const MANY = 24
const long = computed(() => {
  const option = props.setting.options.find((each) => each.name === props.value)?.label ?? ''
  return props.setting.kind === 'earlier' || option.length > MANY
})
</script>

<template>
  <div v-if="setting.kind === 'chance'" class="mt-2">
    <button
      v-for="choice in choices"
      :key="choice.key"
      class="btn text-sm"
      @click="emit('choose', choice.key, 1 + Math.floor(Math.random() * SHUFFLES))"
    >
      {{ $t('fields.settingField.shuffleAgain') }}
    </button>
    <p class="text-xs text-soft">{{ $t('fields.settingField.oneOfVeryManyWays') }}</p>
  </div>
  <div
    v-else
    class="mt-2"
    :class="{ beside: ['role', 'place', 'thing', 'person', 'step', 'face'].includes(setting.kind) }"
  >
    <label :for="fieldId" class="block text-sm leading-tight font-semibold">{{ setting.label }}</label>
    <AmountField
      v-if="setting.kind === 'amount' || setting.kind === 'estimate'"
      :id="fieldId"
      :label="setting.label"
      :value="value"
      :low="choices[0]?.low ?? 1"
      :high="choices[0]?.high ?? played.trace?.cards.length ?? 52"
      :only-estimate="setting.kind === 'estimate'"
      :follows="path.startsWith('steps') ? { path, played } : undefined"
      @change="emit('change', $event)"
    />
    <input
      v-else-if="setting.kind === 'chunks' || setting.kind === 'text'"
      :id="fieldId"
      :value="value"
      class="w-full field"
      autocomplete="off"
      :aria-invalid="!!problem"
      :aria-describedby="setting.kind === 'chunks' ? `${fieldId}-help` : undefined"
      @input="changed"
    />
    <CountBuilder
      v-else-if="setting.kind === 'beats'"
      :id="fieldId"
      :value="value"
      :trace="played.trace"
      :moment="played.moment"
      @change="emit('change', $event)"
    />
    <PlaceField
      v-else-if="setting.kind === 'place'"
      :id="fieldId"
      :value="value"
      :routine="played.routine"
      :setting="setting"
      @change="emit('change', $event)"
    />
    <template v-else-if="setting.kind === 'face'">
      <input
        :id="fieldId"
        :value="value"
        :list="`${fieldId}-roles`"
        class="w-full field"
        autocomplete="off"
        :placeholder="$t('fields.settingField.aRoleOrACard')"
        :aria-invalid="!!problem"
        @input="changed"
      />
      <datalist :id="`${fieldId}-roles`">
        <option v-for="role in played.roles" :key="role.letter" :value="role.letter">
          {{ role.owner ? $t('fields.settingField.sCard', { owner: role.owner }) : role.kind }}
        </option>
      </datalist>
    </template>
    <select
      v-else
      :id="fieldId"
      :value="value"
      class="w-full field"
      :class="{ 'text-sm': long }"
      @change="changed"
    >
      <template v-if="setting.kind === 'role'">
        <option v-if="setting.optional || value === ''" value="">—</option>
        <option v-for="role in played.roles" :key="role.letter" :value="role.letter">
          {{ role.letter }} ·
          {{ role.owner ? $t('fields.settingField.sCard', { owner: role.owner }) : role.kind }}
        </option>
        <option v-if="value !== '' && !played.roles.some((r) => r.letter === value)" :value="value">
          {{ $t('fields.settingField.gone', { n: value }) }}
        </option>
      </template>
      <template v-else-if="setting.kind === 'person'">
        <option value="">{{ $t('fields.settingField.everybody') }}</option>
        <option value="you">{{ $t('fields.settingField.youAlone') }}</option>
        <option v-for="person in people" :key="person" :value="person">{{ person }}</option>
      </template>
      <template v-else-if="setting.kind === 'step'">
        <option value="">{{ $t('fields.settingField.theBeginning') }}</option>
        <option v-for="(step, i) in played.routine.steps" :key="step.id" :value="step.id">
          {{ $t('fields.settingField.step', { i: i + 1 }) }}
        </option>
      </template>
      <template v-else-if="setting.kind === 'earlier'">
        <option v-if="!earlier.some((e) => e.name === value)" :value="value">{{ value || '—' }}</option>
        <option v-for="amount in earlier" :key="amount.name" :value="amount.name">{{ amount.label }}</option>
      </template>
      <template v-else-if="setting.kind === 'thing'">
        <option v-if="setting.optional || value === ''" value="">—</option>
        <option v-for="thing in played.routine.setUp.things" :key="thing.name" :value="thing.name">
          {{ thing.name }}
        </option>
        <option
          v-if="value !== '' && !played.routine.setUp.things.some((t) => t.name === value)"
          :value="value"
        >
          {{ $t('fields.settingField.gone', { n: value }) }}
        </option>
      </template>
      <option v-for="option in setting.options" v-else :key="option.name" :value="option.name">
        {{ option.label || $t('fields.settingField.fromTopToBottom') }}
      </option>
    </select>
    <p v-if="setting.kind === 'chunks' && !problem" :id="`${fieldId}-help`" class="text-xs text-soft">
      {{ $t('fields.settingField.numbersOneAfterAnother8') }}
    </p>
    <p v-if="problem" role="alert" class="text-sm font-semibold text-broken">
      “{{ problem.value }}”: {{ problem.rule }}. {{ problem.cure }}.
    </p>
    <div v-for="choice in choices" :key="choice.key" class="mt-1">
      <label class="flex items-center gap-2 text-sm">
        <span class="w-36 shrink-0 leading-tight text-soft">{{ choice.told }}</span>
        <input
          type="range"
          class="w-full accent-(--brass)"
          :min="choice.low"
          :max="Math.max(choice.low, choice.high)"
          :value="choice.number"
          :aria-label="`${choice.bySpectator ? $t('fields.settingField.whatTheyChoose') : $t('fields.settingField.whatTheHandHits')}: ${choice.label}${which(choice.key)}`"
          @input="emit('choose', choice.key, Number(($event.target as HTMLInputElement).value))"
        />
      </label>
    </div>
  </div>
</template>

<style scoped>
.beside {
  display: grid;
  grid-template-columns: 7rem minmax(0, 1fr);
  align-items: center;
  gap: 0.5rem;
}
</style>
