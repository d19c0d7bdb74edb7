<script setup lang="ts">
import { useCatalogue } from '@/api/catalogue'
import type { Out } from '@/api/client'
import { changeOut, rejoinable } from '@/routine'
import { computed } from 'vue'
import { useBench } from './store'

const bench = useBench()
const catalogue = useCatalogue()

const out = computed(() => bench.whole?.outs.find((o) => o.id === bench.line))
/** The steps before the out's own, after any of which it could begin. */
const before = computed(() => {
  const steps = bench.routine?.steps ?? []
  const own = steps.findIndex((s) => bench.isOwn(s.id))
  const from = steps.findIndex((s) => s.id === out.value?.after) + 1
  return steps.slice(0, own < 0 ? from : own)
})
/** Where it begins in its line stays in the list, and so do the steps that it leaves out. */
const beginnings = computed(() => {
  const left = out.value ? rejoinable(bench.whole!, { ...out.value, after: '' }) : []
  const upTo = left.findIndex((s) => s.id === out.value?.rejoin)
  const main = upTo < 0 ? left : left.slice(0, upTo)
  return [...before.value, ...main.filter((s) => !before.value.some((b) => b.id === s.id))]
})
const ends = computed(() => (out.value ? rejoinable(bench.whole!, out.value) : []))

function name(stepId: string): string {
  const all = [...bench.whole!.steps, ...bench.whole!.outs.flatMap((o) => o.steps)]
  const step = all.find((s) => s.id === stepId)
  const number = bench.whole!.steps.findIndex((s) => s.id === stepId) + 1
  const move = catalogue.value.moves.find((m) => m.id === step?.move)?.name ?? ''
  return number > 0 ? `${number} · ${move}` : move
}

function change(part: Partial<Out>, typed = false): void {
  bench.editWhole(changeOut(bench.whole!, bench.line, part), typed)
}

function value(event: Event): string {
  return (event.target as HTMLInputElement).value
}
</script>

<template>
  <section v-if="out" class="mb-4 border-b border-rule pb-3" :aria-label="$t('bench.outEditor.thisOut')">
    <h2 class="text-lg">{{ $t('bench.outEditor.thisOut') }}</h2>
    <p v-if="bench.found[out.id]?.unread" role="alert" class="text-sm font-semibold text-broken">
      {{ bench.found[out.id]!.unread }}
    </p>
    <label class="mt-1 block text-sm font-semibold" for="out-occasion">{{
      $t('bench.outEditor.takenIf')
    }}</label>
    <select
      id="out-occasion"
      class="w-full field"
      :value="out.occasion"
      @change="change({ occasion: value($event) })"
    >
      <option v-for="o in catalogue.occasions" :key="o.name" :value="o.name">{{ o.label }}</option>
    </select>
    <label class="mt-2 block text-sm font-semibold" for="out-says">{{
      $t('bench.outEditor.whatTheySay')
    }}</label>
    <input
      id="out-says"
      class="w-full field"
      maxlength="300"
      autocomplete="off"
      :value="out.says"
      :placeholder="$t('bench.outEditor.letMeShuffleThem')"
      @input="change({ says: value($event) }, true)"
    />
    <div class="mt-2 space-y-2">
      <div>
        <label class="block text-sm font-semibold" for="out-after">{{
          $t('bench.outEditor.beginsAfter')
        }}</label>
        <select
          id="out-after"
          class="w-full field"
          :value="out.after"
          @change="change({ after: value($event) })"
        >
          <option value="">{{ $t('bench.outEditor.theSetUp') }}</option>
          <option v-for="s in beginnings" :key="s.id" :value="s.id">{{ name(s.id) }}</option>
        </select>
      </div>
      <div>
        <label class="block text-sm font-semibold" for="out-rejoin">{{
          $t('bench.outEditor.rejoinsAt')
        }}</label>
        <select
          id="out-rejoin"
          class="w-full field"
          :value="out.rejoin"
          @change="change({ rejoin: value($event) })"
        >
          <option v-for="s in ends" :key="s.id" :value="s.id">{{ name(s.id) }}</option>
          <option value="">{{ $t('bench.outEditor.nothingItEndsTheRoutine') }}</option>
        </select>
      </div>
    </div>
    <button class="mt-2 link text-sm" @click="bench.remove('out', out.id)">
      {{ $t('bench.outEditor.removeThisOut') }}
    </button>
  </section>
</template>
