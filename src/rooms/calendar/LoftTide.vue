<script setup lang="ts">
import { counted } from '@/core/basics/format/numbers';
import { scaleLinear, type ScaleLinear } from 'd3-scale';
import { area, curveStepAfter } from 'd3-shape';
import { computed } from 'vue';
import { useCalendarStore } from '@/stores/calendar';
import { usePlanInputsStore } from '@/stores/planInputs';

/** How full the loft is over the days, with the line where it is full. */
const props = defineProps<{
  x: ScaleLinear<number, number>;
  toMs: number;
  width: number;
  height: number;
}>();
const calendar = useCalendarStore();
const planInputs = usePlanInputsStore();
const left = computed(() => props.x.range()[0] ?? 0);

/** Places taken from moment to moment. */
const tide = computed(() => {
  const points = new Map<number, number>([[planInputs.startMs, 0]]);
  for (const { places, startMs, endMs } of calendar.bars) {
    if (places === 0) continue;
    points.set(startMs, (points.get(startMs) ?? 0) + places);
    points.set(endMs, (points.get(endMs) ?? 0) - places);
  }
  let level = 0;
  return [...points]
    .sort(([a], [b]) => a - b)
    .map(([at, change]) => ({ at, level: (level += change) }));
});
const high = computed(() =>
  Math.max(planInputs.loftPlaces, ...tide.value.map(({ level }) => level)),
);
const y = computed(() =>
  scaleLinear()
    .domain([0, high.value * 1.06])
    .range([props.height, 6]),
);
const tidePath = computed(
  () =>
    area<{ at: number; level: number }>()
      .x(({ at }) => props.x(Math.min(at, props.toMs)))
      .y0(props.height)
      .y1(({ level }) => y.value(level))
      .curve(curveStepAfter)([
      ...tide.value,
      { at: props.toMs, level: tide.value.at(-1)?.level ?? 0 },
    ]) ?? '',
);
</script>

<template>
  <g>
    <text x="0" y="20" class="name">Drying room</text>
    <text x="0" y="38" class="quiet">{{ counted(planInputs.loftPlaces, 'place') }}</text>
    <path :d="tidePath" class="water" />
    <line
      :x1="left"
      :x2="width"
      :y1="y(planInputs.loftPlaces)"
      :y2="y(planInputs.loftPlaces)"
      class="full"
    />
    <text :x="width - 10" :y="y(planInputs.loftPlaces) - 3" text-anchor="end" class="fullword">
      full
    </text>
    <line :x1="left" :x2="width" :y1="height" :y2="height" class="ground" />
  </g>
</template>

<style scoped>
text {
  fill: var(--ink);
  font-size: var(--text-small);
}
.name {
  font-size: var(--text-body);
  font-weight: 700;
}
text.quiet {
  fill: var(--mid);
}
.ground {
  stroke: var(--ink);
}
.water {
  fill: var(--verdigris);
  opacity: 0.28;
}
.full {
  stroke: var(--rust);
  stroke-dasharray: 5 4;
}
text.fullword {
  fill: var(--rust);
}
</style>
