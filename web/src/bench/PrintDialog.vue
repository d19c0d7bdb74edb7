<script setup lang="ts">
import SheetDialog from '@/ui/SheetDialog.vue'
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'

/** The routine whose script is wanted. */
const props = defineProps<{ id: string }>()
const open = defineModel<boolean>('open', { required: true })

const PARTS = ['patter', 'outs', 'times'] as const
const wanted = useLocalStorage('script-wanted', { patter: true, outs: true, times: true })
const query = computed(() => new URLSearchParams(PARTS.map((part) => [part, String(wanted.value[part])])))
const address = (ending: string) => `/api/routines/${props.id}/script.${ending}?${query.value}`
</script>

<template>
  <SheetDialog v-model:open="open" :title="$t('bench.print.title')" width="narrow">
    <p class="mt-1 text-sm text-soft">{{ $t('bench.print.what') }}</p>
    <label v-for="part in PARTS" :key="part" class="mt-2 flex items-center gap-2">
      <input v-model="wanted[part]" type="checkbox" />
      {{ $t(`bench.print.${part}`) }}
    </label>
    <p class="mt-4 flex gap-3">
      <a class="btn-main" :href="address('pdf')" download @click="open = false">{{
        $t('bench.print.pages')
      }}</a>
      <a class="btn" :href="address('md')" download @click="open = false">{{ $t('bench.print.text') }}</a>
    </p>
  </SheetDialog>
</template>
