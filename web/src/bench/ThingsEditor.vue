<script setup lang="ts">
import { t } from '@/words'
import type { Routine } from '@/api/client'
import { knownSpots, parts, placeLabel } from '@/routine'
import { vTyped } from '@/ui/typed'
import { computed } from 'vue'
import { useBench } from './store'

type Thing = Routine['setUp']['things'][number]

const bench = useBench()
const setUp = computed(() => bench.whole!.setUp)

/** What a performer mostly carries, to begin with. */
const USUAL: Omit<Thing, 'above'>[] = [
  usual('envelope', 'table:mat', 110, 160, 'flap'),
  usual('note', 'pocket:left', 0, 0, 'none'),
  usual('wallet', 'pocket:inside', 0, 0, 'open'),
  usual('phone', 'table:mat', 0, 0, 'none'),
]

const MOUTHS = [
  { mouth: 'none', label: t('bench.thingsEditor.nothingGoesIn') },
  { mouth: 'open', label: t('bench.thingsEditor.openAtTheMouth') },
  { mouth: 'flap', label: t('bench.thingsEditor.aFlapOpen') },
  { mouth: 'closed', label: t('bench.thingsEditor.aFlapClosed') },
]

function usual(name: string, place: string, wide: number, high: number, mouth: string) {
  return { name, place, slots: '', wide, high, mouth, guarded: false, written: '' }
}

function write(change: Partial<Routine['setUp']>): void {
  bench.editWhole({ ...bench.whole!, setUp: { ...setUp.value, ...change } }, true)
}

function change(index: number, part: Partial<Thing>): void {
  write({ things: setUp.value.things.map((t, i) => (i === index ? { ...t, ...part } : t)) })
}

function add(made: Omit<Thing, 'above'>): void {
  const taken = setUp.value.things.map((t) => t.name)
  let name = made.name
  for (let number = 2; taken.includes(name); number++) {
    name = `${made.name} ${number}`
  }
  write({ things: [...setUp.value.things, { ...made, name, above: 0 }] })
}

function sign(code: string): string {
  return bench.trace?.cards.find((card) => card.code === code)?.sign ?? code
}

function spots(index: number): string[] {
  const own = setUp.value.things[index]!
  const others = parts(bench.whole!).filter((part) => !part.startsWith(`in:${own.name}`))
  return [...new Set([...knownSpots(bench.whole!), ...others, own.place])]
}

function problem(index: number) {
  return bench.problems.find((p) => p.field.startsWith(`setUp.things[${index}]`))
}

function text(event: Event): string {
  return (event.target as HTMLInputElement).value
}
</script>

