<script setup lang="ts">
import { DAY_MS } from '@/core/basics/time';
import { typedIn } from '@/ui/fields/typedIn';
import { computed, ref } from 'vue';
import { planScale } from '@/core/work/scaling/plan';
import { needsTogether } from '@/core/work/scaling/together';
import { materialsUsed } from '@/core/work/scaling/used';
import { asBought } from '@/core/workshop/shelf/madeAhead';
import { shoppingList } from '@/core/workshop/shelf/shoppingList';
import { useBowlsStore } from '@/stores/bowls';
import { useGoodsStore } from '@/stores/goods';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import { weekdayDate } from '@/core/basics/format/dates';
import { counted, formatCount, formatPlain } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { useMoney } from './useMoney';
import { useMaterials } from '@/ui/fields/materials';

const { nameOf, sentenceNameOf } = useMaterials();

const props = defineProps<{
  /** Bowls of each formula that the plan makes, by id; else whole batches as they stand on Scale. */
  bowls?: Readonly<Record<string, number>>;
  /** When each formula is mixed first, ms since 1970, by id. */
  firstMs?: Readonly<Record<string, number>>;
}>();

/** What several formulas need together, what the shelf holds of it, and what to buy in whole packs. */
const workshop = useWorkshopStore();
const shelf = useShelfStore();
const goods = useGoodsStore();
const bowlsStore = useBowlsStore();
const { money } = useMoney();

const formulas = computed(() =>
  workshop.formulas
    .filter(({ archivedAt, body }) => archivedAt === null && body.parts.some((p) => p.lines.length))
    .map((formula) => ({ formula, request: bowlsStore.requestOf(formula) })),
);
/** Batches of each formula, by id. */
const batches = ref<Record<string, number>>(
  props.bowls ?? (workshop.formulaInHand ? { [workshop.formulaInHand.id]: 1 } : {}),
);
const MOST_BATCHES = 99;

/** What one of each takes: a bowl of the plan, or a whole batch. */
function needsOf({ formula, request }: (typeof formulas.value)[number]) {
  if (props.bowls) {
    const found = bowlsStore.bowlFor(formula);
    return found.ok ? { needs: found.value.needs } : { problem: found.problem };
  }
  const planned = planScale(formula.body, request, shelf.meansFor(formula.body.method));
  return planned.ok ? { needs: materialsUsed(planned.plan) } : { problem: planned.problem.message };
}
const wanted = computed(() =>
  formulas.value.flatMap((of) => {
    const times = batches.value[of.formula.id] ?? 0;
    return times > 0 ? [{ name: of.formula.name, times, ...needsOf(of) }] : [];
  }),
);
const problems = computed(() =>
  wanted.value.flatMap(({ name, problem }) => (problem ? [`${name}: ${problem}`] : [])),
);
/** What is made here is bought as what it is made of. */
const needs = computed(() =>
  asBought(
    needsTogether(wanted.value.map(({ times, needs: own = [] }) => ({ times, needs: own }))),
    workshop.materials,
    shelf.usable,
  ),
);
const list = computed(() =>
  shoppingList(needs.value, shelf.usable, shelf.buyingFacts)
    .map((line) => ({ ...line, orderByMs: orderByMs(line.materialId) }))
    // What has to be ordered first comes first; without a plan as it was.
    .sort((a, b) => (a.orderByMs ?? 0) - (b.orderByMs ?? 0)),
);
/** The day by which a material is ordered, so that it is here for its first bowl; null where no plan says one. */
function orderByMs(materialId: string): number | null {
  const firsts = workshop.formulas.flatMap(({ id, body }) => {
    const at = props.firstMs?.[id];
    const isIn = body.parts.some(({ lines }) =>
      lines.some((line) => line.materialId === materialId),
    );
    return at !== undefined && isIn ? [at] : [];
  });
  const lead = workshop.materials.find(({ id }) => id === materialId)?.leadDays ?? 0;
  return firsts.length > 0 ? Math.min(...firsts) - lead * DAY_MS : null;
}
const toBuy = computed(() => list.value.filter(({ missingG }) => missingG > 0));
const total = computed(() => toBuy.value.reduce((sum, { cost }) => sum + (cost ?? 0), 0));
const unpriced = computed(() => toBuy.value.filter(({ cost }) => cost === null).length);

function setBatches(id: string, value: string): void {
  const times = Math.round(Number(value));
  batches.value = {
    ...batches.value,
    [id]: Number.isFinite(times) ? Math.min(MOST_BATCHES, Math.max(0, times)) : 0,
  };
}

