<script setup lang="ts">
import DetailList from '@/ui/kit/DetailList.vue';
import { computed } from 'vue';
import { labelWeightG } from '@/core/batches/trays/volatile';
import { describeMold } from '@/core/work/scaling/molds';
import type { LeftoverUse } from '@/core/work/scaling/leftover';
import type { PlannedSet, ScalePlan } from '@/core/work/scaling/plan';
import { counted, formatGrams, formatCount } from '@/core/basics/format/numbers';

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
  const what = set.isSampler ? ', samplers' : '';
  const short =
    set.askedPieces === undefined ? '' : `, ${set.askedPieces} asked for: no more is left`;
  return `${formatCount(set.pieces)} × ${describeMold(set.mold)} of ${formatGrams(set.pieceG)} g${what}${short}, label ${labelWeightG(set, props.loss)} g`;
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
      <dd class="figure">{{ formatGrams(plan.totalG) }} g</dd>
      <dd v-if="plan.outsideG > 0" class="quiet">
        {{ formatGrams(plan.outsideG) }} g of it on the pieces, not in the mold
      </dd>
    </div>
    <div v-if="plan.bowlCount > 1">
      <dt>Bowls</dt>
      <dd class="figure">{{ plan.bowlCount }} × {{ formatGrams(plan.bowlG) }} g</dd>
      <dd class="quiet">weights below are for one</dd>
    </div>
    <div v-else-if="plan.bowlHoldsG !== null">
      <dt>Bowl filled</dt>
      <dd class="figure">{{ Math.round((100 * plan.bowlG) / plan.bowlHoldsG) }} %</dd>
      <dd class="quiet">it takes {{ formatGrams(plan.bowlHoldsG) }} g of this mix</dd>
    </div>
    <div v-if="leftoverUse">
      <dt>From the rest</dt>
      <dd class="figure">{{ leftoverUse.pieces }}</dd>
      <dd class="quiet">
        {{ counted(leftoverUse.pieces, 'piece') }} of {{ formatGrams(leftoverUse.pieceG) }} g in the
        {{ leftoverUse.name }}
        <button type="button" class="link" @click="emit('samplers', leftoverUse)">
          Press them
        </button>
      </dd>
    </div>
  </DetailList>
</template>
