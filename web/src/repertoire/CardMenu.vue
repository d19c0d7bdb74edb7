<script setup lang="ts">
import type { RoutineEntry } from '@/api/client'
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { onMounted, ref } from 'vue'

/** What else is done with a routine: a menu that is open once it is there, since it is loaded when somebody asks for it. */
defineProps<{ entry: RoutineEntry }>()
defineEmits<{ copy: []; remove: [] }>()

const opener = ref<{ el: HTMLElement }>()
onMounted(() => opener.value?.el.click())
</script>

<template>
  <Menu as="div" class="relative">
    <MenuButton
      ref="opener"
      class="rounded px-2 text-xl"
      :aria-label="$t('repertoire.routineCard.moreFor', { title: entry.title })"
      >⋯</MenuButton
    >
    <MenuItems class="absolute right-0 z-20 w-44 rounded-lg border border-rule bg-paper py-1">
      <MenuItem v-slot="{ active }">
        <button class="menu-item" :class="{ 'bg-brass/15': active }" @click="$emit('copy')">
          {{ $t('repertoire.routineCard.copy') }}
        </button>
      </MenuItem>
      <MenuItem v-slot="{ active }">
        <a
          class="menu-item"
          :class="{ 'bg-brass/15': active }"
          :href="`/api/routines/${entry.id}/file`"
          :download="`${entry.title}.routine.json`"
          >{{ $t('repertoire.routineCard.saveToAFile') }}</a
        >
      </MenuItem>
      <MenuItem v-slot="{ active }">
        <button class="menu-item text-broken" :class="{ 'bg-brass/15': active }" @click="$emit('remove')">
          {{ $t('repertoire.routineCard.delete') }}
        </button>
      </MenuItem>
    </MenuItems>
  </Menu>
</template>
