<script setup lang="ts">
import SheetDialog from '@/ui/SheetDialog.vue'
import { useCatalogue } from '@/api/catalogue'
import { answered, api, type RoutineEntry } from '@/api/client'
import { useOutbox } from '@/saving'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { withSent, type Sent } from './sent'

/** What is to be sent; the dialog is open as long as there is something. */
const sent = defineModel<Sent | undefined>('sent', { required: true })

const router = useRouter()
const outbox = useOutbox()
const catalogue = useCatalogue()
const typed = ref('')
const failure = ref('')

const routines = useQuery({
  queryKey: ['routines'],
  queryFn: () => answered(api.GET('/api/routines')),
  enabled: computed(() => !!sent.value),
})
const found = computed(() =>
  (routines.data.value ?? []).filter((r) => r.title.toLowerCase().includes(typed.value.trim().toLowerCase())),
)

async function send(entry: RoutineEntry): Promise<void> {
  failure.value = ''
  try {
    const queue = await outbox.open(entry.id)
    queue.edit(await withSent(queue.shown.value, sent.value!, catalogue.value))
    await queue.flush()
    close()
    await router.push(`/bench/${entry.id}`)
  } catch (thrown) {
    failure.value = (thrown as Error).message
  }
}

function close(): void {
  sent.value = undefined
  typed.value = ''
}
</script>

<template>
  <SheetDialog
    :open="!!sent"
    :title="$t('reckoner.sendDialog.sendToARoutine')"
    width="narrow"
    @update:open="close"
  >
    <p class="text-sm text-soft">{{ $t('reckoner.sendDialog.itGoesToTheEnd') }}</p>
    <label class="mt-3 block text-sm font-semibold" for="send-find">{{
      $t('reckoner.sendDialog.findARoutine')
    }}</label>
    <input id="send-find" v-model="typed" class="w-full field" autocomplete="off" />
    <p v-if="failure" role="alert" class="mt-2 text-sm font-semibold text-broken">{{ failure }}</p>
    <ul class="mt-3 max-h-72 overflow-y-auto">
      <li v-for="entry in found" :key="entry.id">
        <button class="w-full truncate rounded px-2 py-1.5 text-left hover:bg-brass/15" @click="send(entry)">
          {{ entry.title }}
        </button>
      </li>
    </ul>
    <p v-if="found.length === 0 && routines.data.value" class="text-soft">
      {{ $t('reckoner.sendDialog.noRoutineIsCalledSo') }}
    </p>
    <button class="mt-3 btn" @click="close">{{ $t('reckoner.sendDialog.cancel') }}</button>
  </SheetDialog>
</template>
