<script setup lang="ts">
import { weekdayTime } from '@/core/basics/format/dates';
import type { ScaleLinear } from 'd3-scale';
import type { Bar } from '@/stores/calendar';
import { LIGHT } from '@/ui/palette';
import { sayBar } from './calendarMessages';
import type { InLane } from './lanes';
import { useBarColor } from './useBarColor';

/** What lies in the loft: full while it is surely damp, pale from the early to the careful end of its band. */
const props = defineProps<{
  lanes: readonly InLane[];
  x: ScaleLinear<number, number>;
  toMs: number;
  laneHeight: number;
}>();
const colorOf = useBarColor();

/** A name on a bar that is narrower runs over its end. */
const LEAST_LABEL_PX = 80;
const LEAST_PX = 6;
const left = (bar: Bar) => props.x(bar.startMs);
const right = (ms: number, bar: Bar) =>
  Math.max(LEAST_PX, props.x(Math.min(ms, props.toMs)) - left(bar));
const whole = (bar: Bar) => right(bar.endMs, bar);
const sure = (bar: Bar) =>
  bar.dryMs ? Math.min(whole(bar), right(Math.max(bar.dryMs.low, bar.startMs), bar)) : whole(bar);
const saySpan = (bar: Bar) =>
  bar.dryMs
    ? `${sayBar(bar)}, dry between ${weekdayTime(bar.dryMs.low)} and ${weekdayTime(bar.dryMs.high)}`
    : sayBar(bar);
</script>

<template>
  <g>
    <text x="0" y="18" class="name">Drying</text>
    <g
      v-for="{ bar, lane } in lanes"
      :key="bar.job + bar.step"
      :transform="`translate(${left(bar)} ${5 + lane * laneHeight})`"
    >
      <title>{{ saySpan(bar) }}</title>
      <rect
        :width="whole(bar)"
        :height="laneHeight - 3"
        :fill="colorOf(bar.formulaId)"
        class="maybe"
      />
      <rect :width="sure(bar)" :height="laneHeight - 3" :fill="colorOf(bar.formulaId)" />
      <line
        v-if="bar.dryMs && sure(bar) < whole(bar)"
        :x1="right(bar.dryMs.best, bar)"
        :x2="right(bar.dryMs.best, bar)"
        y1="0"
        :y2="laneHeight - 3"
        class="best"
      />
      <rect
        :width="whole(bar)"
        :height="laneHeight - 3"
        class="edge"
        :class="{ late: bar.isLate }"
      />
      <text
        v-if="whole(bar) > LEAST_LABEL_PX"
        x="4"
        y="10"
        class="lane"
        :style="{ fill: LIGHT.ink }"
      >
        {{ bar.name }}
      </text>
    </g>
  </g>
</template>

<style scoped>
.name {
  fill: var(--ink);
  font-size: var(--text-body);
  font-weight: 700;
}
.maybe {
  opacity: 0.7;
}
.best {
  stroke: var(--ink);
  stroke-dasharray: 2 2;
}
.edge {
  fill: none;
  stroke: var(--ink);
}
.edge.late {
  stroke: var(--rust);
  stroke-width: 3;
}
.lane {
  font-size: var(--text-small);
  pointer-events: none;
}
</style>
