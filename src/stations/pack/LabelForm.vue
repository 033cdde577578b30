<script setup lang="ts">
import { computed } from 'vue';
import type { SaleUnit } from '@/core/goods/products/schema';
import { directionsOfAll, identityOfAll } from '@/core/goods/labels/identity';
import { asksSoldAs, type SoldAs } from '@/core/goods/labels/soldAs';
import { FOR_WHOM, type ForWhom } from '@/core/goods/labels/cautions';
import { SHEETS } from '@/core/goods/labels/design';
import { labelDesignSchema, type LabelDesign } from '@/core/goods/labels/designSchema';
import { usePackStore } from '@/stores/pack';
import { useWorkshopStore } from '@/stores/workshop';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import LabelMakerForm from './LabelMakerForm.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import DraftField from '@/ui/fields/DraftField.vue';

/** Words of the maker’s own and the cut of the label. They stay whatever batch is in it. */
const props = defineProps<{ unit: SaleUnit }>();
const pack = usePackStore();
const workshop = useWorkshopStore();
const design = computed(() => props.unit.label);

const KINDS = [
  { value: 'cosmetic', word: 'Cosmetic' },
  { value: 'household', word: 'Household product' },
] as const satisfies readonly { value: SoldAs; word: string }[];
const SHAPES = [
  { value: 'rectangle', word: 'Rectangle' },
  { value: 'round', word: 'Round' },
] as const;
const FACES = [
  { value: '1', word: 'One side' },
  { value: '2', word: 'Front and back' },
] as const;
const WHOM: Readonly<Record<ForWhom, string>> = {
  everyone: 'everyone',
  children: 'children, with an adult',
  adults: 'adults only',
};
const OWN_SHEET = 'own sheet';
const sheetNames = [...SHEETS.map(({ name }) => name), OWN_SHEET];
const sheetName = computed(
  () => SHEETS.find(({ name }) => name === design.value.sheet.name)?.name ?? OWN_SHEET,
);
const families = computed(() =>
  props.unit.contents.flatMap(
    ({ formulaId }) => workshop.formulas.find(({ id }) => id === formulaId)?.body.family ?? [],
  ),
);
const asksKind = computed(() => families.value.some((one) => asksSoldAs(one, null)));
const products = computed(() => pack.label?.asked.products ?? []);
const proposed = computed(() => identityOfAll(products.value));
const usage = computed(() => directionsOfAll(products.value));

/** What does not fit its schema is not kept. */
function change(part: Partial<LabelDesign>): void {
  const parsed = labelDesignSchema.safeParse({ ...design.value, ...part });
  if (parsed.success) pack.putUnit({ ...props.unit, label: parsed.data });
}
const words = (part: Partial<LabelDesign['own']>) =>
  change({ own: { ...design.value.own, ...part } });
const onSheet = (part: Partial<LabelDesign['sheet']>) =>
  change({ sheet: { ...design.value.sheet, ...part, name: OWN_SHEET } });

function takeSheet(name: string): void {
  const found = SHEETS.find((one) => one.name === name);
  if (!found) return onSheet({});
  const { widthMm, heightMm, ...sheet } = found;
  change({ sheet, widthMm, heightMm });
}

const MEASURES = [
  { key: 'pageWidthMm', label: 'Page width', stored: 'mm', min: 20 },
  { key: 'pageHeightMm', label: 'Page height', stored: 'mm', min: 20 },
  { key: 'columns', label: 'Labels across', stored: undefined, min: 1 },
  { key: 'rows', label: 'Labels down', stored: undefined, min: 1 },
  { key: 'leftMm', label: 'Left margin', stored: 'mm', min: 0 },
  { key: 'topMm', label: 'Top margin', stored: 'mm', min: 0 },
  { key: 'gapXMm', label: 'Gap across', stored: 'mm', min: 0 },
  { key: 'gapYMm', label: 'Gap down', stored: 'mm', min: 0 },
] as const;
</script>

