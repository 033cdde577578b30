<script setup lang="ts">
import { computed } from 'vue';
import { countOf, weighedTotalG } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { formatGrams } from '@/core/basics/format/numbers';
import { inSentence } from '@/core/basics/format/names';

const props = defineProps<{ batch: Batch }>();
/** What waits for the days after. */
const later = computed(() =>
  props.batch.outcome === 'made'
    ? props.batch.steps.flatMap((step) => (step.kind === 'later' ? [inSentence(step.title)] : []))
    : [],
);
const count = computed(() => countOf(props.batch));
</script>

<template>
  <section class="made">
    <h2>{{ batch.outcome === 'made' ? 'Made' : 'Given up' }}</h2>
    <p>
      <template v-if="count"
        ><b class="figure">{{ count.pieces }}</b> pieces{{
          count.rejects ? `, ${count.rejects} gone wrong` : ''
        }},
      </template>
      <b class="figure">{{ formatGrams(weighedTotalG(batch)) }} g</b> weighed.
    </p>
    <p v-if="later.length">
      On the trays it asks for: {{ later.join(', ') }}.
      <router-link :to="{ name: 'dry' }">To the trays</router-link>
    </p>
    <v-btn variant="flat" :to="{ name: 'batch', params: { batchId: batch.id } }"
      >Open the record of {{ batch.code }}</v-btn
    >
  </section>
</template>

<style scoped>
.made {
  padding: 28px 24px 0;
  font-size: var(--text-lead);
}
.made a {
  color: var(--verdigris);
}
.figure {
  font-size: var(--text-headline);
}
</style>
