<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { computed, onMounted, ref } from 'vue';
import { batchesTable } from '@/core/goods/books/tables';
import { faultRow } from '@/core/batches/faults/faultTable';
import { monthOfYear } from '@/core/basics/format/dates';
import {
  counted,
  formatCount,
  formatPercentRange,
  formatRange,
} from '@/core/basics/format/numbers';
import { reasonOf } from '@/core/basics/format/reason';
import { NO_FILTER, OUTCOMES_SEEN, type BatchFilter } from '@/core/goods/archive/findBatches';
import { afterPaint } from '@/stores/afterPaint';
import { useAlmanacStore } from '@/stores/almanac';
import { today } from '@/stores/now';
import ActionMenu from '@/ui/frame/ActionMenu.vue';
import { download } from '@/ui/frame/download';
import FormDialog from '@/ui/kit/FormDialog.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { OUTCOME_SEEN_WORDS } from './outcomeWords';

/** What is looked for in the log: words, and what narrows them. The weather map shows the same batches. */
const almanac = useAlmanacStore();
const problem = ref('');
onMounted(() => void afterPaint().then(almanac.prepare));

const formulas = computed(() =>
  almanac.formulas.map(({ id, name }) => ({ value: id, title: name })),
);
const outcomes = OUTCOMES_SEEN.map((value) => ({ value, title: OUTCOME_SEEN_WORDS[value] }));
const faults = computed(() =>
  almanac.faults.map((value) => ({ value, title: faultRow(value).title })),
);
const months = computed(() =>
  almanac.months.map((value) => ({ value, title: monthOfYear(`${value}-15T12:00:00`) })),
);
const count = computed(() =>
  almanac.isFiltered
    ? `${formatCount(almanac.found.length)} of ${counted(almanac.all.length, 'batch', 'batches')}`
    : counted(almanac.all.length, 'batch', 'batches'),
);
/** What was brushed on the weather map. */
const brushed = computed(() => {
  const { humidity, damp } = almanac.filter;
  if (!humidity || !damp) return '';
  return `Humidity ${formatPercentRange(humidity.low, humidity.high)}, moisture ${formatRange(damp.low, damp.high, 1)}`;
});

interface View {
  readonly name: string;
  readonly filter: BatchFilter;
}
/** Views of this browser, by their names. */
const views = useLocalStorage<View[]>('rovack-almanac-views', []);
const isNaming = ref(false);
const name = ref('');
const REMOVE = 'remove:';
const ways = computed(() => [
  ...(almanac.isFiltered ? [{ value: 'save', title: 'Save this view' }] : []),
  { value: 'csv', title: 'Export as CSV' },
  ...views.value.map((view) => ({ value: `view:${view.name}`, title: view.name })),
  ...views.value.map((view) => ({ value: REMOVE + view.name, title: `Remove view ${view.name}` })),
]);
function act(way: string): void {
  if (way === 'save') {
    name.value = '';
    isNaming.value = true;
  } else if (way === 'csv') void writeOut();
  else if (way.startsWith(REMOVE))
    views.value = views.value.filter((view) => REMOVE + view.name !== way);
  else {
    const view = views.value.find((one) => `view:${one.name}` === way);
    // What an older release saved may lack what this one asks.
    if (view) almanac.ask({ ...NO_FILTER, ...view.filter });
  }
}
function saveView(): void {
  const called = name.value.trim();
  views.value = [
    ...views.value.filter((view) => view.name !== called),
    { name: called, filter: almanac.filter },
  ];
  isNaming.value = false;
}
async function writeOut(): Promise<void> {
  problem.value = '';
  try {
    const { writeTable } = await import('@/storage/csv/csv');
    const { columns, rows } = batchesTable(
      almanac.found.map(({ digest }) => digest),
      { from: '0000-01-01', to: '9999-12-31' },
    );
    download(`rovack-batches-${today()}.csv`, 'text/csv', writeTable(columns, rows));
  } catch (error) {
    problem.value = `Couldn’t write the table (${reasonOf(error)}). Try again.`;
  }
}
</script>

<template>
  <div class="filters no-print">
    <v-text-field
      :model-value="almanac.filter.words"
      label="Search batches"
      title="Code, formula, people, notes or lot"
      class="words"
      clearable
      autocomplete="off"
      @update:model-value="(words: string | null) => almanac.ask({ words: words ?? '' })"
    />
    <v-select
      :model-value="almanac.filter.formulaId"
      :items="formulas"
      label="Formula"
      clearable
      @update:model-value="(formulaId: string | null) => almanac.ask({ formulaId })"
    />
    <v-select
      :model-value="almanac.filter.outcome"
      :items="outcomes"
      label="Outcome"
      clearable
      @update:model-value="(outcome: BatchFilter['outcome']) => almanac.ask({ outcome })"
    />
    <v-select
      v-if="faults.length"
      :model-value="almanac.filter.fault"
      :items="faults"
      label="Fault"
      clearable
      @update:model-value="(fault: BatchFilter['fault']) => almanac.ask({ fault })"
    />
    <v-select
      :model-value="almanac.filter.month"
      :items="months"
      label="Month"
      clearable
      @update:model-value="(month: string | null) => almanac.ask({ month })"
    />
    <ActionMenu :items="ways" class="more" @choose="act">Views and export</ActionMenu>
    <p class="quiet" role="status">
      {{ count }}
      <template v-if="brushed">· {{ brushed }}</template>
      <button v-if="almanac.isFiltered" type="button" class="link" @click="almanac.clear">
        Clear filters
      </button>
    </p>
    <ProblemLine :problem="problem" />
    <FormDialog
      v-model="isNaming"
      title="Save this view"
      keep="Save"
      :missing="name.trim() === '' ? 'Name the view.' : ''"
      @submit="saveView"
    >
      <v-text-field v-model="name" label="Name of the view" maxlength="60" autocomplete="off" />
    </FormDialog>
  </div>
</template>

<style scoped>
.filters {
  display: grid;
  grid-template-columns: minmax(220px, 2fr) repeat(auto-fit, minmax(130px, 1fr));
  gap: 8px 10px;
  align-items: start;
  margin-bottom: 8px;
}
.filters :deep(.more) {
  min-height: 40px;
  padding: 0 10px;
  border: 1px solid var(--verdigris);
  border-radius: var(--radius-small);
  color: var(--verdigris);
  font-size: var(--text-plain);
}
p {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  margin: 0;
  font-size: var(--text-plain);
}
@media (max-width: 820px) {
  .filters {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
  .words {
    grid-column: 1 / -1;
  }
}
</style>
