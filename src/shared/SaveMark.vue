<script setup lang="ts">
import { storeToRefs } from 'pinia';
import { workshopFileName } from '@/storage/file';
import { useSavingStore } from '@/stores/saving';
import { useKeepingStore } from '@/stores/keeping';
import { useWorkshopStore } from '@/stores/workshop';
import { nowIso } from '@/stores/now';
import { download } from '@/ui/frame/download';

const { status } = storeToRefs(useSavingStore());
const workshop = useWorkshopStore();
const keeping = useKeepingStore();

/** What the store would not take goes into a file, from wherever the hands are. */
function exportAll(): void {
  const now = nowIso();
  download(workshopFileName(now), 'application/json', workshop.exportText(now));
  keeping.copied();
}
</script>

<template>
  <span class="save" :class="status.kind" :role="status.kind === 'failed' ? 'alert' : undefined">
    <template v-if="status.kind === 'saved'">· saved</template>
    <template v-else-if="status.kind === 'saving'">· saving</template>
    <template v-else
      >Not saved: {{ status.reason }}. What you see is all still here: export your workshop to be
      safe. <button type="button" @click="exportAll">Export now</button></template
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
