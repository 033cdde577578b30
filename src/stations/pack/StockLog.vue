<script setup lang="ts">
import { computed, ref } from 'vue';
import { sayMove } from '@/core/goods/products/messages';
import { shortTime } from '@/core/basics/format/dates';
import { counted } from '@/core/basics/format/numbers';
import { useGoodsStore } from '@/stores/goods';
import { useWorkshopStore } from '@/stores/workshop';
import ProblemLine from '@/ui/kit/ProblemLine.vue';

/** All that happened to finished goods, newest first. What is undone stays readable. */
const goods = useGoodsStore();
const workshop = useWorkshopStore();
const MOST_MOVES = 12;
const shownMoves = ref(MOST_MOVES);
const problem = ref('');
const moves = computed(() =>
  [...workshop.goods].sort((a, b) => Date.parse(b.at) - Date.parse(a.at)),
);

const unitName = (id: string) =>
  workshop.units.find((one) => one.id === id)?.name ?? 'Removed product';
const codeOf = (id: string) => workshop.codeOfBatch(id) ?? 'Removed batch';

function strike(id: string): void {
  const done = goods.strike(id);
  problem.value = done.ok ? '' : (done.problem ?? '');
}
function moveName(move: (typeof workshop.goods)[number]): string {
  if (move.kind === 'wrapped') return unitName(move.unitId);
  if (move.kind === 'graded') return codeOf(move.batchId);
  const runs =
    move.kind === 'gone'
      ? move.taken.map(({ wrappedId }) => wrappedId)
      : move.of.kind === 'wrapped'
        ? [move.of.wrappedId]
        : [];
  const batches =
    move.kind === 'gone'
      ? move.loose.map(({ batchId }) => batchId)
      : move.kind === 'counted' && move.of.kind === 'loose'
        ? [move.of.batchId]
        : [];
  const names = [
    ...goods.wrapped
      .filter(({ run }) => runs.includes(run.id))
      .map(({ run }) => unitName(run.unitId)),
    ...batches.map(codeOf),
  ];
  return [...new Set(names)].join(', ');
}
</script>

<template>
  <div>
    <h2>Log</h2>
    <ProblemLine :problem="problem" />
    <ul class="plain-list moves">
      <li
        v-for="move in moves.slice(0, shownMoves)"
        :key="move.id"
        :class="{ struck: move.voidedAt }"
      >
        <span class="quiet tabular">{{ shortTime(move.at) }}</span>
        <span
          >{{ moveName(move) }}: {{ sayMove(move)
          }}<template v-if="move.who">, {{ move.who }}</template></span
        >
        <button
          v-if="move.voidedAt === null"
          type="button"
          class="link"
          :aria-label="`Undo: ${moveName(move)}, ${sayMove(move)}, ${shortTime(move.at)}`"
          @click="strike(move.id)"
        >
          Undo
        </button>
      </li>
    </ul>
    <button v-if="moves.length > shownMoves" type="button" class="link" @click="shownMoves += 40">
      Show {{ counted(moves.length - shownMoves, 'earlier entry', 'earlier entries') }}
    </button>
  </div>
</template>

<style scoped>
h2 {
  margin: 14px 0 6px;
}
.moves li {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) auto;
  gap: 10px;
  padding: 5px 0;
  border-bottom: 1px solid var(--hairline);
  font-size: var(--text-plain);
}
.struck {
  text-decoration: line-through;
  opacity: 0.75;
}
@media (max-width: 560px) {
  .moves li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
}
</style>
