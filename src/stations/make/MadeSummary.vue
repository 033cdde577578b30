<script setup lang="ts">
import { computed } from 'vue';
import { countOf, weighedTotalG, type Batch } from '@/core/records';
import { formatGrams } from '@/ui/format';

const props = defineProps<{ batch: Batch }>();
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
    <v-btn variant="flat" :to="{ name: 'batch', params: { batchId: batch.id } }"
      >Open the record of {{ batch.code }}</v-btn
    >
  </section>
</template>

<style scoped>
.made {
  padding: 28px 24px 0;
  font-size: 16px;
}
.figure {
  font-size: 24px;
}
</style>
