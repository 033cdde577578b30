<script setup lang="ts">
import { toBatch } from '@/shared/addresses';
import { computed, ref } from 'vue';
import { GRADES, type Grade } from '@/core/goods/products/kinds';
import { GRADE_WORDS } from '@/core/goods/products/messages';
import { sayConcern } from '@/core/goods/products/concerns';
import type { MoveOf } from '@/core/goods/products/schema';
import type { Batch } from '@/core/batches/records/schema';
import { shortDate } from '@/core/basics/format/dates';
import { counted, formatCount } from '@/core/basics/format/numbers';
import { useGoodsStore } from '@/stores/goods';
import { useWorkshopStore } from '@/stores/workshop';
import type { GoodsAct } from './goodsAct';
import GoodsDialog from './GoodsDialog.vue';
import StockLog from './StockLog.vue';

/** Finished goods: loose by batch, wrapped by code, and all that happened to them. */
defineEmits<{ handOver: [] }>();
const goods = useGoodsStore();
const workshop = useWorkshopStore();

const showsGone = ref(false);
const act = ref<GoodsAct | null>(null);

const loose = computed(() =>
  goods.loose
    .filter(({ left }) => GRADES.some((grade) => left[grade] !== 0))
    .flatMap(({ batch, left }) =>
      GRADES.flatMap((grade) => (left[grade] === 0 ? [] : [{ batch, grade, left: left[grade] }])),
    ),
);
const wrapped = computed(() =>
  goods.wrapped
    .filter(({ left }) => showsGone.value || left !== 0)
    .map(({ run, left }) => ({ run, left, name: unitName(run.unitId) })),
);
function unitName(id: string): string {
  return workshop.units.find((one) => one.id === id)?.name ?? 'Removed product';
}
const concernsOf = (run: MoveOf<'wrapped'>) => goods.concernsOfWrapped(run).map(sayConcern);
const looseConcerns = (batchId: string) => goods.concernsOf([batchId]).map(sayConcern);
const doTo = (batch: Batch, grade: Grade, left: number) =>
  (act.value = { kind: 'loose', batch, grade, left });
</script>

<template>
  <section aria-label="Stock">
    <p v-for="one in goods.overdrafts" :key="one.code" role="alert" class="problem">
      {{ one.code }}: {{ counted(one.short, 'piece') }} more left than there were. Count them by
      hand, or undo what was entered twice.
    </p>
    <div class="head">
      <h2>Wrapped</h2>
      <button type="button" class="link" @click="showsGone = !showsGone">
        {{ showsGone ? 'Show only what is here' : 'Show everything' }}
      </button>
      <v-btn size="small" @click="$emit('handOver')">Hand over</v-btn>
    </div>
    <p v-if="wrapped.length === 0" class="quiet">There are no wrapped products.</p>
    <table v-else>
      <thead>
        <tr>
          <th scope="col">Code</th>
          <th scope="col">Product</th>
          <th scope="col">Wrapped</th>
          <th scope="col">Best before</th>
          <th scope="col" class="number">Here</th>
          <th scope="col"><span class="visually-hidden">Action</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ run, left, name } in wrapped" :key="run.id">
          <td class="tabular">{{ run.code }}</td>
          <td>
            {{ name }}
            <span v-for="concern in concernsOf(run)" :key="concern" class="problem concern">{{
              concern
            }}</span>
          </td>
          <td>{{ shortDate(run.at) }}</td>
          <td>{{ run.bestBefore ? shortDate(run.bestBefore) : '' }}</td>
          <td class="number tabular">
            <b :class="{ problem: left < 0 }">{{ formatCount(left) }}</b> of
            {{ formatCount(run.count) }}
          </td>
          <td>
            <v-btn size="small" variant="text" @click="act = { kind: 'wrapped', run, left }"
              >Count<span class="visually-hidden"> {{ run.code }}</span></v-btn
            >
          </td>
        </tr>
      </tbody>
    </table>
    <h2>Loose</h2>
    <p v-if="loose.length === 0" class="quiet">
      There are no unwrapped pieces. They come here after you count a batch at the bench.
    </p>
    <table v-else>
      <thead>
        <tr>
          <th scope="col">Batch</th>
          <th scope="col">Formula</th>
          <th scope="col">Made</th>
          <th scope="col" class="number">Here</th>
          <th scope="col"><span class="visually-hidden">Action</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ batch, grade, left } in loose" :key="batch.id + grade">
          <td class="tabular">
            <router-link class="link" :to="toBatch(batch.code)">{{ batch.code }}</router-link>
          </td>
          <td>
            {{ batch.formulaName
            }}<template v-if="grade !== 'good'">, {{ GRADE_WORDS[grade] }}</template>
            <span
              v-for="concern in looseConcerns(batch.id)"
              :key="concern"
              class="problem concern"
              >{{ concern }}</span
            >
          </td>
          <td>{{ shortDate(batch.startedAt) }}</td>
          <td class="number tabular">
            <b :class="{ problem: left < 0 }">{{ left }}</b>
          </td>
          <td>
            <v-btn size="small" variant="text" @click="doTo(batch, grade, left)"
              >Use<span class="visually-hidden"> pieces of {{ batch.code }}</span></v-btn
            >
          </td>
        </tr>
      </tbody>
    </table>
    <StockLog />
    <GoodsDialog v-model="act" />
  </section>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 16px;
}
h2 {
  margin: 14px 0 6px;
}
.problem {
  color: var(--rust);
}
@media (max-width: 560px) {
  table,
  thead,
  tbody,
  tr {
    display: block;
  }
  thead {
    display: none;
  }
  tr {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 12px;
    padding: 6px 0;
    border-top: 1px solid var(--hairline);
  }
  td {
    border: 0;
  }
}
.concern {
  display: block;
  font-size: var(--text-small);
}
</style>
