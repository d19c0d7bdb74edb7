<script setup lang="ts">
import { t } from '@/words'
import type { Role, Routine } from '@/api/client'
import { RoleChip } from '@/deck'
import { changeRole, placeLabel } from '@/routine'
import { vTyped } from '@/ui/typed'
import { computed } from 'vue'
import { statedWords } from './stated'
import { useBench } from './store'
import ThingsEditor from './ThingsEditor.vue'

const bench = useBench()

defineEmits<{
  /** The set-up tray is wanted. */
  lay: []
}>()

/** What is special about the set-up, in a line. */
const laidWords = computed(() => {
  const { order, extra, piles, markings, bend } = bench.whole!.setUp
  const words = [
    statedWords(bench.trace?.cards ?? []),
    order
      ? t('bench.setUpInspector.onTop', {
          order: order.split(/\s+/).slice(0, 6).join(' '),
          order2: order.split(/\s+/).length > 6 ? ' …' : '',
        })
      : '',
    extra ? t('bench.setUpInspector.besideThePack', { extra }) : '',
    ...piles.map((pile) => `${placeLabel(pile.place)}: ${pile.cards}`),
    ...markings.map((m) => `${m.card} ${m.mark}`),
    bend ? t('bench.setUpInspector.theDeckIsBent') : '',
  ].filter(Boolean)
  return `${words.join('; ')}.`
})

const KINDS: { kind: Role['kind']; label: string }[] = [
  { kind: 'selection', label: 'selection' },
  { kind: 'key', label: 'key' },
  { kind: 'force', label: t('bench.setUpInspector.forceCard') },
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
  bench.editWhole(changeRole(bench.whole!, letter, change))
}

/** A person who has one card and is called otherwise is the same person everywhere; else the card is somebody else's. */
function owner(of: Role, name: string): void {
  const only = bench.whole!.roles.filter((r) => r.owner === of.owner).length === 1
  const known = bench.whole!.roles.some((r) => r.owner === name)
  if (of.owner !== '' && name !== '' && only && !known) {
    void bench.rename('person', of.owner, name)
  } else {
    role(of.letter, { owner: name })
  }
}

function problem(field: string) {
  return bench.problems.find((p) => p.field.startsWith(field))
}

function text(event: Event): string {
  return (event.target as HTMLInputElement).value
}
</script>

