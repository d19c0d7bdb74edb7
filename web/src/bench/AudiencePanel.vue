<script setup lang="ts">
import { useCatalogue } from '@/api/catalogue'
import type { ApiProblem } from '@/api/client'
import { usePerformer } from '@/performer'
import { vTyped } from '@/ui/typed'
import { computed, ref } from 'vue'
import { useBench } from './store'

const bench = useBench()
const catalogue = useCatalogue()
const { performer, setForced } = usePerformer()
const failure = ref('')

/** The cards that the steps of this routine force. */
const forces = computed(() => {
  const steps = (bench.routine?.steps ?? []).filter(
    (s) => catalogue.value.moves.find((m) => m.id === s.move)?.family === 'forces',
  )
  const letters = new Set(steps.map((s) => s.settings['role']))
  return (bench.trace?.roles ?? []).flatMap((role, i) => {
    const card = bench.trace!.moments.at(-1)?.roles[i]?.card ?? -1
    return letters.has(role.letter) && card >= 0 ? [bench.trace!.cards[card]!.code] : []
  })
})
const told = computed(() => performer.value.forced.join(' '))

async function keep(cards: string): Promise<void> {
  try {
    await setForced(cards)
    failure.value = ''
    await bench.retrace()
  } catch (thrown) {
    failure.value = (thrown as ApiProblem).message
  }
}
</script>

<template>
  <section
    v-if="forces.length > 0"
    class="mt-5 border-t border-rule pt-3"
    :aria-label="$t('bench.audiencePanel.thePeopleOfTonight')"
  >
    <h2 class="text-lg">{{ $t('bench.audiencePanel.thePeopleOfTonight') }}</h2>
    <label class="block text-sm font-semibold" for="forced">{{
      $t('bench.audiencePanel.cardsForcedOnThemAlready')
    }}</label>
    <input
      id="forced"
      v-typed="told"
      class="w-full field"
      autocomplete="off"
      maxlength="200"
      :placeholder="$t('bench.audiencePanel.qd7h')"
      @change="keep(($event.target as HTMLInputElement).value)"
    />
    <p v-if="failure" role="alert" class="text-sm font-semibold text-broken">{{ failure }}</p>
    <p class="mt-1 text-sm">
      <button class="link" @click="keep([told, ...forces].join(' '))">
        {{ $t('bench.audiencePanel.theyHaveSeenThisOne') }}
      </button>
      <button v-if="told" class="ml-3 link" @click="keep('')">
        {{ $t('bench.audiencePanel.newPeople') }}
      </button>
    </p>
  </section>
</template>
