<script setup lang="ts">
import { useCatalogue } from '@/api/catalogue'
import { computed } from 'vue'
import ClaimEditor from './ClaimEditor.vue'
import SettingField from './SettingField.vue'
import { changeSetting, changeStep, newClaimSpec } from './edits'
import { useBench } from './store'

const bench = useBench()
const catalogue = useCatalogue()

const index = computed(() => bench.selectedIndex - 1)
const step = computed(() => bench.routine?.steps[index.value])
const move = computed(() => catalogue.value.moves.find((m) => m.id === step.value?.move))
const moment = computed(() => bench.trace?.moments.find((m) => m.stepId === step.value?.id))

const sees = computed(() => {
  const shown = (moment.value?.shown ?? []).filter((s) => !s.onlyPerformer)
  const names = shown.map((s) => (s.front ? bench.trace!.cards[s.card]!.sign : 'a back'))
  return names.length > 12 ? [...names.slice(0, 12), `… ${names.length} in all`] : names
})

function set(name: string, value: string): void {
  bench.edit(changeSetting(bench.routine!, step.value!.id, name, value), true)
}

function change(part: Parameters<typeof changeStep>[2]): void {
  bench.edit(changeStep(bench.routine!, step.value!.id, part), true)
}

function toggleCondition(event: Event): void {
  const on = (event.target as HTMLInputElement).checked
  change({ onlyIf: on ? newClaimSpec(bench.routine!, 'position', catalogue.value) : undefined })
}
</script>

<template>
  <section v-if="step && move" aria-label="Step settings">
    <h2 class="text-lg">{{ index + 1 }} · {{ move.name }}</h2>
    <p class="text-sm text-soft">{{ moment?.sentence ?? move.effect }}</p>

    <div
      v-if="moment?.broken"
      role="alert"
      class="mt-2 rounded-lg border-l-4 border-broken bg-broken/10 px-3 py-2"
    >
      <strong class="text-broken">{{ moment.broken.reason }}</strong>
      <p class="text-sm">{{ moment.broken.mend }}</p>
    </div>
    <p
      v-for="remark in moment?.remarks ?? []"
      :key="remark.text"
      class="mt-2 rounded-lg border-l-4 px-3 py-2 text-sm"
      :class="remark.warning ? 'border-broken bg-broken/10' : 'border-holds bg-holds/10'"
      data-testid="remark"
    >
      {{ remark.text }}
    </p>
    <p v-for="hold in moment?.lost ?? []" :key="hold.kind" class="mt-2 text-sm text-hint">
      The {{ hold.kind }} is lost here: this move does not keep it.
    </p>

    <SettingField
      v-for="setting in move.settings"
      :key="setting.name"
      :setting="setting"
      :value="step.settings[setting.name] ?? setting.usual"
      :roles="bench.routine!.roles"
      :path="`steps[${index}].settings.${setting.name}`"
      :choices="moment?.choices.filter((c) => c.setting === setting.name)"
      @change="set(setting.name, $event)"
    />

    <label class="mt-3 flex items-center gap-2 text-sm">
      <input type="checkbox" :checked="!!step.onlyIf" @change="toggleCondition" />
      only if something is true beforehand
    </label>
    <p v-if="moment?.condition" class="text-sm text-soft">
      Only if: {{ moment.condition }}{{ moment.skipped ? '. Not so this way.' : '' }}
    </p>
    <ClaimEditor
      v-if="step.onlyIf"
      :claim="step.onlyIf"
      :path="`steps[${index}].onlyIf`"
      @change="change({ onlyIf: $event })"
    />

    <label class="mt-2.5 block text-sm font-semibold" :for="`note-${step.id}`">Your words and cues</label>
    <textarea
      :id="`note-${step.id}`"
      class="w-full field text-sm"
      rows="2"
      maxlength="2000"
      :value="step.note"
      @input="change({ note: ($event.target as HTMLTextAreaElement).value })"
    />

    <dl class="mt-3 space-y-2 text-sm">
      <div v-if="sees.length > 0">
        <dt class="font-semibold">What they see</dt>
        <dd>{{ sees.join(' ') }}</dd>
      </div>
      <div>
        <dt class="font-semibold">What it does</dt>
        <dd>{{ move.effect }}</dd>
      </div>
      <div>
        <dt class="font-semibold">Attention</dt>
        <dd>{{ move.attention }}</dd>
      </div>
      <div>
        <dt class="font-semibold">Watch points</dt>
        <dd>
          <ul class="list-disc pl-4">
            <li v-for="point in move.watch" :key="point">{{ point }}</li>
            <li v-if="move.angles">Not to be watched {{ move.angles }}.</li>
          </ul>
        </dd>
      </div>
    </dl>
  </section>
</template>
