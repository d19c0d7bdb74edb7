<script setup lang="ts">
import { answered, api, type Performance } from '@/api/client'
import { useCatalogue } from '@/api/catalogue'
import { outLabel } from '@/routine'
import { typing } from '@/ui/keys'
import { useQuery } from '@tanstack/vue-query'
import { onKeyStroke } from '@vueuse/core'
import { computed, ref } from 'vue'

const props = defineProps<{ routine: string; title: string; problem: string }>()
const emit = defineEmits<{
  keep: [came: Pick<Performance, 'cameOut' | 'slippedAt' | 'out' | 'reaction' | 'note'>]
  skip: []
}>()

const catalogue = useCatalogue()
const stored = useQuery({
  queryKey: computed(() => ['routine-performed', props.routine]),
  queryFn: () => answered(api.GET('/api/routines/{id}', { params: { path: { id: props.routine } } })),
})
const steps = computed(() =>
  (stored.data.value?.routine.steps ?? []).map((step, i) => ({
    id: step.id,
    name: `${i + 1}. ${catalogue.value.moves.find((move) => move.id === step.move)?.name ?? step.move}`,
  })),
)
const outs = computed(() =>
  (stored.data.value?.routine.outs ?? []).map((out) => outLabel(out, catalogue.value)),
)
const slippedAt = ref('')
const out = ref('')
const reaction = ref(0)
const note = ref('')

function keep(cameOut: boolean): void {
  emit('keep', {
    cameOut,
    slippedAt: slippedAt.value,
    out: out.value,
    reaction: reaction.value,
    note: note.value,
  })
}

onKeyStroke(['1', '2', '3', '4', '5'], (event) => {
  if (!typing(event)) {
    reaction.value = Number(event.key)
  }
})
onKeyStroke(['y', 'Y'], (event) => {
  if (!typing(event)) {
    keep(true)
  }
})
onKeyStroke(['n', 'N'], (event) => {
  if (!typing(event)) {
    keep(false)
  }
})
</script>

<template>
  <section
    class="mx-auto flex w-full max-w-3xl grow flex-col justify-center gap-5"
    :aria-label="$t('tonight.performedCard.howWent', { title })"
  >
    <h1 class="text-4xl">{{ title }}</h1>
    <div
      class="flex flex-wrap items-center gap-2"
      role="group"
      :aria-label="$t('tonight.performedCard.howTheyReacted')"
    >
      <span class="mr-2 text-xl">{{ $t('tonight.performedCard.theyReacted') }}</span>
      <button
        v-for="n in 5"
        :key="n"
        class="choice"
        :class="{ chosen: reaction === n }"
        :aria-pressed="reaction === n"
        @click="reaction = n"
      >
        {{ n }}
      </button>
    </div>
    <label class="flex flex-col text-lg"
      >{{ $t('tonight.performedCard.itSlippedAt') }}
      <select v-model="slippedAt" class="dim">
        <option value="">{{ $t('tonight.performedCard.noStep') }}</option>
        <option v-for="step in steps" :key="step.id" :value="step.id">{{ step.name }}</option>
      </select>
    </label>
    <label v-if="outs.length > 0" class="flex flex-col text-lg"
      >{{ $t('tonight.performedCard.outUsed') }}
      <select v-model="out" class="dim">
        <option value="">{{ $t('tonight.performedCard.none') }}</option>
        <option v-for="each in outs" :key="each" :value="each">{{ each }}</option>
      </select>
    </label>
    <label class="flex flex-col text-lg"
      >{{ $t('tonight.performedCard.aNote') }} <input v-model="note" class="dim" maxlength="1000" />
    </label>
    <p class="text-2xl">{{ $t('tonight.performedCard.didItComeOut') }}</p>
    <div class="flex flex-wrap gap-3">
      <button class="choice" @click="keep(true)">
        {{ $t('tonight.performedCard.yes') }} <kbd class="kbd">Y</kbd>
      </button>
      <button class="choice" @click="keep(false)">
        {{ $t('tonight.performedCard.no') }} <kbd class="kbd">N</kbd>
      </button>
      <button class="choice" @click="$emit('skip')">{{ $t('tonight.performedCard.notPerformed') }}</button>
    </div>
    <p v-if="problem" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.choice {
  border: 1px solid #4a4036;
  border-radius: 10px;
  padding: 0.7rem 1.2rem;
  font-size: 1.25rem;
}

.chosen {
  background: #5a4a2c;
  color: #f0e2c2;
}

.dim {
  border: 1px solid #4a4036;
  border-radius: 6px;
  background: #171119;
  padding: 0.5rem;
}
</style>
