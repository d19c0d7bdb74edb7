<script setup lang="ts">
import { answered, api } from '@/api/client'
import { computed, ref } from 'vue'
import { useAsked } from '../asked'
import { asAsked, USUAL_LANGUAGE, useLanguages } from '../languages'
import ReckonTile from '../ReckonTile.vue'

const selection = ref('8C')
const first = ref('QD')
const languages = useLanguages()
const language = ref(USUAL_LANGUAGE)
const { answer: spell, refusal } = useAsked(
  'double',
  () => [selection.value, first.value, language.value],
  () =>
    answered(
      api.GET('/api/reckoner/double-spell', {
        params: {
          query: { selection: selection.value, first: first.value, language: asAsked(language.value) },
        },
      }),
    ),
)
const sent = computed(() => ({
  steps: [{ move: 'double-spell-cut', settings: { language: language.value } }],
  claim: { kind: 'position', settings: { nth: String(spell.value?.cut ?? 1) } },
}))
const from = (letters: number) => (letters - 0.5) * 9
</script>

<template>
  <ReckonTile
    :title="$t('reckoner.doubleSpellTile.doubleSpelling')"
    :answer="$t('reckoner.doubleSpellTile.answer', { cut: spell?.cut ?? '…' })"
    :refusal="refusal"
    :formula="
      $t('reckoner.doubleSpellTile.formula', {
        first: spell?.first ?? '…',
        selection: spell?.selection ?? '…',
        firstFromFace: spell?.firstFromFace ?? '…',
      })
    "
    :source="$t('reckoner.doubleSpellTile.source')"
    :sent="sent"
  >
    <template #given>
      <label
        >{{ $t('reckoner.doubleSpellTile.selectionOnTheFace') }}
        <input v-model="selection" class="w-16 field" maxlength="4" autocomplete="off" />
      </label>
      <label
        >{{ $t('reckoner.doubleSpellTile.spelledFirst') }}
        <input v-model="first" class="w-16 field" maxlength="4" autocomplete="off" />
      </label>
      <label>
        {{ $t('reckoner.doubleSpellTile.language') }}
        <select v-model="language" class="field">
          <option v-for="l in languages" :key="l.name" :value="l.name">{{ l.label }}</option>
        </select>
      </label>
    </template>
    <svg
      v-if="spell"
      :viewBox="`0 0 ${Math.max(30, spell.cut + 2) * 9} 40`"
      class="w-full"
      role="img"
      :aria-label="$t('reckoner.doubleSpellTile.theCutOffCardsFrom')"
    >
      <rect
        v-for="n in spell.cut"
        :key="n"
        :x="(n - 1) * 9 + 0.5"
        y="4"
        width="8"
        height="18"
        :fill="n <= spell.first ? 'var(--ribbon-2)' : 'var(--ribbon-1)'"
        :stroke="n === spell.first || n === spell.cut ? 'currentColor' : 'none'"
      />
      <text :x="from(spell.first)" y="36" text-anchor="middle" font-size="12" fill="currentColor">
        {{ first }}
      </text>
      <text :x="from(spell.cut)" y="36" text-anchor="middle" font-size="12" fill="currentColor">
        {{ selection }}
      </text>
    </svg>
  </ReckonTile>
</template>
