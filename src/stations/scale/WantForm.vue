<script setup lang="ts">
import { computed } from 'vue';
import { MOLD_WORDS, type Mold, type MoldShape, type ScaleRequest } from '@/core/scaling';
import NumberField from '@/ui/NumberField.vue';
import { moldOfShape } from './molds';

const props = defineProps<{ request: ScaleRequest }>();
const emit = defineEmits<{ ask: [request: ScaleRequest] }>();

const shapes = (Object.keys(MOLD_WORDS) as MoldShape[]).map((value) => ({
  value,
  title: MOLD_WORDS[value],
}));
const STEPS = [1, 0.5, 0.1, 0.01].map((value) => ({ value, title: `${value} g` }));

/** One field a measure of the mold. */
const FIELDS: Readonly<Record<string, { label: string; min: number; max: number }>> = {
  diameterMm: { label: 'Diameter, mm', min: 5, max: 300 },
  heightMm: { label: 'Height, mm', min: 2, max: 300 },
  lengthMm: { label: 'Length, mm', min: 5, max: 600 },
  widthMm: { label: 'Width, mm', min: 5, max: 600 },
  volumeMl: { label: 'Water it holds, mL', min: 1, max: 20_000 },
};
const measures = computed(() =>
  Object.entries(props.request.mold).flatMap(([key, value]) => {
    const field = FIELDS[key];
    return field && typeof value === 'number' ? [{ key, value, ...field }] : [];
  }),
);
const isByPieces = computed(() => props.request.want.kind === 'pieces');

function change(part: Partial<ScaleRequest>): void {
  emit('ask', { ...props.request, ...part });
}

function wantKind(kind: string | null): void {
  change({
    want: kind === 'total' ? { kind: 'total', massG: 1000 } : { kind: 'pieces', count: 12 },
  });
}

function measure(key: string, value: number): void {
  change({ mold: { ...props.request.mold, [key]: value } as Mold });
}
</script>

<template>
  <form @submit.prevent>
    <h2>How much</h2>
    <v-radio-group
      inline
      :model-value="request.want.kind"
      aria-label="How much"
      @update:model-value="wantKind"
    >
      <v-radio label="Pieces" value="pieces" />
      <v-radio label="Total weight" value="total" />
    </v-radio-group>
    <NumberField
      v-if="request.want.kind === 'pieces'"
      :model-value="request.want.count"
      label="Pieces wanted"
      :min="1"
      :max="10000"
      :decimals="0"
      @update:model-value="
        (count) => change({ want: { kind: 'pieces', count: Math.round(count) } })
      "
    />
    <NumberField
      v-else
      :model-value="request.want.massG"
      label="Total mix, grams"
      :min="1"
      :max="1000000"
      :decimals="1"
      @update:model-value="(massG) => change({ want: { kind: 'total', massG } })"
    />
    <h2>Mold</h2>
    <div class="fields">
      <v-select
        :model-value="request.mold.shape"
        :items="shapes"
        label="Shape"
        class="wide"
        @update:model-value="(shape) => change({ mold: moldOfShape(shape, request.mold) })"
      />
      <NumberField
        v-for="field in measures"
        :key="request.mold.shape + field.key"
        :model-value="field.value"
        :label="field.label"
        :min="field.min"
        :max="field.max"
        :decimals="1"
        @update:model-value="(value) => measure(field.key, value)"
      />
    </div>
    <h2>Scale and loss</h2>
    <div class="fields">
      <v-select
        :model-value="request.scaleStepG"
        :items="STEPS"
        label="Scale shows"
        @update:model-value="(scaleStepG) => change({ scaleStepG })"
      />
      <NumberField
        :model-value="request.lossPct"
        label="Lost on the way, %"
        :min="0"
        :max="50"
        :decimals="1"
        @update:model-value="(lossPct) => change({ lossPct })"
      />
    </div>
    <p v-if="!isByPieces" class="quiet small">Pieces are what fits after the loss.</p>
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: 10px;
}
h2 {
  margin-top: 10px;
}
h2:first-child {
  margin-top: 0;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.wide {
  grid-column: 1 / -1;
}
.small {
  margin: 0;
  font-size: 13px;
}
</style>
