<script setup lang="ts">
import { t } from '@/words'
import type { Evening, WhatIsWhere } from '@/api/client'
import { computed, ref, watch } from 'vue'

const props = defineProps<{ moments: Evening['whereabouts']; titles: string[] }>()

/** Which moment is shown: 0 for the beginning, then after each routine. */
const at = ref(0)
watch(
  () => props.moments.length,
  (count) => (at.value = Math.min(at.value, count - 1)),
)
const moment = computed(() => props.moments[at.value])
const when = computed(() =>
  !moment.value || moment.value.act < 0
    ? t('tonight.placesFigure.atTheBeginning')
    : `After ${moment.value.act + 1}, “${props.titles[moment.value.act]}”`,
)

/** Where in the figure a place is: on the jacket, the trousers, in the hands, on the table or beside it. */
type Where = 'breast' | 'inside' | 'left' | 'right' | 'trousers' | 'hands' | 'table' | 'bag' | 'people'
const SPOTS: Record<Where, { x: number; y: number }> = {
  breast: { x: 128, y: 62 },
  inside: { x: 84, y: 84 },
  left: { x: 132, y: 132 },
  right: { x: 68, y: 132 },
  trousers: { x: 76, y: 186 },
  hands: { x: 100, y: 112 },
  table: { x: 250, y: 150 },
  bag: { x: 330, y: 205 },
  people: { x: 330, y: 60 },
}

function where(spot: WhatIsWhere): Where {
  switch (spot.kind) {
    case 'pocket': {
      const name = spot.name.toLowerCase()
      const known = (['breast', 'inside', 'left', 'right', 'trousers'] as const).find((each) =>
        name.includes(each),
      )
      return known ?? (name.includes('inner') ? 'inside' : 'right')
    }
    case 'table':
      return 'table'
    case 'spectator':
      return 'people'
    case 'under':
      return spot.name === 'bag' ? 'bag' : 'table'
    case 'wallet':
    case 'in':
      return 'inside'
    case 'case':
      return 'table'
    default:
      return 'hands'
  }
}

const numbered = computed(() =>
  (moment.value?.spots ?? []).map((spot, i) => {
    const alike = moment.value!.spots.slice(0, i).filter((other) => where(other) === where(spot)).length
    const { x, y } = SPOTS[where(spot)]
    return { ...spot, number: i + 1, x: x + alike * 26, y: y + (alike % 2) * 8 }
  }),
)
const told = computed(
  () => `${when.value}: ${numbered.value.map((spot) => `${spot.what.join('; ')}: ${spot.label}`).join('; ')}`,
)
</script>

<template>
  <section :aria-label="$t('tonight.placesFigure.whereEverythingIs')" data-testid="places">
    <div class="flex flex-wrap items-center gap-2">
      <h2 class="text-xl">{{ $t('tonight.placesFigure.whereEverythingIs') }}</h2>
      <span class="ml-auto flex items-center gap-1">
        <button
          class="btn"
          :disabled="at === 0"
          :aria-label="$t('tonight.placesFigure.beforeThat')"
          @click="at--"
        >
          ←
        </button>
        <button
          class="btn"
          :disabled="at === moments.length - 1"
          :aria-label="$t('tonight.placesFigure.afterThat')"
          @click="at++"
        >
          →
        </button>
      </span>
    </div>
    <p class="text-soft" role="status">{{ when }}</p>
    <svg viewBox="0 0 380 250" class="w-full" role="img" :aria-label="told">
      <g fill="none" stroke="var(--soft)" stroke-width="1.6" stroke-linejoin="round" stroke-linecap="round">
        <circle cx="100" cy="24" r="15" />
        <path
          d="M88 42 L64 52 L46 128 L60 134 L68 96 L64 158 L136 158 L132 96 L140 134 L154 128 L136 52 L112 42 L100 62 Z"
        />
        <path d="M100 62 L100 158 M88 42 L100 62 L112 42" />
        <path d="M118 68 h20 M58 128 h22 M120 128 h22 M78 78 v18" />
        <path d="M66 158 L62 244 L92 244 L100 184 L108 244 L138 244 L134 158" />
        <path d="M72 176 l14 10 M128 176 l-14 10" />
        <path d="M196 158 H308 M208 158 V244 M296 158 V244" />
        <path d="M312 214 h52 v30 h-52 z M326 214 v-8 h24 v8" />
        <path d="M316 84 a14 14 0 0 1 28 0 M340 84 a14 14 0 0 1 28 0" />
        <circle cx="330" cy="58" r="9" />
        <circle cx="354" cy="58" r="9" />
      </g>
      <g v-for="spot in numbered" :key="spot.number">
        <circle :cx="spot.x" :cy="spot.y" r="11" fill="var(--brass-line)" />
        <text
          :x="spot.x"
          :y="spot.y + 4.5"
          text-anchor="middle"
          font-size="13"
          font-weight="700"
          fill="#1b141f"
        >
          {{ spot.number }}
        </text>
      </g>
    </svg>
    <ol class="mt-1">
      <li
        v-for="spot in numbered"
        :key="spot.number"
        class="flex gap-2 border-t border-rule py-1"
        data-testid="spot"
      >
        <span class="w-6 shrink-0 text-center font-bold text-brass">{{ spot.number }}</span>
        <span class="grow">{{ spot.what.join('; ') }}</span>
        <span class="max-w-[45%] shrink-0 text-right text-soft">{{ spot.label }}</span>
      </li>
    </ol>
  </section>
</template>