<template>
  <section :aria-label="$t('bench.thingsEditor.besideTheCards')">
    <h3 class="mt-4 text-base">{{ $t('bench.thingsEditor.besideTheCards') }}</h3>
    <label class="mt-1 flex items-center gap-2 text-sm" for="card-size">
      <span class="grow">{{ $t('bench.thingsEditor.theCardsAre') }}</span>
      <select
        id="card-size"
        class="field"
        :value="setUp.cardSize"
        @change="write({ cardSize: text($event) })"
      >
        <option value="">{{ $t('bench.thingsEditor.notMeasured') }}</option>
        <option value="poker">{{ $t('bench.thingsEditor.pokerSize') }}</option>
        <option value="bridge">{{ $t('bench.thingsEditor.bridgeSize') }}</option>
      </select>
    </label>
    <details
      v-for="(thing, i) in setUp.things"
      :key="i"
      class="mt-1.5 rounded-lg border border-rule px-2 py-1"
      data-testid="thing-row"
      :open="!!problem(i)"
    >
      <summary class="cursor-pointer leading-snug">
        <span class="font-semibold">{{ thing.name }}</span>
        <span class="text-sm text-soft">
          · {{ placeLabel(thing.place)
          }}{{ thing.written ? $t('bench.thingsEditor.says', { written: sign(thing.written) }) : '' }}</span
        >
      </summary>
      <div class="mt-1 grid grid-cols-[5rem_minmax(0,1fr)] items-center gap-1.5 text-sm">
        <label :for="`thing-name-${i}`">{{ $t('bench.thingsEditor.name') }}</label>
        <input
          :id="`thing-name-${i}`"
          v-typed="thing.name"
          class="field"
          maxlength="30"
          @change="bench.rename('thing', thing.name, text($event).trim())"
        />
        <label :for="`thing-place-${i}`">{{ $t('bench.thingsEditor.lies') }}</label>
        <select
          :id="`thing-place-${i}`"
          class="field"
          :value="thing.place"
          @change="change(i, { place: text($event) })"
        >
          <option v-for="place in spots(i)" :key="place" :value="place">{{ placeLabel(place) }}</option>
        </select>
        <label :for="`thing-mouth-${i}`">{{ $t('bench.thingsEditor.opens') }}</label>
        <select
          :id="`thing-mouth-${i}`"
          class="field"
          :value="thing.mouth"
          @change="change(i, { mouth: text($event) })"
        >
          <option v-for="m in MOUTHS" :key="m.mouth" :value="m.mouth">{{ m.label }}</option>
        </select>
        <template v-if="thing.mouth !== 'none'">
          <span>{{ $t('bench.thingsEditor.insideMm') }}</span>
          <span class="flex items-center gap-1">
            <input
              v-typed="thing.wide || ''"
              type="number"
              min="0"
              max="1000"
              step="0.1"
              :placeholder="$t('bench.thingsEditor.wide')"
              class="w-full field"
              :aria-label="$t('bench.thingsEditor.insideAcrossTheMouthIn', { name: thing.name })"
              @change="change(i, { wide: Number(text($event)) || 0 })"
            />
            ×
            <input
              v-typed="thing.high || ''"
              type="number"
              min="0"
              max="1000"
              step="0.1"
              :placeholder="$t('bench.thingsEditor.deep')"
              class="w-full field"
              :aria-label="$t('bench.thingsEditor.insideFromTheMouthDown', { name: thing.name })"
              @change="change(i, { high: Number(text($event)) || 0 })"
            />
          </span>
          <label :for="`thing-slots-${i}`">{{ $t('bench.thingsEditor.parts') }}</label>
          <input
            :id="`thing-slots-${i}`"
            v-typed="thing.slots"
            class="field"
            maxlength="300"
            :placeholder="$t('bench.thingsEditor.leftRight')"
            @change="change(i, { slots: text($event).trim() })"
          />
        </template>
        <label :for="`thing-written-${i}`">{{ $t('bench.thingsEditor.says2') }}</label>
        <select
          :id="`thing-written-${i}`"
          class="field"
          :value="thing.written"
          @change="change(i, { written: text($event) })"
        >
          <option value="">{{ $t('bench.thingsEditor.nothing') }}</option>
          <option v-for="card in bench.trace?.cards ?? []" :key="card.code" :value="card.code">
            {{ card.sign }}
          </option>
        </select>
        <label class="col-span-2 flex items-center gap-1.5">
          <input
            type="checkbox"
            :checked="thing.guarded"
            @change="change(i, { guarded: ($event.target as HTMLInputElement).checked })"
          />
          {{ $t('bench.thingsEditor.nobodyMayLookAtIt') }}
        </label>
      </div>
      <p v-if="problem(i)" role="alert" class="text-sm font-semibold text-broken">
        “{{ problem(i)!.value }}”: {{ problem(i)!.rule }}. {{ problem(i)!.cure }}.
      </p>
      <button class="link text-sm" @click="bench.remove('thing', thing.name)">
        {{ $t('bench.thingsEditor.removeThe', { name: thing.name }) }}
      </button>
    </details>
    <div class="mt-2 flex flex-wrap gap-2">
      <button v-for="made in USUAL" :key="made.name" class="btn text-sm" @click="add(made)">
        + {{ made.name }}
      </button>
    </div>
  </section>
</template>
