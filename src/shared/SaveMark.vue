<script setup lang="ts">
import { storeToRefs } from 'pinia';
import { watch } from 'vue';
import { useSavingStore } from '@/stores/saving';
import { saveBlob } from '@/ui/frame/download';

const { status } = storeToRefs(useSavingStore());
const transferStore = () => import('@/stores/transfer');
/** Fetched as soon as a write fails, and not when somebody presses: by then the server may be gone too. */
watch(
  () => status.value.kind === 'failed',
  (hasFailed) => hasFailed && void transferStore().catch(() => undefined),
  { immediate: true },
);

/** What the store would not take goes into a file, from wherever the hands are. */
async function exportAll(): Promise<void> {
  const { useTransferStore } = await transferStore();
  const file = await useTransferStore().exportAll();
  if (file) saveBlob(file.name, file.blob);
}
</script>

<template>
  <span class="save" :class="status.kind" :role="status.kind === 'failed' ? 'alert' : undefined">
    <template v-if="status.kind === 'saved'">· saved</template>
    <template v-else-if="status.kind === 'saving'">· saving</template>
    <template v-else
      >Not saved: {{ status.reason }}. All you see is still here. Export your workshop to be safe.
      <button type="button" @click="exportAll">Export now</button></template
    >
  </span>
</template>

<style scoped>
.failed {
  color: var(--rust);
  font-weight: 600;
}
button {
  min-height: 44px;
  padding: 0 8px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-decoration: underline;
  cursor: pointer;
}
</style>
