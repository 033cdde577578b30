<script setup lang="ts">
import { computed } from 'vue';
import PhotoColor from '@/shared/PhotoColor.vue';
import { stripAround } from '@/core/batches/trials/waterColor';
import { standingIn } from '@/core/batches/trials/write';
import type { Trial } from '@/core/batches/trials/schema';
import { useTrialsStore } from '@/stores/trials';

/** The color of the water: by eye beside a strip, or out of a photo with a white card in it. */
const props = defineProps<{ trial: Trial; forecastHex: string }>();
const trialStore = useTrialsStore();

const seen = computed(() => standingIn(props.trial, 'color').at(-1) ?? null);
const strip = computed(() => stripAround(props.forecastHex));
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
    <PhotoColor
      thing="water"
      @color="(hex) => trialStore.write({ kind: 'color', hex, by: 'photo' })"
    />
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
figcaption {
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
</style>
