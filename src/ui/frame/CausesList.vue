<script setup lang="ts">
import type { RankedCause } from '@/core/batches/faults/rankCauses';
import { counted, formatPercent } from '@/core/basics/format/numbers';

/** Likely causes, most likely first, each with what this batch itself says for and against it. */
defineProps<{ causes: readonly RankedCause[] }>();
const MOST_SHOWN = 4;
</script>

<template>
  <ol class="plain-list causes">
    <li
      v-for="cause in causes.slice(0, MOST_SHOWN)"
      :key="cause.id"
      :class="cause.sureness.replace(' ', '-')"
    >
      <p class="head">
        <b>{{ cause.title }}</b>
        <span class="quiet">{{ cause.sureness }}, {{ formatPercent(cause.share * 100, 0) }}</span>
      </p>
      <span class="bar" aria-hidden="true"><i :style="{ width: `${cause.share * 100}%` }" /></span>
      <p v-if="cause.speaksFor.length">For: {{ cause.speaksFor.join(' ') }}</p>
      <p v-else class="quiet">Nothing in this batch points to it.</p>
      <p v-if="cause.speaksAgainst.length" class="quiet">
        Against: {{ cause.speaksAgainst.join(' ') }}
      </p>
      <p class="change">Next time: {{ cause.change }}</p>
    </li>
  </ol>
  <p v-if="causes.length > MOST_SHOWN" class="quiet">
    {{ counted(causes.length - MOST_SHOWN, 'less likely cause') }} not shown.
  </p>
</template>

<style scoped>
li {
  padding: 10px 0 12px;
  border-bottom: 1px solid var(--hairline);
  font-size: var(--text-body);
}
p {
  margin: 2px 0;
}
.head {
  display: flex;
  justify-content: space-between;
  gap: 12px;
}
.bar {
  display: block;
  height: 5px;
  margin: 4px 0 6px;
  background: var(--hairline);
}
.bar i {
  display: block;
  height: 100%;
  background: var(--mid);
}
.likely .bar i {
  background: var(--verdigris);
}
.change {
  font-weight: 650;
}
</style>
