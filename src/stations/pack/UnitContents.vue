<script setup lang="ts">
import { computed } from 'vue';
import { moldIdsOf } from '@/core/goods/products/byMold';
import { GRADES, type Grade } from '@/core/goods/products/kinds';
import { GRADE_WORDS } from '@/core/goods/products/messages';
import type { SaleUnit } from '@/core/goods/products/schema';
import { useGoodsStore } from '@/stores/goods';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/fields/NumberField.vue';

/** The pieces in a product: of which formula, how many, of which grade and mold. */
const props = defineProps<{ unit: SaleUnit }>();
const emit = defineEmits<{ change: [part: Partial<SaleUnit>] }>();
const goods = useGoodsStore();
const workshop = useWorkshopStore();

const formulas = computed(() =>
  workshop.formulas.map((formula) => ({ value: formula.id, title: formula.name })),
);
const grades = GRADES.map((value) => ({ value, title: GRADE_WORDS[value] }));

const ANY_MOLD = 'any';
/** Molds that pieces of a formula were counted by, or that its product names. */
function moldsOf({ formulaId, moldId }: SaleUnit['contents'][number]) {
  const ids = [
    ...new Set([...moldIdsOf(formulaId, goods.loose), ...(moldId === undefined ? [] : [moldId])]),
  ];
  return ids.length < 2 && moldId === undefined
    ? []
    : [
        { value: ANY_MOLD, title: 'Any mold' },
        ...ids.map((value) => ({
          value,
          title:
            workshop.molds.find(({ id }) => id === value)?.name ?? 'A mold no longer on the shelf',
        })),
      ];
}
function takeMold(at: number, id: string): void {
  emit('change', {
    contents: props.unit.contents.map((line, i) => {
      if (i !== at) return line;
      const { moldId, ...rest } = line;
      return id === ANY_MOLD || id === moldId ? rest : { ...rest, moldId: id };
    }),
  });
}

const withLine = (at: number, part: Partial<SaleUnit['contents'][number]>) =>
  emit('change', {
    contents: props.unit.contents.map((line, i) => (i === at ? { ...line, ...part } : line)),
  });
const withoutLine = (at: number) =>
  emit('change', { contents: props.unit.contents.filter((_, i) => i !== at) });
function addLine(): void {
  const formulaId = workshop.settings.formulaInHandId ?? workshop.formulas[0]?.id;
  if (formulaId)
    emit('change', { contents: [...props.unit.contents, { formulaId, grade: 'good', pieces: 1 }] });
}
</script>

<template>
  <div>
    <h2>Contents</h2>
    <div
      v-for="(line, i) in unit.contents"
      :key="i"
      class="line"
      role="group"
      :aria-label="`Content ${i + 1}`"
    >
      <v-autocomplete
        :model-value="line.formulaId"
        :items="formulas"
        label="Formula"
        @update:model-value="(formulaId: string | null) => formulaId && withLine(i, { formulaId })"
      />
      <NumberField
        :model-value="line.pieces"
        label="Pieces"
        :min="1"
        :max="1000"
        :decimals="0"
        @update:model-value="(pieces) => withLine(i, { pieces: Math.round(pieces) })"
      />
      <v-select
        :model-value="line.grade"
        :items="grades"
        label="Grade"
        @update:model-value="(grade: Grade) => withLine(i, { grade })"
      />
      <v-select
        v-if="moldsOf(line).length > 0"
        :model-value="line.moldId ?? ANY_MOLD"
        :items="moldsOf(line)"
        label="Mold"
        @update:model-value="(id: string) => takeMold(i, id)"
      />
      <v-btn variant="text" @click="withoutLine(i)"
        >Remove<span class="visually-hidden"> content {{ i + 1 }}</span></v-btn
      >
    </div>
    <v-btn size="small" @click="addLine">Add a formula</v-btn>
  </div>
</template>

<style scoped>
h2 {
  margin: 16px 0 8px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-bottom: 8px;
}
.line > :deep(.v-input) {
  flex: 1 1 110px;
}
.line > :deep(.v-autocomplete) {
  flex: 2 1 170px;
}
</style>
