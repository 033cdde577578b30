<script lang="ts">
/** A row with the month it is for; empty where it is for no month. */
export type NamedRow = SeasonRow & { readonly name: string };
</script>

<script setup lang="ts">
import { formatMinutes } from '@/core/basics/format/durations';
import { formatFixed, formatPercent } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import type { SeasonLimit, SeasonRow } from '@/core/workshop/taught/seasonCard';
import { useMaterials } from '@/ui/fields/materials';

/** The rows of a season card, each of one humidity; by month where they are named. */
defineProps<{ rows: readonly NamedRow[]; hasMonth: boolean }>();
const emit = defineEmits<{ use: [row: SeasonRow] }>();
const { sentenceNameOf } = useMaterials();

const LIMIT_WORDS: Readonly<Record<SeasonLimit, string>> = {
  'loose-water': 'Drier than its target: more spray would leave too much loose water.',
  'oil-least': 'Damper than its target: the oil is at half already.',
  'no-water': 'Drier than its target: water must stay out of this mix.',
};
const hours = (row: SeasonRow, end: 'best' | 'high') =>
  row.dryH === null ? 'never' : formatMinutes(60 * row.dryH[end]);
</script>

<template>
  <table aria-label="Season card">
    <thead>
      <tr>
        <th v-if="hasMonth" scope="col">Month</th>
        <th scope="col" class="number">Humidity</th>
        <th scope="col" class="number">Oil</th>
        <th scope="col" class="number">Bloom water</th>
        <th scope="col" class="number">Spray</th>
        <th scope="col" class="number">Squirts</th>
        <th scope="col" class="number">Moisture</th>
        <th scope="col" class="number">Dry after</th>
        <th scope="col" class="number">Wrap after</th>
        <th scope="col" class="no-print"><span class="visually-hidden">Action</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.name + row.humidityPct">
        <th v-if="hasMonth" scope="row">{{ row.name }}</th>
        <td data-label="Humidity" class="number big">
          {{ formatPercent(row.humidityPct, 0) }}
        </td>
        <td data-label="Oil" class="number">{{ formatMass(row.oilG) }}</td>
        <td data-label="Bloom water" class="number">
          {{ row.bloomG > 0 ? formatMass(row.bloomG) : '–' }}
        </td>
        <td data-label="Spray" class="number">
          {{ row.sprayG > 0 ? formatMass(row.sprayG) : '–' }}
          <span v-if="row.sprayG > 0" class="quiet">{{ sentenceNameOf(row.sprayId) }}</span>
        </td>
        <td data-label="Squirts" class="number">{{ row.squirts > 0 ? row.squirts : '–' }}</td>
        <td data-label="Moisture" class="number">
          {{ formatFixed(row.dampPct, 1) }}
          <span v-if="row.limit" class="quiet limit">{{ LIMIT_WORDS[row.limit] }}</span>
        </td>
        <td data-label="Dry after" class="number">{{ hours(row, 'best') }}</td>
        <td data-label="Wrap after" class="number">{{ hours(row, 'high') }}</td>
        <td class="no-print">
          <v-btn size="small" variant="text" @click="emit('use', row)"
            >Save as version<span class="visually-hidden">
              for {{ formatPercent(row.humidityPct, 0) }}</span
            ></v-btn
          >
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
th,
td {
  padding: 8px 12px 8px 0;
}
.big {
  font-size: var(--text-lead);
  font-weight: 700;
}
td .quiet {
  display: block;
  font-size: var(--text-small);
}
.limit {
  max-width: 22ch;
  margin-left: auto;
}
@media (max-width: 820px) {
  table,
  tbody,
  tr {
    display: block;
  }
  thead {
    display: none;
  }
  tr {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    border-bottom: 1px solid var(--hairline);
  }
  td,
  th {
    border: 0;
    text-align: left;
  }
  td[data-label]::before {
    content: attr(data-label);
    display: block;
    color: var(--mid);
    font-size: var(--text-small);
    font-weight: 400;
  }
}
</style>
