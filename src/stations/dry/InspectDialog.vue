<script setup lang="ts">
import AppDialog from '@/ui/kit/AppDialog.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import AppForm from '@/ui/kit/AppForm.vue';
import { computed, reactive, ref, watch } from 'vue';
import { FAULT_ROWS } from '@/core/batches/faults/faultTable';
import { FATE_WORDS } from '@/core/batches/records/messages';
import { FATES, type Fate, type Fault } from '@/core/batches/records/kinds';
import { countOf } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { useBenchStore } from '@/stores/bench';
import { useTraysStore } from '@/stores/trays';
import BatchPhotos from '@/shared/BatchPhotos.vue';
import CausesList from '@/ui/frame/CausesList.vue';
import FaultPicture from '@/ui/pictures/FaultPicture.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import { counted, formatCount } from '@/core/basics/format/numbers';

/** The pieces looked over: how many show what, what becomes of the rest, and what went wrong. */
const props = defineProps<{ batch: Batch; nowMs: number }>();
const isOpen = defineModel<boolean>({ required: true });
const bench = useBenchStore();
const trays = useTraysStore();

const counts = reactive(new Map<Fault, number>());
const looked = ref(0);
const rejects = ref(0);
const fate = ref<Fate | null>(null);
const isWritten = ref(false);
const problem = ref('');
const fits = ref(true);

/** Icing has faults of its own, where there is icing. */
const rows = computed(() => {
  const isIced = props.batch.body.parts.some(
    ({ kind, lines }) => kind === 'icing' && lines.length > 0,
  );
  return FAULT_ROWS.filter(({ fault }) => isIced || !fault.startsWith('icing'));
});
const pieces = computed(() => countOf(props.batch)?.pieces ?? props.batch.plan.pieces);
const causes = computed(() => (isWritten.value ? trays.causesOf(props.batch, props.nowMs) : []));
const sound = computed(() => counts.size === 0);

watch(
  isOpen,
  (open) => {
    if (!open) return;
    counts.clear();
    looked.value = pieces.value;
    rejects.value = 0;
    fate.value = null;
    isWritten.value = false;
    problem.value = '';
  },
  { immediate: true },
);

function change(fault: Fault, by: number): void {
  const count = Math.min(looked.value, Math.max(0, (counts.get(fault) ?? 0) + by));
  if (count > 0) counts.set(fault, count);
  else counts.delete(fault);
}

function write(): void {
  if (!fits.value) return;
  if (rejects.value > looked.value) {
    problem.value = `There can’t be more rejects than pieces. Type up to ${formatCount(looked.value)} rejects.`;
    return;
  }
  problem.value = '';
  bench.writeTo(props.batch, {
    kind: 'inspected',
    looked: looked.value,
    faults: [...counts].map(([fault, count]) => ({ fault, count })),
    rejects: rejects.value,
    fate: rejects.value > 0 ? fate.value : null,
  });
  isWritten.value = true;
}
</script>

<template>
  <AppDialog
    v-model="isOpen"
    :label="`Inspect ${batch.code}`"
    :title="`Inspect ${batch.code}, ${batch.formulaName}`"
    :width="980"
  >
    <template v-if="!isWritten">
      <AppForm v-model:fits="fits" class="fields">
        <NumberField v-model="looked" label="Inspected" :min="0" :max="100000" :decimals="0" />
        <NumberField v-model="rejects" label="Rejects" :min="0" :max="100000" :decimals="0" />
        <v-select
          v-if="rejects > 0"
          v-model="fate"
          :items="FATES.map((value) => ({ value, title: FATE_WORDS[value] }))"
          label="Use of the rejects"
        />
      </AppForm>
      <ul class="plain-list faults" aria-label="Faults">
        <li v-for="row in rows" :key="row.fault" :class="{ seen: counts.has(row.fault) }">
          <FaultPicture :fault="row.fault" />
          <b>{{ row.title }}</b>
          <span class="quiet">{{ row.seen }}</span>
          <span class="stepper">
            <button
              type="button"
              :aria-label="`One piece fewer: ${row.title}`"
              title="One piece fewer"
              :disabled="!counts.has(row.fault)"
              @click="change(row.fault, -1)"
            >
              −
            </button>
            <output :aria-label="`Pieces: ${row.title}`">{{ counts.get(row.fault) ?? 0 }}</output>
            <button
              type="button"
              :aria-label="`One piece more: ${row.title}`"
              title="One piece more"
              @click="change(row.fault, 1)"
            >
              +
            </button>
          </span>
        </li>
      </ul>
      <BatchPhotos :batch="batch" />
      <ProblemLine :problem="problem" />
    </template>
    <template v-else>
      <template v-if="causes.length">
        <h2>Likely causes</h2>
        <CausesList :causes="causes" />
      </template>
      <p v-else>Saved. {{ counted(looked, 'piece') }}, no fault.</p>
    </template>
    <template #actions>
      <v-btn variant="text" @click="isOpen = false">{{ isWritten ? 'Close' : 'Cancel' }}</v-btn>
      <v-btn v-if="!isWritten" variant="flat" @click="write">{{
        sound ? 'Save, no fault' : 'Save'
      }}</v-btn>
    </template>
  </AppDialog>
</template>

<style scoped>
.faults {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(172px, 1fr));
  gap: 10px;
}
li {
  display: grid;
  grid-template-rows: auto auto 1fr auto;
  justify-items: center;
  gap: 2px;
  padding: 8px;
  border: 1.5px solid var(--hairline);
  border-radius: var(--radius-small);
  text-align: center;
  font-size: var(--text-plain);
}
.seen {
  border-color: var(--ink);
  background: var(--chalk);
}
.quiet {
  font-size: var(--text-small);
}
.stepper {
  display: flex;
  align-items: center;
  gap: 8px;
}
.stepper button {
  width: 44px;
  height: 44px;
  border: 1px solid var(--mid);
  border-radius: var(--radius-small);
  background: var(--paper);
  color: var(--ink);
  font: 650 var(--text-title) var(--font-heading);
  cursor: pointer;
}
.stepper button:disabled {
  opacity: 0.4;
}
output {
  min-width: 26px;
  font: 700 var(--text-title) var(--font-heading);
  font-variant-numeric: tabular-nums;
}
.fields {
  display: grid;
  grid-template-columns: 140px 140px minmax(180px, 1fr);
  gap: 12px;
  margin: 4px 0 14px;
}
</style>
