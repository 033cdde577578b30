<script setup lang="ts">
import { readoutOf } from '@/core/work/weighing/readout';
import { GRAMS_PER_OUNCE } from '@/core/basics/units/mass';
import { computed } from 'vue';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { ScaleRequest } from '@/core/work/scaling/requestSchema';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import AmountFields from './AmountFields.vue';
import MoreMolds from './MoreMolds.vue';
import MoldFields from '@/ui/fields/MoldFields.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import { moldFromShelf } from '@/core/workshop/shelf/moldFromShelf';
import { counted, formatPercent } from '@/core/basics/format/numbers';

const BOWLS = [
  { value: 'equal', title: 'Equal' },
  { value: 'by-color', title: 'By color' },
];
const props = defineProps<{ request: ScaleRequest; body: FormulaBody }>();
const emit = defineEmits<{ ask: [request: ScaleRequest] }>();

const workshop = useWorkshopStore();
const shelf = useShelfStore();

const STEPS_G = [1, 0.5, 0.1, 0.01, 0.1 * GRAMS_PER_OUNCE, 0.05 * GRAMS_PER_OUNCE];
const STEPS = STEPS_G.map((value) => ({ value, title: readoutOf(value).say(value) }));

const MEASURES = 'By its measures';
const moldChoices = computed(() => [
  ...workshop.molds.map(({ id, name, cavities }) => ({
    value: id,
    title: cavities > 1 ? `${name} · ${counted(cavities, 'cavity', 'cavities')}` : name,
  })),
  { value: MEASURES, title: MEASURES },
]);
const hasColors = computed(() => props.body.parts.some(({ kind }) => kind === 'split'));
const ownLossPct = computed(() =>
  shelf.loss ? (100 * shelf.loss.estimate) / (1 + shelf.loss.estimate) : null,
);

function change(part: Partial<ScaleRequest>): void {
  emit('ask', { ...props.request, ...part });
}

function takeMold(id: string): void {
  const found = workshop.molds.find((mold) => mold.id === id);
  if (found) change({ moldId: found.id, mold: moldFromShelf(found) });
  else change({ moldId: null });
}
</script>

<template>
  <form @submit.prevent>
    <h2>Amount</h2>
    <AmountFields :want="request.want" :body="body" @change="(want) => change({ want })" />
    <h2>Mold</h2>
    <div class="fields">
      <v-select
        v-if="workshop.molds.length"
        :model-value="request.moldId ?? MEASURES"
        :items="moldChoices"
        label="Mold"
        class="wide"
        @update:model-value="takeMold"
      />
      <MoldFields
        v-if="request.moldId === null"
        :model-value="request.mold"
        @update:model-value="(mold) => change({ mold })"
      />
      <v-switch
        :model-value="request.fillG !== null"
        label="Fill by weight"
        class="wide"
        density="compact"
        @update:model-value="(isByWeight) => change({ fillG: isByWeight ? 120 : null })"
      />
      <NumberField
        v-if="request.fillG !== null"
        :model-value="request.fillG"
        label="Weight a piece"
        unit="g"
        class="wide"
        :min="0.1"
        :max="50000"
        :decimals="1"
        @update:model-value="(fillG) => change({ fillG })"
      />
    </div>
    <MoreMolds :sets="request.more ?? []" :body="body" @change="(more) => change({ more })" />
    <h2>Loss and bowls</h2>
    <div class="fields">
      <NumberField
        :model-value="request.lossPct"
        label="Loss"
        unit="%"
        :min="0"
        :max="50"
        :decimals="1"
        @update:model-value="(lossPct) => change({ lossPct })"
      />
      <v-select
        v-if="shelf.scales.length === 0"
        :model-value="request.scaleStepG"
        :items="STEPS"
        label="Scale step"
        @update:model-value="(scaleStepG) => change({ scaleStepG })"
      />
      <v-select
        v-if="hasColors"
        :model-value="request.bowls"
        :items="BOWLS"
        label="Bowls"
        @update:model-value="(bowls) => change({ bowls })"
      />
    </div>
    <p v-if="ownLossPct !== null && shelf.loss" class="quiet small">
      Your loss is {{ formatPercent(ownLossPct, 1) }}, from
      {{ counted(shelf.loss.records, 'batch', 'batches') }}.
      <button
        v-if="Math.abs(ownLossPct - request.lossPct) > 0.05"
        type="button"
        class="link"
        @click="change({ lossPct: Number(ownLossPct.toFixed(1)) })"
      >
        Use it
      </button>
    </p>
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: 8px;
}
h2 {
  margin-top: 8px;
}
h2:first-child {
  margin-top: 0;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 12px;
}
.fields :deep(.wide),
.wide {
  grid-column: 1 / -1;
}
.small {
  margin: 0;
  font-size: var(--text-small);
}
</style>
