<script setup lang="ts">
import { t } from '@/words'
import { answered, api, type Account, type ApiProblem, type ClaimSpec } from '@/api/client'
import { useCatalogue } from '@/api/catalogue'
import { alone } from '@/routine'
import SheetDialog from '@/ui/SheetDialog.vue'
import { useToast } from '@/ui/toast'
import { computed, shallowRef } from 'vue'
import { SET_UP, useBench } from './store'

/** The routine as somebody tells it who was there, what it rests on, and how clean it leaves everything. */
const open = defineModel<boolean>('open', { required: true })

const bench = useBench()
const catalogue = useCatalogue()
const toast = useToast()
const account = shallowRef<Account>()
const failure = shallowRef('')

void ask()

async function ask(): Promise<void> {
  try {
    const body = { routine: alone(bench.routine!), world: bench.world }
    account.value = await answered(api.POST('/api/account', { body }))
  } catch (thrown) {
    failure.value = (thrown as ApiProblem).message
  }
}

const told = computed(() => account.value?.told.join(' ') ?? '')

/** A step by its number and name. */
function named(stepId: string): string {
  const at = bench.routine?.steps.findIndex((s) => s.id === stepId) ?? -1
  const move = bench.routine?.steps[at]?.move
  return `${at + 1} · ${catalogue.value.moves.find((m) => m.id === move)?.name ?? move}`
}

/** Looks for moves that would leave it clean, from the end on. */
function clean(wanted: ClaimSpec): void {
  open.value = false
  bench.selected = bench.routine!.steps.at(-1)?.id ?? SET_UP
  bench.ask('bridge', wanted)
}

async function copy(): Promise<void> {
  try {
    await navigator.clipboard.writeText(told.value)
    toast.say(t('bench.whatHappened.copied'))
  } catch {
    toast.say(t('bench.whatHappened.cannotCopy'))
  }
}

/** Prints what is told and nothing else: the page itself has the method on it. */
function print(): void {
  const frame = document.createElement('iframe')
  frame.className = 'sr-only'
  document.body.append(frame)
  const { contentDocument, contentWindow } = frame
  const title = contentDocument!.createElement('h1')
  title.textContent = bench.routine!.title
  const words = contentDocument!.createElement('p')
  words.textContent = told.value
  contentDocument!.body.append(title, words)
  contentWindow!.addEventListener('afterprint', () => frame.remove())
  contentWindow!.print()
}
</script>

<template>
  <SheetDialog v-model:open="open" :title="$t('bench.whatHappened.whatHappened')">
    <p v-if="failure" role="alert" class="mt-3 text-broken">{{ failure }}</p>
    <template v-else-if="account">
      <p class="mt-1 text-sm text-soft">{{ $t('bench.whatHappened.asSomebodyTellsIt') }}</p>
      <p v-if="told" class="mt-3 font-display text-xl" data-testid="told">{{ told }}</p>
      <p v-else class="mt-3 text-soft">{{ $t('bench.whatHappened.nothingIsSeen') }}</p>
      <div class="mt-3 flex gap-2">
        <button class="btn" :disabled="!told" @click="copy">{{ $t('bench.whatHappened.copy') }}</button>
        <button class="btn" :disabled="!told" @click="print">{{ $t('bench.whatHappened.print') }}</button>
      </div>
      <div>
        <template v-if="account.flaws.length > 0">
          <h3 class="mt-5 text-lg">{{ $t('bench.whatHappened.whatTheyShouldNotHaveSeen') }}</h3>
          <ul class="mt-1 space-y-1">
            <li v-for="flaw in account.flaws" :key="flaw.stepId + flaw.sentence">
              <span class="text-broken" aria-hidden="true">▲</span> {{ flaw.sentence }}
              <span class="text-sm text-soft">{{ named(flaw.stepId) }}</span>
            </li>
          </ul>
        </template>
        <template v-if="account.methods.length > 0">
          <h3 class="mt-5 text-lg">{{ $t('bench.whatHappened.whatItRestsOn') }}</h3>
          <ul class="mt-1 space-y-2">
            <li v-for="method in account.methods" :key="method.stepId + method.effect">
              <span class="text-holds" aria-hidden="true">✦</span> {{ method.effect }}
              <span class="block pl-5 text-sm text-soft">
                {{
                  method.rests.length === 0
                    ? $t('bench.whatHappened.onNoSecretStep')
                    : $t('bench.whatHappened.on', { steps: method.rests.map(named).join(', ') })
                }}
                <template v-if="method.rests.length > 0">{{
                  method.away === 0
                    ? $t('bench.whatHappened.inTheSameStep')
                    : $t('bench.whatHappened.stepsBefore', method.away)
                }}</template>
              </span>
            </li>
          </ul>
        </template>
        <h3 class="mt-5 text-lg">{{ $t('bench.whatHappened.cleanAtTheEnd') }}</h3>
        <p v-if="account.unclean.length === 0" class="mt-1">
          <span class="text-holds" aria-hidden="true">✓</span>
          {{ $t('bench.whatHappened.allLiesAsTheyThink') }}
        </p>
        <ul v-else class="mt-1 list-disc space-y-1 pl-5" data-testid="unclean">
          <li v-for="each in account.unclean" :key="each.sentence">
            {{ each.sentence }}
            <button
              v-if="each.clean"
              class="link min-h-6 text-sm"
              :aria-label="$t('bench.whatHappened.cleanIt', { what: each.sentence })"
              @click="clean(each.clean)"
            >
              {{ $t('bench.whatHappened.getMeThere') }}
            </button>
          </li>
        </ul>
        <p class="mt-4 text-sm text-soft">{{ $t('bench.whatHappened.inTheWayThatIsShown') }}</p>
      </div>
    </template>
    <p v-else class="mt-3 text-soft">{{ $t('bench.whatHappened.oneMoment') }}</p>
  </SheetDialog>
</template>
