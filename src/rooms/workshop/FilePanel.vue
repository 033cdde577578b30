<script setup lang="ts">
import { computed, ref, shallowRef, useTemplateRef } from 'vue';
import {
  MAX_FILE_BYTES,
  previewImport,
  readWorkshopFile,
  tooBig,
  workshopFileName,
  type WorkshopFile,
} from '@/storage/file';
import { nowIso } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import { download } from '@/ui/download';
import { counted } from '@/ui/format';

const workshop = useWorkshopStore();
const fileInput = useTemplateRef<HTMLInputElement>('fileInput');
const problem = ref('');
const done = ref('');
const waiting = shallowRef<WorkshopFile | null>(null);
const takesFilesVersion = ref(false);

const preview = computed(() =>
  waiting.value
    ? previewImport(waiting.value, { formulas: workshop.formulas, batches: workshop.batches })
    : null,
);
const changedCount = computed(
  () => (preview.value?.changedFormulas.length ?? 0) + (preview.value?.changedBatches.length ?? 0),
);

function exportAll(): void {
  const now = nowIso();
  download(workshopFileName(now), 'application/json', workshop.exportText(now));
}

async function readChosen(): Promise<void> {
  const file = fileInput.value?.files?.[0];
  if (!file) return;
  done.value = '';
  problem.value = '';
  takesFilesVersion.value = false;
  const result =
    file.size > MAX_FILE_BYTES ? tooBig(file.size) : readWorkshopFile(await file.text());
  if (result.ok) waiting.value = result.workshop;
  else problem.value = `${file.name}: ${result.problem.message} Nothing here was touched.`;
  if (fileInput.value) fileInput.value.value = '';
}

function said(formulas: number, batches: number): string {
  return `${counted(formulas, 'formula')} and ${counted(batches, 'batch', 'batches')}`;
}

function takeIn(): void {
  if (!preview.value || !waiting.value) return;
  const { newFormulas, newBatches, changedFormulas, changedBatches } = preview.value;
  const formulas = takesFilesVersion.value ? [...newFormulas, ...changedFormulas] : newFormulas;
  const batches = takesFilesVersion.value ? [...newBatches, ...changedBatches] : newBatches;
  workshop.takeIn({ formulas, batches }, waiting.value.settings);
  done.value = `${said(formulas.length, batches.length)} taken in.`;
  waiting.value = null;
}
</script>

<template>
  <section aria-label="File">
    <h2>File</h2>
    <p>
      Everything lives in this browser. A file keeps it safe and carries it to another one: all
      formulas with their versions, all batches, the settings.
    </p>
    <div class="ways">
      <v-btn variant="flat" @click="exportAll">Export everything</v-btn>
      <v-btn @click="fileInput?.click()">Import a file</v-btn>
      <input
        ref="fileInput"
        type="file"
        accept=".json,application/json"
        class="visually-hidden"
        aria-label="File to import"
        tabindex="-1"
        @change="readChosen"
      />
    </div>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <p v-if="done" role="status">{{ done }}</p>
    <v-dialog
      :model-value="waiting !== null"
      max-width="480"
      aria-label="Import a file"
      @update:model-value="waiting = null"
    >
      <v-card v-if="preview">
        <v-card-title>Import a file</v-card-title>
        <v-card-text>
          <p>
            {{ said(preview.newFormulas.length, preview.newBatches.length) }} new here.
            <template v-if="preview.sameCount"
              >{{ preview.sameCount }} are already here, digit for digit.</template
            >
          </p>
          <v-radio-group
            v-if="changedCount"
            v-model="takesFilesVersion"
            :label="`${changedCount} are here too, but differ:`"
          >
            <v-radio label="Keep mine" :value="false" />
            <v-radio label="Take the file’s" :value="true" />
          </v-radio-group>
        </v-card-text>
        <v-card-actions>
          <v-btn variant="text" @click="waiting = null">Cancel</v-btn>
          <v-btn variant="flat" @click="takeIn">Take it in</v-btn>
        </v-card-actions>
      </v-card>
    </v-dialog>
  </section>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.problem {
  padding-left: 12px;
  border-left: 4px solid var(--rust);
  overflow-wrap: anywhere;
}
</style>
