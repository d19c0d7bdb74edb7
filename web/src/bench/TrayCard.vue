<script setup lang="ts">
import type { Trace } from '@/api/client'

defineProps<{
  card?: Trace['cards'][number]
  /** Spoken, for whoever does not see it. */
  label: string
  marks: string[]
  faceUp?: boolean
  /** Whether it is the one that keys and buttons act on. */
  pressed?: boolean
  disabled?: boolean
}>()

defineEmits<{ press: []; drag: []; drop: [] }>()
</script>

<template>
  <button
    class="tray-card"
    :class="{ red: card?.red, up: faceUp, pressed }"
    :aria-label="label"
    :aria-pressed="pressed"
    :disabled="disabled"
    :draggable="!disabled"
    :title="[card?.name, ...marks].join(', ')"
    @click="$emit('press')"
    @dragstart="$emit('drag')"
    @dragover.prevent
    @drop.prevent.stop="$emit('drop')"
  >
    {{ (card?.sign ?? '?').replace('Joker ', '★').replace('blank', '○') }}
    <span v-if="marks.length > 0 || card?.special" class="mark" aria-hidden="true" />
  </button>
</template>

<style scoped>
.tray-card {
  position: relative;
  min-width: 32px;
  min-height: 36px;
  border: 1px solid var(--slot-rule);
  border-radius: 4px;
  background: var(--slot);
  padding: 0 2px;
  font-weight: 600;
  font-size: 0.9rem;
  line-height: 1.1;
  overflow: hidden;
}

.red {
  color: var(--pip-red);
}

.up {
  background: var(--slot-up);
  border-color: var(--brass-line);
}

.pressed {
  box-shadow: 0 0 0 2px var(--brass-line);
}

.tray-card:disabled {
  opacity: 0.28;
}

.mark {
  position: absolute;
  right: 3px;
  bottom: 3px;
  width: 5px;
  height: 5px;
  border-radius: 50%;
  background: var(--hint);
}
</style>
