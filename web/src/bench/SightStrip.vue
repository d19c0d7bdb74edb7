<script setup lang="ts">
import { t } from '@/words'
import type { Moment } from '@/api/client'
import { computed, ref, watch } from 'vue'
import { useBench } from './store'

/** All people at once, as the server calls them. */
const EVERYBODY = 'everybody'
const YOU = 'you'

const bench = useBench()
const who = ref(EVERYBODY)

const people = computed(() => [EVERYBODY, ...(bench.trace?.people ?? [])])
const moment = computed(() => bench.trace?.moments[bench.selectedIndex])

// Somebody who has left the routine sees nothing any more.
watch(people, (now) => {
  if (!now.includes(who.value)) {
    who.value = EVERYBODY
  }
})

interface Seen {
  key: string
  sign: string
  red: boolean
  /** Whether it is just some card: another one could be in its place. */
  open: boolean
  /** Who alone sees it, or that nothing shows it. */
  aside: string
}

function sideOf(card: number, front: boolean): Pick<Seen, 'sign' | 'red' | 'open'> {
  const side = front ? bench.trace!.cards[card]!.front : bench.trace!.cards[card]!.back
  return side.kind === 'back'
    ? {
        sign: side.design
          ? t('bench.sightStrip.backOf', { design: side.design })
          : t('bench.sightStrip.back'),
        red: false,
        open: false,
      }
    : { sign: side.sign, red: side.red, open: bench.trace!.cards[card]!.stated !== 'placed' }
}

/** The same of a side that nobody sees: of some card there is nothing to be told. */
function hiddenSideOf(card: number, front: boolean): Pick<Seen, 'sign' | 'red' | 'open'> {
  const side = sideOf(card, front)
  return side.open ? { sign: t('bench.sightStrip.someCard'), red: false, open: true } : side
}

function sees(seenBy: string): boolean {
  return seenBy === EVERYBODY || seenBy === who.value
}

/** What the chosen people see in a step: what it shows, then what comes into view besides. */
function seenIn(at: Moment | undefined): Seen[] {
  const shown = (at?.shown ?? []).map((s) => ({ ...s, besides: false }))
  const also = (at?.alsoSeen ?? []).map((s) => ({ ...s, besides: true }))
  return [...shown, ...also]
    .filter((s) => sees(s.seenBy))
    .map((s, i) => ({
      key: `${i}`,
      ...sideOf(s.card, s.front),
      aside:
        s.seenBy === EVERYBODY
          ? s.besides
            ? t('bench.sightStrip.byItself')
            : ''
          : s.seenBy === YOU
            ? t('bench.sightStrip.youAlone')
            : s.seenBy,
    }))
}

const MOST = 14
const seen = computed(() => seenIn(moment.value))

/** Every face that they have seen by now, each once. */
const soFar = computed(() => {
  const faces = new Map<string, Seen>()
  for (const at of bench.trace?.moments.slice(0, bench.selectedIndex + 1) ?? []) {
    seenIn(at)
      .filter((s) => !s.sign.endsWith('back'))
      .forEach((s) => faces.set(s.sign, s))
  }
  return [...faces.values()]
})

/** What shows on each pile in the open: to all from above, and to nobody from below until it is turned. */
const piles = computed(() =>
  (moment.value?.piles ?? [])
    .filter((pile) => pile.open && pile.cards.length > 0)
    .map((pile) => ({
      label: pile.label,
      up: sideOf(pile.cards[0]!, pile.faceUp[0]!),
      under: hiddenSideOf(pile.cards.at(-1)!, !pile.faceUp.at(-1)!),
    })),
)

/** Whether there is nothing to tell: backs alone, and nobody knows what is below. */
const nothing = computed(
  () =>
    seen.value.length + soFar.value.length + names.value.length === 0 &&
    !moment.value?.passed &&
    piles.value.every((pile) => pile.up.sign === t('bench.sightStrip.back') && pile.under.open),
)

/** The cards whose names the chosen person knows. */
const names = computed(() =>
  (moment.value?.roles ?? []).flatMap((state, i) =>
    state.chosen && state.nameKnownTo.includes(who.value) ? [bench.trace!.roles[i]!.label] : [],
  ),
)
</script>

