<script setup lang="ts">
import { t } from '@/words'
import { send } from '@/ui/download'
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'

const client = useQueryClient()
const told = ref('')
const failed = ref(false)

async function read(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (!file) {
    return
  }
  try {
    const { rows } = (await send('/api/journal/table.csv', file, 'text/csv')) as { rows: number }
    told.value = t('journal.journalTable.rowsAreRead', { rows })
    failed.value = false
    await client.invalidateQueries()
  } catch (thrown) {
    told.value = (thrown as Error).message
    failed.value = true
  }
  input.value = ''
}
</script>

<template>
  <div class="ml-auto flex flex-wrap items-center gap-2">
    <a class="btn" href="/api/journal/table.csv" download>{{ $t('journal.journalTable.saveAsATable') }}</a>
    <label class="btn cursor-pointer focus-within:border-(--brass-line)">
      {{ $t('journal.journalTable.readATable') }}
      <input class="sr-only" type="file" accept=".csv,text/csv" @change="read" />
    </label>
  </div>
  <p v-if="told" class="basis-full" :class="{ 'text-broken': failed }" :role="failed ? 'alert' : 'status'">
    {{ told }}
  </p>
</template>
