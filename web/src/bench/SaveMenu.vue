<script setup lang="ts">
import { pngOf, svgOf } from '@/deck'
import { handOver } from '@/ui/download'
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { useMediaQuery } from '@vueuse/core'
import { ref } from 'vue'
import PrintDialog from './PrintDialog.vue'
import WhatHappened from './WhatHappened.vue'
import { useBench } from './store'

const compact = defineModel<boolean>('compact', { required: true })

const bench = useBench()
/** Where the header has no room for the button that does this. */
const narrow = useMediaQuery('(max-width: 1199px)')

const printing = ref(false)
const telling = ref(false)

function drawn(): SVGSVGElement | null {
  return document.querySelector<SVGSVGElement>('#view svg[role=img]')
}

function saveSvg(): void {
  const deck = drawn()
  if (deck) {
    handOver(new Blob([svgOf(deck)], { type: 'image/svg+xml' }), `${bench.routine!.title}.svg`)
  }
}

async function savePng(): Promise<void> {
  const deck = drawn()
  if (deck) {
    handOver(await pngOf(deck), `${bench.routine!.title}.png`)
  }
}
</script>

<template>
  <Menu as="div" class="relative">
    <MenuButton
      class="btn px-2"
      :title="$t('bench.saveMenu.saveAs')"
      :aria-label="$t('bench.saveMenu.saveAs')"
      >⋯</MenuButton
    >
    <MenuItems class="absolute right-0 z-30 w-56 rounded-lg border border-rule bg-paper py-1">
      <MenuItem v-if="narrow" v-slot="{ active }">
        <button class="menu-item" :class="{ 'bg-brass/15': active }" @click="compact = !compact">
          {{ compact ? $t('bench.benchHeader.roomy') : $t('bench.benchHeader.compact') }}
        </button>
      </MenuItem>
      <MenuItem v-slot="{ active }">
        <button class="menu-item" :class="{ 'bg-brass/15': active }" @click="telling = true">
          {{ $t('bench.saveMenu.whatHappened') }}
        </button>
      </MenuItem>
      <MenuItem v-slot="{ active }">
        <button class="menu-item" :class="{ 'bg-brass/15': active }" @click="printing = true">
          {{ $t('bench.saveMenu.scriptToPrint') }}
        </button>
      </MenuItem>
      <MenuItem v-slot="{ active }">
        <a
          class="menu-item"
          :class="{ 'bg-brass/15': active }"
          :href="`/api/routines/${bench.id}/pocket.html`"
          download
          >{{ $t('bench.saveMenu.forThePocket') }}</a
        >
      </MenuItem>
      <MenuItem v-slot="{ active }">
        <button class="menu-item" :class="{ 'bg-brass/15': active }" @click="saveSvg">
          {{ $t('bench.saveMenu.pictureSvg') }}
        </button>
      </MenuItem>
      <MenuItem v-slot="{ active }">
        <button class="menu-item" :class="{ 'bg-brass/15': active }" @click="savePng">
          {{ $t('bench.saveMenu.picturePng') }}
        </button>
      </MenuItem>
      <MenuItem v-slot="{ active }">
        <a
          class="menu-item"
          :class="{ 'bg-brass/15': active }"
          :href="`/api/routines/${bench.id}/file`"
          download
          >{{ $t('bench.saveMenu.routineJson') }}</a
        >
      </MenuItem>
    </MenuItems>
  </Menu>
  <PrintDialog :id="bench.id" v-model:open="printing" />
  <WhatHappened v-if="telling" v-model:open="telling" />
</template>
