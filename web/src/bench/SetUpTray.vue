<script setup lang="ts">
import SheetDialog from '@/ui/SheetDialog.vue'
import { answered, api, type Routine } from '@/api/client'
import { knownPlaces, placeLabel } from '@/routine'
import { vTyped } from '@/ui/typed'
import { computed, nextTick, ref, watch } from 'vue'
import TrayCard from './TrayCard.vue'
import { useBench } from './store'
import { flipped, laidCards, lay, move, plain, take, type TrayPile, type TraySpot } from './tray'

const open = defineModel<boolean>('open', { required: true })

const MARKS = ['short', 'crimped', 'thick', 'corner', 'dotted', 'salted', 'signed']

const bench = useBench()
const piles = ref<TrayPile[]>([])
const current = ref(0)
const picked = ref<TraySpot>()
const dragged = ref<{ code: string; from?: TraySpot }>()
const unread = ref<Record<number, string[]>>({})
const panel = ref<HTMLElement>()

const setUp = computed(() => bench.whole!.setUp)
const cards = computed(() => bench.trace?.cards ?? [])
const laid = computed(() =>
  laidCards(
    cards.value.map((c) => c.code),
    piles.value,
  ),
)
const others = computed(() => laid.value.filter((l) => !l).length)
const pickedCode = computed(() =>
  picked.value ? piles.value[picked.value.pile]?.cards[picked.value.index] : undefined,
)
const newPlaces = computed(() =>
  knownPlaces(bench.whole!).filter((place) => !piles.value.some((p) => p.place === place)),
)

watch(open, async (now) => {
  if (now) {
    picked.value = undefined
    current.value = 0
    unread.value = {}
    const texts = [
      { place: 'deck', cards: setUp.value.order },
      ...setUp.value.piles.map((p) => ({ place: p.place, cards: p.cards })),
    ]
    piles.value = await Promise.all(
      texts.map(async (pile) => ({ place: pile.place, cards: (await read(pile.cards)).codes })),
    )
  }
})

async function read(text: string): Promise<{ codes: string[]; unread: string[] }> {
  const order = await answered(api.POST('/api/orders/read', { body: { text } }))
  return { codes: order.cards.map((c) => c.code), unread: order.unread }
}

function change(changed: TrayPile[]): void {
  piles.value = changed
  const [deck, ...rest] = changed
  write({
    order: deck!.cards.join(' '),
    piles: rest.map((pile) => ({ place: pile.place, cards: pile.cards.join(' ') })),
  })
}

function write(part: Partial<Routine['setUp']>): void {
  bench.editWhole({ ...bench.whole!, setUp: { ...setUp.value, ...part } }, true)
}

async function paste(pile: number, event: Event): Promise<void> {
  const answer = await read((event.target as HTMLTextAreaElement).value)
  unread.value = { ...unread.value, [pile]: answer.unread }
  if (answer.unread.length === 0) {
    change(piles.value.map((p, i) => (i === pile ? { ...p, cards: answer.codes } : p)))
  }
}

function add(code: string): void {
  change(lay(piles.value, code, { pile: current.value, index: piles.value[current.value]!.cards.length }))
}

function drop(to: TraySpot): void {
  const what = dragged.value
  dragged.value = undefined
  if (what) {
    change(what.from ? move(piles.value, what.from, to) : lay(piles.value, what.code, to))
    picked.value = undefined
    current.value = to.pile
  }
}

function turn(spot: TraySpot): void {
  change(
    piles.value.map((pile, p) =>
      p === spot.pile
        ? { ...pile, cards: pile.cards.map((c, i) => (i === spot.index ? flipped(c) : c)) }
        : pile,
    ),
  )
}

function remove(spot: TraySpot): void {
  change(take(piles.value, spot))
  picked.value = undefined
}

async function shift(spot: TraySpot, by: number): Promise<void> {
  const to = spot.index + by
  if (to >= 0 && to < piles.value[spot.pile]!.cards.length) {
    change(move(piles.value, spot, { pile: spot.pile, index: by > 0 ? to + 1 : to }))
    picked.value = { pile: spot.pile, index: to }
    await nextTick()
    panel.value?.querySelector<HTMLElement>('[aria-pressed="true"]')?.focus()
  }
}

function addPile(event: Event): void {
  const select = event.target as HTMLSelectElement
  change([...piles.value, { place: select.value, cards: [] }])
  current.value = piles.value.length - 1
  select.value = ''
}

function marksOf(code: string): string[] {
  return setUp.value.markings.filter((m) => m.card === plain(code)).map((m) => m.mark)
}

function mark(event: Event): void {
  const code = plain(pickedCode.value!)
  const wanted = (event.target as HTMLSelectElement).value
  const kept = setUp.value.markings.filter((m) => m.card !== code)
  write({ markings: wanted ? [...kept, { card: code, mark: wanted }] : kept })
}

function shown(code: string) {
  return cards.value.find((c) => c.code === plain(code))
}
</script>

