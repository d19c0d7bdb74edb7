<script setup lang="ts">
import { useViewKeys } from '@/ui/keys'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'

/** Something that ships with the program; the lists are made by the build. */
interface Library {
  name: string
  version: string
  licence: string
}

/** The part of a bill of materials in the SPDX format that is shown. */
interface Spdx {
  packages: { name: string; versionInfo: string; licenseDeclared: string }[]
}

const VERSION = __VERSION__

async function read<T>(file: string): Promise<T> {
  return (await (await fetch(file)).json()) as T
}

/** Without the first package, which is the front end itself. */
function fromSpdx(bill: Spdx): Library[] {
  return bill.packages
    .slice(1)
    .map((each) => ({ name: each.name, version: each.versionInfo, licence: each.licenseDeclared }))
}

const libraries = useQuery({
  queryKey: ['libraries'],
  staleTime: Infinity,
  queryFn: async () => [
    ...fromSpdx(await read('/libraries-web.json')),
    ...(await read<Library[]>('/libraries-java.json')),
  ],
})
const fonts = computed(() =>
  (libraries.data.value ?? []).filter((each) => each.name.startsWith('@fontsource')),
)
const code = computed(() =>
  (libraries.data.value ?? []).filter((each) => !each.name.startsWith('@fontsource')),
)
const groups = computed(() => [
  { title: 'Fonts', of: fonts.value },
  { title: 'Libraries', of: code.value },
])

document.title = 'About'
useViewKeys([{ keys: '?', does: 'These keys' }])
</script>

<template>
  <article class="mx-auto w-full max-w-4xl px-5 py-8">
    <h1 class="font-display text-4xl font-semibold">Crafty Pocket</h1>
    <p class="mt-2 text-lg">
      Version {{ VERSION }}. It is free to use, to change and to pass on under the
      <a class="link" href="/LICENSE.txt">Apache License 2.0</a>.
    </p>
    <p class="mt-2 text-soft">
      Everything stays on this computer: no routine, no run and no word of yours is sent anywhere.
    </p>
    <p v-if="libraries.isError.value" role="alert" class="mt-6">
      The list of libraries cannot be read just now. Load the page again.
    </p>
    <section v-for="group in groups" :key="group.title" class="mt-8">
      <h2 class="text-2xl">{{ group.title }}</h2>
      <ul class="mt-2 grid gap-x-8 md:grid-cols-2">
        <li
          v-for="each in group.of"
          :key="each.name"
          class="flex items-baseline justify-between gap-4 border-t border-rule py-1.5"
          data-testid="library"
        >
          <span class="min-w-0 break-words">{{ each.name }} {{ each.version }}</span>
          <span class="shrink-0 max-w-[50%] text-right text-sm text-soft">{{ each.licence }}</span>
        </li>
      </ul>
    </section>
  </article>
</template>
