<script setup lang="ts">
import { t } from '@/words'
import type { ApiProblem } from '@/api/client'
import { send } from '@/ui/download'
import SheetDialog from '@/ui/SheetDialog.vue'
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'

const client = useQueryClient()
const chosen = ref<File>()
const sure = ref(false)
/** Whether it is asked once more, for there is nothing in what was chosen. */
const empty = ref(false)
const told = ref('')
const failed = ref(false)

function choose(event: Event): void {
  const input = event.target as HTMLInputElement
  chosen.value = input.files?.[0]
  sure.value = !!chosen.value
  input.value = ''
}

async function restore(evenEmpty = false): Promise<void> {
  sure.value = false
  empty.value = false
  try {
    const address = evenEmpty ? '/api/backup?evenEmpty=true' : '/api/backup'
    const { files } = (await send(address, chosen.value!, 'application/zip')) as { files: number }
    told.value = t('settings.backupPanel.everythingIsAsItWas', { files })
    failed.value = false
    await client.invalidateQueries()
  } catch (thrown) {
    empty.value = (thrown as ApiProblem).kind === 'not-now'
    told.value = empty.value ? '' : (thrown as Error).message
    failed.value = true
  }
}
</script>

<template>
  <section :aria-label="$t('settings.backupPanel.backup')">
    <h2 class="text-2xl">{{ $t('settings.backupPanel.backup') }}</h2>
    <p class="mt-1 max-w-2xl text-soft">{{ $t('settings.backupPanel.oneFileWithAllRoutines') }}</p>
    <div class="mt-3 flex flex-wrap gap-2">
      <a class="btn-main" href="/api/backup" download>{{ $t('settings.backupPanel.saveABackup') }}</a>
      <label class="btn cursor-pointer focus-within:border-(--brass-line)">
        {{ $t('settings.backupPanel.restoreABackup') }}
        <input class="sr-only" type="file" accept=".zip,application/zip" @change="choose" />
      </label>
    </div>
    <p v-if="told" class="mt-2" :class="{ 'text-broken': failed }" :role="failed ? 'alert' : 'status'">
      {{ told }}
    </p>
    <SheetDialog v-model:open="sure" :title="$t('settings.backupPanel.replaceEverything')" width="narrow">
      <p class="mt-2">{{ $t('settings.backupPanel.everythingThatIsHereNow', { name: chosen?.name }) }}</p>
      <div class="mt-4 flex gap-2">
        <button class="btn-main" @click="restore()">
          {{ $t('settings.backupPanel.replaceEverything2') }}
        </button>
        <button class="btn" @click="sure = false">{{ $t('settings.backupPanel.leaveItAsItIs') }}</button>
      </div>
    </SheetDialog>
    <SheetDialog v-model:open="empty" :title="$t('settings.backupPanel.replaceEverything')" width="narrow">
      <p class="mt-2">{{ $t('settings.backupPanel.thereIsNoRoutineIn') }}</p>
      <div class="mt-4 flex gap-2">
        <button class="btn" @click="empty = false">{{ $t('settings.backupPanel.leaveItAsItIs') }}</button>
        <button class="btn text-broken" @click="restore(true)">
          {{ $t('settings.backupPanel.beWithoutAnything') }}
        </button>
      </div>
    </SheetDialog>
  </section>
</template>