<template>
  <section :aria-label="$t('bench.setUpInspector.setUp')">
    <h2 class="text-lg">{{ $t('bench.setUpInspector.setUp') }}</h2>
    <label class="mt-2 block text-sm font-semibold" for="pack">{{ $t('bench.setUpInspector.pack') }}</label>
    <select id="pack" class="field" :value="bench.whole!.setUp.pack" @change="setUp({ pack: text($event) })">
      <option value="52">{{ $t('bench.setUpInspector.n52Cards') }}</option>
      <option value="54">{{ $t('bench.setUpInspector.n54WithTwoJokers') }}</option>
      <option v-for="n in 49" :key="n" :value="String(52 - n)">
        {{ $t('bench.setUpInspector.cards', { n: 52 - n }) }}
      </option>
      <option v-if="bench.whole!.setUp.extra || bench.whole!.setUp.pack === 'none'" value="none">
        {{ $t('bench.setUpInspector.onlyCardsOfYourOwn') }}
      </option>
    </select>
    <label v-if="bench.whole!.setUp.pack !== 'none'" class="mt-2 block text-sm font-semibold" for="others">{{
      $t('bench.setUpInspector.theOtherCards')
    }}</label>
    <select
      v-if="bench.whole!.setUp.pack !== 'none'"
      id="others"
      class="w-full field"
      :value="String(bench.whole!.setUp.newDeckOrder)"
      @change="setUp({ newDeckOrder: text($event) === 'true' })"
    >
      <option value="false">{{ $t('bench.setUpInspector.inAnyOrder') }}</option>
      <option value="true">{{ $t('bench.setUpInspector.inNewDeckOrder') }}</option>
    </select>
    <p class="mt-2 text-sm text-soft" data-testid="laid">{{ laidWords }}</p>
    <button class="btn mt-1 w-full" @click="$emit('lay')">
      {{ $t('bench.setUpInspector.layTheCards') }}
    </button>

    <h3 class="mt-4 text-base">{{ $t('bench.setUpInspector.cardsInTheirPlaces') }}</h3>
    <p v-if="bench.whole!.setUp.placements.length === 0" class="text-sm text-soft">
      {{ $t('bench.setUpInspector.anyOrderPlaceACard') }}
    </p>
    <div v-for="(placed, i) in bench.whole!.setUp.placements" :key="i" class="mt-1">
      <div class="flex items-center gap-1.5">
        <select
          class="w-20 field"
          :value="placed.card"
          :aria-label="$t('bench.setUpInspector.placedCard', { i: i + 1 })"
          @change="placement(i, { card: text($event) })"
        >
          <option v-for="card in bench.trace?.cards ?? []" :key="card.code" :value="card.code">
            {{ card.sign.replace('Joker ', '★') }}
          </option>
        </select>
        <input
          v-typed="placed.nth"
          type="number"
          class="w-14 field"
          min="1"
          max="104"
          :aria-label="$t('bench.setUpInspector.placeOfCard', { i: i + 1 })"
          @change="placement(i, { nth: Number(text($event)) || 1 })"
        />
        <select
          class="grow field"
          :value="placed.from"
          :aria-label="$t('bench.setUpInspector.cardCountedFrom', { i: i + 1 })"
          @change="placement(i, { from: text($event) })"
        >
          <option value="top">{{ $t('bench.setUpInspector.fromTheTop') }}</option>
          <option value="bottom">{{ $t('bench.setUpInspector.fromTheBottom') }}</option>
        </select>
        <button
          :aria-label="$t('bench.setUpInspector.removePlacedCard', { i: i + 1 })"
          @click="setUp({ placements: bench.whole!.setUp.placements.filter((_, at) => at !== i) })"
        >
          ✕
        </button>
      </div>
      <p v-if="problem(`setUp.placements[${i}]`)" role="alert" class="text-sm font-semibold text-broken">
        {{ problem(`setUp.placements[${i}]`)!.rule }}. {{ problem(`setUp.placements[${i}]`)!.cure }}.
      </p>
    </div>
    <button class="mt-1 link text-sm" @click="addPlacement">
      {{ $t('bench.setUpInspector.placeACard') }}
    </button>

    <h3 class="mt-4 text-base">{{ $t('bench.setUpInspector.cardsToFollow') }}</h3>
    <div v-for="(r, i) in bench.whole!.roles" :key="r.letter" class="mt-2 flex gap-2" data-testid="role">
      <RoleChip :letter="r.letter" :index="i" />
      <div class="grid grow grid-cols-[1fr_auto] gap-1.5">
        <select
          class="field"
          :value="r.kind"
          :aria-label="$t('bench.setUpInspector.kindOf', { letter: r.letter })"
          @change="role(r.letter, { kind: text($event) })"
        >
          <option v-for="k in KINDS" :key="k.kind" :value="k.kind">{{ k.label }}</option>
        </select>
        <button
          :aria-label="$t('bench.setUpInspector.remove', { letter: r.letter })"
          @click="bench.remove('role', r.letter)"
        >
          ✕
        </button>
        <input
          v-if="r.kind === 'selection'"
          v-typed="r.owner"
          class="col-span-2 field"
          :placeholder="$t('bench.setUpInspector.whoseCard')"
          maxlength="30"
          :aria-label="$t('bench.setUpInspector.ownerOf', { letter: r.letter })"
          @change="owner(r, text($event).trim())"
        />
        <input
          v-else-if="r.kind === 'slug'"
          v-typed="r.card"
          class="col-span-2 field"
          :placeholder="$t('bench.setUpInspector.itsCardsInOrderKs')"
          maxlength="200"
          :aria-label="$t('bench.setUpInspector.cardsOf', { letter: r.letter })"
          @change="role(r.letter, { card: text($event).trim() })"
        />
        <select
          v-else
          class="col-span-2 field"
          :value="r.card"
          :aria-label="$t('bench.setUpInspector.cardOf', { letter: r.letter })"
          @change="role(r.letter, { card: text($event) })"
        >
          <option value="">{{ $t('bench.setUpInspector.foundOutOnTheWay') }}</option>
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
      <button v-for="k in KINDS" :key="k.kind" class="btn text-sm" @click="bench.follow(k.kind)">
        + {{ k.label }}
      </button>
    </div>

    <ThingsEditor />

    <label class="mt-4 block text-sm font-semibold" for="setup-note">{{
      $t('bench.setUpInspector.whatToPrepare')
    }}</label>
    <textarea
      id="setup-note"
      class="w-full field text-sm"
      rows="2"
      maxlength="1000"
      :value="bench.whole!.setUp.note"
      @input="setUp({ note: text($event) })"
    />
    <label class="mt-2 block text-sm font-semibold" for="summary">{{
      $t('bench.setUpInspector.whatItLooksLike')
    }}</label>
    <textarea
      id="summary"
      class="w-full field text-sm"
      rows="3"
      maxlength="1000"
      :value="bench.whole!.summary"
      @input="edit({ summary: text($event) })"
    />
    <label class="mt-2 block text-sm font-semibold" for="tags">{{
      $t('bench.setUpInspector.tagsWithCommasBetween')
    }}</label>
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
