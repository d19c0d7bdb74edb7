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
  <section class="mt-5 border-t border-rule pt-3" aria-label="What they believe">
    <h2 class="text-lg">What they believe</h2>
    <p v-if="beliefs.length === 0" class="text-sm text-soft">Nothing but what is so.</p>
    <ul class="mt-1 space-y-2.5">
      <li v-for="belief in beliefs" :key="belief.id + belief.sentence" data-testid="belief">
        <p class="leading-snug">{{ belief.sentence }}</p>
        <p class="text-sm font-semibold" :class="belief.so ? 'text-holds' : 'text-broken'">
          {{ belief.so ? '● it is so' : '▲ it is not so' }}
        </p>
        <template v-if="belief.id">
          <button class="link text-sm" @click="editing = editing === belief.id ? '' : belief.id">
            {{ editing === belief.id ? 'done' : 'change' }}
          </button>
          <button class="ml-3 link text-sm" @click="bench.edit(removeClaim(bench.routine!, belief.id))">
            remove
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
    <button class="mt-2 btn" @click="add">Lead them to believe something here</button>
  </section>
</template>
