<script setup lang="ts">
import { t } from '@/words'
import {
  answered,
  api,
  type ApiProblem,
  type FieldProblem,
  type Move,
  type Routine,
  type Trace,
  type World,
} from '@/api/client'
import { RunningDeck } from '@/deck'
import { SettingField, type PlayedWorld } from '@/fields'
import { usePerformer } from '@/performer'
import { vTyped } from '@/ui/typed'
import { useElementSize } from '@vueuse/core'
import { computed, ref, shallowRef } from 'vue'

const props = defineProps<{
  move: Move
  families: { id: string; label: string }[]
}>()
const emit = defineEmits<{
  /** The own move that was shown is gone. */
  dropped: []
}>()

const SKILLS = [0, 1, 2, 3, 4, 5].map((level) => t(`moves.skills.n${level}`))

const { note, setNote, dropOwnMove } = usePerformer()
const routine = shallowRef<Routine>()
const trace = shallowRef<Trace>()
const world = ref<World>({})
const problems = ref<FieldProblem[]>([])
const failure = ref('')
const picture = ref<HTMLElement>()
/** A dozen cards fill the picture. */
const WIDEST = 96
const { width } = useElementSize(picture)

const step = computed(() => routine.value?.steps.at(-1))
const moment = computed(() => trace.value?.moments.at(-1))
const hints = computed(() => trace.value?.hints.filter((hint) => hint.stepId === step.value?.id) ?? [])
const index = computed(() => (routine.value?.steps.length ?? 1) - 1)
/** The layout before the move and the one after it: what led there is not the question here. */
const lastTwo = computed(
  () => trace.value && { ...trace.value, moments: trace.value.moments.slice(-2), outcomes: [] },
)
const family = computed(() => props.families.find((f) => f.id === props.move.family)?.label)
const played = computed<PlayedWorld>(() => ({
  routine: routine.value!,
  roles: routine.value!.roles,
  trace: trace.value,
  moment: moment.value,
  problems: problems.value,
}))

void start()

async function start(): Promise<void> {
  try {
    const path = { id: props.move.id }
    routine.value = await answered(api.GET('/api/catalogue/{id}/playground', { params: { path } }))
    await retrace()
  } catch (thrown) {
    failure.value = (thrown as ApiProblem).message
  }
}

async function retrace(): Promise<void> {
  try {
    const body = { routine: routine.value!, world: world.value }
    trace.value = await answered(api.POST('/api/trace', { body }))
    problems.value = []
  } catch (thrown) {
    problems.value = (thrown as ApiProblem).problems
  }
}

function set(name: string, value: string): void {
  const steps = routine.value!.steps.map((s, i) =>
    i === index.value ? { ...s, settings: { ...s.settings, [name]: value } } : s,
  )
  routine.value = { ...routine.value!, steps }
  void retrace()
}

function choose(key: string, number: number): void {
  world.value = { ...world.value, [key]: number }
  void retrace()
}

async function drop(): Promise<void> {
  if (await dropOwnMove(props.move.id)) {
    emit('dropped')
  }
}
</script>

<template>
  <article class="play" :aria-label="move.name">
    <p class="text-sm text-soft">
      {{ family }} ·
      {{
        move.bySpectator
          ? $t('moves.movePlay.theyDoIt')
          : move.secret
            ? $t('moves.movePlay.secret')
            : $t('moves.movePlay.inTheOpen')
      }}
      ·
      {{ move.table ? $t('moves.movePlay.needsATable') : $t('moves.movePlay.inTheHands') }}
    </p>
    <h2 class="text-2xl">{{ move.name }}</h2>
    <p class="mt-1 text-lg">{{ move.effect }}</p>

    <div ref="picture" class="mt-4 border-y border-rule bg-raised px-4 pt-6 pb-2" data-testid="play-deck">
      <RunningDeck
        v-if="lastTwo && width > 0"
        :trace="lastTwo"
        :width="width - 32"
        :row-height="118"
        :slot-height="34"
        :slot-top="22"
        :widest-slot="WIDEST"
      />
      <p class="mt-1 min-h-6 text-soft">
        {{ failure || moment?.broken?.reason || moment?.sentence || '' }}
      </p>
    </div>

    <div class="mt-4 grid gap-8 lg:grid-cols-2">
      <section :aria-label="$t('moves.movePlay.tryIt')">
        <h3 class="text-lg">{{ $t('moves.movePlay.tryIt') }}</h3>
        <p v-if="move.settings.length === 0" class="text-soft">
          {{ $t('moves.movePlay.thereIsNothingToSet') }}
        </p>
        <template v-if="routine && step">
          <SettingField
            v-for="setting in move.settings"
            :key="setting.name"
            :setting="setting"
            :value="step.settings[setting.name] ?? setting.usual"
            :path="`steps[${index}].settings.${setting.name}`"
            :played="played"
            @change="set(setting.name, $event)"
            @choose="choose"
          />
        </template>
        <p
          v-for="advice in hints"
          :key="advice.text"
          class="mt-2 border-l-4 border-hint bg-hint/10 px-3 py-2 text-sm"
        >
          {{ advice.text }}
        </p>
      </section>
      <section :aria-label="$t('moves.movePlay.aboutIt')">
        <h3 class="text-lg">{{ $t('moves.movePlay.attention') }}</h3>
        <p>{{ move.attention }}</p>
        <h3 class="mt-3 text-lg">{{ $t('moves.movePlay.watchPoints') }}</h3>
        <ul class="list-disc pl-5">
          <li v-for="point in move.watch" :key="point">{{ point }}</li>
          <li v-if="move.angles">{{ $t('moves.movePlay.notToBeWatched', { angles: move.angles }) }}</li>
        </ul>
        <template v-if="move.cautions.length > 0">
          <h3 class="mt-3 text-lg">{{ $t('moves.movePlay.takeCare') }}</h3>
          <p v-for="caution in move.cautions" :key="caution">{{ caution }}</p>
        </template>
        <h3 class="mt-3 text-lg">{{ $t('moves.movePlay.yours') }}</h3>
        <label class="block text-sm font-semibold" for="alias">{{
          $t('moves.movePlay.whatYouCallIt')
        }}</label>
        <input
          id="alias"
          v-typed="note(move.id).alias"
          class="w-full field"
          maxlength="60"
          @change="setNote(move.id, { alias: ($event.target as HTMLInputElement).value.trim() })"
        />
        <label class="mt-2 block text-sm font-semibold" for="skill">{{
          $t('moves.movePlay.howWellItGoes')
        }}</label>
        <select
          id="skill"
          class="w-full field"
          :value="note(move.id).skill"
          @change="setNote(move.id, { skill: Number(($event.target as HTMLSelectElement).value) })"
        >
          <option v-for="(words, level) in SKILLS" :key="words" :value="level">{{ words }}</option>
        </select>
        <RouterLink v-if="!move.own" class="mt-3 btn inline-block" :to="`/drills?drill=${move.id}`">
          {{ $t('moves.movePlay.drillIt') }}
        </RouterLink>
        <button v-if="move.own" class="mt-3 btn text-broken" @click="drop">
          {{ $t('moves.movePlay.removeThisOwnMove') }}
        </button>
      </section>
    </div>
  </article>
</template>

<style scoped>
.play {
  padding: 1.25rem 2rem 4rem;
  min-width: 0;
}
</style>
