<script setup lang="ts">
import { t } from '@/words'
import { useCatalogue } from '@/api/catalogue'
import { usePerformer } from '@/performer'
import { useViewKeys } from '@/ui/keys'
import { computed, ref, watchEffect } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useAsksBasics } from './asksBasics'
import BasicMoves from './BasicMoves.vue'
import MovePlay from './MovePlay.vue'
import { findMoves } from './findMoves'

const catalogue = useCatalogue()
const { performer, note } = usePerformer()
const route = useRoute()
const router = useRouter()

const typed = ref('')
const family = ref('')
const hardest = ref(5)
const noTable = ref(false)
const anyAngle = ref(false)
const mine = ref(false)
const asking = useAsksBasics(mine)

const found = computed(() =>
  findMoves(catalogue.value, typed.value, performer.value.moves).filter(
    (move) =>
      (family.value === '' || move.family === family.value) &&
      move.difficulty <= hardest.value &&
      !(noTable.value && move.table) &&
      !(anyAngle.value && move.angles !== '') &&
      !(mine.value && note(move.id).skill === 0),
  ),
)
const groups = computed(() =>
  catalogue.value.families
    .map((f) => ({ ...f, moves: found.value.filter((m) => m.family === f.id) }))
    .filter((f) => f.moves.length > 0),
)
const selected = computed(() =>
  catalogue.value.moves.find((m) => m.id === ((route.params.move as string) || found.value[0]?.id)),
)

watchEffect(() => {
  document.title = selected.value ? `${selected.value.name} · Moves` : t('moves.movesView.moves')
})

useViewKeys([{ keys: '?', does: t('moves.movesView.theseKeys') }])
</script>

<template>
  <div class="moves grow">
    <section class="list" :aria-label="$t('moves.movesView.moves')">
      <h1 class="sr-only">{{ $t('moves.movesView.moves') }}</h1>
      <label class="sr-only" for="find-move">{{ $t('moves.movesView.findAMove') }}</label>
      <input
        id="find-move"
        v-model="typed"
        class="w-full field text-lg"
        :placeholder="$t('moves.movesView.whatDoesItDo')"
        autocomplete="off"
      />
      <div class="mt-2 grid grid-cols-2 gap-x-3 gap-y-1 text-sm">
        <select v-model="family" class="field" :aria-label="$t('moves.movesView.family')">
          <option value="">{{ $t('moves.movesView.allFamilies') }}</option>
          <option v-for="f in catalogue.families" :key="f.id" :value="f.id">{{ f.label }}</option>
        </select>
        <select v-model.number="hardest" class="field" :aria-label="$t('moves.movesView.difficulty')">
          <option :value="5">{{ $t('moves.movesView.anyDifficulty') }}</option>
          <option v-for="n in [4, 3, 2, 1]" :key="n" :value="n">
            {{ $t('moves.movesView.upTo', { repeat: '●'.repeat(n) }) }}
          </option>
        </select>
        <label class="tick"
          ><input v-model="noTable" type="checkbox" /> {{ $t('moves.movesView.withoutATable') }}</label
        >
        <label class="tick"
          ><input v-model="anyAngle" type="checkbox" /> {{ $t('moves.movesView.seenFromAllRound') }}</label
        >
        <label class="tick col-span-2"
          ><input v-model="mine" type="checkbox" /> {{ $t('moves.movesView.iCanDoIt') }}</label
        >
      </div>
      <BasicMoves v-if="mine && asking" class="mt-2" />
      <p class="mt-1 text-sm text-soft" role="status">
        {{ $t('moves.movesView.ofMoves', { found: found.length, moves: catalogue.moves.length }) }}
      </p>
      <nav :aria-label="$t('moves.movesView.foundMoves')">
        <template v-for="group in groups" :key="group.id">
          <h2 class="mt-3 text-base">{{ group.label }}</h2>
          <ul>
            <li v-for="move in group.moves" :key="move.id">
              <RouterLink
                :to="`/moves/${move.id}`"
                replace
                class="move"
                :class="{ here: move.id === selected?.id }"
                :aria-current="move.id === selected?.id ? 'page' : undefined"
              >
                <span class="min-w-0 leading-snug">
                  {{ move.name }}
                  <em v-if="note(move.id).alias" class="text-soft">{{ note(move.id).alias }}</em>
                </span>
                <span
                  class="shrink-0 text-xs text-soft"
                  :aria-label="$t('moves.movesView.difficultyOf5', { difficulty: move.difficulty })"
                >
                  {{ note(move.id).skill > 0 ? '✓ ' : '' }}{{ '●'.repeat(move.difficulty)
                  }}{{ '○'.repeat(5 - move.difficulty) }}
                </span>
              </RouterLink>
            </li>
          </ul>
        </template>
      </nav>
      <p v-if="found.length === 0" class="mt-3 text-soft">
        {{ asking ? $t('moves.movesView.tickWhatYouDoIt') : $t('moves.movesView.noMoveIsLeftUntick') }}
      </p>
    </section>
    <MovePlay
      v-if="selected"
      :key="selected.id"
      :move="selected"
      :families="catalogue.families"
      @dropped="router.replace('/moves')"
    />
  </div>
</template>

<style scoped>
.moves {
  display: grid;
  grid-template-columns: 340px minmax(0, 1fr);
}

.list {
  border-right: 1px solid var(--rule);
  padding: 1rem 1.25rem 4rem;
  max-height: calc(100vh - 3rem);
  overflow-y: auto;
}

.tick {
  display: flex;
  align-items: center;
  gap: 0.4rem;
  min-height: 26px;
}

.move {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 0.5rem;
  border-left: 4px solid transparent;
  padding: 0.2rem 0.4rem;
  min-height: 28px;
}

.move:hover {
  background: var(--raised);
}

.here {
  border-left-color: var(--brass-line);
  background: var(--raised);
  font-weight: 600;
}

@media (max-width: 900px) {
  .moves {
    grid-template-columns: minmax(0, 1fr);
  }

  .list {
    border-right: 0;
    max-height: 45vh;
  }
}
</style>
