<script setup lang="ts">
import { formatPercent } from '@/core/basics/format/numbers';
import { scaleLinear } from 'd3-scale';
import { computed } from 'vue';
import type { ConstituentReading } from '@/core/results/scent/limits';

/** Each limited constituent as a bar against its limit, nearest first; the rest that a label declares below. */
const props = defineProps<{ constituents: readonly ConstituentReading[] }>();

const SHOWN = 6;
const x = scaleLinear([0, 1.25], [0, 100]).clamp(true);

const limited = computed(() =>
  props.constituents
    .flatMap(({ constituent, pctOfMix }) =>
      constituent.limitPct === null
        ? []
        : [{ ...constituent, pctOfMix, share: pctOfMix / constituent.limitPct }],
    )
    .sort((a, b) => b.share - a.share)
    .slice(0, SHOWN),
);
const unlimited = computed(() =>
  props.constituents.filter(({ constituent }) => constituent.limitPct === null),
);

function shown(pct: number): string {
  return formatPercent(Number(pct.toPrecision(2)));
}
</script>

<template>
  <div v-if="limited.length" class="bars">
    <h3>Scent constituents and their limits</h3>
    <ul class="plain-list">
      <li v-for="(entry, i) in limited" :key="entry.id">
        <span class="name"
          >{{ entry.name }} <b v-if="i === 0" class="binds">sets the limit</b></span
        >
        <span class="tabular quiet"
          >{{ shown(entry.pctOfMix) }} of {{ formatPercent(entry.limitPct ?? 0) }}</span
        >
        <svg viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true">
          <rect width="100" height="8" class="track" />
          <rect :width="x(entry.share)" height="8" :class="{ over: entry.share > 1 }" class="bar" />
          <path :d="`M${x(1)} 0v8`" class="limit" />
        </svg>
      </li>
    </ul>
    <p v-if="unlimited.length" class="quiet small">
      Without a limit:
      {{
        unlimited
          .map(({ constituent, pctOfMix }) => `${constituent.name} ${shown(pctOfMix)}`)
          .join(', ')
      }}.
    </p>
    <p class="quiet small">
      Rovack estimates of typical compositions, with cautious limits. Your supplier’s document
      decides.
    </p>
  </div>
</template>

<style scoped>
h3 {
  margin: 14px 0 4px;
  font: 700 var(--text-plain) var(--font-body);
}
li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 1px 8px;
  margin-bottom: 6px;
  font-size: var(--text-small);
}
svg {
  grid-column: 1 / -1;
  width: 100%;
  height: 8px;
}
.track {
  fill: var(--paper);
  stroke: var(--hairline);
}
.bar {
  fill: var(--verdigris-mid);
}
.bar.over {
  fill: var(--rust);
}
.limit {
  stroke: var(--ink);
  stroke-width: 2;
  vector-effect: non-scaling-stroke;
}
.binds {
  color: var(--ochre);
}
.small {
  margin: 4px 0;
  font-size: var(--text-small);
}
</style>
