<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { onMounted, ref, useTemplateRef, watch } from 'vue';
import { drawSide } from '@/ui/film/drawSide';
import { drawTop } from '@/ui/film/drawTop';
import { lookOf } from '@/ui/film/lookOf';
import { saidOf } from './filmMessages';
import type { Film } from './useFilm';

/** One view of a film at a moment. It is drawn again when the moment, the water or its size changes. */
const props = defineProps<{
  film: Film;
  seconds: number;
  view: 'top' | 'side';
  /** What it shows, for who cannot see it. */
  label: string;
  /** Draw less of what is small: a slow device. */
  isSparse?: boolean;
}>();
const emit = defineEmits<{ refused: [] }>();

const canvas = useTemplateRef<HTMLCanvasElement>('canvas');
const { width, height } = useElementSize(canvas);
const isRefused = ref(false);
/** More dots than this to a px nobody sees. */
const MOST_DOTS = 2;
const SPARSE = 0.4;

function draw(): void {
  const of = canvas.value;
  const scene = props.film.scene.value;
  const moment = props.film.momentOf(props.seconds);
  if (!of || !scene || !moment || !(width.value > 0 && height.value > 0)) return;
  const context = of.getContext('2d');
  if (!context) {
    isRefused.value = true;
    emit('refused');
    return;
  }
  const dots = Math.min(MOST_DOTS, window.devicePixelRatio || 1);
  const [wide, high] = [Math.round(width.value * dots), Math.round(height.value * dots)];
  if (of.width !== wide || of.height !== high) [of.width, of.height] = [wide, high];
  context.setTransform(dots, 0, 0, dots, 0, 0);
  context.clearRect(0, 0, width.value, height.value);
  const look = {
    ...lookOf(of, props.isSparse ? SPARSE : 1),
    ...saidOf(scene.plan, moment, width.value),
  };
  const box = { x: 0, y: 0, width: width.value, height: height.value };
  if (props.view === 'side') drawSide(context, scene, moment, box, look);
  else drawTop(context, scene, moment, props.film.waterAt(props.seconds), box, look);
}
onMounted(draw);
watch(
  () => [
    props.seconds,
    props.film.scene.value,
    props.film.frames.value,
    props.isSparse,
    width.value,
    height.value,
  ],
  draw,
  { flush: 'post' },
);
defineExpose({ canvas });
</script>

<template>
  <canvas v-show="!isRefused" ref="canvas" role="img" :aria-label="label" :class="view" />
</template>

<style scoped>
canvas {
  display: block;
  width: 100%;
  contain: strict;
}
.top {
  height: clamp(200px, min(31vw, 100vh - 452px), 460px);
}
.side {
  height: 180px;
}
</style>
