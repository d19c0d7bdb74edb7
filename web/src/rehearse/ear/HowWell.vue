<script setup lang="ts">
import { answered, api } from '@/api/client'
import { t } from '@/words'
import { percent } from '@/ui/verdict'
import { onBeforeUnmount, ref } from 'vue'
import { AROUNDS, hearTrial, trials, type Result, type Trial } from './howWell'
import { sample, type Around } from './sounds'
import { toWav } from './wav'

const emit = defineEmits<{ hear: [around: Around] }>()

/** Each landing of cards is heard so often: with both rates of sound, at a slow and at a quick tempo. */
const ROUNDS = 2
const SAVED_RATE = 48_000

interface Row {
  found: number
  none: number
  error: number
  named: number
}

const rows = ref<Partial<Record<Around, Row>>>({})
const running = ref(false)
const problem = ref('')
let gone = false
onBeforeUnmount(() => (gone = true))

/** The page goes on between one sound and the next. */
const rest = () => new Promise((go) => window.setTimeout(go))

async function tryAll(): Promise<void> {
  running.value = true
  problem.value = ''
  rows.value = {}
  try {
    for (const around of AROUNDS) {
      const all = trials(around, ROUNDS)
      const results: Result[] = []
      for (const trial of all) {
        results.push(hearTrial(trial))
        await rest()
      }
      const row = await judged(all, results)
      if (gone) {
        return
      }
      rows.value = { ...rows.value, [around]: row }
    }
  } catch (thrown) {
    problem.value = (thrown as Error).message
  } finally {
    running.value = false
  }
}

async function judged(all: Trial[], results: Result[]): Promise<Row> {
  const sum = (of: (result: Result) => number) => results.reduce((before, each) => before + of(each), 0)
  const errors = results.flatMap((each) => each.errors).sort((one, other) => one - other)
  const there = results
    .map((each, i) => ({ tried: each.tried, off: all[i]!.off }))
    .filter((each) => each.tried.length > 0)
  const told = there.length
    ? await answered(
        api.POST('/api/practice/evenness', {
          body: { tries: there.map(({ tried }) => ({ times: tried.map((time) => 1000 * time) })) },
        }),
      )
    : []
  const right = told.filter(({ offsets }, i) => {
    const { beat, by } = there[i]!.off
    const furthest = offsets.indexOf(
      offsets.reduce((one, other) => (Math.abs(other) > Math.abs(one) ? other : one), 0),
    )
    return furthest + 1 === beat && Math.sign(offsets[furthest]!) === Math.sign(by)
  })
  return {
    found: sum((each) => each.found) / sum((each) => each.meant),
    none: (60 * sum((each) => each.none)) / sum((each) => each.seconds),
    error: errors[Math.floor(0.95 * errors.length)] ?? NaN,
    named: right.length / all.length,
  }
}

function save(around: Around): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(toWav(sample(around, SAVED_RATE), SAVED_RATE))
  link.download = `${around}.wav`
  link.click()
  // The browser has begun to read it by then.
  window.setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
}

const label = (around: Around) => t(`rehearse.around.${around}`)
</script>

<template>
  <details class="mt-8" data-testid="how-well">
    <summary class="cursor-pointer font-semibold">{{ $t('rehearse.howWell.howWellDoesItHear') }}</summary>
    <p class="mt-2 max-w-2xl text-soft">{{ $t('rehearse.howWell.madeUpSounds') }}</p>
    <button type="button" class="mt-3 btn" :disabled="running" @click="tryAll">
      {{ running ? $t('rehearse.howWell.listening') : $t('rehearse.howWell.tryThemAll') }}
    </button>
    <p v-if="problem" role="alert" class="mt-2 font-semibold text-broken">{{ problem }}</p>
    <div class="mt-3 overflow-x-auto">
      <table class="w-full max-w-3xl text-left">
        <thead class="text-sm text-soft">
          <tr>
            <th scope="col" class="py-1 pr-3 font-normal">{{ $t('rehearse.howWell.sound') }}</th>
            <th scope="col" class="pr-3 text-right font-normal">{{ $t('rehearse.howWell.heard') }}</th>
            <th scope="col" class="pr-3 text-right font-normal">{{ $t('rehearse.howWell.noneAMinute') }}</th>
            <th scope="col" class="pr-3 text-right font-normal">{{ $t('rehearse.howWell.offBy') }}</th>
            <th scope="col" class="pr-3 text-right font-normal">{{ $t('rehearse.howWell.named') }}</th>
            <td></td>
          </tr>
        </thead>
        <tbody>
          <tr v-for="around in AROUNDS" :key="around" class="border-t border-rule">
            <th scope="row" class="py-1 pr-3 font-semibold">{{ label(around) }}</th>
            <template v-if="rows[around]">
              <td class="pr-3 text-right tabular-nums">{{ percent(rows[around]!.found) }}</td>
              <td class="pr-3 text-right tabular-nums">{{ rows[around]!.none.toFixed(1) }}</td>
              <td class="pr-3 text-right tabular-nums">
                {{
                  Number.isNaN(rows[around]!.error)
                    ? '–'
                    : $t('rehearse.howWell.ms', { ms: rows[around]!.error.toFixed(1) })
                }}
              </td>
              <td class="pr-3 text-right tabular-nums">{{ percent(rows[around]!.named) }}</td>
            </template>
            <td v-else colspan="4"></td>
            <td class="space-x-2 py-1 text-right whitespace-nowrap">
              <button
                type="button"
                class="btn px-2 py-0.5 text-sm"
                :aria-label="$t('rehearse.howWell.hearSound', { sound: label(around) })"
                @click="emit('hear', around)"
              >
                {{ $t('rehearse.howWell.hear') }}
              </button>
              <button
                type="button"
                class="btn px-2 py-0.5 text-sm"
                :aria-label="$t('rehearse.howWell.saveSound', { sound: label(around) })"
                @click="save(around)"
              >
                {{ $t('rehearse.howWell.save') }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </details>
</template>
