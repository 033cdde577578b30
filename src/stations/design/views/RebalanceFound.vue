<script setup lang="ts">
import { totalMassG } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { sayClash } from '@/core/results/rebalance/messages';
import type { RebalanceResult } from '@/core/results/rebalance/rebalance';
import { formatMass } from '@/core/basics/format/quantities';
import { useMaterials } from '@/ui/fields/materials';

/** What was found: the changes line by line, or what does not fit together. */
const props = defineProps<{ body: FormulaBody; result: RebalanceResult }>();
const emit = defineEmits<{ take: []; leave: [] }>();
const { nameOf } = useMaterials();

/** Named where it is not the main mix: the embed has soda of its own. */
function partOf(lineId: string): string {
  const part = props.body.parts.find(({ lines }) => lines.some(({ id }) => id === lineId));
  return part && part.kind !== 'main' ? part.name : '';
}

function change(fromG: number, toG: number): string {
  const difference = toG - fromG;
  return difference > 0 ? `+${formatMass(difference)}` : `−${formatMass(-difference)}`;
}
</script>

<template>
  <div aria-live="polite" class="result">
    <p v-if="result.status === 'nothing-to-weigh'">The formula is empty. Add a material first.</p>
    <p v-else-if="result.status === 'already'">Every result is in its range already.</p>
    <template v-else-if="result.status === 'clash'">
      <p class="clash"><b>These don’t fit together:</b></p>
      <ul>
        <li v-for="(clash, i) in result.between" :key="i">{{ sayClash(clash) }}</li>
      </ul>
      <p class="quiet small">Drop any one of them.</p>
    </template>
    <template v-else>
      <p v-if="result.missed.length" class="clash">
        This is as near as it gets. Not met: {{ result.missed.map(sayClash).join('; ') }}.
      </p>
      <table class="figures">
        <thead class="visually-hidden">
          <tr>
            <th scope="col">Material</th>
            <th scope="col">Change</th>
            <th scope="col">New weight</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="entry in result.changes" :key="entry.lineId ?? entry.materialId">
            <th scope="row">
              {{ nameOf(entry.materialId) }}
              <span class="quiet">{{ entry.lineId === null ? 'new' : partOf(entry.lineId) }}</span>
            </th>
            <td class="tabular">{{ change(entry.fromG, entry.toG) }}</td>
            <td class="tabular grams">{{ formatMass(entry.toG) }}</td>
          </tr>
        </tbody>
      </table>
      <p class="quiet small">Total {{ formatMass(totalMassG(result.body)) }}</p>
      <v-btn variant="flat" @click="emit('take')">Apply</v-btn>
      <v-btn variant="text" @click="emit('leave')">Discard</v-btn>
    </template>
  </div>
</template>

<style scoped>
.result {
  margin-top: 12px;
}
ul {
  margin: 4px 0;
  padding-left: 20px;
}
.grams {
  font-weight: 700;
  white-space: nowrap;
}
.small {
  margin: 2px 0 8px;
  font-size: var(--text-plain);
}
.clash {
  color: var(--rust);
}
</style>
