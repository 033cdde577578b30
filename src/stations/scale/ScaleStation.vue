<script setup lang="ts">
import { SIDES, valuesOf } from '@/shared/places';
import EmptyState from '@/ui/kit/EmptyState.vue';
import { storeToRefs } from 'pinia';
import { computed, defineAsyncComponent, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { toSheet } from '@/shared/addresses';
import { useAddressTab } from '@/shared/useAddress';
import { useFormulaAddress } from '@/shared/useFormulaAddress';
import { conditionsFor } from '@/core/workshop/settings/conditionsFor';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { planWarnings } from '@/core/work/flow/planWarnings';
import { warningsOf } from '@/core/results/evaluation/warnings';
import { METHOD_WORDS } from '@/core/formula/model/messages';
import { describeVersion } from '@/core/formula/model/versions';
import { isInside } from '@/core/formula/model/parts';
import { portionsOf } from '@/core/matter/materials/portion';
import { moldName } from '@/core/work/scaling/moldNames';
import type { LeftoverUse } from '@/core/work/scaling/leftover';
import type { PlannedLine } from '@/core/work/scaling/planLines';
import { useShelfStore } from '@/stores/shelf';
import { moldFromShelf } from '@/core/workshop/shelf/moldFromShelf';
import { planPremix } from '@/core/workshop/shelf/premix';
import type { Lot } from '@/core/workshop/shelf/lot';
import { dryingLossFraction } from '@/core/batches/trays/volatile';
import { counted } from '@/core/basics/format/numbers';
import { useBenchStore } from '@/stores/bench';
import { usePlanStore } from '@/stores/plan';
import { useWorkshopStore } from '@/stores/workshop';
import AppTabs from '@/ui/kit/AppTabs.vue';
import ActionButton from '@/ui/actions/ActionButton.vue';
import { useActions } from '@/ui/actions/useActions';
import PageHeader from '@/shared/PageHeader.vue';
import type { PremixWish } from '@/shared/premixWish';
import MixStrip from './MixStrip.vue';
import MoldPicture from './MoldPicture.vue';
import PlanSums from './PlanSums.vue';
import PlanTable from './PlanTable.vue';
import WantForm from './WantForm.vue';
import { carrierFor } from './carrier';

/** Loaded when first looked at. */
const SpreadView = defineAsyncComponent(() => import('./SpreadView.vue'));
const CostView = defineAsyncComponent(() => import('./CostView.vue'));
const ClassView = defineAsyncComponent(() => import('./ClassView.vue'));
const SheetView = defineAsyncComponent(() => import('./SheetView.vue'));
const ShoppingFor = defineAsyncComponent(() => import('@/shared/ShoppingFor.vue'));
const StartDialog = defineAsyncComponent(() => import('./StartDialog.vue'));
const PremixDialog = defineAsyncComponent(() => import('@/shared/PremixDialog.vue'));

const shelf = useShelfStore();
const workshop = useWorkshopStore();
const bench = useBenchStore();
const router = useRouter();

const view = useAddressTab(['scale'], valuesOf(SIDES.scale), 'weights');
useFormulaAddress(['scale']);
const formula = computed(() => workshop.formulaInHand);
const planning = usePlanStore();
const { means, request, result, plan, assigned, leftoverUse, moldNote, packedRecords } =
  storeToRefs(planning);
const { ask, setWay } = planning;
const batchAtBench = computed(() =>
  workshop.batches.find(({ outcome }) => outcome === 'at-the-bench'),
);
const premixOf = shallowRef<PlannedLine | null>(null);
const wish = computed<PremixWish | null>(() => {
  const line = premixOf.value;
  if (!line || !formula.value || !(line.exactG > 0)) return null;
  const { strengthFraction, makeG } = planPremix(line.exactG, line.stepG);
  return {
    materialId: line.materialId,
    carrierId: carrierFor(formula.value.body, line, workshop.catalog),
    strengthPct: strengthFraction * 100,
    makeG,
  };
});
const hasMixed = ref(false);
watch(premixOf, () => (hasMixed.value = true));

function usePremix(lot: Lot): void {
  if (premixOf.value) setWay(premixOf.value.lineId, { kind: 'premix', lotId: lot.id });
  premixOf.value = null;
}

/** Share of a piece that dries off: the main mix is what is pressed. */
const loss = computed(() =>
  formula.value
    ? dryingLossFraction(
        portionsOf(workshop.catalog, formula.value.body.parts.find(isInside)?.lines ?? []),
      ).best
    : 0,
);

/** What is left becomes pieces of its own, pressed and counted with the rest. */
function pressSamplers({ moldId, pieces }: LeftoverUse): void {
  const found = workshop.molds.find(({ id }) => id === moldId);
  if (!found) return;
  const set = {
    mold: moldFromShelf(found),
    moldId,
    fillG: null,
    count: pieces,
    isSampler: true,
  };
  ask({ ...request.value, more: [...(request.value.more ?? []), set] });
}

/** Judged as the start freezes it: what stands out there is asked about once. */
const warnings = computed(() => {
  if (!formula.value || !plan.value) return [];
  const { body } = formula.value;
  return warningsOf(evaluate(body, conditionsFor(workshop.facts, body, plan.value.pieceG)));
});
/** What the hands of this plan run into, though the formula is right. */
const workWarnings = computed(() => {
  if (!formula.value || !plan.value) return [];
  return planWarnings(formula.value.body, plan.value, {
    catalog: workshop.catalog,
    stepG: request.value.scaleStepG,
    shelfMold: shelf.shelfMold,
  }).map((message) => ({ severity: 'warning' as const, message }));
});
const asked = computed(() => [...warnings.value, ...workWarnings.value]);
/** Where the hands go once the batch is begun. */
const goal = ref<'make' | 'sheet'>('make');
const isAsking = ref(false);
const hasAsked = ref(false);
/** A second press before the bench is there must not open a second batch. */
let isStarting = false;

function begin(to: 'make' | 'sheet'): void {
  goal.value = to;
  if (asked.value.length === 0) return void start(false);
  hasAsked.value = true;
  isAsking.value = true;
}

const acts = computed(() => ({
  start: {
    name: 'Start this batch',
    key: 'b',
    run: () => begin('make'),
    isOff: !formula.value || !plan.value,
  },
}));
useActions(() => Object.values(acts.value));

async function start(isOwnUse: boolean): Promise<void> {
  if (!plan.value || isStarting) return;
  isStarting = true;
  const [first] = bench.start(request.value, plan.value, isOwnUse);
  const name = goal.value;
  if (first) await router.push(name === 'make' ? { name } : toSheet(first.code));
  isStarting = false;
}
</script>

<template>
  <div>
    <PageHeader class="no-print" :thing="formula?.name">
      <template #sub>
        <template v-if="formula"
          >{{ formula.name }}, {{ describeVersion(formula) }} ·
          {{ METHOD_WORDS[formula.body.method] }},
          {{ moldName(request, shelf.shelfMold) }}</template
        >
        <template v-else>no formula open</template>
      </template>
      <template #actions>
        <ActionButton v-if="formula" :action="acts.start" is-main />
      </template>
    </PageHeader>
    <EmptyState
      v-if="!formula"
      is-page
      picture="piece"
      :elsewhere="{ name: 'Open Design', to: { name: 'design' } }"
    >
      There is no formula open. Open one on Design, and plan its batches here.
    </EmptyState>
    <div v-else class="bench">
      <section class="want no-print" aria-label="Amount and mold">
        <WantForm :key="formula.id" :request="request" :body="formula.body" @ask="ask" />
        <MoldPicture
          :mold="request.mold"
          :body="formula.body"
          :piece-g="plan?.pieceG ?? null"
          :low-g="plan?.pieceLowG ?? null"
          :high-g="plan?.pieceHighG ?? null"
          :records="packedRecords"
        />
      </section>
      <section class="plan" aria-label="Plan">
        <AppTabs v-model="view" label="Scale" :items="SIDES.scale" class="views no-print" />
        <ShoppingFor v-if="view === 'together'" />
        <template v-else>
          <p v-if="batchAtBench" class="quiet">
            {{ batchAtBench.code }} is at the bench. It stays there when you start another batch.
          </p>
          <p v-if="moldNote" class="caution" role="status">{{ moldNote }}</p>
          <p v-if="formula.body.unread.length" class="caution">
            These weights leave out {{ counted(formula.body.unread.length, 'unread line') }}.
          </p>
          <p v-if="result && !result.ok" role="alert" class="problem">
            {{ result.problem.message }}
          </p>
          <template v-if="plan">
            <template v-if="view === 'weights'">
              <PlanSums
                :plan="plan"
                :leftover-use="leftoverUse"
                :loss="loss"
                @samplers="pressSamplers"
              />
              <MixStrip :plan="plan" :mold="request.mold" />
              <PlanTable
                :body="formula.body"
                :plan="plan"
                :assigned="assigned"
                @way="setWay"
                @premix="(line) => (premixOf = line)"
              />
            </template>
            <SpreadView
              v-else-if="view === 'spread'"
              :body="formula.body"
              :plan="plan"
              :request="request"
            />
            <CostView
              v-else-if="view === 'cost'"
              :formula="formula"
              :plan="plan"
              :request="request"
              :means="means"
            />
            <ClassView v-else-if="view === 'class'" :formula="formula" />
            <SheetView
              v-else
              :formula="formula"
              :plan="plan"
              :request="request"
              :lots="assigned.bowls[0] ?? {}"
              :warnings="warnings"
              @open="begin('sheet')"
            />
          </template>
        </template>
      </section>
      <StartDialog
        v-if="hasAsked"
        v-model="isAsking"
        :name="formula.name"
        :warnings="asked"
        @start="start"
      />
      <PremixDialog v-if="hasMixed" :wish="wish" @made="usePremix" @close="premixOf = null" />
    </div>
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: 350px minmax(0, 1fr);
}
.want {
  padding: 16px 22px 20px 24px;
}
.plan {
  padding: 8px 24px 24px;
  border-left: 1px solid var(--hairline);
}
.views {
  margin-bottom: 12px;
}
.problem,
.caution {
  padding-left: 12px;
  border-left: 4px solid var(--rust);
}
.caution {
  border-color: var(--ochre-mark);
}
a {
  color: var(--verdigris);
}
@media print {
  .bench {
    display: block;
  }
  .plan {
    padding: 0;
    border: 0;
  }
}
@media (max-width: 1150px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
  .plan {
    border: 0;
  }
}
</style>
