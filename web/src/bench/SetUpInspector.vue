<script setup lang="ts">
import { useCatalogue } from '@/api/catalogue'
import type { Role, Routine } from '@/api/client'
import { RoleChip } from '@/deck'
import { addRole, changeRole, placeLabel, removeRole } from '@/routine'
import { vTyped } from '@/ui/typed'
import { computed } from 'vue'
import { useBench } from './store'
import ThingsEditor from './ThingsEditor.vue'

const bench = useBench()
const catalogue = useCatalogue()

defineEmits<{
  /** The set-up tray is wanted. */
  lay: []
}>()

/** What is special about the set-up, in a line. */
const laidWords = computed(() => {
  const { order, extra, piles, markings, bend } = bench.whole!.setUp
  const words = [
    order
      ? `on top ${order.split(/\s+/).slice(0, 6).join(' ')}${order.split(/\s+/).length > 6 ? ' …' : ''}`
      : '',
    extra ? `beside the pack ${extra}` : '',
    ...piles.map((pile) => `${placeLabel(pile.place)}: ${pile.cards}`),
    ...markings.map((m) => `${m.card} ${m.mark}`),
    bend ? 'the deck is bent' : '',
  ].filter(Boolean)
  return words.length > 0 ? `${words.join('; ')}.` : 'Any order, all face down.'
})

const KINDS: { kind: Role['kind']; label: string }[] = [
  { kind: 'selection', label: 'selection' },
  { kind: 'key', label: 'key' },
  { kind: 'force', label: 'force card' },
  { kind: 'slug', label: 'slug' },
  { kind: 'helper', label: 'helper' },
]

function edit(change: Partial<Routine>): void {
  bench.editWhole({ ...bench.whole!, ...change }, true)
}

function setUp(change: Partial<Routine['setUp']>): void {
  edit({ setUp: { ...bench.whole!.setUp, ...change } })
}

function placement(index: number, change: Partial<Routine['setUp']['placements'][number]>): void {
  setUp({
    placements: bench.whole!.setUp.placements.map((p, i) => (i === index ? { ...p, ...change } : p)),
  })
}

function addPlacement(): void {
  const taken = bench.whole!.setUp.placements
  const nth = taken.filter((p) => p.from === 'bottom').length + 1
  const card = bench.trace?.cards.find((c) => !taken.some((p) => p.card === c.code))?.code ?? '9C'
  setUp({ placements: [...taken, { card, nth, from: 'bottom' }] })
}

function role(letter: string, change: Partial<Role>): void {
  bench.editWhole(changeRole(bench.whole!, letter, change, catalogue.value))
}

function problem(field: string) {
  return bench.problems.find((p) => p.field.startsWith(field))
}

function text(event: Event): string {
  return (event.target as HTMLInputElement).value
}
</script>

