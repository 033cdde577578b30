<script setup lang="ts">
import { ref, useTemplateRef } from 'vue';
import { colorByCard, type Rgb } from '@/core/batches/trials/waterColor';
import FileButton from '@/ui/kit/FileButton.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';

/** A color out of a photo with a white card in it: first the card is tapped, then the thing. */
defineProps<{
  /** What is in the photo: `water`, `piece`. */
  thing: string;
}>();
const emit = defineEmits<{ color: [hex: string] }>();
const canvas = useTemplateRef<HTMLCanvasElement>('canvas');
const hasPhoto = ref(false);
const white = ref<Rgb | null>(null);
const problem = ref('');

const PROBLEMS = {
  'no-white': 'That is not a white card. Tap the card, or take a photo with one.',
  'too-dark': 'That is too dark for a white card. Use more light, or tap the card.',
  'too-bright': 'The card is too bright. Take a darker photo.',
} as const;
/** Light is taken from a small patch, so that one pixel's noise does not decide. */
const PATCH = 7;
const MOST_PX = 320;

async function take([file]: readonly File[]): Promise<void> {
  const to = canvas.value;
  if (!file || !to) return;
  problem.value = '';
  white.value = null;
  try {
    const image = await createImageBitmap(file);
    const by = Math.min(1, MOST_PX / Math.max(image.width, image.height));
    to.width = Math.max(1, Math.round(image.width * by));
    to.height = Math.max(1, Math.round(image.height * by));
    to.getContext('2d')?.drawImage(image, 0, 0, to.width, to.height);
    image.close();
    hasPhoto.value = true;
  } catch {
    problem.value = `Couldn’t read “${file.name}” as a picture. Choose another one.`;
  }
}

function lightAt(event: MouseEvent): Rgb | null {
  const of = canvas.value;
  const box = of?.getBoundingClientRect();
  const context = of?.getContext('2d');
  if (!of || !box || !context) return null;
  const x = ((event.clientX - box.left) / box.width) * of.width - PATCH / 2;
  const y = ((event.clientY - box.top) / box.height) * of.height - PATCH / 2;
  const { data } = context.getImageData(x, y, PATCH, PATCH);
  const mean = (channel: number) =>
    data.reduce((sum, value, i) => (i % 4 === channel ? sum + value : sum), 0) / (PATCH * PATCH);
  return { r: mean(0), g: mean(1), b: mean(2) };
}

/** First the card, then the thing. */
function tap(event: MouseEvent): void {
  const light = lightAt(event);
  if (!light) return;
  const result = colorByCard(white.value ?? light, light);
  problem.value = result.ok ? '' : PROBLEMS[result.problem];
  if (!result.ok) return;
  if (!white.value) {
    white.value = light;
    return;
  }
  emit('color', result.value);
  hasPhoto.value = false;
}
</script>

<template>
  <FileButton
    :label="`Photo of the ${thing} with a white card`"
    accept="image/*"
    is-camera
    @files="take"
    >Use a photo with a white card</FileButton
  >
  <p v-if="hasPhoto" class="quiet">
    {{ white ? `Now tap the ${thing}.` : 'Tap the white card.' }}
  </p>
  <canvas v-show="hasPhoto" ref="canvas" @click="tap" />
  <ProblemLine :problem="problem" />
</template>

<style scoped>
.quiet {
  color: var(--mid);
  font-size: var(--text-small);
}
canvas {
  max-width: 100%;
  border: 1px solid var(--ink);
  cursor: crosshair;
}
</style>
