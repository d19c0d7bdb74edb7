<script setup lang="ts">
import { useCatalogue } from '@/api/catalogue'
import type { ClaimSpec } from '@/api/client'
import { newClaimSpec } from '@/routine'
import { computed } from 'vue'
import type { PlayedWorld } from './playedWorld'
import SettingField from './SettingField.vue'

const props = defineProps<{
  claim: ClaimSpec
  path: string
  /** The routine of which something is said. */
  played: PlayedWorld
  /** Whether it is judged of a whole routine, and not asked of a layout. */
  judged?: boolean
}>()
const emit = defineEmits<{ change: [claim: ClaimSpec] }>()

const catalogue = useCatalogue()
const kind = computed(() => catalogue.value.claims.find((k) => k.id === props.claim.kind))

/** Some things can only be judged of a routine, not asked of a layout. */
const kinds = computed(() => catalogue.value.claims.filter((k) => props.judged || !k.onlyJudged))

function toKind(event: Event): void {
  const id = (event.target as HTMLSelectElement).value
  emit('change', newClaimSpec(props.played.routine, id, catalogue.value))
}

function set(name: string, value: string): void {
  emit('change', { ...props.claim, settings: { ...props.claim.settings, [name]: value } })
}

function changeAlternative(index: number, changed: ClaimSpec): void {
  emit('change', { ...props.claim, or: props.claim.or.map((c, i) => (i === index ? changed : c)) })
}

function addAlternative(): void {
  emit('change', {
    ...props.claim,
    or: [...props.claim.or, newClaimSpec(props.played.routine, 'same-card', catalogue.value)],
  })
}

function dropAlternative(index: number): void {
  emit('change', { ...props.claim, or: props.claim.or.filter((_, i) => i !== index) })
}
</script>

<template>
  <div class="mt-2 border-l-2 border-rule pl-3">
    <div class="flex items-center gap-2">
      <select
        :value="claim.kind"
        class="min-w-0 grow field"
        :aria-label="$t('fields.claimFields.whatMustBeTrue')"
        @change="toKind"
      >
        <option v-for="k in kinds" :key="k.id" :value="k.id">{{ k.name }}</option>
      </select>
      <label class="flex items-center gap-1 text-sm">
        <input
          type="checkbox"
          :checked="claim.not"
          @change="emit('change', { ...claim, not: ($event.target as HTMLInputElement).checked })"
        />
        {{ $t('fields.claimFields.not') }}
      </label>
    </div>
    <SettingField
      v-for="setting in kind?.settings ?? []"
      :key="setting.name"
      :setting="setting"
      :value="claim.settings[setting.name] ?? setting.usual"
      :path="`${path}.settings.${setting.name}`"
      :played="played"
      @change="set(setting.name, $event)"
    />
    <div v-for="(other, i) in claim.or" :key="i" class="mt-3">
      <p class="flex justify-between text-sm">
        <em>{{ $t('fields.claimFields.orThisIsEnough') }}</em>
        <button class="link" @click="dropAlternative(i)">{{ $t('fields.claimFields.dropIt') }}</button>
      </p>
      <ClaimFields
        :claim="other"
        :judged="judged"
        :played="played"
        :path="`${path}.or[${i}]`"
        @change="changeAlternative(i, $event)"
      />
    </div>
    <button v-if="claim.or.length < 5" class="mt-2 link text-sm" @click="addAlternative">
      {{ $t('fields.claimFields.orSomethingElse') }}
    </button>
  </div>
</template>
