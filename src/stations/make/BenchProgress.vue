<script setup lang="ts">
import { computed } from 'vue';
import { lanesOf, meanwhile } from '@/core/work/bench-steps/lanes';
import { benchSteps } from '@/core/batches/records/batch';
import type { Batch } from '@/core/batches/records/schema';

const props = defineProps<{ batch: Batch }>();

const LANE_PX = 7;
const MOST_PX = 60;
const steps = computed(() => benchSteps(props.batch));
const lanes = computed(() => lanesOf(steps.value));
const heightPx = computed(() =>
  Math.min(MOST_PX, Math.max(26, lanes.value.names.length * LANE_PX)),
);
const laneAt = computed(() => lanes.value.steps[props.batch.currentStep]);
const here = computed(() => (laneAt.value ? lanes.value.names[laneAt.value.lane] : undefined));
const beside = computed(() => meanwhile(steps.value, props.batch.currentStep));

function stateOf(index: number): 'done' | 'now' | 'ahead' {
  if (index === props.batch.currentStep) return 'now';
  return index < props.batch.currentStep ? 'done' : 'ahead';
}
const laneHeight = computed(() => heightPx.value / lanes.value.names.length);
/** Where the work runs from one vessel into the next. */
const joins = computed(() =>
  lanes.value.steps.slice(1).flatMap((step, i) => {
    const before = lanes.value.steps[i];
    return before && before.lane !== step.lane ? [{ id: step.id, from: before, to: step }] : [];
  }),
);
const middle = (lane: number) => (lane + 0.5) * laneHeight.value;
</script>

<template>
  <div
    class="flow"
    role="progressbar"
    aria-label="Steps of this batch"
    :aria-valuenow="batch.currentStep"
    aria-valuemin="0"
    :aria-valuemax="steps.length"
    :aria-valuetext="
      [`Step ${batch.currentStep + 1} of ${steps.length}`, ...(here ? [here] : [])].join(', ')
    "
  >
    <svg
      :viewBox="`0 0 1000 ${heightPx}`"
      :height="heightPx"
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      <line
        v-for="join in joins"
        :key="join.id"
        :x1="1000 * join.to.from"
        :x2="1000 * join.to.from"
        :y1="middle(join.from.lane)"
        :y2="middle(join.to.lane)"
        class="join"
      />
      <rect
        v-for="(step, index) in lanes.steps"
        :key="step.id"
        :x="1000 * step.from + 1"
        :width="Math.max(2, 1000 * step.width - 2)"
        :y="step.lane * laneHeight + 1"
        :height="laneHeight - 2"
        :class="stateOf(index)"
      />
    </svg>
  </div>
  <p v-if="beside.length" class="beside" role="note">
    Meanwhile:
    {{
      beside
        .map(({ kind, title, note }) => (kind === 'weigh' ? `${title} ${note}` : title))
        .join(' · ')
    }}
  </p>
</template>

<style scoped>
.flow svg {
  display: block;
  width: 100%;
}
rect {
  stroke: #8f9f98;
  stroke-width: 1;
  fill: none;
  vector-effect: non-scaling-stroke;
}
rect.done {
  stroke: #70c2ad;
  fill: #70c2ad;
}
rect.now {
  stroke: #f4f1e8;
  fill: #f4f1e8;
}
.join {
  stroke: #55645f;
  stroke-width: 1;
  vector-effect: non-scaling-stroke;
}
.beside {
  margin: 8px 0 0;
  color: #c8d2cc;
  font-size: var(--text-lead);
}
</style>
