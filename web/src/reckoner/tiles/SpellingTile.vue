<script setup lang="ts">
import { t } from '@/words'
import { answered, api } from '@/api/client'
import { computed, ref } from 'vue'
import { useAsked } from '../asked'
import { asAsked, USUAL_LANGUAGE, useLanguages } from '../languages'
import ReckonTile from '../ReckonTile.vue'

const languages = useLanguages()
const language = ref(USUAL_LANGUAGE)
const words = ref('')
const { answer: spelling, refusal } = useAsked(
  'spelling',
  () => [language.value],
  () =>
    answered(api.GET('/api/reckoner/spelling', { params: { query: { language: asAsked(language.value) } } })),
)
const { answer: own } = useAsked(
  'letters',
  () => [words.value],
  () => answered(api.GET('/api/reckoner/letters', { params: { query: { words: words.value } } })),
)
const most = computed(() => Math.max(1, ...(spelling.value ?? []).map((s) => s.cards.length)))
const said = computed(() =>
  words.value.trim()
    ? `${own.value?.letters ?? '…'} letters`
    : t('reckoner.spellingTile.toLetters', {
        spelling: spelling.value?.[0]?.letters ?? '…',
        spelling2: spelling.value?.at(-1)?.letters ?? '…',
      }),
)
const sent = computed(() =>
  words.value.trim()
    ? {
        steps: [{ move: 'spell-to', settings: { words: words.value.trim() } }],
        claim: { kind: 'lies', settings: { place: 'table:dealt' } },
      }
    : { steps: [{ move: 'spell-to', settings: { language: language.value } }] },
)
</script>

<template>
  <ReckonTile
    :title="$t('reckoner.spellingTile.spelling')"
    :answer="said"
    :refusal="refusal"
    :formula="$t('reckoner.spellingTile.formula')"
    :source="$t('reckoner.spellingTile.source')"
    :sent="sent"
  >
    <template #given>
      <label>
        {{ $t('reckoner.spellingTile.language') }}
        <select v-model="language" class="field">
          <option v-for="l in languages" :key="l.name" :value="l.name">{{ l.label }}</option>
        </select>
      </label>
      <label class="min-w-0 grow">
        {{ $t('reckoner.spellingTile.orYourOwnWords') }}
        <input v-model="words" class="w-full field" maxlength="100" autocomplete="off" />
      </label>
    </template>
    <dl class="grid grid-cols-[2.5rem_minmax(0,1fr)] gap-y-1 text-sm">
      <template v-for="line in spelling ?? []" :key="line.letters">
        <dt class="font-bold">{{ line.letters }}</dt>
        <dd>
          <span
            class="block border-l-4 pl-2 leading-tight"
            :class="
              words.trim() && own?.letters === line.letters
                ? 'border-(--ribbon-2) font-bold'
                : 'border-(--brass-line)'
            "
            :style="{ maxWidth: `${40 + (line.cards.length / most) * 60}%` }"
            >{{ line.cards.join(' ') }}</span
          >
        </dd>
      </template>
    </dl>
  </ReckonTile>
</template>
