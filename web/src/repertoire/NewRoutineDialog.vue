<script setup lang="ts">
import { t } from '@/words'
import SheetDialog from '@/ui/SheetDialog.vue'
import { answered, api, type Beginning } from '@/api/client'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'

const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{
  create: [title: string, beginning: Beginning | undefined, fromTheEnd: boolean]
}>()

const NOTHING = 'nothing'
const END = 'end'

const title = ref('')
const chosen = ref(NOTHING)

const beginnings = useQuery({
  queryKey: ['beginnings'],
  queryFn: () => answered(api.GET('/api/routines/beginnings')),
  enabled: open,
  staleTime: Infinity,
})

const choices = computed(() => [
  {
    value: NOTHING,
    label: t('repertoire.newRoutineDialog.nothingYet'),
    says: t('repertoire.newRoutineDialog.n52CardsInAnyOrder'),
  },
  ...(beginnings.data.value ?? []).map((b) => ({
    value: b.effect,
    label: b.effect,
    says: b.sees,
  })),
  {
    value: END,
    label: t('repertoire.newRoutineDialog.theEnd'),
    says: t('repertoire.newRoutineDialog.sayWhatMustBeTrue'),
  },
])

function create(): void {
  if (title.value.trim()) {
    open.value = false
    const beginning = beginnings.data.value?.find((b) => b.effect === chosen.value)
    emit('create', title.value.trim(), beginning, chosen.value === END)
    title.value = ''
    chosen.value = NOTHING
  }
}
</script>

<template>
  <SheetDialog v-model:open="open" :title="$t('repertoire.newRoutineDialog.aNewRoutine')">
    <form @submit.prevent="create">
      <label class="mt-3 block text-sm font-semibold" for="new-title">{{
        $t('repertoire.newRoutineDialog.whatIsItCalled')
      }}</label>
      <input
        id="new-title"
        v-model="title"
        class="mt-1.5 w-full field text-lg"
        maxlength="120"
        autocomplete="off"
      />
      <fieldset class="mt-4">
        <legend class="text-sm font-semibold">{{ $t('repertoire.newRoutineDialog.itBeginsWith') }}</legend>
        <label
          v-for="choice in choices"
          :key="choice.value"
          class="mt-1.5 flex items-baseline gap-2.5 rounded-lg px-2 py-1"
          :class="{ 'bg-raised': chosen === choice.value }"
        >
          <input v-model="chosen" type="radio" name="beginning" :value="choice.value" />
          <span>
            <span class="font-semibold">{{ choice.label }}</span>
            <span class="block text-sm leading-snug text-soft">{{ choice.says }}</span>
          </span>
        </label>
      </fieldset>
      <div class="mt-4 flex gap-3">
        <button class="btn-main" type="submit" :disabled="!title.trim()">
          {{ $t('repertoire.newRoutineDialog.start') }}
        </button>
        <button class="btn" type="button" @click="open = false">
          {{ $t('repertoire.newRoutineDialog.leaveIt') }}
        </button>
      </div>
    </form>
  </SheetDialog>
</template>
