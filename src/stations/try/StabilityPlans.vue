<script setup lang="ts">
import { computed, ref } from 'vue';
import { shortDate } from '@/core/basics/format/dates';
import { listed } from '@/core/basics/format/names';
import { counted, formatPercent } from '@/core/basics/format/numbers';
import { formatTemp } from '@/core/basics/format/quantities';
import { sayMark, sayStabilityResult, sayStabilityVerdict } from '@/core/goods/quality/messages';
import {
  MARK_IDS,
  stabilityChecks,
  stabilityVerdict,
  type StabilityCheck,
  type StabilityPlan,
} from '@/core/goods/quality/stability';
import { today } from '@/stores/now';
import { useQualityStore } from '@/stores/quality';
import { useWorkshopStore } from '@/stores/workshop';
import StabilityPlanDialog from './StabilityPlanDialog.vue';
import StabilityResultDialog from './StabilityResultDialog.vue';

/** Pieces put away under conditions, and what each look found against the pass marks. */
const workshop = useWorkshopStore();
const quality = useQualityStore();

const isPlanning = ref(false);
const edited = ref<StabilityPlan | null>(null);
const asked = ref<{ readonly plan: StabilityPlan; readonly check: StabilityCheck } | null>(null);

const plans = computed(() =>
  [...workshop.stabilityPlans]
    .sort((a, b) => b.startedOn.localeCompare(a.startedOn))
    .map((plan) => ({ plan, checks: stabilityChecks(plan) })),
);
const codeOf = (batchId: string) => workshop.codeOfBatch(batchId) ?? 'Removed batch';
const marksOf = ({ marks }: StabilityPlan) =>
  listed(MARK_IDS.flatMap((id) => sayMark(id, marks) ?? []));
function open(plan: StabilityPlan | null): void {
  edited.value = plan;
  isPlanning.value = true;
}
function sayCheck({ dueOn }: StabilityCheck): string {
  return dueOn <= today() ? 'check now' : shortDate(dueOn);
}
</script>

<template>
  <section aria-label="Stability plans">
    <h2>Stability plans</h2>
    <p v-if="plans.length === 0" class="quiet">
      A plan puts pieces of one batch in the room, in the warm, and in damp air. You check them
      against pass marks after some months. An assessor asks for it.
    </p>
    <div v-for="{ plan, checks } in plans" :key="plan.id" class="plan">
      <div class="head">
        <b>{{ codeOf(plan.batchId) }}</b>
        <span class="quiet">since {{ shortDate(plan.startedOn) }}</span>
        <button type="button" class="link" @click="open(plan)">Edit plan</button>
      </div>
      <p class="quiet">Passes with {{ marksOf(plan) }}.</p>
      <div class="scrolls">
        <table>
          <thead>
            <tr>
              <th scope="col">After</th>
              <th v-for="condition in plan.conditions" :key="condition.id" scope="col">
                {{ condition.name }}
                <span class="quiet"
                  >{{ formatTemp(condition.tempC) }},
                  {{ formatPercent(condition.humidityPct, 0) }}</span
                >
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="month in [...plan.months].sort((a, b) => a - b)" :key="month">
              <th scope="row">{{ counted(month, 'month') }}</th>
              <td
                v-for="check in checks.filter((one) => one.month === month)"
                :key="check.condition.id"
              >
                <template v-if="check.result">
                  <span :class="stabilityVerdict(check.result, plan.marks).verdict">{{
                    sayStabilityVerdict(stabilityVerdict(check.result, plan.marks))
                  }}</span>
                  <span class="quiet measured">{{ sayStabilityResult(check.result) }}</span>
                  <button
                    type="button"
                    class="link"
                    :aria-label="`Undo: ${check.condition.name}, ${counted(month, 'month')}`"
                    @click="quality.strikeResult(plan, check.result.id)"
                  >
                    Undo
                  </button>
                </template>
                <button
                  v-else
                  type="button"
                  class="link"
                  :class="{ due: check.dueOn <= today() }"
                  :aria-label="`Enter result: ${codeOf(plan.batchId)}, ${check.condition.name}, ${counted(month, 'month')}`"
                  @click="asked = { plan, check }"
                >
                  {{ sayCheck(check) }}
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </div>
    <v-btn @click="open(null)">New stability plan</v-btn>
    <StabilityPlanDialog v-model="isPlanning" :plan="edited" />
    <StabilityResultDialog :asked="asked" @close="asked = null" />
  </section>
</template>

<style scoped>
section {
  margin-top: 28px;
}
.plan {
  margin-bottom: 18px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
}
p {
  margin: 2px 0 6px;
}
.measured,
th .quiet {
  display: block;
  font-weight: 400;
}
.passed {
  color: var(--verdigris);
}
.failed {
  color: var(--rust);
}
.open {
  color: var(--ochre);
}
.due {
  font-weight: 700;
}
th,
td {
  vertical-align: top;
}
th {
  font-weight: 700;
}
tbody th {
  white-space: nowrap;
}
</style>