function wantWords({ formula, request }: (typeof formulas.value)[number]): string {
  if (props.bowls) {
    const found = bowlsStore.bowlFor(formula);
    return found.ok ? `${counted(found.value.pieces, 'piece')} a bowl` : '';
  }
  const { want } = request;
  switch (want.kind) {
    case 'pieces':
      return counted(want.count, 'piece');
    case 'times':
      return `${formatPlain(want.times)} times as written`;
    case 'total':
      return formatMass(want.massG);
    case 'bowls':
      return counted(want.count, 'bowl');
    case 'use-up':
      return `${formatMass(want.massG)} of ${sentenceNameOf(want.materialId)}`;
  }
}
</script>

<template>
  <section aria-label="Shopping list" class="shopping">
    <div class="wanted">
      <h2>{{ props.bowls ? 'Bowls to make' : 'Batches to make' }}</h2>
      <ul class="plain-list">
        <li v-for="of in formulas" :key="of.formula.id">
          <label :for="`batches-${of.formula.id}`">{{ of.formula.name }}</label>
          <span class="quiet small">{{ wantWords(of) }}</span>
          <input
            :id="`batches-${of.formula.id}`"
            type="number"
            min="0"
            :max="MOST_BATCHES"
            :value="batches[of.formula.id] ?? 0"
            @change="(event) => setBatches(of.formula.id, typedIn(event))"
          />
        </li>
      </ul>
      <p v-if="formulas.length === 0" class="quiet">All formulas are empty. Start one on Design.</p>
      <p v-for="problem in problems" :key="problem" class="caution">{{ problem }}</p>
    </div>
    <div>
      <h2>
        {{ toBuy.length ? 'To buy' : list.length ? 'Nothing to buy' : 'How many batches?' }}
        <span v-if="toBuy.length" class="quiet sum">{{
          unpriced
            ? `${money(total)}, ${counted(unpriced, 'material')} without a price`
            : money(total)
        }}</span>
      </h2>
      <table v-if="list.length">
        <thead>
          <tr>
            <th scope="col">Material</th>
            <th scope="col" class="number">Needed</th>
            <th scope="col" class="number">On the shelf</th>
            <th scope="col" class="number">Buy</th>
            <th scope="col" class="number">Cost</th>
            <th v-if="firstMs" scope="col">Order by</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in list" :key="line.materialId" :class="{ enough: line.missingG <= 0 }">
            <td>{{ nameOf(line.materialId) }}</td>
            <td class="number">{{ formatMass(line.neededG) }}</td>
            <td class="number quiet">{{ formatMass(line.hereG) }}</td>
            <td class="number">
              <template v-if="line.missingG <= 0">enough</template>
              <b v-else-if="line.packs !== null && line.packG !== null"
                >{{ line.packs }} × {{ formatMass(line.packG) }}</b
              >
              <b v-else>{{ formatMass(line.buyG) }}</b>
            </td>
            <td class="number quiet">
              {{ line.missingG <= 0 ? '' : line.cost === null ? 'no price' : money(line.cost) }}
            </td>
            <td v-if="firstMs">
              {{ line.missingG > 0 && line.orderByMs !== null ? weekdayDate(line.orderByMs) : '' }}
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="goods.low.length > 0" class="caution">
        Reorder packaging:
        {{
          goods.low
            .map(({ packaging, left }) => `${packaging.name} (${formatCount(left)} left)`)
            .join(', ')
        }}.
      </p>
    </div>
  </section>
</template>

<style scoped>
.shopping {
  display: grid;
  grid-template-columns: minmax(260px, 1fr) minmax(0, 2fr);
  gap: 12px 40px;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 64px;
  align-items: center;
  gap: 12px;
  min-height: 40px;
  border-bottom: 1px solid var(--hairline);
}
input {
  height: 32px;
  padding: 0 6px;
  border: 1px solid var(--mid);
  border-radius: var(--radius-small);
  background: var(--paper);
  color: inherit;
  font: 700 var(--text-body) var(--font-body);
  text-align: right;
}
.small {
  color: var(--mid);
  font-size: var(--text-small);
}
.enough td {
  color: var(--mid);
}
.sum {
  margin-left: 12px;
  font: 400 var(--text-body) var(--font-body);
}
.caution {
  padding-left: 12px;
  border-left: 4px solid var(--ochre-mark);
}
@media (max-width: 1150px) {
  .shopping {
    grid-template-columns: minmax(0, 1fr);
  }
}
table {
  max-width: 700px;
}
</style>
