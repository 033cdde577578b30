<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, useTemplateRef } from 'vue';
import {
  COLLECTION_NAMES,
  MAX_FILE_BYTES,
  countRecords,
  previewImport,
  readWorkshopFile,
  tooBig,
  workshopFileName,
  type CollectionName,
  type Records,
  type WorkshopFile,
} from '@/storage/file';
import { sayRefused, type Refused } from '@/storage/soundness';
import { nowIso } from '@/stores/now';
import { useKeepingStore } from '@/stores/keeping';
import { useSavingStore } from '@/stores/saving';
import { useWorkshopStore } from '@/stores/workshop';
import { download } from '@/ui/frame/download';
import { counted, listed } from '@/core/words';

const workshop = useWorkshopStore();
const keeping = useKeepingStore();
onMounted(() => void keeping.look());
const fileInput = useTemplateRef<HTMLInputElement>('fileInput');
const problem = ref('');
const done = ref('');
const waiting = shallowRef<WorkshopFile | null>(null);
/** Records of the file that are not whole. */
const refused = shallowRef<readonly Refused[]>([]);
const MOST_NAMED = 12;
/** A copy older than this is no safety. */
const OLD_DAYS = 7;
const takesFilesVersion = ref(false);

const preview = computed(() =>
  waiting.value ? previewImport(waiting.value, workshop.records) : null,
);
const changedCount = computed(() => (preview.value ? countRecords(preview.value.changed).all : 0));

const WORDS: Readonly<Record<CollectionName, readonly [one: string, many: string]>> = {
  formulas: ['formula', 'formulas'],
  batches: ['batch', 'batches'],
  materials: ['material of your own', 'materials of your own'],
  lots: ['lot', 'lots'],
  molds: ['mold', 'molds'],
  tools: ['tool', 'tools'],
  rooms: ['day of room readings', 'days of room readings'],
  photos: ['photo', 'photos'],
  trials: ['trial', 'trials'],
  ladders: ['set of small ones', 'sets of small ones'],
  packaging: ['wrap', 'wraps'],
  units: ['sale unit', 'sale units'],
  goods: ['move of goods', 'moves of goods'],
  orders: ['order', 'orders'],
};

const asideCount = computed(() => workshop.settings.setAside?.length ?? 0);
/** On the screens again, from what is stored. */
async function bringBack(): Promise<void> {
  workshop.changeSettings({ setAside: [] });
  await useSavingStore().flush();
  window.location.reload();
}

function exportAll(): void {
  const now = nowIso();
  download(workshopFileName(now), 'application/json', workshop.exportText(now));
  keeping.copied();
}

async function readChosen(): Promise<void> {
  const file = fileInput.value?.files?.[0];
  if (!file) return;
  done.value = '';
  problem.value = '';
  takesFilesVersion.value = false;
  const result =
    file.size > MAX_FILE_BYTES ? tooBig(file.size) : readWorkshopFile(await file.text());
  if (result.ok) {
    waiting.value = result.workshop;
    refused.value = result.refused;
  } else problem.value = `${file.name}: ${result.problem.message} Nothing here was touched.`;
  if (fileInput.value) fileInput.value.value = '';
}

/** `2 formulas and 1 batch`; kinds there are none of are left out, but for these two. */
function said(records: Records): string {
  const counts = countRecords(records);
  const named = (Object.keys(WORDS) as CollectionName[])
    .filter((name) => counts[name] > 0 || name === 'formulas' || name === 'batches')
    .map((name) => counted(counts[name], ...WORDS[name]));
  return listed(named);
}

function takeIn(): void {
  if (!preview.value || !waiting.value) return;
  const { fresh, changed } = preview.value;
  const incoming = takesFilesVersion.value
    ? (Object.fromEntries(
        COLLECTION_NAMES.map((name) => [name, [...fresh[name], ...changed[name]]]),
      ) as unknown as Records)
    : fresh;
  workshop.takeIn(incoming, waiting.value.settings);
  done.value = `${said(incoming)} taken in.`;
  waiting.value = null;
}
</script>

<template>
  <section aria-label="File">
    <h2>File</h2>
    <p>
      Everything lives in this browser. A file keeps it safe and carries it to another one: all
      formulas with their versions, all batches, the shelf, the settings.
    </p>
    <p :class="{ old: (keeping.copyDays ?? OLD_DAYS) >= OLD_DAYS }">
      {{
        keeping.copyDays === null
          ? 'No copy outside this browser yet.'
          : keeping.copyDays === 0
            ? 'The last copy outside this browser is of today.'
            : `The last copy outside this browser is ${counted(keeping.copyDays, 'day')} old.`
      }}
      <template v-if="keeping.isPromised === true"
        >This browser has promised to keep it when room runs short.</template
      >
      <template v-else-if="keeping.isPromised === false"
        >This browser may clear it away when room runs short.
        <button type="button" class="link" @click="keeping.ask">Ask it to keep it</button></template
      >
    </p>
    <p v-if="asideCount > 0">
      {{ counted(asideCount, 'record') }} that a screen stumbled over
      {{ asideCount === 1 ? 'is' : 'are' }} laid away here.
      <button type="button" class="link" @click="bringBack">Bring back</button>
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
            {{ said(preview.fresh) }} new here.
            <template v-if="preview.sameCount"
              >{{ preview.sameCount }} are already here, digit for digit.</template
            >
          </p>
          <template v-if="refused.length">
            <p role="alert" class="problem">
              {{ counted(refused.length, 'record') }} of it cannot be taken in; the rest can:
            </p>
            <ul class="refused">
              <li v-for="(one, i) in refused.slice(0, MOST_NAMED)" :key="i">
                {{ sayRefused(one) }}
              </li>
              <li v-if="refused.length > MOST_NAMED">and {{ refused.length - MOST_NAMED }} more</li>
            </ul>
          </template>
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
.old {
  padding-left: 12px;
  border-left: 4px solid var(--ochre-mark);
}
.refused {
  padding-left: 28px;
  overflow-wrap: anywhere;
}
.problem {
  padding-left: 12px;
  border-left: 4px solid var(--rust);
  overflow-wrap: anywhere;
}
</style>
