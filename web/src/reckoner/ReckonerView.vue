<script setup lang="ts">
import { answered, api } from '@/api/client'
import { useViewKeys } from '@/ui/keys'
import ShareBars from '@/ui/ShareBars.vue'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, reactive } from 'vue'
import ReckonTile from './ReckonTile.vue'

const LANGUAGES = {
  ENGLISH: 'English, with “of”',
  ENGLISH_SHORT: 'English, without “of”',
  FRENCH: 'French',
  GERMAN: 'German',
  SPANISH: 'Spanish',
  ITALIAN: 'Italian',
} as const

const given = reactive({
  cards: 52,
  riffles: 7,
  upper: 42,
  chunks: 7,
  times: 3,
  depth: 17,
  error: 3,
  packet: 4,
  pack: 15.1,
  block: 7.5,
  wide: 85.6,
  high: 54,
  language: 'ENGLISH' as keyof typeof LANGUAGES,
})

/** Asks the server again whenever what is given changes; the last answer stays until the next one is there. */
function asked<T>(name: string, key: () => unknown[], ask: () => Promise<T>) {
  return useQuery({
    queryKey: computed(() => ['reckoner', name, ...key()]),
    queryFn: ask,
    placeholderData: keepPreviousData,
    retry: false,
  }).data
}

const odds = asked(
  'odds',
  () => [given.cards, given.chunks],
  () =>
    answered(
      api.GET('/api/reckoner/odds', { params: { query: { cards: given.cards, chunks: given.chunks } } }),
    ),
)
const safe = asked(
  'safe',
  () => [given.depth, given.error],
  () =>
    answered(
      api.GET('/api/reckoner/safe-number', { params: { query: { depth: given.depth, error: given.error } } }),
    ),
)
const spelling = asked(
  'spelling',
  () => [given.language],
  () => answered(api.GET('/api/reckoner/spelling', { params: { query: { language: given.language } } })),
)
const thickness = asked(
  'thickness',
  () => [given.pack, given.cards, given.block],
  () =>
    answered(
      api.GET('/api/reckoner/thickness', {
        params: { query: { pack: given.pack, cards: given.cards, block: given.block } },
      }),
    ),
)
const fit = asked(
  'fit',
  () => [given.wide, given.high],
  () => answered(api.GET('/api/reckoner/fit', { params: { query: { wide: given.wide, high: given.high } } })),
)

function percent(share: number | undefined): string {
  return share === undefined ? '…' : `${Math.round(share * 1000) / 10} %`
}

const random = computed(() => odds.value?.riffles.find((r) => r.value === given.riffles)?.share)
const stays = computed(() => odds.value?.topStays.find((r) => r.value === given.upper)?.share)
const together = computed(() => odds.value?.neighbours.find((r) => r.value === given.times)?.share)
const most = computed(() => Math.max(1, ...(spelling.value ?? []).map((s) => s.cards.length)))

useViewKeys([{ keys: '?', does: 'These keys' }])
</script>

