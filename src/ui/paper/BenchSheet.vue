<script setup lang="ts">
import { computed } from 'vue';
import QRCode from 'qrcode';
import type { Sheet } from './sheet';

/** A batch on paper: steps in order, grams, tolerances, lots, cautions, boxes to tick, room for notes. */
const props = defineProps<{ sheet: Sheet }>();

const NOTE_LINES = 4;

/** The code as one path of squares, a unit each. */
const code = computed(() => {
  if (!props.sheet.link) return null;
  const { modules } = QRCode.create(props.sheet.link, { errorCorrectionLevel: 'M' });
  const squares: string[] = [];
  for (let y = 0; y < modules.size; y++)
    for (let x = 0; x < modules.size; x++)
      if (modules.get(y, x)) squares.push(`M${x} ${y}h1v1h-1z`);
  return { size: modules.size, path: squares.join('') };
});
</script>

<template>
  <article class="sheet" aria-label="Bench sheet">
    <header>
      <div>
        <h2>{{ sheet.title }}</h2>
        <p class="facts">{{ sheet.facts.join(' · ') }}</p>
      </div>
      <p class="code">
        <b>{{ sheet.code ?? 'no batch yet' }}</b>
        <svg
          v-if="code"
          :viewBox="`-2 -2 ${code.size + 4} ${code.size + 4}`"
          role="img"
          :aria-label="`Code of ${sheet.code}`"
        >
          <rect x="-2" y="-2" :width="code.size + 4" :height="code.size + 4" fill="#fff" />
          <path :d="code.path" fill="#000" />
        </svg>
      </p>
    </header>
    <ul v-if="sheet.warnings.length" class="warnings">
      <li v-for="warning in sheet.warnings" :key="warning">{{ warning }}</li>
    </ul>
    <ul class="cautions">
      <li v-for="caution in sheet.cautions" :key="caution">{{ caution }}</li>
    </ul>
    <table>
      <thead>
        <tr>
          <th scope="col"><span class="visually-hidden">Done</span></th>
          <th scope="col">Step</th>
          <th scope="col" class="number">Amount</th>
          <th scope="col" class="number">Tolerance</th>
          <th scope="col">Lot</th>
          <th scope="col">Weighed</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in sheet.rows" :key="row.stepId" :class="row.kind">
          <td><span class="box" aria-hidden="true" /></td>
          <td>
            {{ row.title }} <span class="note">{{ row.note }}</span>
          </td>
          <td class="number">
            <b>{{ row.amount }}</b>
            <div v-if="row.beside" class="note">{{ row.beside }}</div>
          </td>
          <td class="number note">{{ row.tolerance }}</td>
          <td class="note lot">{{ row.lots }}</td>
          <td class="blank" />
        </tr>
      </tbody>
    </table>
    <div class="notes">
      <p>Notes</p>
      <span v-for="line in NOTE_LINES" :key="line" />
    </div>
  </article>
</template>

<style scoped>
/* Read at arm’s length. */
table {
  font-size: var(--text-body);
}
.sheet {
  max-width: 780px;
  padding: 24px 28px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
header {
  display: flex;
  justify-content: space-between;
  gap: 20px;
}
h2 {
  font-size: var(--text-headline);
}
.facts {
  margin: 4px 0 0;
}
.code {
  display: grid;
  justify-items: end;
  margin: 0;
  white-space: nowrap;
}
.code svg {
  width: 84px;
}
.warnings {
  margin: 10px 0 0;
  padding: 8px 12px 8px 32px;
  border: 2px solid var(--rust);
  font-weight: 600;
}
.cautions {
  margin: 10px 0 14px;
  padding: 6px 0 6px 28px;
  border-top: 2px solid var(--rust);
  border-bottom: 2px solid var(--rust);
  font-size: var(--text-plain);
}
.lot {
  white-space: nowrap;
}
.note {
  color: var(--mid);
  font-size: var(--text-small);
}
.box {
  display: block;
  width: 15px;
  height: 15px;
  margin-top: 2px;
  border: 1.5px solid var(--ink);
}
.blank {
  width: 72px;
  border-bottom: 1px solid var(--ink);
}
.notes span {
  display: block;
  height: 26px;
  border-bottom: 1px solid var(--hairline);
}
.notes p {
  margin: 14px 0 0;
}
@media print {
  .sheet {
    max-width: none;
    padding: 0;
    border: 0;
    background: none;
    color: #000;
  }
}
@media screen and (max-width: 560px) {
  .sheet {
    padding: 12px 10px;
    overflow-x: auto;
  }
  header {
    flex-wrap: wrap;
  }
}
th,
td {
  vertical-align: top;
}
tr {
  break-inside: avoid;
}
</style>
