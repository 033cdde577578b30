<script setup lang="ts">
import { computed } from 'vue';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { Want, WantKind } from '@/core/work/scaling/requestSchema';
import { formatMass } from '@/core/basics/format/quantities';
import { useShelfStore } from '@/stores/shelf';
import { useMaterials } from '@/ui/fields/materials';
import NumberField from '@/ui/fields/NumberField.vue';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';

/** How much is made: as written, by pieces, by the total, by bowls, or what uses up a material. */
const props = defineProps<{ want: Want; body: FormulaBody }>();
const emit = defineEmits<{ change: [want: Want] }>();
const shelf = useShelfStore();
const { nameOf } = useMaterials();

const TIMES = [
  { value: 0.5, word: '½' },
  { value: 1, word: '1' },
  { value: 2, word: '2' },
  { value: 3, word: '3' },
];
const WANTS: ReadonlyArray<{ value: WantKind; word: string }> = [
  { value: 'times', word: 'As written' },
  { value: 'pieces', word: 'Pieces' },
  { value: 'total', word: 'Total' },
  { value: 'bowls', word: 'Bowls' },
  { value: 'use-up', word: 'Use up' },
];
const materials = computed(() =>
  [...new Set(props.body.parts.flatMap(({ lines }) => lines.map((line) => line.materialId)))].map(
    (value) => ({ value, title: nameOf(value) }),
  ),
);
function wantKind(kind: WantKind): void {
  const first = materials.value[0]?.value ?? '';
  const wants: Readonly<Record<WantKind, Want>> = {
    times: { kind: 'times', times: 1 },
    pieces: { kind: 'pieces', count: props.body.yieldPieces ?? 12 },
    total: { kind: 'total', massG: 1000 },
    bowls: { kind: 'bowls', count: 1 },
    'use-up': useUp(first),
  };
  emit('change', wants[kind]);
}

/** All there is of it on the shelf, until the maker says less. */
function useUp(materialId: string): Want {
  const hereG = Math.floor(shelf.usable.get(materialId) ?? 0);
  return { kind: 'use-up', materialId, massG: hereG >= 0.1 ? hereG : 100 };
}
</script>

<template>
  <div class="amount">
    <ChoiceRow :model-value="want.kind" :items="WANTS" @update:model-value="wantKind" />
    <NumberField
      v-if="want.kind === 'pieces'"
      :model-value="want.count"
      label="Pieces"
      :min="1"
      :max="10000"
      :decimals="0"
      @update:model-value="(count) => emit('change', { kind: 'pieces', count: Math.round(count) })"
    />
    <NumberField
      v-else-if="want.kind === 'bowls'"
      :model-value="want.count"
      label="Bowls"
      :min="1"
      :max="100"
      :decimals="0"
      @update:model-value="(count) => emit('change', { kind: 'bowls', count: Math.round(count) })"
    />
    <NumberField
      v-else-if="want.kind === 'total'"
      :model-value="want.massG"
      label="Total mix"
      unit="g"
      :min="1"
      :max="1000000"
      :decimals="1"
      @update:model-value="(massG) => emit('change', { kind: 'total', massG })"
    />
    <div v-else-if="want.kind === 'times'" class="times">
      <button
        v-for="times in TIMES"
        :key="times.value"
        type="button"
        :aria-pressed="want.times === times.value"
        @click="emit('change', { kind: 'times', times: times.value })"
      >
        {{ times.word }}
      </button>
      <NumberField
        :model-value="want.times"
        label="Times"
        :min="0.01"
        :max="1000"
        :decimals="2"
        @update:model-value="(times) => emit('change', { kind: 'times', times })"
      />
    </div>
    <div v-else class="fields">
      <v-select
        :model-value="want.materialId"
        :items="materials"
        label="Material to use up"
        class="wide"
        @update:model-value="(materialId) => emit('change', useUp(materialId))"
      />
      <NumberField
        :key="want.materialId"
        :model-value="want.massG"
        label="Amount to use"
        unit="g"
        :min="0.1"
        :max="1000000"
        :decimals="1"
        @update:model-value="
          (massG) => want.kind === 'use-up' && emit('change', { ...want, massG })
        "
      />
      <p class="quiet small hint">
        {{
          shelf.usable.has(want.materialId)
            ? `${formatMass(shelf.usable.get(want.materialId) ?? 0)} on the shelf`
            : 'There is no lot of it on the shelf.'
        }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.amount {
  display: grid;
  gap: 8px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 12px;
}
.small {
  margin: 0;
  font-size: var(--text-small);
}
/* A row of equal steps, and any other number beside them. */
.times {
  display: flex;
  gap: 6px;
  align-items: center;
}
.times button {
  min-width: 44px;
  min-height: 44px;
  border: 1px solid var(--hairline);
  border-radius: var(--radius);
  background: none;
  color: inherit;
  font: 600 var(--text-lead) var(--font-heading);
  cursor: pointer;
}
.times button[aria-pressed='true'] {
  border-color: var(--verdigris);
  color: var(--verdigris);
}
.hint {
  align-self: center;
}
.fields :deep(.wide) {
  grid-column: 1 / -1;
}
</style>
