<script setup lang="ts">
import { t } from '@/words'
import { answered, api, type BetterOrder } from '@/api/client'
import { download } from '@/ui/download'
import { inDialog, typing } from '@/ui/keys'
import { queries } from '@/api/queries'
import { useOutbox } from '@/saving'
import UnsavedLine from '@/saving/UnsavedLine.vue'
import { cut } from '@/ui/text'
import { vTyped } from '@/ui/typed'
import { onKeyStroke } from '@vueuse/core'
import { computed, ref, toRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import ActRow from './ActRow.vue'
import AddActs from './AddActs.vue'
import OrderProposal from './OrderProposal.vue'
import PlacesFigure from './PlacesFigure.vue'
import ResetList from './ResetList.vue'
import { actOf, moved, orderOf, span, useEvening, usePeople, useSet } from './sets'
import VenueFields from './VenueFields.vue'

const props = defineProps<{ id: string }>()
defineEmits<{ remove: [] }>()

const router = useRouter()
const outbox = useOutbox()
const { set, queue, missing, edit, drop } = useSet(toRef(props, 'id'))
const evening = useEvening(set)
const plan = computed(() => evening.data.value)
const { data: people } = usePeople()
const adding = ref(false)
const proposal = ref<BetterOrder>()
const failed = ref('')
const asking = ref(false)

/** What was proposed is of the set as it was: of the same routines in the same order, saved or not. */
watch(
  () => set.value && orderOf(set.value),
  () => (proposal.value = undefined),
)

/** The plan while it is of the acts as they stand: the last one numbers acts in another order. */
const ofActs = computed(() =>
  set.value && plan.value?.order === orderOf(set.value) ? plan.value : undefined,
)
const stageOf = (act: number) => ofActs.value?.stages.find((stage) => stage.act === act)
const conflictsOf = (act: number) =>
  (ofActs.value?.conflicts ?? []).filter((each) => each.acts.at(-1) === act)
const time = computed(() => {
  const { seconds, spread } = plan.value!
  const around = spread >= 1 ? `${span(seconds)} ± ${span(spread)}` : span(seconds)
  const minutes = set.value!.venue.minutes
  return minutes > 0 ? t('tonight.setEditor.ofMin', { around, minutes }) : around
})
const ofAll = computed(() => (plan.value?.conflicts ?? []).filter((each) => each.acts.length === 0))

function change(at: number, change: object): void {
  edit({ acts: set.value!.acts.map((act, i) => (i === at ? { ...act, ...change } : act)) })
}

function move(from: number, to: number): void {
  if (to >= 0 && to < set.value!.acts.length) {
    edit({ acts: moved(set.value!.acts, from, to) })
  }
}

/** Tonight's people: the cards that were forced on them count from now on, in the hints of the Bench too. */
async function setAudience(id: string): Promise<void> {
  edit({ audience: id || undefined })
  failed.value = ''
  try {
    const seen = id ? await answered(api.GET('/api/audiences/{id}/seen', { params: { path: { id } } })) : []
    const cards = [...new Set(seen.flatMap((each) => each.forced))].join(' ')
    await outbox.deliver({ kind: 'forced', cards })
  } catch (thrown) {
    failed.value = (thrown as Error).message
  }
}

/** What is on the screen becomes a set of its own. */
async function keepMine(): Promise<void> {
  const title = t('bench.store.myVersion', { cut: cut(set.value!.title, 105) })
  try {
    const mine = await queue.value!.keepAsCopy({ ...set.value!, title })
    await queries.invalidateQueries({ queryKey: ['sets'] })
    await router.push(`/tonight/${mine}`)
  } catch (thrown) {
    failed.value = (thrown as Error).message
  }
}

async function propose(): Promise<void> {
  asking.value = true
  failed.value = ''
  try {
    proposal.value = await answered(api.POST('/api/evening/order', { body: set.value! }))
  } catch (thrown) {
    failed.value = (thrown as Error).message
  } finally {
    asking.value = false
  }
}

function take(order: number[]): void {
  edit({ acts: order.map((act) => set.value!.acts[act]!) })
}

async function save(what: string, name: string): Promise<void> {
  failed.value = ''
  try {
    await download(`/api/evening/${what}`, JSON.stringify(set.value), name)
  } catch (thrown) {
    failed.value = (thrown as Error).message
  }
}

function saveCues(paper: 'a4' | 'a6'): Promise<void> {
  return save(`cues.pdf?paper=${paper}`, t('tonight.setEditor.cuesPdf', { paper }))
}

onKeyStroke(['p', 'P'], (event) => {
  if (!typing(event) && !inDialog() && !event.ctrlKey && !event.metaKey && set.value?.acts.length) {
    void router.push(`/perform/${props.id}`)
  }
})
</script>

<template>
  <p v-if="missing" role="alert">{{ missing }}</p>
  <div v-else-if="set" class="flex flex-col gap-5">
    <UnsavedLine
      v-if="queue"
      :state="queue.state.value"
      :failure="queue.failure.value"
      :refusal="queue.refusal.value"
      :other-folder="queue.otherFolder.value"
      @keep="keepMine"
      @drop="drop"
    />
    <div class="flex flex-wrap items-end gap-3">
      <label class="flex grow flex-col text-sm text-soft"
        >{{ $t('tonight.setEditor.title') }}
        <input
          v-typed="set.title"
          class="field text-xl text-ink"
          maxlength="120"
          @change="edit({ title: ($event.target as HTMLInputElement).value.trim() || set.title })"
        />
      </label>
      <label class="flex flex-col text-sm text-soft"
        >{{ $t('tonight.setEditor.forWhom') }}
        <select
          class="field text-ink"
          :value="set.audience ?? ''"
          @change="setAudience(($event.target as HTMLSelectElement).value)"
        >
          <option value="">{{ $t('tonight.setEditor.newPeople') }}</option>
          <option v-for="each in people ?? []" :key="each.id" :value="each.id">
            {{ each.audience.name }}
          </option>
        </select>
      </label>
      <RouterLink
        class="btn-main"
        :to="`/perform/${id}`"
        :class="{ 'pointer-events-none opacity-50': set.acts.length === 0 }"
        >{{ $t('tonight.setEditor.perform') }} <kbd class="kbd">P</kbd></RouterLink
      >
    </div>
    <VenueFields :venue="set.venue" @change="(venue) => edit({ venue })" />

    <div class="grid gap-6 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
      <section :aria-label="$t('tonight.setEditor.routinesOfTheSet')">
        <div class="mb-2 flex flex-wrap items-baseline gap-3">
          <h2 class="text-2xl">{{ $t('tonight.setEditor.inThisOrder') }}</h2>
          <span v-if="plan && set.acts.length > 0" class="text-soft" data-testid="set-time">
            {{ time }}
          </span>
          <button v-if="set.acts.length > 1" class="ml-auto btn" :disabled="asking" @click="propose">
            {{ $t('tonight.setEditor.seekABetterOrder') }}
          </button>
        </div>
        <p
          v-if="plan?.stopped"
          role="status"
          class="mb-2 border-l-4 border-broken pl-3"
          data-testid="no-time"
        >
          {{ $t('tonight.setEditor.thereWasNotTimeFor') }}
        </p>
        <OrderProposal
          v-if="proposal"
          :proposal="proposal"
          :titles="set.acts.map((act) => act.title)"
          @take="take"
          @leave="proposal = undefined"
        />
        <ul v-if="ofAll.length > 0" class="mb-2">
          <li
            v-for="each in ofAll"
            :key="each.sentence"
            class="font-semibold text-broken"
            data-testid="conflict"
          >
            ▲ {{ each.sentence }}
          </li>
        </ul>
        <ol class="flex flex-col gap-1">
          <ActRow
            v-for="(act, i) in set.acts"
            :key="`${act.routine}-${i}`"
            :act="act"
            :at="i"
            :last="i === set.acts.length - 1"
            :stage="stageOf(i)"
            :before="set.acts[stageOf(i)?.deckFrom ?? -1]?.routine"
            :gone="ofActs?.gone.includes(i) ?? false"
            :conflicts="conflictsOf(i)"
            @change="(to) => change(i, to)"
            @move="(by) => move(i, i + by)"
            @remove="edit({ acts: set.acts.filter((_, k) => k !== i) })"
          />
        </ol>
        <p v-if="set.acts.length === 0" class="mb-3 text-soft">
          {{ $t('tonight.setEditor.thereIsNothingInIt') }}
        </p>
        <div class="mt-3 flex flex-wrap gap-2">
          <button class="btn-main" @click="adding = true">{{ $t('tonight.setEditor.addRoutines') }}</button>
          <template v-if="set.acts.length > 0">
            <button class="btn" @click="saveCues('a6')">
              {{ $t('tonight.setEditor.cueSheetForThePocket') }}
            </button>
            <button class="btn" @click="saveCues('a4')">
              {{ $t('tonight.setEditor.forThePropTable') }}
            </button>
            <button class="btn" @click="save('cues.md', 'cues.md')">
              {{ $t('tonight.setEditor.asText') }}
            </button>
            <button class="btn" @click="save('pocket.html', `${set.title}.html`)">
              {{ $t('tonight.setEditor.saveForThePocket') }}
            </button>
          </template>
          <button class="ml-auto btn text-broken" @click="$emit('remove')">
            {{ $t('tonight.setEditor.deleteThisSet') }}
          </button>
        </div>
        <p v-if="failed" role="alert" class="mt-2 text-broken">{{ failed }}</p>
      </section>
      <aside
        v-if="plan && set.acts.length > 0"
        class="flex flex-col gap-5"
        :aria-label="$t('tonight.setEditor.placesAndLists')"
      >
        <PlacesFigure :moments="plan.whereabouts" :titles="set.acts.map((act) => act.title)" />
        <ResetList
          :resets="plan.forNextTable"
          :tables="set.venue.tables"
          :timed="set.resetSeconds"
          @timed="(seconds) => edit({ resetSeconds: seconds })"
        />
        <section :aria-label="$t('tonight.setEditor.packList')">
          <h2 class="text-xl">{{ $t('tonight.setEditor.inTheBag') }}</h2>
          <ul class="mt-1">
            <li
              v-for="each in plan.packList"
              :key="each"
              class="border-t border-rule py-1"
              data-testid="pack"
            >
              {{ each }}
            </li>
          </ul>
        </section>
      </aside>
    </div>
    <AddActs
      v-model:open="adding"
      :audience="set.audience ?? undefined"
      @add="(routine) => edit({ acts: [...set!.acts, actOf(routine)] })"
    />
  </div>
</template>
