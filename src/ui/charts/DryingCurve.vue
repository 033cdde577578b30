<script setup lang="ts">
import { HOUR_MS } from '@/core/basics/time';
import { formatMinutes } from '@/core/basics/format/durations';
import { formatPercentRange } from '@/core/basics/format/numbers';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { computed } from 'vue';
import { dryCurve, type DryPoint, type TrayForecast } from '@/core/batches/trays/trayForecast';

/** Share dry over the hours with its band, the marked piece's weighings on it, and where it is now. */
const props = defineProps<{ forecast: TrayForecast }>();

const WIDTH = 288;
const HEIGHT = 226;
const LEFT = 34;
const BOTTOM = 24;
const TOP = 14;

const toHours = computed(() => {
  const { forecast } = props;
  const dryH = forecast.dryAtMs ? (forecast.dryAtMs.high - forecast.startMs) / HOUR_MS : 48;
  const most = Math.max(
    12,
    Math.min(dryH * 1.15, 240),
    ...forecast.weighings.map(({ hours }) => hours),
  );
  return Math.ceil(most / 6) * 6;
});
const points = computed(() => dryCurve(props.forecast, toHours.value));
const x = computed(() => scaleLinear([0, toHours.value], [LEFT, WIDTH - 6]));
const y = scaleLinear([0, 1], [HEIGHT - BOTTOM, TOP]);
const band = computed(
  () =>
    area<DryPoint>()
      .x(({ hours }) => x.value(hours))
      .y0(({ dry }) => y(dry.low))
      .y1(({ dry }) => y(dry.high))(points.value.slice()) ?? '',
);
const best = computed(
  () =>
    line<DryPoint>()
      .x(({ hours }) => x.value(hours))
      .y(({ dry }) => y(dry.best))(points.value.slice()) ?? '',
);
const ticks = computed(() => x.value.ticks(4));
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    :aria-label="`Drying: ${formatPercentRange(forecast.dry.low * 100, forecast.dry.high * 100)} dry after ${formatMinutes(forecast.hours * 60)}`"
  >
    <path :d="band" class="band" />
    <line :x1="LEFT" :x2="WIDTH - 6" :y1="y(0.95)" :y2="y(0.95)" class="goal" />
    <text :x="WIDTH - 6" :y="y(0.95) + 13" class="end">95% dry</text>
    <line
      v-if="forecast.hours <= toHours"
      :x1="x(forecast.hours)"
      :x2="x(forecast.hours)"
      :y1="TOP"
      :y2="HEIGHT - BOTTOM"
      class="now"
    />
    <path :d="best" class="best" />
    <template v-for="(one, i) in forecast.weighings" :key="i">
      <circle
        v-if="one.dry !== null && one.hours <= toHours"
        :cx="x(one.hours)"
        :cy="y(one.dry)"
        r="4.5"
        class="weighed"
      />
    </template>
    <path :d="`M${LEFT} ${TOP}V${HEIGHT - BOTTOM}H${WIDTH - 6}`" class="axis" />
    <text v-for="share in [0, 0.5, 1]" :key="share" :x="LEFT - 5" :y="y(share) + 4" class="end">
      {{ share * 100 }}
    </text>
    <text
      v-for="tick in ticks"
      :key="tick"
      :x="x(tick)"
      :y="HEIGHT - 6"
      :class="x(tick) > WIDTH - 20 ? 'end' : 'middle'"
    >
      {{ tick }} h
    </text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 420px;
}
.band {
  fill: var(--verdigris-soft);
}
.best {
  fill: none;
  stroke: var(--verdigris);
  stroke-width: 2.4;
}
.goal {
  stroke: var(--mid);
  stroke-dasharray: 4 4;
}
.now {
  stroke: var(--ochre-mark);
  stroke-width: 1.5;
}
.axis {
  fill: none;
  stroke: var(--mid);
  stroke-width: 1.4;
}
.weighed {
  fill: var(--ink);
  stroke: var(--paper);
  stroke-width: 1.5;
}
text {
  fill: var(--mid);
  font-size: var(--text-small);
}
.end {
  text-anchor: end;
}
.middle {
  text-anchor: middle;
}
</style>
