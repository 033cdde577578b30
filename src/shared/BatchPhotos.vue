<script setup lang="ts">
import FileButton from '@/ui/kit/FileButton.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { computed, ref, watch } from 'vue';
import { newId } from '@/core/basics/newId';
import { PHOTOS_A_BATCH } from '@/core/batches/records/photoSize';
import type { Batch } from '@/core/batches/records/schema';
import { nowIso } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import { shortTime } from '@/core/basics/format/dates';
import { smallPhoto } from '@/ui/pictures/photo';

/** Photos of a batch, from the camera or a file; kept in this browser and in exported files. */
const props = defineProps<{
  batch: Batch;
  /** Of this trial alone. */
  trialId?: string;
}>();
const workshop = useWorkshopStore();
const problem = ref('');

watch(
  () => props.batch.id,
  (id) => void workshop.loadPhotos(id),
  { immediate: true },
);
const photos = computed(() =>
  workshop.records.photos.filter(
    ({ batchId, trialId }) =>
      batchId === props.batch.id && (props.trialId === undefined || trialId === props.trialId),
  ),
);
const isFull = computed(() => photos.value.length >= PHOTOS_A_BATCH);

async function take([file]: readonly File[]): Promise<void> {
  if (!file) return;
  const result = await smallPhoto(file);
  problem.value = result.ok ? '' : result.problem;
  if (result.ok)
    workshop.put('photos', [
      {
        id: newId(),
        origin: 'own',
        batchId: props.batch.id,
        ...(props.trialId !== undefined && { trialId: props.trialId }),
        takenAt: nowIso(),
        dataUrl: result.value,
        note: '',
      },
    ]);
}
</script>

<template>
  <div class="photos">
    <figure v-for="photo in photos" :key="photo.id">
      <img :src="photo.dataUrl" :alt="`Photo of ${batch.code}, ${shortTime(photo.takenAt)}`" />
      <figcaption>
        {{ shortTime(photo.takenAt) }}
        <button
          type="button"
          class="no-print"
          :aria-label="`Remove the photo of ${shortTime(photo.takenAt)}`"
          @click="workshop.remove('photos', [photo.id])"
        >
          Remove
        </button>
      </figcaption>
    </figure>
    <FileButton
      v-if="!isFull"
      label="Photo of the pieces"
      accept="image/*"
      is-camera
      class="no-print"
      @files="take"
      >Add a photo</FileButton
    >
    <p v-else class="quiet no-print">
      A batch keeps up to {{ PHOTOS_A_BATCH }} photos. Remove one to add another.
    </p>
    <ProblemLine :problem="problem" />
  </div>
</template>

<style scoped>
.photos {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
  margin-top: 10px;
}
figure {
  margin: 0;
}
img {
  display: block;
  width: 132px;
  height: 100px;
  object-fit: cover;
}
figcaption,
.quiet {
  font-size: var(--text-small);
}
figcaption button {
  min-height: 28px;
  border: 0;
  background: none;
  color: var(--rust);
  font: inherit;
  text-decoration: underline;
  cursor: pointer;
}
.problem {
  flex-basis: 100%;
  margin: 0;
  color: var(--rust);
}
</style>
