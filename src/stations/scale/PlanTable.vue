<script setup lang="ts">
import { computed } from 'vue';
import type { FormulaBody } from '@/core/formula';
import { materialById } from '@/core/materials';
import type { ScalePlan, ScaleRequest } from '@/core/scaling';
import { decimalsOf } from '@/core/weighing';
import { formatFixed, formatGrams } from '@/ui/format';

const props = defineProps<{ body: FormulaBody; plan: ScalePlan; request: ScaleRequest }>();

const decimals = computed(() => decimalsOf(props.request.scaleStepG));
const byLine = computed(() => new Map(props.plan.lines.map((line) => [line.lineId, line])));
const groups = computed(() =>
  props.body.parts.map((part) => ({
    part,
    lines: part.lines.flatMap((line) => {
      const planned = byLine.value.get(line.id);
      return planned ? [{ line, planned, name: materialById(line.materialId).name }] : [];
    }),
  })),
);
const needsFiner = computed(() => props.plan.lines.some((line) => line.needsFinerScale));

/** On the scale's own decimals; what is too small for it is shown as it is. */
function onScale(line: ScalePlan['lines'][number]): string {
  return line.targetG < props.request.scaleStepG / 2
    ? formatFixed(line.targetG, 3)
    : formatFixed(line.targetG, decimals.value);
}

function signed(errorPct: number): string {
  if (Math.abs(errorPct) < 0.005) return '0 %';
  return `${errorPct > 0 ? '+' : '−'}${Math.abs(errorPct).toFixed(Math.abs(errorPct) < 0.1 ? 2 : 1)} %`;
}

function ratio(value: number | null): string {
  return value === null ? '–' : value.toFixed(3);
}
</script>

<template>
  <dl class="sums">
    <div>
      <dt>Pieces</dt>
      <dd class="figure">{{ plan.pieces.toLocaleString('en-US') }}</dd>
    </div>
    <div>
      <dt>Mix</dt>
      <dd class="figure">{{ formatFixed(plan.totalG, plan.totalG < 100 ? decimals : 0) }} g</dd>
    </div>
    <div>
      <dt>Soda to acid after rounding</dt>
      <dd class="figure">{{ ratio(plan.ratioAfter) }}</dd>
      <dd class="quiet">{{ ratio(plan.ratioBefore) }} before</dd>
    </div>
    <div>
      <dt>Left over</dt>
      <dd class="figure">{{ formatGrams(plan.leftoverG) }} g</dd>
    </div>
  </dl>
  <table>
    <thead>
      <tr>
        <th scope="col">Material</th>
        <th scope="col" class="number">In the formula</th>
        <th scope="col" class="number">Weigh</th>
        <th scope="col" class="number">Rounding</th>
      </tr>
    </thead>
    <tbody v-for="group in groups" :key="group.part.id">
      <tr v-if="groups.length > 1" class="part">
        <th scope="rowgroup" colspan="4">{{ group.part.name }}</th>
      </tr>
      <tr v-for="{ line, planned, name } in group.lines" :key="line.id">
        <td>
          {{ name }}
          <span v-if="planned.needsFinerScale" class="finer"
            >too little for a {{ request.scaleStepG }} g scale: a finer one, drops or a premix</span
          >
        </td>
        <td class="number quiet">{{ formatGrams(line.massG) }} g</td>
        <td class="number">
          <b>{{ onScale(planned) }} g</b>
        </td>
        <td class="number quiet">{{ signed(planned.errorPct) }}</td>
      </tr>
    </tbody>
  </table>
  <p v-if="needsFiner" class="quiet small">
    Under ten steps a scale is off by 5 % and more. Those lines are named.
  </p>
</template>

<style scoped>
.sums {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 40px;
  margin: 0 0 20px;
}
dt {
  color: var(--mid);
  font-size: 13px;
}
dd {
  margin: 0;
}
.sums .figure {
  font-size: 26px;
  line-height: 1.15;
}
table {
  width: 100%;
  max-width: 760px;
  border-collapse: collapse;
}
th,
td {
  padding: 6px 10px 6px 0;
  border-bottom: 1px solid var(--hairline);
  text-align: left;
  font-weight: 400;
}
thead th {
  color: var(--mid);
  font-size: 13px;
}
.number {
  text-align: right;
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
.number b {
  font-size: 17px;
}
.part th {
  padding-top: 18px;
  font: 650 16px var(--font-heading);
}
.finer {
  display: block;
  color: var(--ochre);
  font-size: 13px;
}
.small {
  font-size: 13px;
}
</style>
