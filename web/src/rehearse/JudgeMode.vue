<script setup lang="ts">
import { answered, api } from '@/api/client'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useKeeping } from '@/saving'

/** The width of a bank card, in millimetres: ISO/IEC 7810, ID-1. */
const BANK_CARD_MM = 85.6

/** About as thick as a card, in millimetres: from memory, 52 cards lie 15 to 16 mm thick. */
const CARD_MM = 0.297

const LEAST = 5
const MOST = 46

const said = ref('')
const truth = ref('')
const keeping = useKeeping()
const { problem } = keeping
const pixels = useLocalStorage('bank-card-pixels', 323)
const hidden = ref(0)
const guess = ref('')
const shown = ref<number>()

const client = useQueryClient()
const { data: judged } = useQuery({
  queryKey: ['judged'],
  queryFn: () => answered(api.GET('/api/practice/judged')),
})
const thick = computed(() => (hidden.value * CARD_MM * pixels.value) / BANK_CARD_MM)

function keep(cards: number, guessed: number): Promise<boolean> {
  const practice = { of: 'judged' as const, cards, said: guessed }
  return keeping.keep({ kind: 'practice', practice }, (answer) => client.setQueryData(['judged'], answer))
}

async function keepTable(): Promise<void> {
  if (await keep(Number(truth.value), Number(said.value))) {
    said.value = ''
    truth.value = ''
  }
}

function draw(): void {
  hidden.value = LEAST + Math.floor(Math.random() * (MOST - LEAST + 1))
  shown.value = undefined
  guess.value = ''
}
draw()

async function keepDrawn(): Promise<void> {
  if (await keep(hidden.value, Number(guess.value))) {
    shown.value = hidden.value
  }
}

function signed(number: number): string {
  const rounded = Math.round(number * 10) / 10
  return rounded > 0 ? `+${rounded}` : `${rounded}`
}
</script>

<template>
  <div class="grid w-full gap-10 lg:grid-cols-2">
    <section :aria-label="$t('rehearse.judgeMode.atTheTable')">
      <h2 class="text-2xl">{{ $t('rehearse.judgeMode.atTheTable') }}</h2>
      <p class="mt-1 text-soft">{{ $t('rehearse.judgeMode.cutAPacketSayHow') }}</p>
      <form class="mt-4 flex flex-wrap items-end gap-4 text-xl" @submit.prevent="keepTable">
        <label
          >{{ $t('rehearse.judgeMode.youSay')
          }}<input v-model="said" type="number" min="1" max="104" required class="ml-2 w-24 field text-xl"
        /></label>
        <label
          >{{ $t('rehearse.judgeMode.thereAre')
          }}<input v-model="truth" type="number" min="1" max="104" required class="ml-2 w-24 field text-xl"
        /></label>
        <button type="submit" class="btn-main">{{ $t('rehearse.judgeMode.keepIt') }}</button>
      </form>
      <h2 class="mt-10 text-2xl">{{ $t('rehearse.judgeMode.awayFromCards') }}</h2>
      <p class="mt-1 text-soft">{{ $t('rehearse.judgeMode.aPacketSeenEdgeOn') }}</p>
      <input
        v-model.number="pixels"
        type="range"
        min="200"
        max="600"
        class="mt-2 w-full"
        :aria-label="$t('rehearse.judgeMode.widthOfABankCard')"
      />
      <div class="card-bar" :style="{ width: `${pixels}px` }" aria-hidden="true" />
      <div class="mt-5 flex items-end gap-6">
        <div
          class="packet"
          :style="{ height: `${thick}px`, width: `${(pixels * 63) / BANK_CARD_MM}px` }"
          role="img"
          :aria-label="$t('rehearse.judgeMode.aPacketEdgeOn')"
          data-testid="packet"
        />
      </div>
      <form
        class="mt-4 flex flex-wrap items-end gap-4 text-xl"
        @submit.prevent="shown === undefined ? keepDrawn() : draw()"
      >
        <label
          >{{ $t('rehearse.judgeMode.howMany')
          }}<input
            v-model="guess"
            type="number"
            min="1"
            max="104"
            required
            :disabled="shown !== undefined"
            class="ml-2 w-24 field text-xl"
        /></label>
        <button type="submit" class="btn-main">
          {{
            shown === undefined ? $t('rehearse.judgeMode.thatMany') : $t('rehearse.judgeMode.anotherPacket')
          }}
        </button>
        <span v-if="shown !== undefined" role="status" class="font-semibold" data-testid="truth">{{
          $t('rehearse.judgeMode.itWas', { shown })
        }}</span>
      </form>
      <p v-if="problem" role="alert" class="mt-3 font-semibold text-broken">{{ problem }}</p>
    </section>
    <section v-if="judged" :aria-label="$t('rehearse.judgeMode.howWellYouJudge')" data-testid="judged">
      <h2 class="text-2xl">{{ $t('rehearse.judgeMode.yourMargin') }}</h2>
      <p v-if="judged.all.guesses === 0" class="mt-2 text-xl text-soft">
        {{ $t('rehearse.judgeMode.nothingYetTwentyGuessesTell') }}
      </p>
      <template v-else>
        <p class="font-display text-6xl">± {{ judged.all.margin }}</p>
        <p class="mt-2 text-xl">
          {{ $t('rehearse.judgeMode.n19Of20OfYour', { guesses: judged.all.guesses }) }}
          <template v-if="!judged.all.enough">{{ $t('rehearse.judgeMode.withFewerThan20It') }}</template>
        </p>
        <table class="mt-5 w-full text-left">
          <thead class="text-sm text-soft">
            <tr>
              <th scope="col">{{ $t('rehearse.judgeMode.cards') }}</th>
              <th scope="col">{{ $t('rehearse.judgeMode.guesses') }}</th>
              <th scope="col">{{ $t('rehearse.judgeMode.onAverage') }}</th>
              <th scope="col">{{ $t('rehearse.judgeMode.spread') }}</th>
              <th scope="col">{{ $t('rehearse.judgeMode.margin') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="size in judged.sizes" :key="size.from" class="border-t border-rule">
              <td class="py-1">{{ size.from }}–{{ size.to }}</td>
              <td>{{ size.guesses }}</td>
              <td>{{ signed(size.bias) }}</td>
              <td>{{ Math.round(size.spread * 10) / 10 }}</td>
              <td class="font-semibold">± {{ size.margin }}</td>
            </tr>
          </tbody>
        </table>
        <p class="mt-4 text-sm text-soft">{{ $t('rehearse.judgeMode.thisIsTheOfWhat') }}</p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.card-bar {
  height: 12px;
  max-width: 100%;
  border: 2px solid var(--brass-line);
  border-radius: 4px;
  background: var(--raised);
}

.packet {
  max-width: 100%;
  border: 1px solid var(--slot-rule);
  border-radius: 2px;
  background: repeating-linear-gradient(to bottom, var(--slot) 0 2px, var(--slot-rule) 2px 3px);
}
</style>
