<script setup lang="ts">
import { HOUR_MS } from '@/core/basics/time';
import { formatCount } from '@/core/basics/format/numbers';
import type { ScaleLinear } from 'd3-scale';
import { computed } from 'vue';
import { useCalendarStore } from '@/stores/calendar';
import { usePlanInputsStore } from '@/stores/planInputs';
import { saySlack } from './calendarMessages';

/** What is wanted when, and the time to spare. */
const props = defineProps<{
  x: ScaleLinear<number, number>;
  fromMs: number;
  toMs: number;
  width: number;
  rowHeight: number;
}>();
const calendar = useCalendarStore();
const planInputs = usePlanInputsStore();
const CLOSE_MS = 6 * HOUR_MS;

const dues = computed(() =>
  planInputs.cover.orders
    .map(({ order, lines }) => {
      const dueMs = Date.parse(order.due);
      const ready = calendar.readyMs(order.id);
      const slackMs = ready === null ? null : dueMs - ready;
      const units = lines.reduce((sum, line) => sum + line.wanted - line.given, 0);
      return { id: order.id, who: order.who, units, dueMs, slackMs };
    })
    .filter(({ dueMs }) => dueMs >= props.fromMs && dueMs < props.toMs)
    .sort((a, b) => a.dueMs - b.dueMs),
);
</script>

<template>
  <g>
    <text x="0" y="14" class="name">Due</text>
    <g v-for="(due, i) in dues" :key="due.id">
      <path
        :d="`M${x(due.dueMs)} ${i * rowHeight + 3}l7 7l-7 7l-7-7z`"
        class="due"
        :class="{
          late: (due.slackMs ?? 0) < 0,
          close: due.slackMs !== null && due.slackMs >= 0 && due.slackMs < CLOSE_MS,
        }"
      />
      <text
        :x="x(due.dueMs) + (x(due.dueMs) > width / 2 ? -12 : 12)"
        :y="i * rowHeight + 15"
        :text-anchor="x(due.dueMs) > width / 2 ? 'end' : 'start'"
        class="dueword"
        :class="{ late: (due.slackMs ?? 0) < 0 }"
      >
        {{ due.who }}, {{ formatCount(due.units) }} ·
        {{ due.slackMs === null ? 'ready' : saySlack(due.slackMs) }}
      </text>
    </g>
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
.due {
  fill: var(--verdigris);
}
.due.close {
  fill: var(--ochre-mark);
}
.due.late,
.dueword.late {
  fill: var(--rust);
}
.dueword.late {
  font-weight: 700;
}
</style>
