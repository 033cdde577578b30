<script setup lang="ts">
import FileButton from '@/ui/kit/FileButton.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { computed, ref, useTemplateRef } from 'vue';
import { colorByCard, stripAround, type Rgb } from '@/core/batches/trials/waterColor';
import { standingIn } from '@/core/batches/trials/write';
import type { Trial } from '@/core/batches/trials/schema';
import { useTrialsStore } from '@/stores/trials';

/** The color of the water: by eye beside a strip, or out of a photo with a white card in it. */
const props = defineProps<{ trial: Trial; forecastHex: string }>();
const trialStore = useTrialsStore();
const canvas = useTemplateRef<HTMLCanvasElement>('canvas');

const seen = computed(() => standingIn(props.trial, 'color').at(-1) ?? null);
const strip = computed(() => stripAround(props.forecastHex));
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

/** First the card, then the water. */
function tap(event: MouseEvent): void {
  const light = lightAt(event);
  if (!light) return;
  if (!white.value) {
    const result = colorByCard(light, light);
    problem.value = result.ok ? '' : PROBLEMS[result.problem];
    if (result.ok) white.value = light;
    return;
  }
  const result = colorByCard(white.value, light);
  problem.value = result.ok ? '' : PROBLEMS[result.problem];
  if (!result.ok) return;
  trialStore.write({ kind: 'color', hex: result.hex, by: 'photo' });
  hasPhoto.value = false;
}
</script>

<template>
  <section aria-label="Color of the water">
    <div class="pair">
      <figure>
        <i
          :style="{ background: forecastHex }"
          role="img"
          :aria-label="`Forecast ${forecastHex}`"
        />
        <figcaption>forecast</figcaption>
      </figure>
      <figure v-if="seen">
        <i :style="{ background: seen.hex }" role="img" :aria-label="`Seen ${seen.hex}`" />
        <figcaption>{{ seen.by === 'eye' ? 'by eye' : 'by photo' }}</figcaption>
      </figure>
    </div>
    <div class="strip" role="group" aria-label="Which color is nearest to the water?">
      <button
        v-for="(hex, i) in strip"
        :key="`${i}${hex}`"
        type="button"
        :style="{ background: hex }"
        :aria-label="`Nearest: ${hex}`"
        :aria-pressed="seen?.hex === hex"
        @click="trialStore.write({ kind: 'color', hex, by: 'eye' })"
      />
    </div>
    <FileButton
      label="Photo of the water with a white card"
      accept="image/*"
      is-camera
      @files="take"
      >Use a photo with a white card</FileButton
    >
    <p v-if="hasPhoto" class="quiet">
      {{ white ? 'Now tap the water.' : 'Tap the white card.' }}
    </p>
    <canvas v-show="hasPhoto" ref="canvas" @click="tap" />
    <ProblemLine :problem="problem" />
  </section>
</template>

<style scoped>
.pair {
  display: flex;
  gap: 12px;
}
figure {
  flex: 1;
  margin: 0;
}
i {
  display: block;
  height: 52px;
  border: 1px solid var(--ink);
}
figcaption,
.quiet {
  color: var(--mid);
  font-size: var(--text-small);
}
.strip {
  display: flex;
  gap: 3px;
  margin: 8px 0;
}
.strip button {
  flex: 1;
  height: 44px;
  border: 1px solid var(--mid);
  cursor: pointer;
}
.strip button[aria-pressed='true'] {
  border: 3px solid var(--ink);
}
canvas {
  max-width: 100%;
  border: 1px solid var(--ink);
  cursor: crosshair;
}
</style>
