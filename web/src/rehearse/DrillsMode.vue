<script setup lang="ts">
import { answered, api } from '@/api/client'
import { typing } from '@/ui/keys'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { onKeyStroke } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { useKeeping } from '@/saving'

/** The drill, or the move to be drilled, that the address asks for. */
const asked = (useRoute().query.drill as string | undefined) ?? ''
const client = useQueryClient()
const { data: drills } = useQuery({
  queryKey: ['drills', asked],
  queryFn: () => answered(api.GET('/api/practice/drills', { params: { query: { move: asked } } })),
})
const picked = ref(asked)
const drill = computed(() => drills.value?.find((each) => each.id === picked.value))
const done = ref(0)
const errors = ref(0)
const series = ref(0)
const best = ref(0)
const since = ref(Date.now())
const keeping = useKeeping()
const { problem } = keeping

function pick(id: string): void {
  picked.value = id
  done.value = errors.value = series.value = best.value = 0
  since.value = Date.now()
}

function once(clean: boolean): void {
  if (drill.value) {
    done.value++
    errors.value += clean ? 0 : 1
    series.value = clean ? series.value + 1 : 0
    best.value = Math.max(best.value, series.value)
  }
}

async function finish(): Promise<void> {
  if (done.value === 0) {
    picked.value = ''
    return
  }
  const practice = {
    of: 'drills' as const,
    drill: picked.value,
    repetitions: done.value,
    errors: errors.value,
    series: best.value,
    millis: Math.min(86_400_000, Date.now() - since.value),
  }
  if (
    await keeping.keep(
      { kind: 'practice', practice },
      () => void client.invalidateQueries({ queryKey: ['drills'] }),
    )
  ) {
    picked.value = ''
  }
}

onKeyStroke([' ', 'PageDown', 'ArrowRight'], (event) => {
  const onControl = event.key === ' ' && (event.target as HTMLElement).closest('button, a') !== null
  if (drill.value && !typing(event) && !onControl) {
    event.preventDefault()
    once(true)
  }
})
onKeyStroke(['m', 'M', 'PageUp', 'ArrowLeft'], (event) => {
  if (drill.value && !typing(event)) {
    event.preventDefault()
    once(false)
  }
})
</script>

<template>
  <section :aria-label="$t('rehearse.drillsMode.drills')" class="w-full">
    <p v-if="!drill && problem" role="status" class="mb-3 font-semibold">{{ problem }}</p>
    <ul v-if="!drill" class="space-y-3">
      <li
        v-for="each in drills ?? []"
        :key="each.id"
        class="rounded-xl border border-rule bg-raised p-4"
        data-testid="drill"
      >
        <div class="flex flex-wrap items-start justify-between gap-3">
          <h2 class="text-2xl">{{ each.name }}</h2>
          <button
            class="btn-main"
            :aria-label="$t('rehearse.drillsMode.begin', { name: each.name })"
            @click="pick(each.id)"
          >
            {{ $t('rehearse.drillsMode.begin2') }}
          </button>
        </div>
        <p class="mt-1 max-w-2xl">{{ each.how }}</p>
        <p class="mt-2 text-soft">
          {{
            $t('rehearse.drillsMode.bestSeriesToday', {
              best: each.best,
              today: each.today,
              each: each.due
                ? $t('rehearse.drillsMode.due', { due: each.due })
                : $t('rehearse.drillsMode.notDrilledYet'),
            })
          }}
        </p>
      </li>
    </ul>
    <div v-else class="flex flex-col items-center text-center">
      <h2 class="text-3xl">{{ drill.name }}</h2>
      <ol class="mt-3 text-xl">
        <li v-for="(passage, i) in drill.passages" :key="i">{{ i + 1 }} · {{ passage.words }}</li>
      </ol>
      <p class="series mt-6 font-display" data-testid="series">{{ series }}</p>
      <p class="text-xl text-soft">
        {{ $t('rehearse.drillsMode.inARowInAll', { done, errors, best: Math.max(best, drill.best) }) }}
      </p>
      <div class="mt-6 flex flex-wrap justify-center gap-3">
        <button class="btn-main px-8 py-4 text-xl" @click="once(true)">
          {{ $t('rehearse.drillsMode.onceMore') }} <kbd class="kbd">Space</kbd>
        </button>
        <button class="btn px-8 py-4 text-xl" @click="once(false)">
          {{ $t('rehearse.drillsMode.itWentWrong') }} <kbd class="kbd">M</kbd>
        </button>
        <button class="btn px-8 py-4 text-xl" @click="finish">{{ $t('rehearse.drillsMode.done') }}</button>
      </div>
      <p v-if="problem" role="alert" class="mt-3 font-semibold text-broken">{{ problem }}</p>
    </div>
  </section>
</template>

<style scoped>
.series {
  font-size: 8rem;
  line-height: 1;
}
</style>
