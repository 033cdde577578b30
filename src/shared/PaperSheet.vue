<script setup lang="ts">
import type { Paper } from '@/ui/paper/papers';

/** A paper on screen as it is printed: black on white. */
defineProps<{ paper: Paper }>();
</script>

<template>
  <article class="paper" :aria-label="paper.title">
    <h2 class="title">{{ paper.title }}</h2>
    <p class="quiet">{{ paper.sub }}</p>
    <template v-for="(part, i) in paper.parts" :key="i">
      <h3 v-if="part.kind === 'heading'">{{ part.text }}</h3>
      <p v-else-if="part.kind === 'text'" :class="{ strong: part.isStrong }">{{ part.text }}</p>
      <ul v-else-if="part.kind === 'list'">
        <li v-for="item in part.items" :key="item">{{ item }}</li>
      </ul>
      <div v-else class="scrolls" tabindex="0" role="group" :aria-label="part.head.join(', ')">
        <table>
          <thead>
            <tr>
              <th
                v-for="(head, at) in part.head"
                :key="at"
                scope="col"
                :class="{ number: part.numbers?.includes(at) }"
              >
                {{ head }}
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, r) in part.rows" :key="r">
              <td
                v-for="(cell, at) in row"
                :key="at"
                :class="{ number: part.numbers?.includes(at) }"
              >
                {{ cell }}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </article>
</template>

<style scoped>
.paper {
  max-width: 860px;
  padding: 18px 22px 26px;
  border: 1px solid var(--hairline);
  background: var(--paper);
}
.title {
  font-size: var(--text-headline);
}
h3 {
  margin: 16px 0 6px;
  font-size: var(--text-lead);
}
p {
  margin: 2px 0 6px;
  font-size: var(--text-plain);
  overflow-wrap: anywhere;
}
.strong {
  font-weight: 700;
}
ul {
  margin: 2px 0 8px;
  padding-left: 20px;
  font-size: var(--text-plain);
}
@media print {
  .paper {
    border: 0;
    padding: 0;
    max-width: none;
  }
}
table {
  font-size: var(--text-small);
}
th,
td {
  padding: 3px 8px 3px 0;
  vertical-align: top;
}
</style>
