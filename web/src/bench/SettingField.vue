<script setup lang="ts">
import type { Choice, Role, Setting } from '@/api/client'
import { computed } from 'vue'
import AmountField from './AmountField.vue'
import PlaceField from './PlaceField.vue'
import { useBench } from './store'

const props = defineProps<{
  setting: Setting
  value: string
  roles: Role[]
  /** Names the field in problems that the server finds, such as `steps[2].settings.depth`. */
  path: string
  /** The choices that this setting leaves open, with their numbers in the world that is shown. */
  choices?: Choice[]
}>()

const emit = defineEmits<{ change: [value: string] }>()

const bench = useBench()
const fieldId = computed(() => `f-${props.path.replace(/[^a-zA-Z0-9]+/g, '-')}`)
const problem = computed(() => bench.problems.find((p) => p.field === props.path))

function changed(event: Event): void {
  emit('change', (event.target as HTMLInputElement | HTMLSelectElement).value)
}
</script>

<template>
  <div class="mt-2" :class="{ beside: setting.kind === 'role' || setting.kind === 'place' }">
    <label :for="fieldId" class="block text-sm leading-tight font-semibold">{{ setting.label }}</label>
    <AmountField
      v-if="setting.kind === 'amount' || setting.kind === 'estimate'"
      :id="fieldId"
      :label="setting.label"
      :value="value"
      :low="choices?.[0]?.low ?? 1"
      :high="choices?.[0]?.high ?? bench.trace?.cards.length ?? 52"
      :only-estimate="setting.kind === 'estimate'"
      @change="emit('change', $event)"
    />
    <input
      v-else-if="setting.kind === 'chunks'"
      :id="fieldId"
      :value="value"
      class="w-full field"
      autocomplete="off"
      :aria-invalid="!!problem"
      :aria-describedby="`${fieldId}-help`"
      @input="changed"
    />
    <PlaceField
      v-else-if="setting.kind === 'place'"
      :id="fieldId"
      :value="value"
      @change="emit('change', $event)"
    />
    <select v-else :id="fieldId" :value="value" class="w-full field" @change="changed">
      <template v-if="setting.kind === 'role'">
        <option v-if="setting.optional || value === ''" value="">—</option>
        <option v-for="role in roles" :key="role.letter" :value="role.letter">
          {{ role.letter }} · {{ role.owner ? `${role.owner}’s card` : role.kind }}
        </option>
        <option v-if="value !== '' && !roles.some((r) => r.letter === value)" :value="value">
          {{ value }} · gone
        </option>
      </template>
      <option v-for="option in setting.options" v-else :key="option.name" :value="option.name">
        {{ option.label || 'from top to bottom' }}
      </option>
    </select>
    <p v-if="setting.kind === 'chunks' && !problem" :id="`${fieldId}-help`" class="text-xs text-soft">
      Numbers one after another; 8±2 for about, 5-9 for a range, rest for what is left.
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
          :aria-label="`${choice.bySpectator ? 'What they choose' : 'What the hand hits'}: ${choice.label}`"
          @input="bench.choose(choice.key, Number(($event.target as HTMLInputElement).value))"
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
