<script setup lang="ts">
import { useCatalogue } from '@/api/catalogue'
import { outLabel } from '@/routine'
import { computed } from 'vue'
import { SET_UP, useBench } from './store'

const bench = useBench()
const catalogue = useCatalogue()

const here = computed(() => (bench.whole?.outs ?? []).filter((o) => o.after === bench.selected))
</script>

<template>
  <section class="mt-5 border-t border-rule pt-3" :aria-label="$t('bench.outsPanel.outs')">
    <h2 class="text-lg">{{ $t('bench.outsPanel.outs') }}</h2>
    <p v-if="here.length === 0" class="text-sm text-soft">
      {{
        $t('bench.outsPanel.nothingIsKeptReady', {
          selected:
            bench.selected === SET_UP
              ? $t('bench.outsPanel.forTheStart')
              : $t('bench.outsPanel.afterThisStep'),
        })
      }}
    </p>
    <ul class="mt-1 space-y-1">
      <li v-for="out in here" :key="out.id">
        <button class="link" @click="bench.openLine(out.id)">{{ outLabel(out, catalogue) }}</button>
        <span v-if="out.says && out.occasion !== 'other'" class="ml-2 text-sm text-soft">{{ out.says }}</span>
      </li>
    </ul>
    <button class="mt-2 btn" @click="bench.keepOut">{{ $t('bench.outsPanel.haveAnOutReadyHere') }}</button>
  </section>
</template>
