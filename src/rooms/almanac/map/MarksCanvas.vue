<script setup lang="ts">
import { onMounted, useTemplateRef, watch } from 'vue';
import { useDevicePixelRatio } from '@vueuse/core';
import { MARK_PATHS, type Geometry, type Mark } from './mapGeometry';

/** The marks of the map on a canvas, as ten thousand elements would stutter; those that are not looked for stand back. */
const props = defineProps<{
  marks: readonly Mark[];
  /** Ids of those that are looked for; null for all. */
  found: ReadonlySet<string> | null;
  geometry: Geometry;
  colorOf: (formulaId: string) => string;
}>();
const canvas = useTemplateRef('canvas');
const { pixelRatio } = useDevicePixelRatio();
const FAINT = 0.16;

function draw(): void {
  const element = canvas.value;
  const context = element?.getContext('2d');
  if (!element || !context) return;
  const { width, height, x, y } = props.geometry;
  element.width = Math.round(width * pixelRatio.value);
  element.height = Math.round(height * pixelRatio.value);
  const ink = getComputedStyle(element).color;
  const paths = {
    good: new Path2D(MARK_PATHS.good),
    faults: new Path2D(MARK_PATHS.faults),
    unfinished: new Path2D(MARK_PATHS.unfinished),
  };
  context.strokeStyle = ink;
  context.lineWidth = 1;
  const { found } = props;
  // Those that are looked for lie on top.
  for (const isLoud of [false, true]) {
    context.globalAlpha = isLoud ? 1 : FAINT;
    for (const mark of props.marks) {
      if ((found === null || found.has(mark.id)) !== isLoud) continue;
      context.setTransform(
        pixelRatio.value,
        0,
        0,
        pixelRatio.value,
        x(mark.humidityPct) * pixelRatio.value,
        y(mark.dampPct) * pixelRatio.value,
      );
      const path = paths[mark.outcome];
      if (mark.outcome !== 'unfinished') {
        context.fillStyle = props.colorOf(mark.formulaId);
        context.fill(path);
      }
      context.stroke(path);
    }
  }
  context.setTransform(1, 0, 0, 1, 0, 0);
}
onMounted(draw);
watch(() => [props.marks, props.found, props.geometry, props.colorOf, pixelRatio.value], draw, {
  flush: 'post',
});
</script>

<template>
  <canvas
    ref="canvas"
    aria-hidden="true"
    :style="{ width: `${geometry.width}px`, height: `${geometry.height}px` }"
  />
</template>

<style scoped>
canvas {
  position: absolute;
  inset: 0;
  color: var(--ink);
  pointer-events: none;
}
</style>
