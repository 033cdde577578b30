<script setup lang="ts">
import { computed } from 'vue';
import { materialById } from '@/core/materials';
import { weighedLines, type Batch } from '@/core/records';
import { decimalsOf } from '@/core/weighing';
import { clockTime, formatFixed } from '@/ui/format';

const props = defineProps<{ batch: Batch }>();

const decimals = computed(() => decimalsOf(props.batch.request.scaleStepG));
const rows = computed(() =>
  weighedLines(props.batch).map((line) => ({
    ...line,
    name: materialById(line.materialId).name,
    off: line.massG === null ? null : line.massG - line.targetG,
  })),
);
const groups = computed(() =>
  props.batch.body.parts.map((part) => ({
    part,
    rows: rows.value.filter(({ partId }) => partId === part.id),
  })),
);

function shown(massG: number): string {
  const enough = massG > 0 && massG < props.batch.request.scaleStepG ? 3 : decimals.value;
  return formatFixed(massG, enough);
}

function signed(massG: number): string {
  const sign = massG < -1e-9 ? '−' : massG > 1e-9 ? '+' : '';
  return `${sign}${formatFixed(Math.abs(massG), Math.max(1, decimals.value))}`;
}
</script>

<template>
  <table>
    <caption class="visually-hidden">
      Planned and weighed
    </caption>
    <thead>
      <tr>
        <th scope="col">Material</th>
        <th scope="col" class="number">Planned, g</th>
        <th scope="col" class="number">Weighed, g</th>
        <th scope="col" class="number">Off by</th>
        <th scope="col" class="number">When</th>
        <th scope="col">By</th>
      </tr>
    </thead>
    <tbody v-for="group in groups" :key="group.part.id">
      <tr v-if="groups.length > 1">
        <th scope="rowgroup" colspan="6" class="part">{{ group.part.name }}</th>
      </tr>
      <tr v-for="row in group.rows" :key="row.lineId">
        <td>{{ row.name }}</td>
        <td class="number">{{ shown(row.targetG) }}</td>
        <td class="number">
          <b>{{ row.massG === null ? '–' : shown(row.massG) }}</b>
        </td>
        <td class="number quiet">{{ row.off === null ? '' : signed(row.off) }}</td>
        <td class="number quiet">{{ row.at ? clockTime(row.at) : '' }}</td>
        <td class="quiet">{{ row.by ?? 'not weighed' }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: 5px 12px 5px 0;
  border-bottom: 1px solid var(--hairline);
  text-align: left;
  font-weight: 400;
}
th {
  color: var(--mid);
  font-size: 13px;
}
.part {
  padding-top: 16px;
  color: inherit;
  font: 650 16px var(--font-heading);
}
.number {
  text-align: right;
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
</style>
