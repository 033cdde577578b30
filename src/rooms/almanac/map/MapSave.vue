<script setup lang="ts">
import { ref } from 'vue';
import { reasonOf } from '@/core/basics/format/reason';
import { today } from '@/stores/now';
import { download, saveBlob } from '@/ui/frame/download';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import type { Geometry } from './mapGeometry';
import { pngOf } from './mapSvg';

/** The map as a picture of one's own. */
const props = defineProps<{ picture: () => string; geometry: Geometry }>();

const problem = ref('');
const saveSvg = () =>
  download(`rovack-weather-map-${today()}.svg`, 'image/svg+xml', props.picture());
async function savePng(): Promise<void> {
  problem.value = '';
  try {
    const { width, height } = props.geometry;
    saveBlob(`rovack-weather-map-${today()}.png`, await pngOf(props.picture(), width, height));
  } catch (error) {
    problem.value = `Couldn’t draw the picture (${reasonOf(error)}). Save it as SVG.`;
  }
}
</script>

<template>
  <div class="acts no-print">
    <v-btn size="small" @click="saveSvg">Save as SVG</v-btn>
    <v-btn size="small" @click="savePng">Save as PNG</v-btn>
  </div>
  <ProblemLine :problem="problem" />
</template>

<style scoped>
.acts {
  display: flex;
  gap: 8px;
  margin-top: 8px;
}
</style>
