<script setup lang="ts">
import { answered, api } from '@/api/client'
import SheetDialog from '@/ui/SheetDialog.vue'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'

const props = defineProps<{
  /** Tonight's people; nobody for new ones. */
  audience?: string
}>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ add: [routine: { id: string; title: string }] }>()

const { data: routines } = useQuery({
  queryKey: ['routines'],
  queryFn: () => answered(api.GET('/api/routines')),
})
const { data: seen } = useQuery({
  queryKey: computed(() => ['seen', props.audience]),
  queryFn: () => answered(api.GET('/api/audiences/{id}/seen', { params: { path: { id: props.audience! } } })),
  enabled: computed(() => !!props.audience),
  staleTime: 0,
})
const known = computed(() => new Set((props.audience ? seen.value : [])?.map((each) => each.routine)))
const wanted = ref('')
const added = ref<string[]>([])
watch(open, () => (added.value = []))
const found = computed(() => {
  const words = wanted.value.toLowerCase().split(/\s+/).filter(Boolean)
  return (routines.value ?? []).filter((each) => {
    const text = [each.title, ...each.tags].join(' ').toLowerCase()
    return words.every((word) => text.includes(word))
  })
})

function add(routine: { id: string; title: string }): void {
  emit('add', routine)
  added.value = [...added.value, routine.id]
}
</script>

<template>
  <SheetDialog v-model:open="open" :title="$t('tonight.addActs.addRoutines')">
    <template #beside>
      <button class="btn" @click="open = false">{{ $t('tonight.addActs.done') }}</button>
    </template>
    <input
      v-model="wanted"
      class="field mt-3"
      :aria-label="$t('tonight.addActs.findARoutine')"
      :placeholder="$t('tonight.addActs.titleOrTag')"
    />
    <ul class="mt-3">
      <li v-for="each in found" :key="each.id" class="flex items-center gap-3 border-t border-rule py-1.5">
        <span class="grow">
          {{ each.title }}
          <span class="block text-sm text-soft">{{ each.tags.join(' · ') }}</span>
        </span>
        <span v-if="known.has(each.id)" class="text-sm font-semibold text-hint">{{
          $t('tonight.addActs.theyHaveSeenIt')
        }}</span>
        <span v-if="added.includes(each.id)" class="text-sm text-holds" role="status">{{
          $t('tonight.addActs.added')
        }}</span>
        <button class="btn" :aria-label="$t('tonight.addActs.add', { title: each.title })" @click="add(each)">
          {{ $t('tonight.addActs.add2') }}
        </button>
      </li>
    </ul>
  </SheetDialog>
</template>
