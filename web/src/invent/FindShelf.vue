<script setup lang="ts">
import type { Find, Routine } from '@/api/client'
import { vTyped } from '@/ui/typed'
import { count } from '@/ui/verdict'

defineProps<{ finds: Find[] }>()
const emit = defineEmits<{
  open: [routine: Routine]
  note: [find: Find, note: string]
  takeOff: [find: Find]
}>()
</script>

<template>
  <section class="mt-6 border-t border-rule pt-3" :aria-label="$t('invent.findShelf.kept')">
    <h2 class="text-lg">{{ $t('invent.findShelf.kept') }}</h2>
    <p v-if="finds.length === 0" class="text-soft">{{ $t('invent.findShelf.nothingKept') }}</p>
    <ul class="grid gap-3 lg:grid-cols-2">
      <li v-for="find in finds" :key="find.id" class="rounded-lg border border-rule bg-raised p-3">
        <h3 class="text-base font-semibold">{{ find.routine.title }}</h3>
        <p class="text-sm text-soft">{{ find.routine.summary }}</p>
        <p class="mt-1">{{ find.sentence }} · {{ count(find.ways) }}</p>
        <textarea
          v-typed="find.note"
          class="mt-2 w-full field"
          rows="3"
          maxlength="1000"
          :placeholder="$t('invent.findShelf.note')"
          :aria-label="$t('invent.findShelf.noteOf', { title: find.routine.title })"
          @change="emit('note', find, ($event.target as HTMLTextAreaElement).value.trim())"
        ></textarea>
        <div class="mt-2 flex gap-2">
          <button
            class="btn"
            :aria-label="$t('invent.findShelf.openNamed', { title: find.routine.title })"
            @click="emit('open', find.routine)"
          >
            {{ $t('invent.findShelf.open') }}
          </button>
          <button
            class="link text-sm"
            :aria-label="$t('invent.findShelf.takeOffNamed', { title: find.routine.title })"
            @click="emit('takeOff', find)"
          >
            {{ $t('invent.findShelf.takeOff') }}
          </button>
        </div>
      </li>
    </ul>
  </section>
</template>
