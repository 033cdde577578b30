<script setup lang="ts">
import { partInSentence } from '@/core/formula/model/messages';
import { entryAt } from '@/core/basics/entryAt';
import { useElementSize, useMediaQuery } from '@vueuse/core';
import { computed, ref, useTemplateRef } from 'vue';
import { setLineAmount, tradeMass } from '@/core/formula/model/edit';
import type { FormulaBody, Part } from '@/core/formula/model/schema';
import ColumnCore from './ColumnCore.vue';
import LineRow from './LineRow.vue';
import { layoutColumn, strataOf } from './columnLayout';
import { usePull } from './usePull';
import { useMaterials } from '@/ui/fields/materials';
import { useReorder } from '@/ui/frame/useReorder';

const { materialOf, nameOf } = useMaterials();

const props = defineProps<{
  body: FormulaBody;
  part: Part;
  /** An offered body, drawn over the column before it is taken. */
  ghost?: FormulaBody | null;
}>();
const emit = defineEmits<{
  change: [body: FormulaBody];
  pull: [body: FormulaBody];
  endPull: [];
  reorder: [lineIds: string[], movedId: string];
  lineAction: [lineId: string, action: string];
}>();

const ROW_PX = 34;
const TOUCH_ROW_PX = 46;
const LEAST_HEIGHT_PX = 380;

const frame = useTemplateRef<HTMLElement>('frame');
const { height } = useElementSize(frame);
const isTouch = useMediaQuery('(pointer: coarse)');
const rowPx = computed(() => (isTouch.value ? TOUCH_ROW_PX : ROW_PX));
const layout = computed(() =>
  layoutColumn(props.part.lines, Math.max(LEAST_HEIGHT_PX, height.value - 4), rowPx.value),
);
const ghostStrata = computed(() => {
  const part = props.ghost?.parts.find(({ id }) => id === props.part.id);
  return part ? strataOf(part.lines, layout.value.heightPx) : null;
});
const partG = computed(() => props.part.lines.reduce((sum, line) => sum + line.massG, 0));
/** Digits of a milligram's thousandth change with each pull, and no row shows them. */
const shownPartG = computed(() => Math.round(partG.value * 1e6));
const hovered = ref<string | null>(null);

const { startPull, movePull, stopPull } = usePull({
  body: () => props.body,
  gramsPerPx: () => partG.value / layout.value.heightPx,
  onMove: (body) => emit('pull', body),
  onEnd: () => emit('endPull'),
});

/** Rows stand in the flow, each pushed down to its place, so that they can be carried. */
function marginTop(index: number): string {
  const centers = layout.value.rowCenters;
  const above = index === 0 ? -rowPx.value / 2 : entryAt(centers, index - 1);
  return `${entryAt(centers, index) - above - rowPx.value}px`;
}

const { isReady: canCarry } = useReorder(useTemplateRef<HTMLElement>('rows'), {
  handle: '.carry',
  animationMs: 120,
  onDrop: (from, to) => {
    const ids = props.part.lines.map((line) => line.id);
    const [moved] = ids.splice(from, 1);
    if (moved === undefined) return;
    ids.splice(to, 0, moved);
    emit('reorder', ids, moved);
  },
});

function trade(upperId: string, lowerId: string, gainG: number): void {
  emit('change', tradeMass(props.body, upperId, lowerId, gainG));
}
</script>

<template>
  <div
    ref="frame"
    class="column"
    @pointermove="movePull"
    @pointerup="stopPull"
    @pointercancel="stopPull"
  >
    <div class="stand" :style="{ height: `${layout.heightPx}px` }">
      <ColumnCore
        :lines="part.lines"
        :layout="layout"
        :lit="hovered"
        :ghost="ghostStrata"
        @start="startPull"
        @trade="trade"
      />
      <ul
        ref="rows"
        class="plain-list rows"
        :class="{ 'can-carry': canCarry }"
        :aria-label="`Lines of ${partInSentence(part)}`"
      >
        <!-- Place and pointer belong to the item, so that a row is drawn again only when its own line changes. -->
        <li
          v-for="(line, index) in part.lines"
          :key="line.id"
          v-memo="[
            line,
            materialOf(line.materialId),
            marginTop(index),
            rowPx,
            shownPartG,
            part.lines.length,
            index,
          ]"
          :aria-label="nameOf(line.materialId)"
          :style="{
            height: `${rowPx}px`,
            marginTop: marginTop(index),
            zIndex: part.lines.length - index,
          }"
          @pointerenter="hovered = line.id"
          @pointerleave="hovered = null"
        >
          <LineRow
            :line="line"
            :material="materialOf(line.materialId)"
            :share="partG > 0 ? line.massG / partG : 0"
            :others-g="partG - line.massG"
            @amount="(massG) => emit('change', setLineAmount(body, line.id, massG))"
            @action="(action) => emit('lineAction', line.id, action)"
          />
        </li>
      </ul>
    </div>
  </div>
</template>

<style scoped>
.column {
  flex: 1 1 auto;
  min-height: 380px;
}
.stand {
  position: relative;
  display: flex;
}
.rows {
  flex: 1 1 auto;
  min-width: 340px;
}
/* Each row a layer of its own: one that a pull leaves alone is not painted again. What hangs down from one lies over the next. */
.rows {
  isolation: isolate;
}
.rows li {
  position: relative;
}
.can-carry :deep(.carry) {
  cursor: grab;
}
/* On a phone the figures are what is read; the core wants a wider screen. */
@media (max-width: 560px) {
  .stand :deep(.core) {
    display: none;
  }
  .rows {
    min-width: 0;
  }
}
</style>
