<script setup lang="ts">
import { computed } from 'vue';
import { formatFixed, formatPercent } from '@/core/basics/format/numbers';
import type { ScalePlan } from '@/core/work/scaling/plan';

/** The results of the formula, of the weights as they are rounded together, and as they would be line by line. */
const props = defineProps<{ plan: ScalePlan }>();

const readings = computed(() => {
  const { wanted, planned, roundedAlone } = props.plan.readings;
  const row = (
    name: string,
    key: 'sodaToAcidByMass' | 'dampIndexPct' | 'freeWaterPct' | 'scentLoadPct',
    decimals: number,
    isPercent = false,
  ) => {
    const say = (value: number | null) => {
      if (value === null) return '–';
      return isPercent ? formatPercent(value, decimals) : formatFixed(value, decimals);
    };
    return {
      name,
      wanted: say(wanted[key]),
      planned: say(planned[key]),
      alone: say(roundedAlone[key]),
    };
  };
  return [
    row('Soda to acid', 'sodaToAcidByMass', 3),
    row('Moisture', 'dampIndexPct', 2),
    row('Loose water', 'freeWaterPct', 2, true),
    row('Scent', 'scentLoadPct', 3, true),
  ];
});
</script>

<template>
  <table class="readings" aria-label="Results">
    <thead>
      <tr>
        <th scope="col">Result</th>
        <th scope="col" class="number">Formula</th>
        <th scope="col" class="number">These weights</th>
        <th scope="col" class="number">Rounded line by line</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in readings" :key="row.name">
        <th scope="row">{{ row.name }}</th>
        <td class="number quiet">{{ row.wanted }}</td>
        <td class="number">
          <b>{{ row.planned }}</b>
        </td>
        <td class="number quiet">{{ row.alone }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  font-size: var(--text-body);
}
.number b {
  font-size: var(--text-lead);
}
.readings {
  width: auto;
  min-width: min(480px, 100%);
  margin-top: 22px;
}
</style>