<template>
  <section aria-label="Set-up">
    <h2 class="text-lg">Set-up</h2>
    <label class="mt-2 block text-sm font-semibold" for="pack">Pack</label>
    <select id="pack" class="field" :value="bench.whole!.setUp.pack" @change="setUp({ pack: text($event) })">
      <option value="52">52 cards</option>
      <option value="54">54, with two jokers</option>
      <option v-for="n in 49" :key="n" :value="String(52 - n)">{{ 52 - n }} cards</option>
      <option v-if="bench.whole!.setUp.extra || bench.whole!.setUp.pack === 'none'" value="none">
        only cards of your own
      </option>
    </select>
    <p class="mt-2 text-sm text-soft">{{ laidWords }}</p>
    <button class="btn mt-1 w-full" @click="$emit('lay')">Lay the cards …</button>

    <h3 class="mt-4 text-base">Cards in their places</h3>
    <p v-if="bench.whole!.setUp.placements.length === 0" class="text-sm text-soft">
      Any order. Place a card if it must lie somewhere.
    </p>
    <div v-for="(placed, i) in bench.whole!.setUp.placements" :key="i" class="mt-1">
      <div class="flex items-center gap-1.5">
        <select
          class="w-20 field"
          :value="placed.card"
          :aria-label="`Placed card ${i + 1}`"
          @change="placement(i, { card: text($event) })"
        >
          <option v-for="card in bench.trace?.cards ?? []" :key="card.code" :value="card.code">
            {{ card.sign }}
          </option>
        </select>
        <input
          v-typed="placed.nth"
          type="number"
          class="w-16 field"
          min="1"
          max="104"
          :aria-label="`Place of card ${i + 1}`"
          @change="placement(i, { nth: Number(text($event)) || 1 })"
        />
        <select
          class="grow field"
          :value="placed.from"
          :aria-label="`Card ${i + 1} counted from`"
          @change="placement(i, { from: text($event) })"
        >
          <option value="top">from the top</option>
          <option value="bottom">from the bottom</option>
        </select>
        <button
          :aria-label="`Remove placed card ${i + 1}`"
          @click="setUp({ placements: bench.whole!.setUp.placements.filter((_, at) => at !== i) })"
        >
          ✕
        </button>
      </div>
      <p v-if="problem(`setUp.placements[${i}]`)" role="alert" class="text-sm font-semibold text-broken">
        {{ problem(`setUp.placements[${i}]`)!.rule }}. {{ problem(`setUp.placements[${i}]`)!.cure }}.
      </p>
    </div>
    <button class="mt-1 link text-sm" @click="addPlacement">Place a card</button>

    <h3 class="mt-4 text-base">Cards to follow</h3>
    <div v-for="(r, i) in bench.whole!.roles" :key="r.letter" class="mt-2 flex gap-2" data-testid="role">
      <RoleChip :letter="r.letter" :index="i" />
      <div class="grid grow grid-cols-[1fr_auto] gap-1.5">
        <select
          class="field"
          :value="r.kind"
          :aria-label="`Kind of ${r.letter}`"
          @change="role(r.letter, { kind: text($event) })"
        >
          <option v-for="k in KINDS" :key="k.kind" :value="k.kind">{{ k.label }}</option>
        </select>
        <button
          :aria-label="`Remove ${r.letter}`"
          @click="bench.editWhole(removeRole(bench.whole!, r.letter))"
        >
          ✕
        </button>
        <input
          v-if="r.kind === 'selection'"
          v-typed="r.owner"
          class="col-span-2 field"
          placeholder="Whose card?"
          maxlength="30"
          :aria-label="`Owner of ${r.letter}`"
          @change="role(r.letter, { owner: text($event).trim() })"
        />
        <input
          v-else-if="r.kind === 'slug'"
          v-typed="r.card"
          class="col-span-2 field"
          placeholder="Its cards in order: KS QS JS"
          maxlength="200"
          :aria-label="`Cards of ${r.letter}`"
          @change="role(r.letter, { card: text($event).trim() })"
        />
        <select
          v-else
          class="col-span-2 field"
          :value="r.card"
          :aria-label="`Card of ${r.letter}`"
          @change="role(r.letter, { card: text($event) })"
        >
          <option value="">found out on the way</option>
          <option v-for="card in bench.trace?.cards ?? []" :key="card.code" :value="card.code">
            {{ card.sign }}
          </option>
        </select>
        <p v-if="problem(`roles[${i}]`)" role="alert" class="col-span-2 text-sm font-semibold text-broken">
          {{ problem(`roles[${i}]`)!.rule }}. {{ problem(`roles[${i}]`)!.cure }}.
        </p>
      </div>
    </div>
    <div class="mt-2 flex flex-wrap gap-2">
      <button
        v-for="k in KINDS"
        :key="k.kind"
        class="btn text-sm"
        @click="bench.editWhole(addRole(bench.whole!, k.kind))"
      >
        + {{ k.label }}
      </button>
    </div>

    <ThingsEditor />

    <label class="mt-4 block text-sm font-semibold" for="setup-note">What to prepare</label>
    <textarea
      id="setup-note"
      class="w-full field text-sm"
      rows="2"
      maxlength="1000"
      :value="bench.whole!.setUp.note"
      @input="setUp({ note: text($event) })"
    />
    <label class="mt-2 block text-sm font-semibold" for="summary">What it looks like</label>
    <textarea
      id="summary"
      class="w-full field text-sm"
      rows="3"
      maxlength="1000"
      :value="bench.whole!.summary"
      @input="edit({ summary: text($event) })"
    />
    <label class="mt-2 block text-sm font-semibold" for="tags">Tags, with commas between</label>
    <input
      id="tags"
      v-typed="bench.whole!.tags.join(', ')"
      class="w-full field"
      @change="
        edit({
          tags: text($event)
            .split(',')
            .map((t) => t.trim().slice(0, 30))
            .filter(Boolean)
            .slice(0, 12),
        })
      "
    />
  </section>
</template>
