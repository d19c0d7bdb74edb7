<script setup lang="ts">
import { computed } from 'vue'

const props = defineProps<{ title: string; counts: { what: string; times: number }[] }>()
const most = computed(() => Math.max(1, ...props.counts.map((each) => each.times)))
</script>

<template>
  <section :aria-label="title">
    <h2 class="text-xl">{{ title }}</h2>
    <p v-if="counts.length === 0" class="text-soft">{{ $t('journal.countBars.nothingIsKnownYet') }}</p>
    <ul class="mt-1">
      <li v-for="each in counts" :key="each.what" class="py-0.5">
        <span class="flex justify-between gap-2"
          ><span>{{ each.what }}</span
          ><span class="text-soft">{{ each.times }}</span></span
        >
        <span
          class="block h-2 rounded-sm bg-(--ribbon-3)"
          aria-hidden="true"
          :style="{ width: `${(100 * each.times) / most}%` }"
        />
      </li>
    </ul>
  </section>
</template>
