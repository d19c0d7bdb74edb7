<script setup lang="ts">
import { t } from '@/words'
import { RoleChip } from '@/deck'
import { computed } from 'vue'
import { useBench } from './store'

const bench = useBench()
const moment = computed(() => bench.trace?.moments[bench.selectedIndex])

const PLACE_KNOWN: Record<string, string> = {
  exact: t('bench.ledgerPanel.youKnowWhere'),
  'in-pile': t('bench.ledgerPanel.somewhereInThisPile'),
  'by-looking': t('bench.ledgerPanel.knownByLooking'),
  lost: t('bench.ledgerPanel.placeLost'),
}

/** The things, and what each of them holds. */
const things = computed(() =>
  (moment.value?.things ?? []).map((thing) => {
    const cards = moment.value!.piles.filter((pile) => thing.parts.includes(pile.place))
    const count = cards.reduce((sum, pile) => sum + pile.cards.length, 0)
    const held = [
      ...bench.trace!.roles.flatMap((role, i) =>
        thing.parts.includes(moment.value!.roles[i]!.place) ? [role.label] : [],
      ),
      count > 0 ? t('bench.ledgerPanel.cards', {}, count) : '',
      ...moment.value!.things.filter((t) => thing.parts.includes(t.place)).map((t) => t.label),
    ].filter(Boolean)
    return {
      thing,
      told: [
        thing.spot,
        thing.closed ? 'closed' : '',
        held.length > 0 ? `holds ${held.join(', ')}` : '',
        thing.written ? `says “${thing.written}”` : '',
      ]
        .filter(Boolean)
        .join(' · '),
    }
  }),
)
const spoilt = computed(() =>
  (moment.value?.spoilt ?? []).map((s) => `${bench.trace!.cards[s.card]!.sign} is ${s.how}`).join(', '),
)

/** What the performer would name, without knowing that it is right. */
function takenFor(state: { takenFor: number }): string {
  const card = bench.trace!.cards[state.takenFor]
  return card ? t('bench.ledgerPanel.youTakeItFor', { sign: card.sign }) : ''
}

const entries = computed(() =>
  (moment.value?.roles ?? []).map((state, i) => {
    const role = bench.trace!.roles[i]!
    const card = state.card >= 0 ? bench.trace!.cards[state.card]! : undefined
    const you = state.nameKnownTo.includes('you')
    const others = state.nameKnownTo.filter((who) => who !== 'you')
    return {
      role,
      state,
      sign: card?.sign ?? '',
      red: card?.red ?? false,
      open: card?.stated === 'open',
      names: [
        you
          ? t('bench.ledgerPanel.youKnowItsName')
          : takenFor(state) || (state.placeKnown ? t('bench.ledgerPanel.nameUnknownToYou') : ''),
        ...others.map((who) => t('bench.ledgerPanel.knowsIt', { who })),
      ]
        .filter(Boolean)
        .join(', '),
      place:
        card?.stated === 'named' && state.placeKnown === 'lost'
          ? t('bench.ledgerPanel.nobodySaidWhere')
          : state.placeKnown === 'near'
            ? t('bench.ledgerPanel.knownNearly', { within: state.within })
            : (PLACE_KNOWN[state.placeKnown] ?? ''),
    }
  }),
)
</script>

<template>
  <section class="mt-5 border-t border-rule pt-3" :aria-label="$t('bench.ledgerPanel.whereEverythingIs')">
    <h2 class="text-lg">{{ $t('bench.ledgerPanel.whereEverythingIs') }}</h2>
    <p v-if="entries.length === 0" class="text-soft">{{ $t('bench.ledgerPanel.noCardIsFollowedYet') }}</p>
    <ul class="mt-1 space-y-2.5">
      <li v-for="(entry, i) in entries" :key="entry.role.letter" class="flex gap-2.5" data-testid="ledger">
        <RoleChip :letter="entry.role.letter" :index="i" />
        <div class="min-w-0 grow leading-snug">
          <div class="flex items-baseline justify-between gap-2">
            <span class="font-semibold">{{ entry.role.label }}</span>
            <span v-if="entry.state.place" class="shrink-0 text-xl font-bold">{{
              entry.state.position
            }}</span>
          </div>
          <p v-if="!entry.state.place" class="text-sm text-soft">
            {{ $t('bench.ledgerPanel.notChosenInThisWay') }}
          </p>
          <template v-else>
            <p class="text-sm">
              {{
                $t('bench.ledgerPanel.inFromTheBottomFace', {
                  placeLabel: entry.state.placeLabel,
                  fromBottom: entry.state.fromBottom,
                  entry: entry.state.faceUp ? $t('bench.ledgerPanel.up') : $t('bench.ledgerPanel.down'),
                })
              }}
            </p>
            <p class="text-sm text-soft">
              <template v-if="entry.open">
                {{ $t('bench.ledgerPanel.someCardHere') }}
                <span class="some-card">{{ entry.sign }}</span>
                <button
                  class="ml-1.5 link text-sm"
                  :aria-label="$t('bench.ledgerPanel.anotherCardFor', { label: entry.role.label })"
                  @click="bench.layAnother(entry.state.card)"
                >
                  {{ $t('bench.ledgerPanel.another') }}</button>{{ ' ' }}
              </template>
              <span v-else :class="{ 'text-pip-red': entry.red }">{{ entry.sign }}</span>
              <template v-if="entry.state.chosen">{{
                [' ', entry.names, entry.place].filter(Boolean).join(' · ')
              }}</template>
              <template v-else> {{ $t('bench.ledgerPanel.notChosenYetItWill') }}</template>
            </p>
          </template>
        </div>
      </li>
    </ul>
    <ul v-if="things.length > 0" class="mt-3 space-y-1.5 border-t border-rule pt-2">
      <li
        v-for="entry in things"
        :key="entry.thing.name"
        class="text-sm leading-snug"
        data-testid="thing-entry"
      >
        <span class="font-semibold">{{ entry.thing.name }}</span>
        <span class="text-soft"> · {{ entry.told }}</span>
      </li>
    </ul>
    <p v-if="spoilt" class="mt-2 text-sm text-hint" data-testid="spoilt">
      {{ $t('bench.ledgerPanel.forTheResetList', { spoilt }) }}
    </p>
  </section>
</template>
