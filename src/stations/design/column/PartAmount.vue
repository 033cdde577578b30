<script setup lang="ts">
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import { computed } from 'vue';
import { isInside, partMassG, setPartPerPiece } from '@/core/formula/model/parts';
import type { FormulaBody, Part } from '@/core/formula/model/schema';
import { totalPieces } from '@/core/work/scaling/totalPieces';
import { useDesignStore } from '@/stores/design';
import NumberField from '@/ui/fields/NumberField.vue';

/** How much of a part: a share of the mix, or grams on or in each piece. */
const props = defineProps<{ body: FormulaBody; part: Part }>();
const emit = defineEmits<{ change: [body: FormulaBody] }>();
const design = useDesignStore();

const isEach = computed(() => props.part.perPieceG !== undefined);
/** What it comes to now, to start from. */
const nowG = computed(() => {
  const each = partMassG(props.part) / totalPieces(props.body, design.pieceG);
  return each >= 0.01 ? Number(each.toFixed(2)) : 1;
});

function set(perPieceG: number | null): void {
  emit('change', setPartPerPiece(props.body, props.part.id, perPieceG));
}
const WAYS = [
  { value: 'mix', word: 'Share of the mix' },
  { value: 'each', word: 'Weight a piece' },
] as const;
</script>

<template>
  <div class="amount">
    <ChoiceRow
      :model-value="isEach ? 'each' : 'mix'"
      :items="WAYS"
      @update:model-value="(way) => set(way === 'each' ? (part.perPieceG ?? nowG) : null)"
    />
    <NumberField
      v-if="part.perPieceG !== undefined"
      :model-value="part.perPieceG"
      label="Weight a piece"
      unit="g"
      :min="0.01"
      :max="10000"
      :decimals="2"
      @update:model-value="set"
    />
    <span class="quiet">{{ isInside(part) ? 'in the mold' : 'outside the mold' }}</span>
  </div>
</template>

<style scoped>
.amount {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  margin: -4px 0 10px;
  font-size: var(--text-small);
}
</style>
