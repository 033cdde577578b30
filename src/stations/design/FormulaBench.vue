<script setup lang="ts">
import { entryAt } from '@/core/basics/entryAt';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useRoute } from 'vue-router';
import { plainWords } from '@/core/basics/format/plainWords';
import { SIDES, valuesOf } from '@/shared/places';
import { useAddress, useAddressTab } from '@/shared/useAddress';
import type { Evaluation, Fix } from '@/core/results/evaluation/types';
import {
  addLine,
  addMass,
  lineById,
  moveLine,
  removeLine,
  reorderLines,
  setLineLocked,
  setLineMass,
  setLineMaterial,
  settleUnread,
} from '@/core/formula/model/edit';
import { LINE_WAYS } from '@/core/formula/model/kinds';
import { setLineWay } from '@/core/formula/model/ways';
import type { FormulaBody, PartKind, Line } from '@/core/formula/model/schema';
import type { Material } from '@/core/matter/materials/material';
import type { Spread } from '@/core/basics/units/spread';
import { useDesignStore } from '@/stores/design';
import FindingsList from '@/ui/frame/FindingsList.vue';
import { counted } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { deferred } from '@/shared/deferred';
import { useMaterials } from '@/ui/fields/materials';
import FormulaColumn from './column/FormulaColumn.vue';
import MiddleViews from './MiddleViews.vue';
import PartBar from './column/PartBar.vue';
import ReadingsPanel from './readings/ReadingsPanel.vue';
import WrittenLines from './written/WrittenLines.vue';

const props = defineProps<{ body: FormulaBody; evaluation: Evaluation }>();

/** The pickers are the heaviest controls here: they come in after the column stands. */
const PartAmount = deferred(() => import('./column/PartAmount.vue'));
const AddLine = deferred(() => import('./column/AddLine.vue'));
const UnreadLines = defineAsyncComponent(() => import('./written/UnreadLines.vue'));
const SwapDialog = defineAsyncComponent(() => import('./column/SwapDialog.vue'));

const { materialOf } = useMaterials();
const design = useDesignStore();
const route = useRoute();
const chosenPartId = ref<string | null>(null);
const swapping = ref<Line | null>(null);
const hasSwapped = ref(false);
const part = computed(
  () =>
    props.body.parts.find(({ id }) => id === chosenPartId.value) ?? entryAt(props.body.parts, 0),
);

/** Sections bear their names in the address; of two of one name, their place counts. */
const sections = computed(() => {
  const keys: string[] = [];
  for (const { name } of props.body.parts) {
    const key = plainWords(name).join('-') || 'section';
    keys.push(keys.includes(key) ? `${key}-${keys.length + 1}` : key);
  }
  return keys;
});
useAddress({
  names: ['formula'],
  param: 'section',
  beside: () => ({ view: String(route.params.view || 'piece') }),
  current: () => (part.value.id === props.body.parts[0]?.id ? null : part.value.id),
  keyOf: (id) => sections.value[props.body.parts.findIndex((one) => one.id === id)] ?? null,
  find: (key) => props.body.parts[sections.value.indexOf(key)]?.id ?? null,
  choose: (id) => (chosenPartId.value = id),
});

/** The film of the tub takes all the room there is. */
const shown = useAddressTab(['formula'], valuesOf(SIDES.formula), 'piece');
const isWhole = computed(() => shown.value === 'tub');

const piecesSaid = computed(() => {
  const pieceG = design.pieceG;
  const pieces = pieceG ? Math.floor(props.evaluation.totalG / pieceG + 1e-9) : 0;
  return pieces > 0 && pieceG ? `${counted(pieces, 'piece')} of ${formatMass(pieceG)}` : '';
});

/** What an empty part begins with. Common practice. */
const EMPTY: Readonly<Record<PartKind, string>> = {
  main: 'This formula is empty. Add the soda first, then the acid. The classic is 2 to 1 by weight, and 1.3 to 1 fizzes hardest. Start salts with their salt, and cleaning pieces with washing soda.',
  split: 'There is no second color yet. Add its color, and anything else it needs.',
  embed: 'This embed is empty. Make a small, strongly colored mix, about 1.4 of soda to 1 of acid.',
  topping: 'There is no topping yet. Add petals, salt or sprinkles, a pinch a piece.',
  icing:
    'There is no icing yet. Use sugar, meringue powder and a little water, about 50 g (1.8 oz) a piece.',
  paint: 'There is no paint yet. Use mica in strong alcohol or oil, or cocoa butter for a drizzle.',
};

function act(lineId: string, action: string): void {
  const line = lineById(props.body, lineId);
  if (action === 'lock') design.change(setLineLocked(props.body, lineId, !line.locked));
  else if (action === 'up') design.change(moveLine(props.body, lineId, -1));
  else if (action === 'down') design.change(moveLine(props.body, lineId, 1));
  else if (action === 'remove') design.change(removeLine(props.body, lineId));
  else if (action.startsWith('way:'))
    design.change(
      setLineWay(props.body, lineId, LINE_WAYS.find((way) => `way:${way}` === action) ?? null),
    );
  else if (action === 'swap') {
    hasSwapped.value = true;
    swapping.value = line;
  }
}

