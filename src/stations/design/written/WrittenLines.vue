<script setup lang="ts">
import { computed } from 'vue';
import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { formatGrams } from '@/core/basics/format/numbers';

/** The recipe as it was written, beside the grams it became and how far they may be off. */
const props = defineProps<{ body: FormulaBody }>();

const written = computed(() =>
  allLines(props.body).filter(
    (line) => line.written !== undefined && line.massHighG > line.massLowG,
  ),
);
</script>

<template>
  <section v-if="written.length" aria-label="As it was written" class="written">
    <h2>As it was written</h2>
    <p class="quiet">
      Cups, spoons and drops, and the grams they may be. Type a weighed figure to settle one.
    </p>
    <table>
      <thead class="visually-hidden">
        <tr>
          <th scope="col">Written</th>
          <th scope="col">Grams</th>
          <th scope="col">Lowest to highest</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="line in written" :key="line.id">
          <td class="text">{{ line.written }}</td>
          <td class="tabular grams">{{ formatGrams(line.massG) }} g</td>
          <td class="tabular quiet">
            {{ formatGrams(line.massLowG) }} to {{ formatGrams(line.massHighG) }}
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
table {
  width: 100%;
  border-collapse: collapse;
  font-size: var(--text-plain);
}
td {
  padding: 4px 0;
  border-top: 1px solid var(--hairline);
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
