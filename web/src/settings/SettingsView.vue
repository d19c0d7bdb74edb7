<script setup lang="ts">
import { t } from '@/words'
import { useViewKeys } from '@/ui/keys'
import BackupPanel from './BackupPanel.vue'
import HandPanel from './HandPanel.vue'
import PeoplePanel from './PeoplePanel.vue'

document.title = t('settings.settingsView.settings')
useViewKeys([{ keys: '?', does: t('settings.settingsView.theseKeys') }])
</script>

<template>
  <div class="mx-auto flex w-full max-w-4xl flex-col gap-8 px-4 py-5 sm:px-6">
    <h1 class="text-3xl">{{ $t('settings.settingsView.settings') }}</h1>
    <HandPanel />
    <PeoplePanel />
    <BackupPanel />
    <p>
      <RouterLink to="/about" class="link">{{
        $t('settings.settingsView.aboutCraftyPocketItsLicence')
      }}</RouterLink>
    </p>
  </div>
</template>
