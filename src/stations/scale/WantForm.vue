<script setup lang="ts">
import { readoutOf } from '@/core/work/weighing/readout';
import { GRAMS_PER_OUNCE } from '@/core/basics/units/mass';
import { computed } from 'vue';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { ScaleRequest, Want, WantKind } from '@/core/work/scaling/requestSchema';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import MoreMolds from './MoreMolds.vue';
import MoldFields from '@/ui/fields/MoldFields.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import { moldFromShelf } from '@/core/workshop/shelf/moldFromShelf';
import { counted, formatPercent } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { useMaterials } from '@/ui/fields/materials';

const { nameOf } = useMaterials();

const TIMES = [
  { value: 0.5, word: '½' },
  { value: 1, word: '1' },
  { value: 2, word: '2' },
  { value: 3, word: '3' },
];
const BOWLS = [
  { value: 'equal', title: 'Equal' },
  { value: 'by-color', title: 'By color' },
];
const props = defineProps<{ request: ScaleRequest; body: FormulaBody }>();
const emit = defineEmits<{ ask: [request: ScaleRequest] }>();

const workshop = useWorkshopStore();
const shelf = useShelfStore();

const WANTS: ReadonlyArray<{ value: WantKind; word: string }> = [
  { value: 'times', word: 'As written' },
  { value: 'pieces', word: 'Pieces' },
  { value: 'total', word: 'Total' },
  { value: 'bowls', word: 'Bowls' },
  { value: 'use-up', word: 'Use up' },
];
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
const materials = computed(() =>
  [...new Set(props.body.parts.flatMap(({ lines }) => lines.map((line) => line.materialId)))].map(
    (value) => ({ value, title: nameOf(value) }),
  ),
);
const hasColors = computed(() => props.body.parts.some(({ kind }) => kind === 'split'));
const ownLossPct = computed(() =>
  shelf.loss ? (100 * shelf.loss.estimate) / (1 + shelf.loss.estimate) : null,
);

function change(part: Partial<ScaleRequest>): void {
  emit('ask', { ...props.request, ...part });
}

function wantKind(kind: WantKind): void {
  const first = materials.value[0]?.value ?? '';
  const wants: Readonly<Record<WantKind, Want>> = {
    times: { kind: 'times', times: 1 },
    pieces: { kind: 'pieces', count: props.body.yieldPieces ?? 12 },
    total: { kind: 'total', massG: 1000 },
    bowls: { kind: 'bowls', count: 1 },
    'use-up': useUp(first),
  };
  change({ want: wants[kind] });
}

/** All there is of it on the shelf, until the maker says less. */
function useUp(materialId: string): Want {
  const hereG = Math.floor(shelf.usable.get(materialId) ?? 0);
  return { kind: 'use-up', materialId, massG: hereG >= 0.1 ? hereG : 100 };
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
    <ChoiceRow :model-value="request.want.kind" :items="WANTS" @update:model-value="wantKind" />
    <NumberField
      v-if="request.want.kind === 'pieces'"
      :model-value="request.want.count"
      label="Pieces"
      :min="1"
      :max="10000"
      :decimals="0"
      @update:model-value="
        (count) => change({ want: { kind: 'pieces', count: Math.round(count) } })
      "
    />
    <NumberField
      v-else-if="request.want.kind === 'bowls'"
      :model-value="request.want.count"
      label="Bowls"
      :min="1"
      :max="100"
      :decimals="0"
      @update:model-value="(count) => change({ want: { kind: 'bowls', count: Math.round(count) } })"
    />
    <NumberField
      v-else-if="request.want.kind === 'total'"
      :model-value="request.want.massG"
      label="Total mix"
      unit="g"
      :min="1"
      :max="1000000"
      :decimals="1"
      @update:model-value="(massG) => change({ want: { kind: 'total', massG } })"
    />
    <div v-else-if="request.want.kind === 'times'" class="times">
      <button
        v-for="times in TIMES"
        :key="times.value"
        type="button"
        :aria-pressed="request.want.times === times.value"
        @click="change({ want: { kind: 'times', times: times.value } })"
      >
        {{ times.word }}
      </button>
      <NumberField
        :model-value="request.want.times"
        label="Times"
        :min="0.01"
        :max="1000"
        :decimals="2"
        @update:model-value="(times) => change({ want: { kind: 'times', times } })"
      />
    </div>
    <div v-else class="fields">
      <v-select
        :model-value="request.want.materialId"
        :items="materials"
        label="Material to use up"
        class="wide"
        @update:model-value="(materialId) => change({ want: useUp(materialId) })"
      />
      <NumberField
        :key="request.want.materialId"
        :model-value="request.want.massG"
        label="Amount to use"
        unit="g"
        :min="0.1"
        :max="1000000"
        :decimals="1"
        @update:model-value="
          (massG) => request.want.kind === 'use-up' && change({ want: { ...request.want, massG } })
        "
      />
      <p class="quiet small hint">
        {{
          shelf.usable.has(request.want.materialId)
            ? `${formatMass(shelf.usable.get(request.want.materialId) ?? 0)} on the shelf`
            : 'There is no lot of it on the shelf.'
        }}
      </p>
    </div>
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
.small {
  margin: 0;
  font-size: var(--text-small);
}
.hint {
  align-self: center;
}
</style>
