<script setup lang="ts">
import { toBatch } from '@/shared/addresses';
import { computed } from 'vue';
import { countOf, weighedTotalG } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { counted } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';

const props = defineProps<{ batch: Batch }>();
/** What waits for the days after. */
const later = computed(() =>
  props.batch.outcome === 'made'
    ? props.batch.steps.flatMap((step) => (step.kind === 'later' ? [step.title] : []))
    : [],
);
const count = computed(() => countOf(props.batch));
</script>

<template>
  <section class="made">
    <h2>{{ batch.outcome === 'made' ? 'Made' : 'Abandoned' }}</h2>
    <p>
      <template v-if="count"
        ><b class="figure">{{ counted(count.pieces, 'piece') }}</b
        >,
        <template v-if="count.rejects">{{ counted(count.rejects, 'reject') }}, </template>
      </template>
      <b class="figure">{{ formatMass(weighedTotalG(batch)) }}</b> weighed.
    </p>
    <p v-if="later.length">
      Next on the trays: {{ later.join(', ') }}.
      <router-link :to="{ name: 'dry' }">Open Dry</router-link>
    </p>
    <v-btn variant="flat" :to="toBatch(batch.code)">Open the record of {{ batch.code }}</v-btn>
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
