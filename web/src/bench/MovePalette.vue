<script setup lang="ts">
import SheetDialog from '@/ui/SheetDialog.vue'
import type { Catalogue } from '@/api/client'
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import { usePerformer } from '@/performer'
import { findMoves } from '@/moves'

const props = defineProps<{ catalogue: Catalogue }>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{
  /** A move was picked, by its id. */
  pick: [id: string]
  /** Several moves are jotted down instead: what was pasted, or nothing yet. */
  jot: [text: string]
}>()

const { performer } = usePerformer()
const typed = ref('')
const found = computed(() => findMoves(props.catalogue, typed.value, performer.value.moves))
const families = computed(() =>
  Object.fromEntries(props.catalogue.families.map((family) => [family.id, family.label])),
)

watch(open, () => (typed.value = ''))

/** What is pasted and has several lines is a routine, and no name of a move. */
function pasted(event: ClipboardEvent): void {
  const text = event.clipboardData?.getData('text/plain') ?? ''
  if (/[\n·;]/.test(text.trim())) {
    event.preventDefault()
    jot(text)
  }
}

function jot(text: string): void {
  open.value = false
  emit('jot', text)
}

function pick(id: string | null): void {
  if (id) {
    open.value = false
    emit('pick', id)
  }
}
</script>

<template>
  <SheetDialog v-model:open="open" :title="$t('bench.movePalette.addAMove')">
    <Combobox :model-value="null" @update:model-value="pick">
      <ComboboxInput
        class="my-3 w-full field text-lg"
        :placeholder="$t('bench.movePalette.typeWhatItDoesCut')"
        :aria-label="$t('bench.movePalette.findAMove')"
        autocomplete="off"
        @change="typed = $event.target.value"
        @paste="pasted"
      />
      <!-- An option that changes its place is made anew: Enter takes the one that was listed first. -->
      <ComboboxOptions static class="max-h-96 overflow-y-auto pb-2">
        <ComboboxOption
          v-for="(move, i) in found"
          :key="`${i} ${move.id}`"
          v-slot="{ active }"
          :value="move.id"
          as="template"
        >
          <li class="cursor-pointer rounded px-3 py-1.5" :class="{ 'bg-brass/15': active }">
            <span class="flex items-baseline justify-between gap-3">
              <span>
                <strong>{{ move.name }}</strong>
                <em v-if="performer.moves[move.id]?.alias" class="ml-2 text-soft">
                  {{ performer.moves[move.id]!.alias }}
                </em>
              </span>
              <span class="shrink-0 text-sm text-soft">{{ families[move.family] }}</span>
            </span>
            <span class="block text-sm text-soft">{{ move.effect }}</span>
          </li>
        </ComboboxOption>
        <li v-if="found.length === 0" class="px-3 py-2 text-soft">
          {{ $t('bench.movePalette.noMoveIsCalledThat') }}
        </li>
      </ComboboxOptions>
    </Combobox>
    <p class="mt-2 border-t border-rule pt-2 text-right text-sm">
      <button class="link" @click="jot('')">
        {{ $t('bench.movePalette.severalLines') }} <kbd class="kbd ml-1">J</kbd>
      </button>
    </p>
  </SheetDialog>
</template>
