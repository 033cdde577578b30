<script setup lang="ts">
import { computed } from 'vue';
import { WEIGHED_BY_WORDS } from '@/core/batches/records/messages';
import { weighedLines } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { decimalsOf } from '@/core/work/weighing/rounding';
import { useWorkshopStore } from '@/stores/workshop';
import { formatFixed } from '@/core/basics/format/numbers';
import { clockTime } from '@/ui/frame/format';
import { useMaterials } from '@/ui/fields/materials';

const { nameOf } = useMaterials();

const props = defineProps<{ batch: Batch }>();

const workshop = useWorkshopStore();
const rows = computed(() =>
  weighedLines(props.batch).map((line) => ({
    ...line,
    name: nameOf(line.materialId),
    off: line.massG === null ? null : line.massG - line.targetG,
    codes: line.lots.map(({ lotId }) => ({
      lotId,
      code: workshop.lots.find(({ id }) => id === lotId)?.code ?? 'a lot no longer here',
    })),
  })),
);
const groups = computed(() =>
  props.batch.body.parts.map((part) => ({
    part,
    rows: rows.value.filter(({ partId }) => partId === part.id),
  })),
);

function shown(massG: number, stepG: number): string {
  // What was typed finer than the step is shown as it was typed.
  const typed = decimalsOf(Number(massG.toFixed(3)));
  return formatFixed(massG, Math.max(decimalsOf(stepG), typed));
}

function signed(massG: number, stepG: number): string {
  const sign = massG < -1e-9 ? '−' : massG > 1e-9 ? '+' : '';
  return `${sign}${formatFixed(Math.abs(massG), Math.max(1, decimalsOf(stepG)))}`;
}
</script>

<template>
  <div class="wide">
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
          <th scope="col">Lot</th>
        </tr>
      </thead>
      <tbody v-for="group in groups" :key="group.part.id">
        <tr v-if="groups.length > 1">
          <th scope="rowgroup" colspan="7" class="part">{{ group.part.name }}</th>
        </tr>
        <tr v-for="row in group.rows" :key="row.lineId">
          <td>{{ row.name }}</td>
          <td class="number">{{ shown(row.targetG, row.stepG) }}</td>
          <td class="number">
            <b>{{ row.massG === null ? '–' : shown(row.massG, row.stepG) }}</b>
          </td>
          <td class="number quiet">{{ row.off === null ? '' : signed(row.off, row.stepG) }}</td>
          <td class="number quiet">{{ row.at ? clockTime(row.at) : '' }}</td>
          <td class="quiet by">
            {{ row.by ? WEIGHED_BY_WORDS[row.by] : row.massG === null ? 'not weighed' : 'sprayed' }}
          </td>
          <td class="lots">
            <template v-for="(lot, i) in row.codes" :key="lot.lotId"
              >{{ i ? ', ' : ''
              }}<router-link
                :to="{ name: 'shelf', params: { side: 'lots' }, query: { lot: lot.lotId } }"
                >{{ lot.code }}</router-link
              ></template
            >
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.wide {
  overflow-x: auto;
}
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
  font-size: var(--text-small);
}
.part {
  padding-top: 16px;
  color: inherit;
  font: 650 var(--text-lead) var(--font-heading);
}
.by,
.lots {
  white-space: nowrap;
  font-size: var(--text-small);
}
.lots,
.lots a {
  color: var(--verdigris);
  font-size: var(--text-small);
}
.number {
  text-align: right;
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
</style>
