<script setup lang="ts">
import { t } from '@/words'
import { answered, api } from '@/api/client'
import { useOutbox } from '@/saving'
import { useViewKeys } from '@/ui/keys'
import SheetDialog from '@/ui/SheetDialog.vue'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import SetEditor from './SetEditor.vue'
import { emptySet, useSets } from './sets'

const props = defineProps<{ id?: string }>()
const router = useRouter()
const client = useQueryClient()
const outbox = useOutbox()
const sets = useSets()
const problem = ref('')
/** Whether it is asked before a set is deleted. */
const sure = ref(false)
/** The set that the address names, else the first one. */
const shown = computed(() => props.id || sets.data.value?.[0]?.id || '')

async function add(): Promise<void> {
  try {
    const kept = await answered(api.POST('/api/sets', { body: emptySet(t('tonight.tonightView.newSet')) }))
    await client.invalidateQueries({ queryKey: ['sets'] })
    await router.push(`/tonight/${kept.id}`)
  } catch (thrown) {
    problem.value = (thrown as Error).message
  }
}

async function remove(): Promise<void> {
  sure.value = false
  try {
    await answered(api.DELETE('/api/sets/{id}', { params: { path: { id: shown.value } } }))
    outbox.dropSet(shown.value)
    await client.invalidateQueries({ queryKey: ['sets'] })
    await router.push('/tonight')
  } catch (thrown) {
    problem.value = (thrown as Error).message
  }
}

document.title = t('tonight.tonightView.tonight')
useViewKeys([
  { keys: 'Alt ↑, Alt ↓', does: t('tonight.tonightView.moveTheRoutineWhoseRow') },
  { keys: 'P', does: t('tonight.tonightView.performThisSet') },
  { keys: '?', does: t('tonight.tonightView.theseKeys') },
])
</script>

<template>
  <div class="mx-auto flex w-full max-w-7xl grow flex-col gap-4 px-4 py-5 sm:px-6">
    <div class="flex flex-wrap items-center gap-2">
      <h1 class="mr-3 text-3xl">{{ $t('tonight.tonightView.tonight') }}</h1>
      <RouterLink
        v-for="each in sets.data.value ?? []"
        :key="each.id"
        :to="`/tonight/${each.id}`"
        class="btn"
        :class="{ 'border-(--brass-line) bg-brass/15': each.id === shown }"
        :aria-current="each.id === shown ? 'page' : undefined"
        >{{ each.set.title }}</RouterLink
      >
      <button class="btn" @click="add">{{ $t('tonight.tonightView.newSet2') }}</button>
    </div>
    <p v-if="problem || sets.isError.value" role="alert" class="text-broken">
      {{ problem || sets.error.value?.message }}
    </p>
    <p v-if="sets.data.value?.length === 0" class="max-w-2xl text-lg">
      {{ $t('tonight.tonightView.aSetIsWhatYou') }}
    </p>
    <SetEditor v-if="shown" :id="shown" :key="shown" @remove="sure = true" />
    <SheetDialog v-model:open="sure" :title="$t('tonight.tonightView.deleteThisSet')" width="narrow">
      <p class="mt-2">{{ $t('tonight.tonightView.itsRoutinesStayOnThe') }}</p>
      <div class="mt-4 flex gap-2">
        <button class="btn-main" @click="remove">{{ $t('tonight.tonightView.deleteIt') }}</button>
        <button class="btn" @click="sure = false">{{ $t('tonight.tonightView.keepIt') }}</button>
      </div>
    </SheetDialog>
  </div>
</template>
