<script setup lang="ts">
import { computed } from 'vue';
import type { Mold } from '@/core/work/scaling/moldSchema';
import { type QuantityUnit } from '@/core/basics/units/parseQuantity';
import NumberField from './NumberField.vue';
import { SHAPE_CHOICES, moldOfShape, shapeOf, type ShapeChoice } from './moldChoices';

/** The shape of a mold and a field for each of its measures. */
const mold = defineModel<Mold>({ required: true });

const FIELDS: Readonly<
  Record<string, { label: string; unit: QuantityUnit; min: number; max: number }>
> = {
  diameterMm: { label: 'Diameter', unit: 'mm', min: 5, max: 300 },
  heightMm: { label: 'Height', unit: 'mm', min: 2, max: 300 },
  lengthMm: { label: 'Length', unit: 'mm', min: 5, max: 600 },
  widthMm: { label: 'Width', unit: 'mm', min: 5, max: 600 },
  volumeMl: { label: 'Water it holds', unit: 'mL', min: 1, max: 20_000 },
};
const measures = computed(() =>
  Object.entries(mold.value).flatMap(([key, value]) => {
    const field = FIELDS[key];
    return field && typeof value === 'number' ? [{ key, value, ...field }] : [];
  }),
);
</script>

<template>
  <v-select
    :model-value="shapeOf(mold)"
    :items="[...SHAPE_CHOICES]"
    label="Shape"
    class="wide"
    @update:model-value="(shape) => (mold = moldOfShape(shape as ShapeChoice, mold))"
  />
  <NumberField
    v-for="field in measures"
    :key="shapeOf(mold) + field.key"
    :model-value="field.value"
    :label="field.label"
    :unit="field.unit"
    :min="field.min"
    :max="field.max"
    :decimals="1"
    @update:model-value="(value) => (mold = { ...mold, [field.key]: value } as Mold)"
  />
</template>
