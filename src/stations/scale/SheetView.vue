<script setup lang="ts">
import { counted } from '@/core/basics/format/numbers';
import { computed } from 'vue';
import { describeVersion } from '@/core/formula/model/versions';
import type { Formula } from '@/core/formula/model/schema';
import { planSteps } from '@/core/work/flow/stepsOf';
import type { LotsByLine } from '@/core/work/flow/weighStep';
import { setNames } from '@/core/work/scaling/moldNames';
import type { ScalePlan } from '@/core/work/scaling/plan';
import type { ScaleRequest } from '@/core/work/scaling/requestSchema';
import type { Warning } from '@/core/results/evaluation/warnings';
import { scaleFor } from '@/core/workshop/settings/scaleFor';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import BenchSheet from '@/ui/paper/BenchSheet.vue';
import SheetActions from '@/ui/paper/SheetActions.vue';
import { useMaterials } from '@/ui/fields/materials';
import { sheetOf } from '@/ui/paper/sheet';

/** The sheet before there is a batch: to look at; the batch gives it its code. */
const props = defineProps<{
  formula: Formula;
  plan: ScalePlan;
  request: ScaleRequest;
  lots: LotsByLine;
  warnings: readonly Warning[];
}>();
const { catalog } = useMaterials();
const shelf = useShelfStore();
const workshop = useWorkshopStore();
const emit = defineEmits<{ open: [] }>();

const sheet = computed(() =>
  sheetOf({
    catalog: catalog.value,
    formulaName: props.formula.name,
    version: describeVersion(props.formula),
    body: props.formula.body,
    molds: setNames(props.plan.sets, shelf.shelfMold),
    steps: planSteps(
      props.formula.body,
      props.plan.lines,
      {
        catalog: catalog.value,
        pieceG: props.plan.pieceG,
        pieces: props.plan.pieces,
        sets: props.plan.sets,
        squirtG: workshop.squirtG,
        shelfMold: shelf.shelfMold,
        stepG: props.request.scaleStepG,
        scales: shelf.scales,
      },
      props.lots,
    ),
    pieces: props.plan.pieces,
    pieceG: props.plan.pieceG,
    totalG: props.plan.bowlG,
    bowl: props.plan.bowlCount > 1 ? `1 of ${counted(props.plan.bowlCount, 'bowl')}` : null,
    warnings: props.warnings,
    isPractice: scaleFor(workshop.settings, props.formula.origin === 'sample') === 'simulated',
    isOwnUse: false,
    day: null,
    code: null,
    link: null,
  }),
);
</script>

<template>
  <section aria-label="Bench sheet of this plan">
    <div class="actions no-print">
      <v-btn variant="flat" @click="emit('open')">Start this batch and print its sheet</v-btn>
      <SheetActions :sheet="sheet" />
    </div>
    <BenchSheet :sheet="sheet" />
  </section>
</template>

<style scoped>
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-bottom: 14px;
}
</style>