<template>
  <div class="mx-auto w-full max-w-7xl p-5">
    <h1 class="text-3xl">Reckoner</h1>
    <label class="mt-2 flex items-center gap-2">
      Cards in the pack
      <input v-model.number="given.cards" type="number" min="2" max="104" class="w-20 field" />
    </label>
    <div class="mt-4 grid gap-4 md:grid-cols-2 lg:grid-cols-3">
      <ReckonTile
        title="How random is it?"
        :answer="`${percent(random)} from random`"
        formula="Half the sum, over all orders, of how far C(2ᵐ + n − r, n) / 2ᵐⁿ is from 1 / n!. Computed exactly."
        source="D. Bayer, P. Diaconis, Annals of Applied Probability 2 (1992)."
      >
        <template #given>
          <label
            >Riffles <input v-model.number="given.riffles" type="number" min="1" max="10" class="w-16 field"
          /></label>
        </template>
        <ShareBars
          :bars="odds?.riffles ?? []"
          :best="given.riffles"
          label="Distance from random, by number of riffles"
          :height="70"
          plain
          @take="given.riffles = $event"
        />
      </ReckonTile>
      <ReckonTile
        title="Unequal packets riffled"
        :answer="`top stays in ${percent(stays)}`"
        formula="a / (a + b): the larger packet’s part of the deck."
        source="Follows from all interleavings being equally likely. Common practice says: four in five with a packet much the larger."
      >
        <template #given>
          <label
            >Upper packet
            <input
              v-model.number="given.upper"
              type="number"
              min="1"
              :max="given.cards - 1"
              class="w-16 field"
          /></label>
        </template>
        <ShareBars
          :bars="odds?.topStays ?? []"
          :best="given.upper"
          label="Chance that the top card stays, by size of its packet"
          :height="70"
          plain
          @take="given.upper = $event"
        />
      </ReckonTile>
      <ReckonTile
        title="Key and neighbour under overhands"
        :answer="`together in ${percent(together)}`"
        formula="(1 − (k − 1) / (n − 1))ʳ for k chunks, r times."
        source="Any gap is cut equally likely. After R. Pemantle, Journal of Theoretical Probability 2 (1989)."
      >
        <template #given>
          <label
            >Chunks
            <input v-model.number="given.chunks" type="number" min="1" :max="given.cards" class="w-16 field"
          /></label>
          <label
            >Times <input v-model.number="given.times" type="number" min="1" max="8" class="w-16 field"
          /></label>
        </template>
        <ShareBars
          :bars="odds?.neighbours ?? []"
          :best="given.times"
          label="Chance that neighbours were never parted, by number of shuffles"
          :height="70"
          plain
          @take="given.times = $event"
        />
      </ReckonTile>
      <ReckonTile
        title="Number past the key"
        :answer="`announce ${safe?.smallest ?? '…'} or more`"
        :formula="`${given.depth} + ${given.error} + ${safe?.pastTheKey ?? 2}: the depth, what it may be off, and two more.`"
        source="The selection, one after the key, must lie face up before the number is reached. Common practice."
      >
        <template #given>
          <label
            >Key at about
            <input v-model.number="given.depth" type="number" min="1" max="104" class="w-16 field"
          /></label>
          <label
            >± <input v-model.number="given.error" type="number" min="0" max="50" class="w-16 field"
          /></label>
        </template>
      </ReckonTile>
      <ReckonTile
        title="Switch by adding on"
        :answer="`break under ${Math.max(1, given.packet - 1)}, switches ${Math.max(1, given.packet - 1)}`"
        formula="A packet of P switches P − 1 cards over a break under P − 1."
        source="Common practice."
      >
        <template #given>
          <label
            >Packet <input v-model.number="given.packet" type="number" min="2" max="12" class="w-16 field"
          /></label>
        </template>
      </ReckonTile>
      <ReckonTile
        title="Depth from thickness"
        :answer="`about ${thickness?.cards ?? '…'} cards`"
        :formula="`One card is ${thickness?.card.toFixed(3) ?? '…'} mm: your pack divided by its cards.`"
        source="Measure your own deck. From memory: 52 cards lie 15 to 16 mm thick."
      >
        <template #given>
          <label
            >Pack, mm
            <input v-model.number="given.pack" type="number" step="0.1" min="1" max="60" class="w-20 field"
          /></label>
          <label
            >Block, mm
            <input v-model.number="given.block" type="number" step="0.1" min="0" max="60" class="w-20 field"
          /></label>
        </template>
      </ReckonTile>
      <ReckonTile
        title="Does a card fit?"
        :answer="`poker ${fit?.poker ? 'fits' : 'does not fit'} · bridge ${fit?.bridge ? 'fits' : 'does not fit'}`"
        :formula="`Poker ${fit?.pokerSize ?? ''}, bridge ${fit?.bridgeSize ?? ''}, upright or lying, flat.`"
        source="Card sizes from memory. A bank card is 85.60 × 53.98 mm (ISO/IEC 7810)."
      >
        <template #given>
          <label
            >Inside, mm
            <input v-model.number="given.wide" type="number" step="0.1" min="1" max="1000" class="w-20 field"
          /></label>
          <label
            >×
            <input
              v-model.number="given.high"
              type="number"
              step="0.1"
              min="1"
              max="1000"
              class="w-20 field"
              aria-label="Inside height, mm"
          /></label>
        </template>
      </ReckonTile>
      <ReckonTile
        class="md:col-span-2"
        title="Spelling"
        :answer="`${spelling?.[0]?.letters ?? '…'} to ${spelling?.at(-1)?.letters ?? '…'} letters`"
        formula="One card for each letter. Cards in one line share a length."
        source="Counted from the names themselves."
      >
        <template #given>
          <label>
            Language
            <select v-model="given.language" class="field">
              <option v-for="(label, language) in LANGUAGES" :key="language" :value="language">
                {{ label }}
              </option>
            </select>
          </label>
        </template>
        <dl class="grid grid-cols-[2.5rem_minmax(0,1fr)] gap-y-1 text-sm">
          <template v-for="line in spelling ?? []" :key="line.letters">
            <dt class="font-bold">{{ line.letters }}</dt>
            <dd>
              <span
                class="block border-l-4 border-(--brass-line) pl-2 leading-tight"
                :style="{ maxWidth: `${40 + (line.cards.length / most) * 60}%` }"
                >{{ line.cards.join(' ') }}</span
              >
            </dd>
          </template>
        </dl>
      </ReckonTile>
    </div>
  </div>
</template>
