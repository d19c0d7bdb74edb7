<script setup lang="ts">
import { useFolder, useOutbox } from '@/saving'
import { watch } from 'vue'

const outbox = useOutbox()
const sentence = useFolder()
watch(sentence, (now) => now === '' && outbox.tryNow())
</script>

<template>
  <p v-if="sentence" role="alert" class="border-b border-broken bg-broken/10 px-5 py-2 font-semibold">
    {{ sentence }}
  </p>
</template>
