<script setup lang="ts">
import { locale } from '@/words'
import SheetDialog from '@/ui/SheetDialog.vue'
import { answered, api, type ApiProblem } from '@/api/client'
import { ago } from '@/ui/time'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref, watch } from 'vue'

const open = defineModel<boolean>('open', { required: true })

const queries = useQueryClient()
const failure = ref('')
/** Whether everything is about to be thrown away: it is asked once more. */
const sure = ref(false)
const bin = useQuery({
  queryKey: ['bin'],
  queryFn: () => answered(api.GET('/api/routines/bin')),
  enabled: open,
})
watch(open, () => {
  sure.value = false
  failure.value = ''
})

async function attempt(does: () => Promise<unknown>): Promise<void> {
  failure.value = ''
  try {
    await does()
  } catch (thrown) {
    failure.value = (thrown as ApiProblem).message
  }
  await queries.invalidateQueries({ queryKey: ['bin'] })
  await queries.invalidateQueries({ queryKey: ['routines'] })
}

const restore = (id: string) =>
  attempt(() => answered(api.POST('/api/routines/{id}/restore', { params: { path: { id } } })))
const throwAway = (id: string) =>
  attempt(() => answered(api.DELETE('/api/routines/bin/{id}', { params: { path: { id } } })))

async function empty(): Promise<void> {
  if (sure.value) {
    await attempt(() => answered(api.DELETE('/api/routines/bin')))
  }
  sure.value = !sure.value
}

function day(instant: string): string {
  return new Date(instant).toLocaleDateString(locale(), { day: 'numeric', month: 'long' })
}
</script>

<template>
  <SheetDialog v-model:open="open" :title="$t('repertoire.binDialog.bin')">
    <p class="mt-1 text-soft">{{ $t('repertoire.binDialog.whatYouDeleteWaitsHere') }}</p>
    <p v-if="failure" role="alert" class="mt-2 font-semibold text-broken">{{ failure }}</p>
    <p v-if="bin.data.value?.length === 0" class="mt-4">{{ $t('repertoire.binDialog.theBinIsEmpty') }}</p>
    <ul class="mt-3 max-h-96 overflow-y-auto">
      <li
        v-for="entry in bin.data.value ?? []"
        :key="entry.id"
        class="flex items-center gap-3 border-t border-rule py-2"
      >
        <span class="min-w-0 grow">
          <strong class="block">{{ entry.title }}</strong>
          <span class="text-sm text-soft">{{
            $t('repertoire.binDialog.deletedGoneForGoodOn', {
              deletedAt: ago(entry.deletedAt),
              thrownAwayAt: day(entry.thrownAwayAt),
            })
          }}</span>
        </span>
        <button
          class="btn"
          :aria-label="$t('repertoire.binDialog.putBack', { title: entry.title })"
          @click="restore(entry.id)"
        >
          {{ $t('repertoire.binDialog.putBack2') }}
        </button>
        <button
          class="btn text-broken"
          :aria-label="$t('repertoire.binDialog.throwAwayForGood', { title: entry.title })"
          @click="throwAway(entry.id)"
        >
          {{ $t('repertoire.binDialog.throwAway') }}
        </button>
      </li>
    </ul>
    <div class="mt-4 flex gap-3">
      <button class="btn-main" @click="open = false">{{ $t('repertoire.binDialog.done') }}</button>
      <button v-if="bin.data.value?.length" class="btn text-broken" @click="empty">
        {{ sure ? $t('repertoire.binDialog.throwAllOfItAway') : $t('repertoire.binDialog.emptyTheBin') }}
      </button>
    </div>
  </SheetDialog>
</template>
