<script setup lang="ts">
import { useDark } from '@vueuse/core'
import { storeToRefs } from 'pinia'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { usePerformer } from './performer'
import FolderLine from './ui/FolderLine.vue'
import { useKeyWords } from './ui/keys'
import { onceTrue } from './ui/onceTrue'
import ToastLine from './ui/ToastLine.vue'

const KeyHelp = defineAsyncComponent(() => import('./ui/KeyHelp.vue'))

const VIEWS = ['moves', 'reckoner', 'invent', 'tonight', 'journal']
const OF_ROUTINE = ['bench', 'rehearse']

const keysAsked = onceTrue(storeToRefs(useKeyWords()).open)
const dark = useDark({ disableTransition: false })
const route = useRoute()
const { performer, setHand } = usePerformer()
const routineId = computed(() =>
  route.name === 'bench' || route.name === 'rehearse' ? (route.params.id as string) : undefined,
)
/** While hands are at work nothing else is in sight. */
const working = computed(() => route.name === 'rehearse' || route.name === 'perform')
/** Views that stay while their address changes. */
const view = computed(() =>
  ['moves', 'tonight'].includes(String(route.name)) ? String(route.name) : route.path,
)

const links = ref<HTMLElement>()
watch(
  () => route.path,
  () => links.value?.querySelector('.here')?.scrollIntoView({ inline: 'center', block: 'nearest' }),
  { flush: 'post' },
)
</script>

<template>
  <div class="flex min-h-screen flex-col">
    <a href="#view" class="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:p-2">
      {{ $t('app.app.toTheView') }}
    </a>
    <header
      v-if="!working"
      class="flex h-12 items-center gap-x-7 bg-(--bar) px-5 text-(--bar-ink) max-[1150px]:gap-x-4 max-[480px]:px-3"
    >
      <RouterLink to="/" class="shrink-0 font-display text-xl font-semibold max-sm:hidden">{{
        $t('app.app.craftyPocket')
      }}</RouterLink>
      <nav
        ref="links"
        class="links flex min-h-12 min-w-0 gap-x-5 overflow-x-auto max-[1150px]:gap-x-4"
        :aria-label="$t('app.app.views')"
      >
        <RouterLink to="/" class="view-link" exact-active-class="here">{{
          $t('app.app.repertoire')
        }}</RouterLink>
        <RouterLink
          v-for="name in VIEWS"
          :key="name"
          :to="`/${name}`"
          class="view-link"
          :class="{ here: route.name === name }"
          >{{ $t(`app.app.${name}`) }}</RouterLink
        >
        <template v-if="routineId">
          <RouterLink
            v-for="name in OF_ROUTINE"
            :key="name"
            :to="`/${name}/${routineId}`"
            class="view-link"
            :class="{ here: route.name === name }"
            >{{ $t(`app.app.${name}`) }}</RouterLink
          >
        </template>
      </nav>
      <RouterLink to="/settings" class="ml-auto shrink-0 rounded px-2 py-1 text-sm" active-class="underline"
        ><span class="hidden max-[1150px]:inline" aria-hidden="true">⚙</span
        ><span class="max-[1150px]:sr-only">{{ $t('app.app.settings') }}</span></RouterLink
      >
      <button
        class="shrink-0 rounded px-2 py-1 text-sm max-[1150px]:hidden"
        :title="$t('app.app.allWordsAreWrittenFor')"
        @click="setHand(performer.hand === 'left' ? 'right' : 'left')"
      >
        {{ performer.hand === 'left' ? $t('app.app.leftHanded') : $t('app.app.rightHanded') }}
      </button>
      <button class="shrink-0 rounded px-2 py-1 text-sm" :aria-pressed="dark" @click="dark = !dark">
        <span aria-hidden="true">{{ dark ? '☀' : '☾' }}</span>
        <span class="max-[1150px]:sr-only">{{ dark ? $t('app.app.light') : $t('app.app.dark') }}</span>
      </button>
    </header>
    <FolderLine />
    <main id="view" class="flex grow flex-col">
      <RouterView :key="view" />
    </main>
    <ToastLine />
    <KeyHelp v-if="keysAsked" />
  </div>
</template>

<style scoped>
/* Where there is no room for all views they are drawn along; a bar would take from the little there is. */
.links {
  scrollbar-width: none;
}

.view-link {
  display: flex;
  min-height: 2.5rem;
  align-items: center;
  border-bottom: 3px solid transparent;
  border-top: 3px solid transparent;
  color: var(--bar-soft);
}

.here {
  border-bottom-color: var(--brass-line);
  color: var(--bar-ink);
}
</style>
