<script setup lang="ts">
import EmptyState from '@/ui/kit/EmptyState.vue';
import { computed, ref } from 'vue';
import { findBySlug, slugOf } from '@/shared/addresses';
import { useAddress } from '@/shared/useAddress';
import { METHODS } from '@/core/formula/model/kinds';
import { METHOD_WORDS } from '@/core/formula/model/messages';
import { newId } from '@/core/basics/newId';
import type { Method } from '@/core/formula/model/schema';
import { cavityMl } from '@/core/work/scaling/leftover';
import { describeMold, moldVolumeMl, sideView } from '@/core/work/scaling/molds';
import type { Mold } from '@/core/work/scaling/moldSchema';
import type { ShelfMold } from '@/core/workshop/shelf/tool';
import { formatFixed } from '@/core/basics/format/numbers';
import { formatMass, formatMilliliters, shownUnit } from '@/core/basics/format/quantities';
import { parseQuantity } from '@/core/basics/units/parseQuantity';
import { useWorkshopStore } from '@/stores/workshop';
import MoldFields from '@/ui/fields/MoldFields.vue';
import { useChosen } from '@/ui/fields/useChosen';
import NumberField from '@/ui/fields/NumberField.vue';
import { moldOutline } from '@/ui/pictures/moldOutline';
import SideBySide from './SideBySide.vue';
import DraftField from '@/ui/fields/DraftField.vue';

const workshop = useWorkshopStore();

const PX_PER_MM = 1.1;
const BOX = 96;
const MOST_FILLS = 200;
const METHOD_ITEMS = METHODS.map((value) => ({ value, title: METHOD_WORDS[value] }));

const { chosen, pickedId } = useChosen(
  () => workshop.molds,
  ({ id }) => id,
);
useAddress({
  names: ['shelf'],
  param: 'item',
  current: () => pickedId.value,
  keyOf: (id) => {
    const mold = workshop.molds.find((one) => one.id === id);
    return mold ? slugOf(mold) : null;
  },
  find: (slug) => findBySlug(slug, workshop.molds)?.id ?? null,
  choose: (id) => (pickedId.value = id),
});
const fillText = ref('');
const fillProblem = ref('');
const isPlanned = computed(() =>
  Object.values(workshop.settings.requests).some(({ moldId }) => moldId === chosen.value?.id),
);

function outline(mold: Mold): string {
  const { widthMm, heightMm } = sideView(mold);
  const px = Math.min(PX_PER_MM, (BOX - 6) / Math.max(widthMm, heightMm));
  const width = widthMm * px;
  const height = heightMm * px;
  return moldOutline(mold, { left: (BOX - width) / 2, bottom: BOX - 4, width, height });
}

function change(part: Partial<ShelfMold>): void {
  if (chosen.value) workshop.put('molds', [{ ...chosen.value, ...part }]);
}

function add(): void {
  const mold: ShelfMold = {
    id: newId(),
    origin: 'own',
    name: 'New mold',
    mold: { shape: 'sphere', diameterMm: 60 },
    method: 'hand',
    cavities: 1,
    waterFillMl: null,
    fillsG: [],
  };
  workshop.put('molds', [mold]);
  pickedId.value = mold.id;
}

function addFills(): void {
  if (!chosen.value) return;
  const typed = fillText.value.split(/[\s;]+/).filter(Boolean);
  const fills = typed.map((text) => {
    const read = parseQuantity(text, 'g');
    return read.ok ? read.value : null;
  });
  if (
    typed.length === 0 ||
    fills.some((fill) => fill === null || !(fill >= 0.1 && fill <= 50_000))
  ) {
    fillProblem.value = 'Type weights with spaces between, such as 197 201 199.';
    return;
  }
  fillProblem.value = '';
  fillText.value = '';
  change({ fillsG: [...chosen.value.fillsG, ...(fills as number[])].slice(-MOST_FILLS) });
}

function remove(): void {
  if (!chosen.value) return;
  workshop.remove('molds', [chosen.value.id]);
}

function meanFill({ fillsG }: ShelfMold): number {
  return fillsG.reduce((sum, massG) => sum + massG, 0) / fillsG.length;
}
</script>

