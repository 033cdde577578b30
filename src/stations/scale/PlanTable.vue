<script setup lang="ts">
import { readoutOf } from '@/core/work/weighing/readout';
import { mdiDotsVertical } from '@mdi/js';
import { computed } from 'vue';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { PlannedLine } from '@/core/work/scaling/planLines';
import type { PremixStock } from '@/core/work/scaling/means';
import type { ScalePlan } from '@/core/work/scaling/plan';
import type { Way } from '@/core/work/scaling/requestSchema';
import type { AssignedLots } from '@/core/workshop/shelf/assignLots';
import { sayCounted } from '@/core/work/weighing/counted';
import { useShelfStore } from '@/stores/shelf';
import ActionMenu from '@/ui/frame/ActionMenu.vue';
import { listed } from '@/core/basics/format/names';
import { formatChangePct, formatPercent } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { useMaterials } from '@/ui/fields/materials';
import PlanResults from './PlanResults.vue';

const { materialOf } = useMaterials();

const props = defineProps<{ body: FormulaBody; plan: ScalePlan; assigned: AssignedLots }>();
const emit = defineEmits<{ way: [lineId: string, way: Way]; premix: [line: PlannedLine] }>();

const shelf = useShelfStore();

const byLine = computed(() => new Map(props.plan.lines.map((line) => [line.lineId, line])));
const short = computed(
  () => new Map(props.assigned.short.map(({ materialId, missingG }) => [materialId, missingG])),
);
const barred = computed(
  () => new Map(props.assigned.barred.map((one) => [one.materialId, one] as const)),
);
function sayBarred(materialId: string): string {
  const { onHold = [], past = [], notReady = [] } = barred.value.get(materialId) ?? {};
  const why = [
    ...(onHold.length > 0 ? [`${listed(onHold)} on hold`] : []),
    ...(past.length > 0 ? [`${listed(past)} past its date`] : []),
    ...(notReady.length > 0 ? [`${listed(notReady)} not ready yet`] : []),
  ];
  return `There is no usable lot (${why.join(', ')}). Receive another one, or release one.`;
}
const groups = computed(() =>
  props.body.parts.map((part) => ({
    part,
    rows: part.lines.flatMap((line) => {
      const planned = byLine.value.get(line.id);
      return planned ? [{ line, planned, material: materialOf(line.materialId) }] : [];
    }),
  })),
);
const severalScales = computed(
  () => new Set(props.plan.lines.map(({ scaleName }) => scaleName)).size > 1,
);

/** On the scale's own decimals; what is too small for it is shown as it is. */
function onScale({ weighG, stepG }: PlannedLine): string {
  return readoutOf(stepG, weighG < stepG / 2 ? 0 : Infinity).say(weighG);
}

/** In the person's own unit, where the scale has another. */
function besideOf({ weighG, stepG }: PlannedLine): string {
  return readoutOf(stepG).beside(weighG);
}

function signed(errorPct: number): string {
  if (Math.abs(errorPct) < 0.005) return '0%';
  return formatChangePct(errorPct);
}

function lotsOf(lineId: string): string {
  const codes = props.assigned.bowls.flatMap((bowl) =>
    (bowl[lineId] ?? []).map(({ code }) => code),
  );
  return [...new Set(codes)].join(', ');
}

/** Premixes of it that hold enough. */
function premixesOf({ materialId, exactG }: PlannedLine): readonly PremixStock[] {
  return shelf.premixes.filter(
    (premix) =>
      premix.materialId === materialId && premix.leftG * premix.strengthFraction >= exactG,
  );
}

/** Ways this line can go into the bowl. */
function waysOf(planned: PlannedLine) {
  const premixes = premixesOf(planned);
  return [
    { value: 'scale', title: 'Weigh' },
    ...(materialOf(planned.materialId).isLiquid ? [{ value: 'drops', title: 'Count drops' }] : []),
    { value: 'spoons', title: 'Count spoons' },
    ...premixes.map(({ lotId, code, strengthFraction, leftG }) => ({
      value: lotId,
      title: `Premix ${code}`,
      subtitle: `${formatPercent(strengthFraction * 100, 1)}, ${formatMass(leftG)} left`,
    })),
    { value: 'make', title: 'Create a premix' },
  ];
}

function choose(planned: PlannedLine, value: string): void {
  if (value === 'make') emit('premix', planned);
  else if (value === 'scale' || value === 'drops' || value === 'spoons')
    emit('way', planned.lineId, { kind: value });
  else emit('way', planned.lineId, { kind: 'premix', lotId: value });
}
</script>

