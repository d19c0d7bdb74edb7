<script setup lang="ts">
import { useCatalogue } from '@/api/catalogue'
import { computed, ref } from 'vue'
import ClaimEditor from './ClaimEditor.vue'
import { addClaim, changeClaim, newClaimSpec, removeClaim } from '@/routine'
import { SET_UP, useBench } from './store'

const bench = useBench()
const catalogue = useCatalogue()
const editing = ref('')

const beliefs = computed(() => bench.trace?.moments[bench.selectedIndex]?.beliefs ?? [])
const edited = computed(() => bench.routine?.claims.findIndex((c) => c.id === editing.value) ?? -1)

function add(): void {
  const after = bench.selected === SET_UP ? '' : bench.selected
  const changed = addClaim(
    bench.routine!,
    newClaimSpec(bench.routine!, 'pile-size', catalogue.value),
    after,
    true,
  )
  bench.edit(changed)
  editing.value = changed.claims.at(-1)!.id
}
</script>

<template>
  <section class="mt-5 border-t border-rule pt-3" :aria-label="$t('bench.beliefsPanel.whatTheyBelieve')">
    <h2 class="text-lg">{{ $t('bench.beliefsPanel.whatTheyBelieve') }}</h2>
    <p v-if="beliefs.length === 0" class="text-sm text-soft">
      {{ $t('bench.beliefsPanel.nothingButWhatIsSo') }}
    </p>
    <ul class="mt-1 space-y-2.5">
      <li v-for="belief in beliefs" :key="belief.id + belief.sentence" data-testid="belief">
        <p class="leading-snug">{{ belief.sentence }}</p>
        <p class="text-sm font-semibold" :class="belief.so ? 'text-holds' : 'text-broken'">
          {{ belief.so ? $t('bench.beliefsPanel.itIsSo') : $t('bench.beliefsPanel.itIsNotSo') }}
        </p>
        <template v-if="belief.id">
          <button class="link text-sm" @click="editing = editing === belief.id ? '' : belief.id">
            {{ editing === belief.id ? $t('bench.beliefsPanel.done') : $t('bench.beliefsPanel.change') }}
          </button>
          <button class="ml-3 link text-sm" @click="bench.edit(removeClaim(bench.routine!, belief.id))">
            {{ $t('bench.beliefsPanel.remove') }}
          </button>
        </template>
      </li>
    </ul>
    <ClaimEditor
      v-if="edited >= 0"
      :claim="bench.routine!.claims[edited]!.claim"
      :path="`claims[${edited}].claim`"
      @change="bench.edit(changeClaim(bench.routine!, editing, { claim: $event }))"
    />
    <button class="mt-2 btn" @click="add">{{ $t('bench.beliefsPanel.leadThemToBelieveSomething') }}</button>
  </section>
</template>
