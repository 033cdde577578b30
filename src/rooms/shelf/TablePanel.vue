<script setup lang="ts">
import FileButton from '@/ui/kit/FileButton.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import AppDialog from '@/ui/kit/AppDialog.vue';
import { computed, ref, shallowRef } from 'vue';
import type { OwnMaterial } from '@/core/matter/materials/own';
import { LOT_COLUMNS, lotRows, readLotRows } from '@/core/workshop/shelf/lotTable';
import {
  MATERIAL_COLUMNS,
  materialRows,
  readMaterialRows,
} from '@/core/workshop/shelf/materialTable';
import { missingColumns, type ReadRows, type Row } from '@/core/workshop/shelf/rows';
import type { Lot } from '@/core/workshop/shelf/lot';
import { today } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import { listed } from '@/core/basics/format/names';
import { counted, formatCount } from '@/core/basics/format/numbers';
import { reasonOf } from '@/core/basics/format/reason';
import { saveBlob } from '@/ui/frame/download';
import { useMaterials } from '@/ui/fields/materials';

const { nameOf } = useMaterials();

/** Lots or materials as a table for a spreadsheet, out and in; what would change is shown before it does. */
const props = defineProps<{ kind: 'lots' | 'materials' }>();
const workshop = useWorkshopStore();

const MOST_BYTES = 32 * 1024 * 1024;
const MOST_PROBLEMS = 12;
const NEEDED = { lots: ['code', 'material', 'grams'], materials: ['name', 'like'] } as const;

const problem = ref('');
const done = ref('');
const table = shallowRef<readonly Row[] | null>(null);
/** What the table would change of what stands by now, whatever another tab writes meanwhile. */
const waiting = computed((): ReadRows<Lot> | ReadRows<OwnMaterial> | null => {
  if (!table.value) return null;
  if (props.kind === 'materials') return readMaterialRows(table.value, workshop.materials, today());
  const idsByName = new Map(workshop.materials.map(({ id, name }) => [name.toLowerCase(), id]));
  return readLotRows(table.value, workshop.lots, idsByName, workshop.catalog);
});
const word = computed(() => (props.kind === 'lots' ? 'lot' : 'material'));

async function writeOut(): Promise<void> {
  const { writeTable } = await import('@/storage/csv/csv');
  const text =
    props.kind === 'lots'
      ? writeTable(LOT_COLUMNS, lotRows(workshop.lots, nameOf))
      : writeTable(MATERIAL_COLUMNS, materialRows(workshop.materials, nameOf));
  // The mark tells a spreadsheet that this is UTF-8.
  saveBlob(
    `rovack-${props.kind}-${today()}.csv`,
    new Blob(['\ufeff', text], { type: 'text/csv;charset=utf-8' }),
  );
}

async function readIn([file]: readonly File[]): Promise<void> {
  if (!file) return;
  problem.value = '';
  done.value = '';
  try {
    if (file.size > MOST_BYTES) throw new Error('it is larger than 32 MB');
    const { decodeText, parseTable } = await import('@/storage/csv/csv');
    const read = parseTable(decodeText(new Uint8Array(await file.arrayBuffer())));
    if (!read.ok) throw new Error(read.problem);
    const missing = missingColumns(read.value.columns, NEEDED[props.kind]);
    if (missing.length > 0)
      throw new Error(
        `it has no column ${listed(missing.map((column) => `“${column}”`))}. A table of ${props.kind} has: ${(props.kind === 'lots' ? LOT_COLUMNS : MATERIAL_COLUMNS).join(', ')}.`,
      );
    table.value = read.value.rows;
  } catch (error) {
    problem.value = `Couldn’t read ${file.name}: ${reasonOf(error)}. Nothing changed.`;
  }
}

function takeIn(): void {
  const rows = waiting.value;
  if (!rows) return;
  const records = [...rows.fresh, ...rows.changed];
  if (props.kind === 'lots') workshop.put('lots', records as Lot[]);
  else workshop.put('materials', records as OwnMaterial[]);
  done.value = `Imported ${counted(records.length, word.value)}.`;
  table.value = null;
}
</script>

<template>
  <div class="table" role="group" :aria-label="`Table of ${kind}`">
    <v-btn size="small" variant="text" @click="writeOut">Export as CSV</v-btn>
    <FileButton
      size="small"
      variant="text"
      :label="`CSV file of ${kind}`"
      accept=".csv,.txt,text/csv"
      @files="readIn"
      >Import CSV</FileButton
    >
    <ProblemLine :problem="problem" />
    <p v-if="done" role="status">{{ done }}</p>
    <AppDialog
      :model-value="waiting !== null"
      :label="`Import ${kind}`"
      :title="`Import ${kind}`"
      :width="560"
      @update:model-value="table = null"
      ><template v-if="waiting">
        <p>
          New: {{ counted(waiting.fresh.length, word) }}. Changed:
          {{ formatCount(waiting.changed.length) }}. Same: {{ formatCount(waiting.sameCount) }}.
          <template v-if="waiting.problems.length"
            >Couldn’t read {{ counted(waiting.problems.length, 'row') }}, which will be left
            out.</template
          >
        </p>
        <ul v-if="waiting.problems.length" class="problems">
          <li v-for="entry in waiting.problems.slice(0, MOST_PROBLEMS)" :key="entry.row">
            Row {{ entry.row }}: {{ entry.message }}
          </li>
          <li v-if="waiting.problems.length > MOST_PROBLEMS">
            and {{ formatCount(waiting.problems.length - MOST_PROBLEMS) }} more
          </li>
        </ul> </template
      ><template #actions>
        <v-btn variant="text" @click="table = null">Cancel</v-btn>
        <v-btn
          variant="flat"
          :disabled="!waiting || waiting.fresh.length + waiting.changed.length === 0"
          @click="takeIn"
          >Import</v-btn
        >
      </template></AppDialog
    >
  </div>
</template>

<style scoped>
.table {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 8px;
  margin-top: 8px;
}
.table p {
  flex-basis: 100%;
  margin: 4px 0;
}
.problem {
  padding-left: 12px;
  border-left: 4px solid var(--rust);
  overflow-wrap: anywhere;
}
.problems {
  padding-left: 20px;
  font-size: var(--text-plain);
}
</style>