<template>
  <SheetDialog v-model:open="open" title="Set-up tray" width="full">
    <template #beside><button class="btn-main" @click="open = false">Done</button></template>
    <div ref="panel" class="tray mt-3 min-h-0 overflow-y-auto">
      <section aria-label="Cards">
        <p class="text-sm text-soft">
          Drag a card to a pile, or press it: it goes to “{{ placeLabel(piles[current]?.place ?? 'deck') }}”.
        </p>
        <div class="mt-2 grid grid-cols-13 gap-1">
          <TrayCard
            v-for="(card, i) in cards"
            :key="i"
            :card="card"
            :marks="card.marks"
            :disabled="laid[i]"
            :label="`Lay ${card.name}`"
            @press="add(card.code)"
            @drag="dragged = { code: card.code }"
          />
        </div>
        <label class="mt-3 block text-sm font-semibold" for="extra">Cards beside the pack</label>
        <input
          id="extra"
          v-typed="setUp.extra"
          class="w-full field"
          placeholder="KH/AC blank back/back QC/back-red"
          autocomplete="off"
          @change="write({ extra: ($event.target as HTMLInputElement).value })"
        />
        <p class="text-xs text-soft">
          KH/AC has two faces, back/back two backs, blank a blank face, QC/back-red another back.
        </p>
        <p
          v-for="problem in bench.problems.filter((p) => p.field.startsWith('setUp'))"
          :key="problem.field + problem.value"
          role="alert"
          class="mt-1 text-sm font-semibold text-broken"
        >
          “{{ problem.value }}”: {{ problem.rule }}. {{ problem.cure }}.
        </p>
      </section>

      <section aria-label="Piles" class="space-y-3">
        <div
          v-for="(pile, p) in piles"
          :key="pile.place"
          class="rounded-lg border bg-raised p-3"
          :class="p === current ? 'border-(--brass-line)' : 'border-rule'"
          :data-pile="pile.place"
          @dragover.prevent
          @drop.prevent="drop({ pile: p, index: pile.cards.length })"
        >
          <div class="flex items-baseline justify-between">
            <label class="flex items-center gap-2 font-semibold">
              <input v-model="current" type="radio" name="current-pile" :value="p" />
              {{ placeLabel(pile.place) }}, from the top
            </label>
            <button
              v-if="p > 0"
              class="link text-sm"
              @click="
                () => {
                  change(piles.filter((_, i) => i !== p))
                  current = 0
                  picked = undefined
                }
              "
            >
              clear it
            </button>
          </div>
          <div class="mt-2 flex flex-wrap items-center gap-1">
            <TrayCard
              v-for="(code, i) in pile.cards"
              :key="i"
              :card="shown(code)"
              :face-up="code !== plain(code)"
              :marks="marksOf(code)"
              :pressed="picked?.pile === p && picked.index === i"
              :label="`${shown(code)?.name ?? code}, ${i + 1} from the top, face ${code !== plain(code) ? 'up' : 'down'}`"
              @press="picked = { pile: p, index: i }"
              @drag="dragged = { code, from: { pile: p, index: i } }"
              @drop="drop({ pile: p, index: i })"
              @keydown.delete.prevent="remove({ pile: p, index: i })"
              @keydown.left.prevent="shift({ pile: p, index: i }, -1)"
              @keydown.right.prevent="shift({ pile: p, index: i }, 1)"
              @keydown.f.prevent="turn({ pile: p, index: i })"
            />
            <span v-if="p === 0 && others > 0" class="text-sm text-soft">
              {{ pile.cards.length > 0 ? 'then' : '' }} {{ others }} in any order
            </span>
          </div>
          <div v-if="picked?.pile === p && pickedCode" class="mt-2 flex flex-wrap items-center gap-2 text-sm">
            <span class="font-semibold">{{ shown(pickedCode)?.name ?? pickedCode }}</span>
            <button class="btn" @click="shift(picked, -1)">←</button>
            <button class="btn" @click="shift(picked, 1)">→</button>
            <button class="btn" @click="turn(picked)">Turn</button>
            <select class="field" aria-label="Mark" :value="marksOf(pickedCode)[0] ?? ''" @change="mark">
              <option value="">not marked</option>
              <option v-for="m in MARKS" :key="m" :value="m">{{ m }}</option>
            </select>
            <button class="btn text-broken" @click="remove(picked)">Take out</button>
          </div>
          <textarea
            v-typed="pile.cards.join(' ')"
            class="mt-2 w-full field text-sm"
            rows="1"
            :aria-label="`Write or paste the order of ${placeLabel(pile.place)}`"
            placeholder="Write or paste an order: QC 7H 10S, Unicode cards or CSV"
            @change="paste(p, $event)"
          />
          <p v-if="unread[p]?.length" role="alert" class="text-sm font-semibold text-broken">
            No card is called
            {{
              unread[p]!.slice(0, 5)
                .map((w) => `“${w}”`)
                .join(', ')
            }}. Nothing was changed: write codes such as QC 7H 10S.
          </p>
        </div>
        <select class="field" aria-label="Add a pile" @change="addPile">
          <option value="">+ cards at another place …</option>
          <option v-for="place in newPlaces" :key="place" :value="place">{{ placeLabel(place) }}</option>
          <option v-if="!piles.some((p) => p.place === 'under:case')" value="under:case">
            under the case
          </option>
        </select>
        <label class="flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            :checked="setUp.bend"
            @change="write({ bend: ($event.target as HTMLInputElement).checked })"
          />
          the deck is bent, so that it opens by itself where halves lie back to back
        </label>
      </section>
    </div>
  </SheetDialog>
</template>

<style scoped>
.tray {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 1.5rem;
}

.grid-cols-13 {
  grid-template-columns: repeat(13, minmax(0, 1fr));
}

@media (max-width: 900px) {
  .tray {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
