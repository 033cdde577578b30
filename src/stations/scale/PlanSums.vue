<script setup lang="ts">
import DetailList from '@/ui/kit/DetailList.vue';
import { computed } from 'vue';
import { labelWeightG } from '@/core/batches/trays/volatile';
import { describeMold } from '@/core/work/scaling/molds';
import type { LeftoverUse } from '@/core/work/scaling/leftover';
import type { PlannedSet, ScalePlan } from '@/core/work/scaling/plan';
import { formatCount, formatPercent } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';

/** The plan in large figures: pieces, mix, bowls, and what comes of the rest. */
const props = defineProps<{
  plan: ScalePlan;
  leftoverUse: LeftoverUse | null;
  /** Share of a piece that dries off. */
  loss: number;
}>();
const emit = defineEmits<{ samplers: [use: LeftoverUse] }>();
const setsShown = computed(() => (props.plan.sets.length > 1 ? props.plan.sets : []));

function saySet(set: PlannedSet): string {
  return [
    `${formatCount(set.pieces)} × ${describeMold(set.mold)} of ${formatMass(set.pieceG)}`,
    ...(set.isSampler ? ['minis'] : []),
    ...(set.askedPieces === undefined
      ? []
      : [`only enough for these, not ${formatCount(set.askedPieces)}`]),
    `label ${formatMass(labelWeightG(set, props.loss))}`,
  ].join(', ');
}
</script>

<template>
  <DetailList>
    <div>
      <dt>Pieces</dt>
      <dd class="figure">{{ formatCount(plan.pieces) }}</dd>
      <dd v-for="(set, i) in setsShown" :key="i" class="quiet">
        {{ saySet(set) }}
      </dd>
    </div>
    <div>
      <dt>Mix</dt>
      <dd class="figure">{{ formatMass(plan.totalG) }}</dd>
      <dd v-if="plan.outsideG > 0" class="quiet">
        {{ formatMass(plan.outsideG) }} of it goes on the pieces
      </dd>
    </div>
    <div v-if="plan.bowlCount > 1">
      <dt>Bowls</dt>
      <dd class="figure">{{ formatCount(plan.bowlCount) }} × {{ formatMass(plan.bowlG) }}</dd>
      <dd class="quiet">the weights below are for one bowl</dd>
    </div>
    <div v-else-if="plan.bowlHoldsG !== null">
      <dt>Bowl filled</dt>
      <dd class="figure">{{ formatPercent((100 * plan.bowlG) / plan.bowlHoldsG, 0) }}</dd>
      <dd class="quiet">it holds {{ formatMass(plan.bowlHoldsG) }} of this mix</dd>
    </div>
    <div v-if="leftoverUse">
      <dt>Minis from the rest</dt>
      <dd class="figure">{{ formatCount(leftoverUse.pieces) }}</dd>
      <dd class="quiet">
        {{ formatMass(leftoverUse.pieceG) }} each, in {{ leftoverUse.name }}
        <button type="button" class="link" @click="emit('samplers', leftoverUse)">Add them</button>
      </dd>
    </div>
  </DetailList>
</template>
