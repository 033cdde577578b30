<script setup lang="ts">
import { computed } from 'vue';
import { complaintCount } from '@/core/goods/quality/complaints';
import { sayComplaints } from '@/core/goods/quality/messages';
import { GONE_WORDS } from '@/core/goods/products/messages';
import { standingMoves } from '@/core/goods/products/moves';
import type { SaleUnit } from '@/core/goods/products/schema';
import { keptPieces } from '@/core/batches/records/keptBack';
import { standing } from '@/core/batches/records/summary';
import { shortDate } from '@/core/basics/format/dates';
import { capital } from '@/core/basics/format/phrases';
import { counted, formatCount } from '@/core/basics/format/numbers';
import { useGoodsStore } from '@/stores/goods';
import { usePackStore } from '@/stores/pack';
import { useWorkshopStore } from '@/stores/workshop';

/** Where the units of the batches in hand are: here, sold, given, kept, not good. */
const props = defineProps<{ unit: SaleUnit }>();
const pack = usePackStore();
const goods = useGoodsStore();
const workshop = useWorkshopStore();

interface Row {
  readonly key: string;
  readonly who: string;
  readonly count: number;
  readonly when: string;
}
const MOST = 7;
const runs = computed(() => goods.wrapped.filter(({ run }) => run.unitId === props.unit.id));
const gone = computed<readonly Row[]>(() => {
  const own = new Set(runs.value.map(({ run }) => run.id));
  return standingMoves(workshop.goods, 'gone')
    .flatMap((move) => {
      const count = move.taken.reduce(
        (sum, one) => (own.has(one.wrappedId) ? sum + one.count : sum),
        0,
      );
      const who = workshop.orders.find(({ id }) => id === move.orderId)?.who ?? move.to;
      return count === 0
        ? []
        : [
            {
              key: move.id,
              who: who || capital(GONE_WORDS[move.how]),
              count,
              when:
                move.how === 'sold'
                  ? shortDate(move.at)
                  : `${GONE_WORDS[move.how]}, ${shortDate(move.at)}`,
            },
          ];
    })
    .reverse();
});
const beside = computed<readonly Row[]>(() =>
  pack.batches.flatMap((batch) => {
    const kept = keptPieces(batch);
    const bad = standing(batch, 'inspected').reduce((sum, { rejects }) => sum + rejects, 0);
    return [
      ...(kept > 0
        ? [{ key: `k${batch.id}`, who: 'Retained samples', count: kept, when: batch.code }]
        : []),
      ...(bad > 0 ? [{ key: `b${batch.id}`, who: 'Rejects', count: bad, when: batch.code }] : []),
    ];
  }),
);
const complaints = computed(() => complaintCount(pack.batches, workshop.logbook, goods.books));
const here = computed(() => runs.value.reduce((sum, { left }) => sum + left, 0));
const rows = computed<readonly Row[]>(() => [
  { key: 'here', who: 'Wrapped, here', count: here.value, when: 'now' },
  ...gone.value.slice(0, MOST),
  ...beside.value,
]);
</script>

<template>
  <section aria-labelledby="went-title">
    <h2 id="went-title">Where they are</h2>
    <table class="figures" aria-labelledby="went-title">
      <thead>
        <tr>
          <th scope="col">Where</th>
          <th scope="col" class="number">Pieces</th>
          <th scope="col">When</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.key">
          <th scope="row">{{ row.who }}</th>
          <td class="number">{{ formatCount(row.count) }}</td>
          <td class="quiet">{{ row.when }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="complaints.all > 0" class="more">{{ sayComplaints(complaints) }}</p>
    <p v-if="gone.length > MOST" class="quiet more">
      and {{ counted(gone.length - MOST, 'earlier time') }}
    </p>
  </section>
</template>

<style scoped>
th:first-child {
  overflow-wrap: anywhere;
}
td.number {
  font-weight: 700;
}
td.quiet {
  white-space: normal;
}
td.quiet,
.more {
  font-size: var(--text-small);
}
.more {
  margin: 6px 0 0;
}
</style>
