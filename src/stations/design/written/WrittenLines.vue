<script setup lang="ts">
import { computed } from 'vue';
import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { formatMass, formatMassRange } from '@/core/basics/format/quantities';

/** The recipe as it was written, beside the grams it became and how far they may be off. */
const props = defineProps<{ body: FormulaBody }>();

const written = computed(() =>
  allLines(props.body).filter(
    (line) => line.written !== undefined && line.massHighG > line.massLowG,
  ),
);
</script>

<template>
  <section v-if="written.length" aria-label="As written" class="written">
    <h2>As written</h2>
    <p class="quiet">
      What each cup, spoon or drop may weigh. Weigh one and type its weight to make it exact.
    </p>
    <table>
      <thead class="visually-hidden">
        <tr>
          <th scope="col">Written</th>
          <th scope="col">Weight</th>
          <th scope="col">Range</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="line in written" :key="line.id">
          <td class="text">{{ line.written }}</td>
          <td class="tabular grams">{{ formatMass(line.massG) }}</td>
          <td class="tabular quiet">
            {{ formatMassRange(line.massLowG, line.massHighG) }}
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.written {
  margin-top: 26px;
}
p {
  margin: 2px 0 6px;
  font-size: var(--text-plain);
}
.text {
  overflow-wrap: anywhere;
}
.grams {
  padding: 0 10px;
  font-weight: 700;
  text-align: right;
  white-space: nowrap;
}
td:last-child {
  text-align: right;
  white-space: nowrap;
}
</style>
