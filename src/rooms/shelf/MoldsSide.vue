<script setup lang="ts">
import EmptyState from '@/ui/kit/EmptyState.vue';
import { findBySlug, slugOf } from '@/shared/addresses';
import { useAddress } from '@/shared/useAddress';
import { newId } from '@/core/basics/newId';
import { cavityMl } from '@/core/work/scaling/leftover';
import { meanFillG } from '@/core/workshop/shelf/moldFromShelf';
import { sideView } from '@/core/work/scaling/molds';
import type { Mold } from '@/core/work/scaling/moldSchema';
import type { ShelfMold } from '@/core/workshop/shelf/tool';
import { formatMass, formatMilliliters } from '@/core/basics/format/quantities';
import { useWorkshopStore } from '@/stores/workshop';
import { useChosen } from '@/ui/fields/useChosen';
import { moldOutline } from '@/ui/pictures/moldOutline';
import MoldDetail from './MoldDetail.vue';
import SideBySide from './SideBySide.vue';

const workshop = useWorkshopStore();

const PX_PER_MM = 1.1;
const BOX = 96;

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
function outline(mold: Mold): string {
  const { widthMm, heightMm } = sideView(mold);
  const px = Math.min(PX_PER_MM, (BOX - 6) / Math.max(widthMm, heightMm));
  const width = widthMm * px;
  const height = heightMm * px;
  return moldOutline(mold, { left: (BOX - width) / 2, bottom: BOX - 4, width, height });
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
                }}{{ mold.fillsG.length ? ` · ${formatMass(meanFillG(mold))}` : '' }}</span
              >
            </button>
          </li>
        </ul>
        <v-btn variant="flat" @click="add">Add a mold</v-btn>
      </section></template
    >
    <template #detail>
      <MoldDetail v-if="chosen" :key="chosen.id" :mold="chosen" />
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
</style>