<template>
  <section v-if="moment" class="strip" :aria-label="$t('bench.sightStrip.whatIsSeen')">
    <div class="flex flex-wrap items-baseline gap-x-2 gap-y-1">
      <label class="label" for="seen-by">{{ $t('bench.sightStrip.seenBy') }}</label>
      <select id="seen-by" v-model="who" class="shrink-0 field py-0.5 text-sm">
        <option v-for="person in people" :key="person" :value="person">{{ person }}</option>
      </select>
      <label class="label" for="deck-view">{{ $t('bench.sightStrip.theDeck') }}</label>
      <select id="deck-view" v-model="bench.deckView" class="shrink-0 field py-0.5 text-sm">
        <option value="real">{{ $t('bench.sightStrip.asItIs') }}</option>
        <option value="seen">{{ $t('bench.sightStrip.asTheySeeIt') }}</option>
        <option value="both">{{ $t('bench.sightStrip.both') }}</option>
      </select>
    </div>
    <p v-if="nothing" class="text-sm text-soft" data-testid="in-view">
      {{ $t('bench.sightStrip.nothingButBacksAsThey') }}
    </p>
    <p v-if="!nothing" class="min-w-0" data-testid="seen">
      <span class="label">{{ $t('bench.sightStrip.inThisStep') }}</span>
      <span v-if="seen.length === 0" class="text-sm text-soft">{{
        $t('bench.sightStrip.nothingButBacksAsThey')
      }}</span>
      <span v-for="side in seen.slice(0, MOST)" :key="side.key" class="side">
        <span :class="{ 'text-pip-red': side.red, 'some-card': side.open }">{{ side.sign }}</span>
        <small v-if="side.aside" class="ml-1 text-soft">{{ side.aside }}</small>
      </span>
      <span v-if="seen.length > MOST" class="text-soft">{{
        $t('bench.sightStrip.inAll', { seen: seen.length })
      }}</span>
      <small v-if="moment.passed" class="text-soft">
        {{ $t('bench.sightStrip.cards', moment.passed.seeming) }}
      </small>
    </p>
    <p v-if="!nothing" class="min-w-0 text-sm text-soft" data-testid="so-far">
      <span class="label">{{ $t('bench.sightStrip.facesByNow') }}</span>
      <template v-if="soFar.length === 0">{{ $t('bench.sightStrip.none') }}</template>
      <span v-for="side in soFar.slice(0, MOST)" :key="side.sign" class="side">
        <span :class="{ 'text-pip-red': side.red, 'some-card': side.open }">{{ side.sign }}</span>
      </span>
      <template v-if="soFar.length > MOST">{{
        $t('bench.sightStrip.inAll2', { soFar: soFar.length })
      }}</template>
      <template v-if="names.length > 0">
        {{ $t('bench.sightStrip.knowsTheNameOf', { names: names.join(', ') }) }}</template
      >
    </p>
    <p v-if="!nothing" class="piles" data-testid="in-view">
      <span class="label">{{ $t('bench.sightStrip.onTopNow') }}</span>
      <span v-for="pile in piles" :key="pile.label" class="side">
        <small class="text-soft">{{ pile.label }}</small>
        {{ ' '
        }}<span :class="{ 'text-pip-red': pile.up.red, 'some-card': pile.up.open }">{{ pile.up.sign }}</span>
        <small class="text-soft"
          >{{ $t('bench.sightStrip.below') }}
          <span :class="{ 'text-pip-red': pile.under.red, 'some-card': pile.under.open }">{{
            pile.under.sign
          }}</span></small
        >
      </span>
    </p>
  </section>
</template>

<style scoped>
.strip {
  position: sticky;
  bottom: 0;
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) minmax(0, 1fr);
  gap: 0.15rem 1.5rem;
  align-items: baseline;
  padding: 0.4rem 1rem;
  background: var(--raised);
  border-top: 1px solid var(--rule);
}

.piles {
  grid-column: 1 / -1;
}

.label {
  margin-right: 0.5rem;
  font-size: 0.8rem;
  color: var(--soft);
}

.side {
  display: inline-block;
  margin-right: 0.75rem;
  font-weight: 600;
}

.side small {
  font-weight: 400;
}

@media (max-width: 900px) {
  .strip {
    position: static;
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