<template>
  <div class="tables">
    <table class="weights">
      <thead>
        <tr>
          <th scope="col">Material</th>
          <th scope="col" class="wide">Lot</th>
          <th scope="col" class="number">Weigh</th>
          <th v-if="severalScales" scope="col" class="wide">Scale</th>
          <th scope="col" class="number wide">Rounding</th>
          <th scope="col"><span class="visually-hidden">How to weigh</span></th>
        </tr>
      </thead>
      <tbody v-for="group in groups" :key="group.part.id">
        <tr v-if="groups.length > 1" class="part">
          <th scope="rowgroup" :colspan="severalScales ? 6 : 5">{{ group.part.name }}</th>
        </tr>
        <tr v-for="{ line, planned, material } in group.rows" :key="line.id">
          <td>
            {{ material.name }}
            <span class="note narrow">{{ lotsOf(line.id) }}</span>
            <span v-if="planned.premix" class="note"
              >{{ formatMass(planned.targetG, 3) }}, as premix {{ planned.premix.code }}</span
            >
            <span v-else-if="planned.needsFinerScale" class="finer">
              {{ readoutOf(planned.stepG, 0).say(planned.weighG) }} is too little for
              {{ planned.scaleName }}.
              <button
                v-for="premix in premixesOf(planned)"
                :key="premix.lotId"
                type="button"
                class="link"
                @click="emit('way', line.id, { kind: 'premix', lotId: premix.lotId })"
              >
                Use premix {{ premix.code }}
              </button>
              <button type="button" class="link" @click="emit('premix', planned)">
                Create a premix<span class="visually-hidden"> of {{ material.name }}</span>
              </button>
            </span>
            <span v-if="barred.get(line.materialId)" class="finer">
              {{ sayBarred(line.materialId) }}
              <router-link :to="{ name: 'shelf', params: { side: 'lots' } }">Open lots</router-link>
            </span>
            <span v-if="short.get(line.materialId)" class="finer"
              >The shelf is short by {{ formatMass(short.get(line.materialId) ?? 0) }}.</span
            >
          </td>
          <td class="quiet lots wide">{{ lotsOf(line.id) }}</td>
          <td class="number">
            <template v-if="planned.counted"
              ><b>{{ sayCounted(planned.counted) }}</b></template
            >
            <b v-else>{{ onScale(planned) }}</b>
            <span v-if="besideOf(planned)" class="note">{{ besideOf(planned) }}</span>
          </td>
          <td v-if="severalScales" class="quiet lots wide">
            {{ planned.counted?.how ?? planned.scaleName }}
          </td>
          <td class="number quiet wide">{{ signed(planned.errorPct) }}</td>
          <td>
            <ActionMenu
              class="more"
              :items="waysOf(planned)"
              :aria-label="`How to weigh ${material.name}`"
              title="How to weigh it"
              @choose="(value) => choose(planned, value)"
            >
              <v-icon :icon="mdiDotsVertical" size="18" />
            </ActionMenu>
          </td>
        </tr>
      </tbody>
    </table>
    <PlanResults :plan="plan" />
    <p v-if="plan.carrierOverG > 0" class="finer">
      The premixes add {{ formatMass(plan.carrierOverG) }} of carrier, so the mix is that much
      larger.
    </p>
  </div>
</template>

<style scoped>
/* Read at arm’s length. */
table {
  font-size: var(--text-body);
}
.tables {
  max-width: 780px;
}
.number b {
  font-size: var(--text-lead);
}
.part th {
  padding-top: 14px;
  font: 650 var(--text-lead) var(--font-heading);
}
.lots {
  font-size: var(--text-small);
  white-space: nowrap;
}
.note,
.finer {
  display: block;
  color: var(--mid);
  font-size: var(--text-small);
}
.finer {
  color: var(--ochre);
}
.link {
  margin-right: 8px;
}
.weights :deep(.more) {
  display: grid;
  place-items: center;
  width: 32px;
  height: 30px;
  color: var(--mid);
}
.note.narrow {
  display: none;
}
/* On a phone a line says what to weigh, and from which lot; the rest is on the wide screen and the sheet. */
@media (max-width: 560px) {
  .tables {
    overflow-x: auto;
  }
  .wide {
    display: none;
  }
  .note.narrow {
    display: block;
  }
  .weights :deep(.more) {
    width: 44px;
    height: 44px;
  }
}
</style>
