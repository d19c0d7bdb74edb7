<script setup lang="ts">
import { usePerformer } from '@/performer'
import { useDark } from '@vueuse/core'

const { performer, setHand } = usePerformer()
const dark = useDark({ disableTransition: false })
</script>

<template>
  <section :aria-label="$t('settings.handPanel.reading')">
    <h2 class="text-2xl">{{ $t('settings.handPanel.reading') }}</h2>
    <fieldset class="mt-2 flex flex-wrap gap-5">
      <legend class="text-soft">{{ $t('settings.handPanel.allWordsAreWrittenFor') }}</legend>
      <label v-for="hand in ['right', 'left'] as const" :key="hand" class="flex items-center gap-1.5">
        <input type="radio" name="hand" :checked="performer.hand === hand" @change="setHand(hand)" />
        {{
          hand === 'right'
            ? $t('settings.handPanel.rightHandedPerformers')
            : $t('settings.handPanel.leftHandedPerformers')
        }}
      </label>
    </fieldset>
    <label class="mt-2 flex items-center gap-1.5">
      <input v-model="dark" type="checkbox" /> {{ $t('settings.handPanel.darkScreens') }}
    </label>
  </section>
</template>
