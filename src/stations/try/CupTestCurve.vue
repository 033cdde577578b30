<script setup lang="ts">
import { computed } from 'vue';
import type { CupTestAnswer } from '@/core/batches/trials/cup-test/answer';
import { formatFixed, formatPercent } from '@/core/basics/format/numbers';
import BandChart from '@/ui/charts/BandChart.vue';

/** The answer along what is varied, with its band, and each cup as it was seen. */
const props = defineProps<{ answer: CupTestAnswer; xTitle: string; yTitle: string }>();

const points = computed(() =>
  props.answer.curve.map(({ pct, ...spread }) => ({ at: pct, ...spread })),
);
const ends = computed(() => [props.answer.curve[0], props.answer.curve.at(-1)] as const);
const most = computed(
  () =>
    1.05 *
    Math.max(
      ...props.answer.curve.map(({ high }) => high),
      ...props.answer.points.map(({ value }) => value),
    ),
);
const label = computed(() => {
  const [first, last] = ends.value;
  return first && last
    ? `${props.yTitle} from ${formatFixed(first.best, 0)} at ${formatPercent(first.pct, 1)} to ${formatFixed(last.best, 0)} at ${formatPercent(last.pct, 1)} ${props.xTitle}`
    : props.yTitle;
});
</script>

<template>
  <BandChart
    v-slot="{ x, y }"
    :points="points"
    :label="label"
    :from="ends[0]?.pct ?? 0"
    :to="ends[1]?.pct ?? 1"
    :most="most"
    :x-title="`% ${xTitle}`"
    :y-title="yTitle"
  >
    <circle
      v-for="(cup, i) in answer.points"
      :key="i"
      :cx="x(cup.pct)"
      :cy="y(cup.value)"
      r="5"
      class="dot"
    />
  </BandChart>
</template>

<style scoped>
.dot {
  fill: var(--ink);
}
</style>
