<script lang="ts">
/** One line of a comparison, as it is said. */
export interface ShownRow {
  readonly name: string;
  readonly cells: readonly string[];
  readonly differs: boolean;
}
</script>

<script setup lang="ts">
defineProps<{ name: string; rows: readonly ShownRow[] }>();
</script>

<template>
  <tbody>
    <tr>
      <th scope="rowgroup" class="group">{{ name }}</th>
    </tr>
    <tr
      v-for="row in rows"
      :key="row.name"
      :class="{ differs: row.differs && row.cells.length > 1 }"
    >
      <th scope="row">
        <svg viewBox="0 0 10 10" aria-hidden="true"><circle cx="5" cy="5" r="3.5" /></svg>
        {{ row.name
        }}<span v-if="row.differs && row.cells.length > 1" class="visually-hidden">(differs)</span>
      </th>
      <td v-for="(cell, i) in row.cells" :key="i">{{ cell }}</td>
    </tr>
  </tbody>
</template>

<style scoped>
th,
td {
  padding: 4px 14px;
  border-top: 1px solid var(--hairline);
  text-align: left;
  font-weight: 400;
}
th {
  min-width: 210px;
  padding-left: 0;
}
.group {
  padding-top: 16px;
  border: 0;
  color: var(--mid);
  font-size: var(--text-small);
}
svg {
  width: 10px;
  height: 10px;
}
circle {
  fill: none;
}
.differs circle {
  fill: var(--ochre-mark);
}
.differs td {
  font-weight: 700;
}
</style>
