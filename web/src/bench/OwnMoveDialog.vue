<script setup lang="ts">
import { t } from '@/words'
import SheetDialog from '@/ui/SheetDialog.vue'
import { useCatalogue } from '@/api/catalogue'
import type { ApiProblem } from '@/api/client'
import { composed } from '@/moves'
import { usePerformer } from '@/performer'
import { useToast } from '@/ui/toast'
import { computed, ref, watch } from 'vue'
import { useBench } from './store'

const open = defineModel<boolean>('open', { required: true })

const bench = useBench()
const catalogue = useCatalogue()
const { keepOwnMove } = usePerformer()
const toast = useToast()

const name = ref('')
const first = ref(0)
const last = ref(0)
const replace = ref(true)
const failure = ref('')

watch(open, () => {
  name.value = ''
  failure.value = ''
  first.value = Math.max(0, bench.selectedIndex - 1)
  last.value = first.value
})

const steps = computed(() => bench.routine?.steps ?? [])
const taken = computed(() => steps.value.slice(first.value, last.value + 1))
const own = computed(() => composed(name.value.trim(), taken.value, catalogue.value))

function title(id: string): string {
  return catalogue.value.moves.find((m) => m.id === id)?.name ?? id
}

async function make(): Promise<void> {
  if (replace.value && taken.value.some((s) => !bench.isOwn(s.id))) {
    failure.value = t('bench.ownMoveDialog.someOfTheseStepsBelong')
    return
  }
  try {
    await keepOwnMove(own.value)
    if (replace.value) {
      await bench.wrap(
        own.value,
        taken.value.map((s) => s.id),
      )
    }
    open.value = false
    toast.say(t('bench.ownMoveDialog.isOneOfYourMoves', { name: own.value.name }))
  } catch (thrown) {
    const problem = thrown as ApiProblem
    failure.value = problem.problems[0]
      ? `“${problem.problems[0].value}”: ${problem.problems[0].rule}. ${problem.problems[0].cure}.`
      : problem.message
  }
}
</script>

<template>
  <SheetDialog v-model:open="open" :title="$t('bench.ownMoveDialog.makeThisOneMove')">
    <label class="mt-3 block text-sm font-semibold" for="own-name">{{
      $t('bench.ownMoveDialog.whatYouCallIt')
    }}</label>
    <input id="own-name" v-model="name" class="w-full field" maxlength="40" autocomplete="off" />
    <div class="mt-3 grid grid-cols-2 gap-3">
      <div>
        <label class="block text-sm font-semibold" for="own-first">{{
          $t('bench.ownMoveDialog.fromStep')
        }}</label>
        <select id="own-first" v-model.number="first" class="w-full field">
          <option v-for="(step, i) in steps" :key="step.id" :value="i">
            {{ i + 1 }} · {{ title(step.move) }}
          </option>
        </select>
      </div>
      <div>
        <label class="block text-sm font-semibold" for="own-last">{{
          $t('bench.ownMoveDialog.toStep')
        }}</label>
        <select id="own-last" v-model.number="last" class="w-full field">
          <option v-for="(step, i) in steps" :key="step.id" :value="i" :disabled="i < first">
            {{ i + 1 }} · {{ title(step.move) }}
          </option>
        </select>
      </div>
    </div>
    <p class="mt-3 text-sm text-soft">
      {{ $t('bench.ownMoveDialog.steps', taken.length) }}
      <template v-if="own.settings.length > 0">
        {{ $t('bench.ownMoveDialog.toBeSetEachTime', { own: own.settings.map((s) => s.label).join(', ') }) }}
      </template>
      <template v-else>{{ $t('bench.ownMoveDialog.nothingIsLeftOpenIn') }}</template>
    </p>
    <label class="mt-2 flex items-center gap-2 text-sm">
      <input v-model="replace" type="checkbox" /> {{ $t('bench.ownMoveDialog.putItInTheirPlace') }}
    </label>
    <p v-if="failure" role="alert" class="mt-2 font-semibold text-broken">{{ failure }}</p>
    <div class="mt-4 flex justify-end gap-2">
      <button class="btn" @click="open = false">{{ $t('bench.ownMoveDialog.cancel') }}</button>
      <button class="btn-main" :disabled="name.trim() === '' || taken.length === 0" @click="make">
        {{ $t('bench.ownMoveDialog.makeIt') }}
      </button>
    </div>
  </SheetDialog>
</template>
