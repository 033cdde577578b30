<script setup lang="ts">
import ToggleButton from '@/ui/kit/ToggleButton.vue';
import { computed, ref } from 'vue';
import { seenRowsOf, type SeenRow } from '@/core/batches/trials/seen';
import { standingIn } from '@/core/batches/trials/write';
import { usualKind } from '@/core/batches/trials/kinds';
import type { Trial } from '@/core/batches/trials/schema';
import { useTrialsStore } from '@/stores/trials';
import { useActions } from '@/ui/actions/useActions';
import SeenPicture from './SeenPicture.vue';

/** What is seen, row by row: a row opens its pictures, a key or a press chooses one, and the next row opens. */
const props = defineProps<{ trial: Trial }>();
const trialStore = useTrialsStore();

/** On the scale the water is too little to say anything of foam and ring. */
const rows = computed<readonly SeenRow[]>(() => {
  const batch = trialStore.batchOf(props.trial);
  if (props.trial.kind !== 'scale') return seenRowsOf(props.trial.kind);
  return batch ? seenRowsOf(usualKind(batch.body)).filter(({ what }) => what === 'scent-dry') : [];
});
const seen = computed(
  () => new Map(standingIn(props.trial, 'seen').map(({ what, value }) => [what, value])),
);
const openWhat = ref<SeenRow['what'] | null>(null);

function wordOf(row: SeenRow): string {
  const value = seen.value.get(row.what);
  return row.choices.find((choice) => choice.value === value)?.word ?? 'open';
}

function choose(row: SeenRow, value: string): void {
  trialStore.write({ kind: 'seen', what: row.what, value });
  const next = rows.value.find(({ what }) => what !== row.what && !seen.value.has(what));
  openWhat.value = next?.what ?? null;
}

/** Digits choose in the row that is open. */
function pick(digit: number): void {
  const row = rows.value.find(({ what }) => what === openWhat.value);
  const choice = row?.choices[digit - 1];
  if (row && choice) choose(row, choice.value);
}

function openNext(): void {
  const at = rows.value.findIndex(({ what }) => what === openWhat.value);
  openWhat.value = rows.value[(at + 1) % Math.max(1, rows.value.length)]?.what ?? null;
}

useActions(() => [
  { name: 'Next question', key: 'n', run: openNext, isOff: rows.value.length === 0 },
  ...[1, 2, 3, 4, 5, 6, 7].map((digit) => ({
    name: `Answer ${digit}`,
    key: String(digit),
    run: () => pick(digit),
    isOff: openWhat.value === null,
  })),
]);
</script>

<template>
  <section v-if="rows.length" aria-label="What you see">
    <h2>What you see</h2>
    <ul class="plain-list">
      <li v-for="row in rows" :key="row.what">
        <button
          type="button"
          class="row"
          :aria-expanded="openWhat === row.what"
          @click="openWhat = openWhat === row.what ? null : row.what"
        >
          <b>{{ row.title }}</b>
          <span :class="seen.has(row.what) ? 'said' : 'quiet'">{{ wordOf(row) }}</span>
        </button>
        <div v-if="openWhat === row.what" class="choices" role="group" :aria-label="row.ask">
          <p class="quiet">{{ row.ask }}</p>
          <ToggleButton
            v-for="(choice, i) in row.choices"
            :key="choice.value"
            :pressed="seen.get(row.what) === choice.value"
            @press="choose(row, choice.value)"
          >
            <SeenPicture :picture="row.picture" :at="i" :of="row.choices.length - 1" />
            <span>{{ choice.word }}</span>
            <kbd>{{ i + 1 }}</kbd>
          </ToggleButton>
        </div>
      </li>
    </ul>
    <p class="quiet small"><kbd>N</kbd> opens the next row. A digit chooses.</p>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 4px;
  font-size: var(--text-title);
}
li {
  border-top: 1px solid var(--hairline);
}
.row {
  display: flex;
  justify-content: space-between;
  align-items: center;
  width: 100%;
  min-height: 44px;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.said {
  color: var(--verdigris);
  font-weight: 600;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding-bottom: 10px;
}
.choices p {
  flex-basis: 100%;
  margin: 0;
  font-size: var(--text-plain);
}
kbd {
  color: var(--mid);
  font: inherit;
  font-size: var(--text-small);
}
.small {
  font-size: var(--text-small);
}
</style>
