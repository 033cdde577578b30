<script setup lang="ts">
import FileButton from '@/ui/kit/FileButton.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import AppDialog from '@/ui/kit/AppDialog.vue';
import { computed, onMounted, ref } from 'vue';
import { COLLECTION_NAMES, type CollectionName } from '@/storage/records/names';
import { RECORDS } from '@/storage/records/registry';
import { sayRefused } from '@/storage/validation/refused';
import { useTransferStore } from '@/stores/transfer';
import { useCopiesStore } from '@/stores/copies';
import { useSavingStore } from '@/stores/saving';
import { useWorkshopStore } from '@/stores/workshop';
import { saveBlob } from '@/ui/frame/download';
import { listed } from '@/core/basics/format/names';
import { counted, formatCount } from '@/core/basics/format/numbers';

const workshop = useWorkshopStore();
const copies = useCopiesStore();
const transfer = useTransferStore();
const saving = useSavingStore();
onMounted(() => void copies.look());
/** A copy older than this is no safety. */
const OLD_DAYS = 7;
const takesFilesVersion = ref(false);

type Counts = Readonly<Record<CollectionName, number>>;
const sumOf = (counts: Counts) => Object.values(counts).reduce((sum, count) => sum + count, 0);
const changedNames = computed(() => {
  const names = transfer.preview?.changedNames ?? [];
  const others = changedCount.value - names.length;
  return listed(others > 0 ? [...names, counted(others, 'other')] : names);
});
const changedCount = computed(() => (transfer.preview ? sumOf(transfer.preview.changed) : 0));

const asideCount = computed(() => workshop.settings.setAside?.length ?? 0);
/** On the screens again, from what is stored. */
async function restoreLost(): Promise<void> {
  workshop.changeSettings({ setAside: [] });
  await saving.flush();
  window.location.reload();
}

async function exportAll(): Promise<void> {
  const file = await transfer.exportAll();
  if (file) saveBlob(file.name, file.blob);
}

async function readChosen([file]: readonly File[]): Promise<void> {
  if (!file) return;
  takesFilesVersion.value = false;
  await transfer.read(file);
}

/** `2 formulas and 1 batch`; kinds there are none of are left out, but for these two. */
function said(counts: Counts): string {
  const named = COLLECTION_NAMES.filter(
    (name) => counts[name] > 0 || name === 'formulas' || name === 'batches',
  ).map((name) => counted(counts[name], ...RECORDS[name].called));
  return listed(named);
}

const JOB_WORDS = {
  exporting: 'Exporting',
  reading: 'Reading',
  taking: 'Importing',
} as const;
</script>

<template>
  <section aria-label="File">
    <h2>File</h2>
    <p>
      Everything stays in this browser. A file keeps it safe and moves it to another one. It holds
      all formulas with their versions, all batches, the shelf and the settings.
    </p>
    <p :class="{ old: (copies.copyDays ?? OLD_DAYS) >= OLD_DAYS }">
      {{
        copies.copyDays === null
          ? 'There is no copy outside this browser yet. Export one.'
          : copies.copyDays === 0
            ? 'You made a copy outside this browser today.'
            : `The last copy outside this browser is ${counted(copies.copyDays, 'day')} old.`
      }}
      <template v-if="saving.isGuarded === false"
        >This browser can’t keep a backup. Export more often.</template
      >
      <template v-if="copies.isPromised === true"
        >This browser keeps it even when space runs short.</template
      >
      <template v-else-if="copies.isPromised === false"
        >This browser may delete it when space runs short.
        <button type="button" class="link" @click="copies.ask">
          Ask it to keep everything
        </button></template
      >
    </p>
    <p v-if="asideCount > 0">
      You set aside {{ counted(asideCount, 'record') }} that broke a screen.
      <button type="button" class="link" @click="restoreLost">Restore</button>
    </p>
    <div class="ways">
      <v-btn variant="flat" :disabled="transfer.job !== null" @click="exportAll"
        >Export everything</v-btn
      >
      <FileButton
        label="File to import"
        accept=".json,application/json"
        :disabled="transfer.job !== null"
        @files="readChosen"
        >Import a file</FileButton
      >
    </div>
    <div v-if="transfer.job" class="job">
      <label for="carried">{{ JOB_WORDS[transfer.job.kind] }}</label>
      <progress id="carried" :value="transfer.job.share"></progress>
      <v-btn size="small" @click="transfer.cancel">Stop</v-btn>
    </div>
    <ProblemLine :problem="transfer.problem" />
    <p v-if="transfer.done" role="status">
      {{ transfer.done }}
      <button v-if="transfer.receipt" type="button" class="link" @click="transfer.undo">
        Undo import
      </button>
    </p>
    <AppDialog
      :model-value="transfer.preview !== null"
      label="Import a file"
      title="Import a file"
      :width="480"
      @update:model-value="transfer.putAway"
      ><template v-if="transfer.preview">
        <p>
          New: {{ said(transfer.preview.fresh) }}.
          <template v-if="transfer.preview.sameCount"
            >Already here and equal: {{ formatCount(transfer.preview.sameCount) }}.</template
          >
        </p>
        <template v-if="transfer.preview.refusedCount">
          <p role="alert" class="problem">
            Couldn’t read {{ counted(transfer.preview.refusedCount, 'record') }}. You can import the
            rest.
          </p>
          <ul class="refused">
            <li v-for="(one, i) in transfer.preview.refused" :key="i">
              {{ sayRefused(one) }}
            </li>
            <li v-if="transfer.preview.refusedCount > transfer.preview.refused.length">
              and
              {{ formatCount(transfer.preview.refusedCount - transfer.preview.refused.length) }}
              more
            </li>
          </ul>
        </template>
        <p v-if="changedCount">Different: {{ changedNames }}.</p>
        <v-radio-group
          v-if="changedCount"
          v-model="takesFilesVersion"
          :label="`${counted(changedCount, 'record')} differ from yours`"
        >
          <v-radio label="Keep mine" :value="false" />
          <v-radio label="Use the file’s. Replaced formulas stay as versions." :value="true" />
        </v-radio-group> </template
      ><template #actions>
        <v-btn variant="text" @click="transfer.putAway">Cancel</v-btn>
        <v-btn variant="flat" @click="transfer.takeIn(takesFilesVersion, said)">Import</v-btn>
      </template></AppDialog
    >
  </section>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.job {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  margin-top: 12px;
}
progress {
  flex: 1 1 120px;
  height: 10px;
  accent-color: var(--verdigris);
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
