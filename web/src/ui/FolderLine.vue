<script setup lang="ts">
import { answered, api } from '@/api/client'
import { useOutbox } from '@/saving'
import { useQuery } from '@tanstack/vue-query'
import { computed, watch } from 'vue'

/** While nothing can be saved, it is asked so often whether that is over. */
const ASK_AGAIN_MS = 5000

const outbox = useOutbox()
const folder = useQuery({
  queryKey: ['folder'],
  queryFn: () => answered(api.GET('/api/folder')),
  refetchInterval: (query) => (query.state.data?.state === 'well' ? false : ASK_AGAIN_MS),
})
const sentence = computed(() => folder.data.value?.sentence ?? '')
watch(sentence, (now) => now === '' && outbox.tryNow())
</script>

<template>
  <p v-if="sentence" role="alert" class="border-b border-broken bg-broken/10 px-5 py-2 font-semibold">
    {{ sentence }}
  </p>
</template>
