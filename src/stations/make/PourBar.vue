<script setup lang="ts">
import { scaleLinear } from 'd3-scale';
import { computed } from 'vue';
import type { Against } from '@/core/work/weighing/tolerance';

/** What is on the scale, drawn against its target and its tolerance. */
const props = defineProps<{
  massG: number;
  targetG: number;
  toleranceG: number;
  against: Against;
}>();
const BEYOND = 1.33;
const x = computed(() => scaleLinear([0, props.targetG * BEYOND], [0, 100]).clamp(true));
</script>

<template>
  <div class="bar" aria-hidden="true">
    <span class="fill" :class="against" :style="{ width: `${x(Math.max(0, massG))}%` }" />
    <span
      class="band"
      :style="{
        left: `${x(targetG - toleranceG)}%`,
        width: `${x(targetG + toleranceG) - x(targetG - toleranceG)}%`,
      }"
    />
    <span class="aim" :style="{ left: `${x(targetG)}%` }" />
  </div>
</template>

<style scoped>
.bar {
  position: relative;
  height: clamp(40px, 8vh, 62px);
  margin-top: 16px;
  border: 2px solid #8f9f98;
}
.bar span {
  position: absolute;
  top: 0;
  bottom: 0;
}
.fill {
  left: 0;
  background: #70c2ad;
}
.fill.over {
  background: #d9673f;
}
.bar .band {
  top: -10px;
  bottom: -10px;
  min-width: 6px;
  background: #f4f1e8;
  opacity: 0.3;
}
.bar .aim {
  top: -16px;
  bottom: -16px;
  width: 4px;
  margin-left: -2px;
  background: #f4f1e8;
}
</style>
