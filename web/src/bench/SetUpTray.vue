<script setup lang="ts">
import SheetDialog from '@/ui/SheetDialog.vue'
import { answered, api, type Routine } from '@/api/client'
import { knownPlaces, placeLabel } from '@/routine'
import { vTyped } from '@/ui/typed'
import { computed, nextTick, ref, watch } from 'vue'
import TrayCard from './TrayCard.vue'
import { useBench } from './store'
import {
  flipped,
  laidCards,
  lay,
  move,
  pieces,
  plain,
  take,
  type TrayPile,
  type TraySpot,
  type Unread,
} from './tray'

const open = defineModel<boolean>('open', { required: true })

const MARKS = ['short', 'crimped', 'thick', 'corner', 'dotted', 'salted', 'signed']

const bench = useBench()
const piles = ref<TrayPile[]>([])
const current = ref(0)
const picked = ref<TraySpot>()
const dragged = ref<{ code: string; from?: TraySpot }>()
const unread = ref<Record<number, { written: string; words: Unread[] }>>({})
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

async function read(text: string): Promise<{ codes: string[]; unread: Unread[] }> {
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
  const written = (event.target as HTMLTextAreaElement).value
  const answer = await read(written)
  unread.value = { ...unread.value, [pile]: { written, words: answer.unread } }
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
  <SheetDialog v-model:open="open" :title="$t('bench.setUpTray.setUpTray')" width="full">
    <template #beside
      ><button class="btn-main" @click="open = false">{{ $t('bench.setUpTray.done') }}</button></template
    >
    <div ref="panel" class="tray mt-3 min-h-0 overflow-y-auto">
      <section :aria-label="$t('bench.setUpTray.cards')">
        <p class="text-sm text-soft">
          {{
            $t('bench.setUpTray.dragACardToA', { placeLabel: placeLabel(piles[current]?.place ?? 'deck') })
          }}
        </p>
        <div class="mt-2 grid grid-cols-13 gap-1">
          <TrayCard
            v-for="(card, i) in cards"
            :key="i"
            :card="card"
            :marks="card.marks"
            :disabled="laid[i]"
            :label="$t('bench.setUpTray.lay', { name: card.name })"
            @press="add(card.code)"
            @drag="dragged = { code: card.code }"
          />
        </div>
        <label class="mt-3 block text-sm font-semibold" for="extra">{{
          $t('bench.setUpTray.cardsBesideThePack')
        }}</label>
        <input
          id="extra"
          v-typed="setUp.extra"
          class="w-full field"
          :placeholder="$t('bench.setUpTray.khAcBlankBackBack')"
          autocomplete="off"
          @change="write({ extra: ($event.target as HTMLInputElement).value })"
        />
        <p class="text-xs text-soft">{{ $t('bench.setUpTray.khAcHasTwoFaces') }}</p>
        <p
          v-for="problem in bench.problems.filter((p) => p.field.startsWith('setUp'))"
          :key="problem.field + problem.value"
          role="alert"
          class="mt-1 text-sm font-semibold text-broken"
        >
          “{{ problem.value }}”: {{ problem.rule }}. {{ problem.cure }}.
        </p>
      </section>

      <section :aria-label="$t('bench.setUpTray.piles')" class="space-y-3">
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
              {{ $t('bench.setUpTray.fromTheTop', { place: placeLabel(pile.place) }) }}
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
              {{ $t('bench.setUpTray.clearIt') }}
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
              :label="
                $t('bench.setUpTray.fromTheTopFace', {
                  shown: shown(code)?.name ?? code,
                  i: i + 1,
                  code: code !== plain(code) ? $t('ui.face.up') : $t('ui.face.down'),
                })
              "
              @press="picked = { pile: p, index: i }"
              @drag="dragged = { code, from: { pile: p, index: i } }"
              @drop="drop({ pile: p, index: i })"
              @keydown.delete.prevent="remove({ pile: p, index: i })"
              @keydown.left.prevent="shift({ pile: p, index: i }, -1)"
              @keydown.right.prevent="shift({ pile: p, index: i }, 1)"
              @keydown.f.prevent="turn({ pile: p, index: i })"
            />
            <span v-if="p === 0 && others > 0" class="text-sm text-soft">
              {{
                $t(setUp.newDeckOrder ? 'bench.setUpTray.inNewDeckOrder' : 'bench.setUpTray.inAnyOrder', {
                  pile: pile.cards.length > 0 ? $t('bench.setUpTray.then') : '',
                  others,
                })
              }}
            </span>
          </div>
          <div v-if="picked?.pile === p && pickedCode" class="mt-2 flex flex-wrap items-center gap-2 text-sm">
            <span class="font-semibold">{{ shown(pickedCode)?.name ?? pickedCode }}</span>
            <button class="btn" @click="shift(picked, -1)">←</button>
            <button class="btn" @click="shift(picked, 1)">→</button>
            <button class="btn" @click="turn(picked)">{{ $t('bench.setUpTray.turn') }}</button>
            <select
              class="field"
              :aria-label="$t('bench.setUpTray.mark')"
              :value="marksOf(pickedCode)[0] ?? ''"
              @change="mark"
            >
              <option value="">{{ $t('bench.setUpTray.notMarked') }}</option>
              <option v-for="m in MARKS" :key="m" :value="m">{{ m }}</option>
            </select>
            <button class="btn text-broken" @click="remove(picked)">
              {{ $t('bench.setUpTray.takeOut') }}
            </button>
          </div>
          <textarea
            v-typed="pile.cards.join(' ')"
            class="mt-2 max-h-40 field-sizing-content w-full field text-sm"
            :aria-label="$t('bench.setUpTray.writeOrPasteTheOrder', { place: placeLabel(pile.place) })"
            :placeholder="$t('bench.setUpTray.writeOrPasteAnOrder')"
            @change="paste(p, $event)"
          />
          <div v-if="unread[p]?.words.length" role="alert" class="text-sm">
            <p class="font-semibold text-broken">{{ $t('bench.setUpTray.notRead') }}</p>
            <p class="whitespace-pre-wrap" data-unread>
              <component
                :is="piece.cure ? 'mark' : 'span'"
                v-for="(piece, i) in pieces(unread[p]!.written, unread[p]!.words)"
                :key="i"
                :class="{ unread: piece.cure }"
                >{{ piece.text }}</component
              >
            </p>
            <p v-for="words in unread[p]!.words.slice(0, 5)" :key="words.from">
              “{{ words.text }}”: {{ words.cure }}
            </p>
          </div>
        </div>
        <select class="field" :aria-label="$t('bench.setUpTray.addAPile')" @change="addPile">
          <option value="">{{ $t('bench.setUpTray.cardsAtAnotherPlace') }}</option>
          <option v-for="place in newPlaces" :key="place" :value="place">{{ placeLabel(place) }}</option>
          <option v-if="!piles.some((p) => p.place === 'under:case')" value="under:case">
            {{ $t('bench.setUpTray.underTheCase') }}
          </option>
        </select>
        <label class="flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            :checked="setUp.bend"
            @change="write({ bend: ($event.target as HTMLInputElement).checked })"
          />
          {{ $t('bench.setUpTray.theDeckIsBentSo') }}
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

.unread {
  background: none;
  color: var(--broken);
  font-weight: 600;
  text-decoration: underline wavy;
}

@media (max-width: 900px) {
  .tray {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
