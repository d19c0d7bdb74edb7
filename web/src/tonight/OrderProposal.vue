<script setup lang="ts">
import type { BetterOrder } from '@/api/client'
import { computed } from 'vue'

const props = defineProps<{ proposal: BetterOrder; titles: string[] }>()
defineEmits<{ take: [order: number[]]; leave: [] }>()

/** Whether it is as it was. */
const same = computed(
  () => props.proposal.leftOut.length === 0 && props.proposal.order.every((act, i) => act === i),
)
</script>

<template>
  <section
    class="mb-3 rounded-xl border-2 border-(--brass-line) bg-raised p-4"
    :aria-label="$t('tonight.orderProposal.aBetterOrder')"
    data-testid="better-order"
  >
    <p v-if="same" class="text-lg">{{ $t('tonight.orderProposal.thisIsTheBestOrder') }}</p>
    <template v-else>
      <h3 class="text-xl">{{ $t('tonight.orderProposal.aBetterOrder') }}</h3>
      <ol class="mt-2">
        <li v-for="(act, i) in proposal.order" :key="act" class="border-t border-rule py-1.5">
          <span class="font-semibold">{{ i + 1 }}. {{ titles[act] }}</span>
          <span class="block text-sm text-soft">{{ proposal.reasons[i]!.join(' ') }}</span>
        </li>
      </ol>
      <p v-if="proposal.leftOut.length > 0" class="mt-2">
        {{
          $t('tonight.orderProposal.leftOutAsTimeIs', {
            proposal: proposal.leftOut.map((act) => titles[act]).join(', '),
          })
        }}
      </p>
    </template>
    <div class="mt-3 flex gap-2">
      <button v-if="!same" class="btn-main" @click="$emit('take', proposal.order)">
        {{ $t('tonight.orderProposal.takeIt') }}
      </button>
      <button class="btn" @click="$emit('leave')">
        {{ same ? $t('tonight.orderProposal.good') : $t('tonight.orderProposal.leaveItAsItIs') }}
      </button>
    </div>
  </section>
</template>
