<script setup lang="ts">
import { typedIn } from '@/ui/fields/typedIn';
import { computed } from 'vue';
import { mostColorG } from '@/core/results/color/rate';
import { powderHex } from '@/core/results/color/powder';
import { waterHex } from '@/core/results/color/water';
import { allLines, setLineMass } from '@/core/formula/model/edit';
import { partMassG } from '@/core/formula/model/parts';
import type { FormulaBody, Line } from '@/core/formula/model/schema';
import type { Material } from '@/core/matter/materials/material';
import { useDesignStore } from '@/stores/design';
import { formatMass } from '@/core/basics/format/quantities';
import { useMaterials } from '@/ui/fields/materials';
import ColorOrder from './ColorOrder.vue';

const { materialOf, nameOf, portionsOf } = useMaterials();

const props = defineProps<{ body: FormulaBody }>();
const design = useDesignStore();

/** How far past its usual rate a slider goes. */
const OVER = 1.5;
const STEPS = 200;

const COLORED = new Set(['main', 'split', 'embed']);
const parts = computed(() =>
  props.body.parts
    .filter((part) => COLORED.has(part.kind) && part.lines.length > 0)
    .map((part) => {
      const massG = partMassG(part);
      const share =
        (design.pieceG ?? massG) / allLines(props.body).reduce((s, l) => s + l.massG, 0);
      const portions = portionsOf(part.lines);
      const piece = portions.map((portion) => ({
        ...portion,
        massG: portion.massG * Math.min(1, share),
      }));
      return {
        part,
        massG,
        dryHex: powderHex(portions),
        tubHex: waterHex(piece, design.conditions.tub.volumeL),
        colors: part.lines.filter(({ materialId }) => materialOf(materialId).role === 'color'),
      };
    }),
);
const all = computed(() => design.evaluation?.color ?? null);

function slide(line: Line, partG: number, event: Event, isDone: boolean): void {
  const top = mostColorG(materialOf(line.materialId), partG) * OVER;
  const massG = (Number(typedIn(event)) / STEPS) * top;
  design.pull(setLineMass(props.body, line.id, Number(massG.toPrecision(3))));
  if (isDone) design.endPull();
}

function position(line: Line, partG: number): number {
  const top = mostColorG(materialOf(line.materialId), partG) * OVER;
  return top > 0 ? Math.min(STEPS, Math.round((line.massG / top) * STEPS)) : 0;
}

/** What kind of color it is, and what that means in the tub. */
function kind(material: Material): string {
  if (material.traits.includes('needs-bloom'))
    return 'A dye that tints the tub. Bloom it in a little water, which counts.';
  if (material.traits.includes('sulfide-with-acid'))
    return 'Smells of rotten eggs with acid. It floats and does not tint the water.';
  if (material.isLiquid) return 'A liquid color. Its water counts. Stir it into the oil.';
  return 'A powder that floats. It colors the piece, not the water.';
}
</script>

<template>
  <section aria-label="Color">
    <h2>Color</h2>
    <p v-if="parts.length === 0" class="quiet">The formula is empty. Add a material first.</p>
    <div v-for="entry in parts" :key="entry.part.id" class="part">
      <h3>{{ entry.part.name }}</h3>
      <div class="swatches">
        <span
          ><i
            :style="{ background: entry.dryHex }"
            role="img"
            :aria-label="`Dry ${entry.dryHex}`"
          />
          dry</span
        >
        <span
          ><i
            :style="{ background: entry.tubHex }"
            role="img"
            :aria-label="`Water ${entry.tubHex}`"
          />
          water</span
        >
      </div>
      <p v-if="entry.colors.length === 0" class="quiet small">No color. It is white like soda.</p>
      <div v-for="line in entry.colors" :key="line.id" class="color">
        <label :for="`color-${line.id}`">{{ nameOf(line.materialId) }}</label>
        <b class="tabular">{{ formatMass(line.massG) }}</b>
        <input
          :id="`color-${line.id}`"
          type="range"
          min="0"
          :max="STEPS"
          :value="position(line, entry.massG)"
          :disabled="line.locked"
          :aria-valuetext="formatMass(line.massG)"
          @input="slide(line, entry.massG, $event, false)"
          @change="slide(line, entry.massG, $event, true)"
        />
        <p class="quiet small">
          {{ kind(materialOf(line.materialId)) }}
          <span
            v-if="line.massG > mostColorG(materialOf(line.materialId), entry.massG)"
            class="stain"
            >More than the usual
            {{ formatMass(mostColorG(materialOf(line.materialId), entry.massG)) }}. It may stain tub
            and skin.</span
          >
        </p>
      </div>
    </div>
    <p v-if="all && parts.length > 1" class="small whole">
      <i :style="{ background: all.waterHex }" role="img" :aria-label="`Tub ${all.waterHex}`" />
      the tub with the whole piece in it
    </p>
    <ColorOrder v-if="parts.length > 0" :body="body" />
  </section>
</template>

<style scoped>
h3 {
  margin: 12px 0 4px;
  font: 700 var(--text-plain) var(--font-body);
}
.swatches {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  color: var(--mid);
  font-size: var(--text-small);
}
i {
  display: block;
  height: 54px;
  border: 1px solid var(--ink);
}
.color {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 8px;
  margin-top: 8px;
  font-size: var(--text-plain);
}
.color input,
.color p {
  grid-column: 1 / -1;
  width: 100%;
}
.color input {
  height: 28px;
  accent-color: var(--verdigris);
}
.small {
  margin: 2px 0;
  font-size: var(--text-small);
}
.stain {
  color: var(--ochre);
  font-weight: 700;
}
.whole {
  margin-top: 12px;
}
</style>