<template>
  <div class="form">
    <h2>Text</h2>
    <div class="fields">
      <DraftField
        :model-value="design.title"
        label="Name on the label"
        :placeholder="unit.name"
        persistent-placeholder
        maxlength="300"
        @update:model-value="(text: string) => change({ title: text.trim() })"
      />
      <DraftField
        :model-value="design.own.identity"
        label="Kind of product"
        :placeholder="proposed"
        persistent-placeholder
        maxlength="300"
        @update:model-value="(text: string) => words({ identity: text.trim() })"
      />
      <DraftField
        is-long
        :model-value="design.own.story"
        label="Your description"
        rows="2"
        maxlength="1000"
        @update:model-value="(text: string) => words({ story: text.trim() })"
      />
      <DraftField
        is-long
        :model-value="design.own.directions"
        label="Directions"
        :placeholder="usage"
        persistent-placeholder
        rows="2"
        maxlength="1000"
        @update:model-value="(text: string) => words({ directions: text.trim() })"
      />
      <DraftField
        is-long
        :model-value="design.own.otherLanguages"
        label="Other languages"
        rows="2"
        maxlength="3000"
        @update:model-value="(text: string) => words({ otherLanguages: text.trim() })"
      />
      <v-select
        :model-value="design.forWhom"
        :items="FOR_WHOM.map((value) => ({ value, title: WHOM[value] }))"
        label="Made for"
        @update:model-value="(forWhom: ForWhom) => change({ forWhom })"
      />
    </div>
    <template v-if="asksKind">
      <h2>Sold as</h2>
      <ChoiceRow
        :model-value="design.soldAs ?? ''"
        :items="KINDS"
        role="group"
        aria-label="Sold as"
        @update:model-value="(kind) => change({ soldAs: kind || null })"
      />
    </template>
    <h2>Size</h2>
    <ChoiceRow
      :model-value="design.shape"
      :items="SHAPES"
      @update:model-value="(shape) => change({ shape })"
    />
    <ChoiceRow
      :model-value="design.sides === 1 ? '1' : '2'"
      :items="FACES"
      @update:model-value="(sides) => change({ sides: sides === '1' ? 1 : 2 })"
    />
    <div class="fields small">
      <v-select
        class="long"
        :model-value="sheetName"
        :items="sheetNames"
        label="Sheet"
        @update:model-value="takeSheet"
      />
      <NumberField
        :model-value="design.widthMm"
        :label="design.shape === 'round' ? 'Diameter' : 'Width'"
        unit="mm"
        :min="10"
        :max="400"
        :decimals="1"
        @update:model-value="(widthMm) => change({ widthMm })"
      />
      <NumberField
        v-if="design.shape !== 'round'"
        :model-value="design.heightMm"
        label="Height"
        unit="mm"
        :min="10"
        :max="400"
        :decimals="1"
        @update:model-value="(heightMm) => change({ heightMm })"
      />
      <template v-if="sheetName === OWN_SHEET">
        <NumberField
          v-for="{ key, label, stored, min } in MEASURES"
          :key="key"
          :model-value="design.sheet[key]"
          :label="label"
          :unit="stored"
          :min="min"
          :max="key === 'columns' || key === 'rows' ? 50 : 2000"
          :decimals="key === 'columns' || key === 'rows' ? 0 : 1"
          @update:model-value="(value) => onSheet({ [key]: value })"
        />
      </template>
      <v-switch
        :model-value="design.hasQr"
        label="QR code"
        @update:model-value="(hasQr) => change({ hasQr: hasQr === true })"
      />
      <v-switch
        :model-value="design.hasPicture"
        label="Colors of the piece"
        @update:model-value="(hasPicture) => change({ hasPicture: hasPicture === true })"
      />
    </div>
    <LabelMakerForm :unit="unit" />
  </div>
</template>

<style scoped>
.form {
  margin-top: 10px;
}
h2 {
  margin: 14px 0 8px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 10px;
  align-items: start;
}
.fields.small {
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
  margin-top: 8px;
}
.long {
  grid-column: span 2;
}
</style>