<template>
  <SideBySide>
    <template #list
      ><section aria-label="Molds">
        <EmptyState v-if="workshop.molds.length === 0" picture="piece">
          There are no molds yet. Add yours by their measures, or by the water one cavity holds.
        </EmptyState>
        <ul class="plain-list molds">
          <li v-for="mold in workshop.molds" :key="mold.id">
            <button
              type="button"
              :aria-pressed="mold.id === chosen?.id"
              @click="pickedId = mold.id"
            >
              <svg :viewBox="`0 0 ${BOX} ${BOX}`" aria-hidden="true">
                <path :d="outline(mold.mold)" />
              </svg>
              <b>{{ mold.name }}</b>
              <span class="quiet"
                >{{ formatMilliliters(cavityMl(mold), 0)
                }}{{ mold.cavities > 1 ? ` × ${mold.cavities}` : ''
                }}{{ mold.fillsG.length ? ` · ${formatMass(meanFill(mold))}` : '' }}</span
              >
            </button>
          </li>
        </ul>
        <v-btn variant="flat" @click="add">Add a mold</v-btn>
      </section></template
    >
    <template #detail>
      <section v-if="chosen" :key="chosen.id" :aria-label="chosen.name" class="detail">
        <div class="fields">
          <DraftField
            :model-value="chosen.name"
            label="Name"
            class="wide"
            maxlength="80"
            @update:model-value="(text: string) => change({ name: text.trim() || 'Mold' })"
          />
          <v-select
            :model-value="chosen.method"
            :items="METHOD_ITEMS"
            label="Forming"
            @update:model-value="(method) => change({ method: method as Method })"
          />
          <MoldFields :model-value="chosen.mold" @update:model-value="(mold) => change({ mold })" />
          <NumberField
            :model-value="chosen.cavities"
            label="Cavities"
            :min="1"
            :max="1000"
            :decimals="0"
            @update:model-value="(cavities) => change({ cavities: Math.round(cavities) })"
          />
          <NumberField
            v-if="chosen.mold.shape !== 'own-volume'"
            :model-value="chosen.waterFillMl ?? 0"
            label="Water it holds (0 to use measures)"
            unit="mL"
            :min="0"
            :max="20000"
            :decimals="1"
            @update:model-value="
              (volumeMl) => change({ waterFillMl: volumeMl >= 0.5 ? volumeMl : null })
            "
          />
        </div>
        <p class="quiet">
          By its measures, the {{ describeMold(chosen.mold) }} holds
          {{ formatMilliliters(moldVolumeMl(chosen.mold), 1) }}.<template
            v-if="chosen.waterFillMl !== null && chosen.mold.shape !== 'own-volume'"
          >
            Rovack uses the {{ formatMilliliters(chosen.waterFillMl, 1) }} by water.</template
          >
        </p>
        <h3>Your fills</h3>
        <p v-if="chosen.fillsG.length">
          {{ chosen.fillsG.map((massG) => formatMass(massG)).join(', ') }}. Mean
          <b>{{ formatMass(meanFill(chosen)) }}</b>,
          {{ formatFixed(meanFill(chosen) / cavityMl(chosen), 2) }} g/mL
        </p>
        <p v-else class="quiet">
          None yet. Weigh some pieces as you press them, and the plan uses your fill.
        </p>
        <form class="fills" @submit.prevent="addFills">
          <v-text-field
            v-model="fillText"
            :label="`Weights of filled pieces, ${shownUnit('g').unit}`"
            :error-messages="fillProblem"
          />
          <v-btn type="submit">Add fills</v-btn>
        </form>
        <p class="end">
          <v-btn v-if="!isPlanned" color="error" variant="text" @click="remove">Remove mold</v-btn>
          <span v-else class="quiet small">A plan uses it. Choose another mold there first.</span>
        </p>
      </section>
    </template>
  </SideBySide>
</template>

<style scoped>
.molds {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
  margin-bottom: 14px;
}
.molds button {
  display: grid;
  justify-items: center;
  gap: 2px;
  width: 100%;
  padding: 10px 8px;
  border: 0;
  border-bottom: 3px solid var(--hairline);
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.molds button[aria-pressed='true'] {
  border-color: var(--verdigris);
  background: var(--paper);
}
.molds svg {
  width: 96px;
}
.molds path {
  fill: var(--verdigris-soft);
  stroke: var(--ink);
  stroke-width: 1.2;
}
.molds .quiet {
  font-size: var(--text-small);
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.fields :deep(.wide) {
  grid-column: 1 / -1;
}
h3 {
  margin: 14px 0 2px;
  font: 650 var(--text-lead) var(--font-heading);
}
.fills {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: start;
  gap: 10px;
}
</style>
