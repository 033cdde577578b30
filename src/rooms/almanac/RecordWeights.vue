<script setup lang="ts">
import { toLot } from '@/shared/addresses';
import { computed } from 'vue';
import { WEIGHED_BY_WORDS } from '@/core/batches/records/messages';
import { weighedLines } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { readoutOf } from '@/core/work/weighing/readout';
import { decimalsOf } from '@/core/work/weighing/rounding';
import { useWorkshopStore } from '@/stores/workshop';
import { clockTime } from '@/core/basics/format/dates';
import { formatFixed } from '@/core/basics/format/numbers';
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
      code: workshop.lots.find(({ id }) => id === lotId)?.code ?? 'a removed lot',
    })),
  })),
);
const groups = computed(() =>
  props.batch.body.parts.map((part) => ({
    part,
    rows: rows.value.filter(({ partId }) => partId === part.id),
  })),
);

/** In the unit of the scale; what was typed finer than its step is shown as it was typed. */
function shown(massG: number, stepG: number): string {
  const readout = readoutOf(stepG);
  const typed = decimalsOf(Number(massG.toFixed(3)));
  return readout.unit === 'g' && typed > readout.decimals
    ? `${formatFixed(massG, typed)} g`
    : readout.say(massG);
}

function signed(massG: number, stepG: number): string {
  const size = readoutOf(stepG).say(Math.abs(massG));
  return massG < -1e-9 ? `−${size}` : massG > 1e-9 ? `+${size}` : size;
}
</script>

<template>
  <div class="scrolls">
    <table>
      <caption class="visually-hidden">
        Planned and weighed
      </caption>
      <thead>
        <tr>
          <th scope="col">Material</th>
          <th scope="col" class="number">Planned</th>
          <th scope="col" class="number">Weighed</th>
          <th scope="col" class="number">Difference</th>
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
              }}<router-link :to="toLot(lot.lotId)">{{ lot.code }}</router-link></template
            >
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
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
</style>
