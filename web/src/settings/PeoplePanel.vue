<script setup lang="ts">
import { answered, api } from '@/api/client'
import { useKeeping } from '@/saving'
import { usePeople } from '@/tonight'
import { day } from '@/ui/time'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'

const { data: people } = usePeople()
const client = useQueryClient()
const keeping = useKeeping()
const name = ref('')
const problem = ref('')
const opened = ref('')
const seen = useQuery({
  queryKey: computed(() => ['seen', opened.value]),
  queryFn: () => answered(api.GET('/api/audiences/{id}/seen', { params: { path: { id: opened.value } } })),
  enabled: computed(() => opened.value !== ''),
  staleTime: 0,
})

async function done(call: Promise<unknown>): Promise<void> {
  try {
    await call
    problem.value = ''
    await client.invalidateQueries({ queryKey: ['audiences'] })
  } catch (thrown) {
    problem.value = (thrown as Error).message
  }
}

async function add(): Promise<void> {
  const called = name.value.trim()
  if (called) {
    const people = crypto.randomUUID()
    if (await keeping.keep({ kind: 'people', people, audience: { name: called, note: '' } })) {
      name.value = ''
    }
    problem.value = keeping.problem.value
  }
}

function remove(id: string): void {
  void done(answered(api.DELETE('/api/audiences/{id}', { params: { path: { id } } })))
}
</script>

<template>
  <section :aria-label="$t('settings.peoplePanel.people')">
    <h2 class="text-2xl">{{ $t('settings.peoplePanel.people') }}</h2>
    <p class="mt-1 max-w-2xl text-soft">{{ $t('settings.peoplePanel.aTableAPartyA') }}</p>
    <ul class="mt-2">
      <li v-for="each in people ?? []" :key="each.id" class="border-t border-rule py-2" data-testid="people">
        <div class="flex flex-wrap items-center gap-3">
          <span class="text-lg font-semibold">{{ each.audience.name }}</span>
          <span class="text-soft">{{ each.audience.note }}</span>
          <span class="ml-auto flex gap-2">
            <button
              class="btn"
              :aria-expanded="opened === each.id"
              :aria-label="$t('settings.peoplePanel.whatHaveSeen', { name: each.audience.name })"
              @click="opened = opened === each.id ? '' : each.id"
            >
              {{ $t('settings.peoplePanel.whatTheyHaveSeen') }}
            </button>
            <button
              class="btn"
              :aria-label="$t('settings.peoplePanel.forget', { name: each.audience.name })"
              @click="remove(each.id)"
            >
              {{ $t('settings.peoplePanel.forget2') }}
            </button>
          </span>
        </div>
        <ul v-if="opened === each.id" class="mt-1 pl-4">
          <li v-for="(one, i) in seen.data.value ?? []" :key="i">
            {{ day(one.doneAt) }}: {{ one.title }}
            <span v-if="one.forced.length > 0" class="text-soft">{{
              $t('settings.peoplePanel.forced', { one: one.forced.join(' ') })
            }}</span>
          </li>
          <li v-if="seen.data.value?.length === 0" class="text-soft">
            {{ $t('settings.peoplePanel.nothingYet') }}
          </li>
        </ul>
      </li>
    </ul>
    <form class="mt-3 flex flex-wrap gap-2" @submit.prevent="add">
      <input
        v-model="name"
        class="field grow"
        maxlength="80"
        :aria-label="$t('settings.peoplePanel.nameOfThePeople')"
        :placeholder="$t('settings.peoplePanel.theCornerTable')"
      />
      <button class="btn">{{ $t('settings.peoplePanel.addPeople') }}</button>
    </form>
    <p v-if="problem" role="alert" class="mt-1 text-broken">{{ problem }}</p>
  </section>
</template>
