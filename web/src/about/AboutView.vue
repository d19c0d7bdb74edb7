<script setup lang="ts">
import { t } from '@/words'
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
  { title: t('about.aboutView.fonts'), of: fonts.value },
  { title: t('about.aboutView.libraries'), of: code.value },
])

document.title = t('about.aboutView.about')
useViewKeys([{ keys: '?', does: t('about.aboutView.theseKeys') }])
</script>

<template>
  <article class="mx-auto w-full max-w-4xl px-5 py-8">
    <h1 class="font-display text-4xl font-semibold">{{ $t('about.aboutView.craftyPocket') }}</h1>
    <p class="mt-2 text-lg">
      {{ $t('about.aboutView.versionItIsFreeTo', { VERSION }) }}
      <a class="link" href="/LICENSE.txt">{{ $t('about.aboutView.apacheLicense20') }}</a>.
    </p>
    <p class="mt-2 text-soft">{{ $t('about.aboutView.everythingStaysOnThisComputer') }}</p>
    <p v-if="libraries.isError.value" role="alert" class="mt-6">
      {{ $t('about.aboutView.theListOfLibrariesCannot') }}
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
          <span class="min-w-0 wrap-anywhere">{{ each.name }} {{ each.version }}</span>
          <span class="max-w-[50%] min-w-0 text-right text-sm wrap-anywhere text-soft">{{
            each.licence
          }}</span>
        </li>
      </ul>
    </section>
  </article>
</template>