function swap(materialId: string, massG: number): void {
  const { id } = swapping.value ?? {};
  if (id)
    design.change(setLineMass(setLineMaterial(props.body, id, materialOf(materialId)), id, massG));
  swapping.value = null;
}

function add(material: Material, amountG: Spread): void {
  design.change(addLine(props.body, part.value.id, material, amountG));
}

const AheadOfSection = defineAsyncComponent(() => import('./formula/AheadOfSection.vue'));
const aheadOf = ref<string | null>(null);
const isAhead = ref(false);
function openAhead(partId: string): void {
  aheadOf.value = partId;
  isAhead.value = true;
}

/** What a cure would do, drawn over the column before it is taken. */
function previewFix(cure: Fix | null): void {
  design.setPreview(cure && addMass(props.body, materialOf(cure.materialId), cure.massG));
}

function fix({ materialId, massG }: Fix): void {
  design.setPreview(null);
  design.change(addMass(props.body, materialOf(materialId), massG));
}

function reorder(lineIds: string[], movedId: string): void {
  design.change(reorderLines(props.body, part.value.id, lineIds, movedId));
}
</script>

<template>
  <div class="bench" :class="{ whole: isWhole }">
    <section v-show="!isWhole" class="formula" aria-label="Formula">
      <PartBar
        :body="body"
        :chosen-id="part.id"
        @choose="(id) => (chosenPartId = id)"
        @change="design.change"
        @ahead="openAhead"
      />
      <AheadOfSection
        v-if="aheadOf"
        v-model="isAhead"
        :body="body"
        :part-id="aheadOf"
        :formula-name="design.formula?.name ?? ''"
      />
      <PartAmount
        v-if="part.kind !== 'main' && part.kind !== 'split' && part.lines.length"
        :key="`amount ${part.id}`"
        :body="body"
        :part="part"
        @change="design.change"
      />
      <FormulaColumn
        v-if="part.lines.length"
        :key="part.id"
        :body="body"
        :part="part"
        :ghost="design.preview"
        @change="design.change"
        @pull="design.pull"
        @end-pull="design.endPull"
        @reorder="reorder"
        @line-action="act"
      />
      <p v-else class="blank quiet">
        {{ EMPTY[part.kind] }}
      </p>
      <p v-if="part.lines.length" class="total">
        <span class="quiet">{{ body.parts.length > 1 ? 'all sections' : 'whole mix' }}</span>
        <span class="quiet">{{ piecesSaid }}</span>
        <b class="figure">{{ formatMass(evaluation.totalG) }}</b>
      </p>
      <div class="add-place"><AddLine @add="add" /></div>
    </section>
    <div class="middle">
      <UnreadLines
        v-if="body.unread.length"
        :unread="body.unread"
        @settle="(id, line) => design.change(settleUnread(body, id, line))"
      />
      <MiddleViews v-model="shown" :body="body" :evaluation="evaluation" />
      <FindingsList
        v-if="!isWhole"
        class="stands-out"
        :class="{ waits: design.isPulling }"
        :findings="design.findings"
        @fix="fix"
        @preview="previewFix"
      />
      <WrittenLines v-if="!isWhole" :body="body" />
    </div>
    <ReadingsPanel v-show="!isWhole" class="right" :evaluation="evaluation" :family="body.family" />
    <SwapDialog
      v-if="hasSwapped"
      :line="swapping"
      :body="body"
      @swap="swap"
      @close="swapping = null"
    />
  </div>
</template>

<style scoped>
.bench {
  flex: 1 1 auto;
  display: grid;
  grid-template-columns: minmax(568px, 1.7fr) minmax(310px, 1fr) 300px;
}
.bench.whole {
  display: block;
}
.whole .middle {
  padding: 16px 24px 24px;
}
.formula {
  align-self: start;
  min-height: calc(100vh - 88px);
  display: flex;
  flex-direction: column;
  padding: 20px 14px 16px 16px;
}
.middle {
  padding: 20px 20px 24px 14px;
}
.stands-out {
  margin-top: 22px;
}
/* What is told in sentences is told again when the hand lets go. */
.stands-out.waits {
  opacity: 0.55;
}
.middle :deep(.unread) {
  margin: 0 0 26px;
}
.right {
  padding: 12px 18px;
  border-left: 1px solid var(--hairline);
}
/* Its place is kept while it loads, so that nothing under the hand moves. */
.add-place {
  min-height: 40px;
}
.total {
  display: flex;
  align-items: center;
  gap: 18px;
  margin: 10px 114px 12px 34px;
}
.total .figure {
  flex: none;
  margin-left: auto;
  font-size: var(--text-headline);
}
.blank {
  max-width: 400px;
  padding: 24px 8px 12px;
  font-size: var(--text-lead);
}
/* A pull lays each of the three out by itself. */
.formula,
.middle,
.right {
  contain: layout style;
}
@media (max-width: 1150px) {
  .bench {
    grid-template-columns: minmax(0, 1fr) 290px;
  }
  .middle {
    grid-column: 1;
    grid-row: 2;
  }
  .right {
    grid-row: 1 / span 2;
    grid-column: 2;
  }
}
@media (max-width: 820px) {
  .bench {
    display: block;
  }
  .formula {
    overflow-x: auto;
  }
  .right {
    border-left: 0;
  }
}
@media (max-width: 560px) {
  .total {
    gap: 10px;
    margin: 10px 8px;
  }
}
</style>
