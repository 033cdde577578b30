<script setup lang="ts">
import { computed } from 'vue';
import type { SaleUnit } from '@/core/goods/products/schema';
import { FILING_ROWS, filingsFor, type Filing } from '@/core/goods/labels/requirements/filings';
import { harms } from '@/core/goods/labels/requirements/labelRequirements';
import { readUfi } from '@/core/goods/labels/requirements/ufi';
import { labelKind } from '@/core/goods/labels/soldAs';
import { usePackStore } from '@/stores/pack';
import { useWorkshopStore } from '@/stores/workshop';
import DraftField from '@/ui/fields/DraftField.vue';

/** Who makes it and answers for it, as every label prints it, and what is filed for this product. */
const props = defineProps<{ unit: SaleUnit }>();
const pack = usePackStore();
const workshop = useWorkshopStore();
const design = computed(() => props.unit.label);
const maker = computed(() => workshop.settings.maker);

const kinds = computed(() =>
  props.unit.contents.flatMap(({ formulaId }) => {
    const formula = workshop.formulas.find(({ id }) => id === formulaId);
    return formula ? [labelKind(formula.body.family, design.value.soldAs)] : [];
  }),
);
const isCosmetic = computed(() => kinds.value.includes('cosmetic'));
const filings = computed(() =>
  filingsFor(design.value.markets, kinds.value, pack.label !== null && harms(pack.label.content)),
);
function file(one: Filing, isDone: boolean): void {
  const others = props.unit.filings.filter((other) => other !== one);
  pack.putUnit({ ...props.unit, filings: isDone ? [...others, one] : others });
}
const say = (part: Partial<typeof maker.value>) =>
  workshop.changeSettings({ maker: { ...maker.value, ...part } });

interface MakerField {
  readonly key: keyof typeof maker.value;
  readonly label: string;
  readonly most: number;
  readonly hint?: string;
}
const ELSEWHERE = 'Name and address, if you are elsewhere';
/** As the settings bound them; who answers for it where the label is for. */
const makerFields = computed<readonly MakerField[]>(() => {
  const { markets } = design.value;
  const answers = (isAsked: boolean, field: MakerField) => (isAsked ? [field] : []);
  return [
    { key: 'name', label: 'Name', most: 200 },
    { key: 'address', label: 'Address', most: 300 },
    { key: 'contact', label: 'Contact for customers', most: 200 },
    { key: 'telephone', label: 'Telephone', most: 60 },
    { key: 'dataSheet', label: 'Page with a cleaner’s full ingredient list', most: 300 },
    { key: 'origin', label: 'Country of origin', most: 80 },
    ...answers(markets.includes('eu'), {
      key: 'responsibleEu',
      label: 'Responsible in the EU',
      most: 300,
      hint: ELSEWHERE,
    }),
    ...answers(markets.includes('uk'), {
      key: 'responsibleUk',
      label: 'Responsible in the UK',
      most: 300,
      hint: ELSEWHERE,
    }),
  ];
});
const putUfi = (ufi: string) =>
  pack.putUnit({ ...props.unit, label: { ...design.value, ufi: ufi.slice(0, 40) } });
</script>

<template>
  <div>
    <h2>Maker</h2>
    <div class="fields">
      <DraftField
        v-for="{ key, label, hint, most } in makerFields"
        :key="key"
        :model-value="maker[key]"
        :label="label"
        :hint="hint"
        :maxlength="most"
        @update:model-value="(text: string) => say({ [key]: text.trim() })"
      />
      <DraftField
        v-if="design.markets.includes('eu') && kinds.some((kind) => kind !== 'cosmetic')"
        :model-value="design.ufi"
        label="UFI"
        hint="From the poison-center notification"
        maxlength="40"
        :error-messages="
          design.ufi !== '' && readUfi(design.ufi) === null ? 'Four times four letters.' : ''
        "
        @update:model-value="(text: string) => putUfi(text.trim())"
      />
    </div>
    <h2 v-if="filings.length > 0 || isCosmetic">Filed</h2>
    <v-switch
      v-for="one in filings"
      :key="one"
      :model-value="unit.filings.includes(one)"
      :label="FILING_ROWS[one].title"
      @update:model-value="(isDone) => file(one, isDone === true)"
    />
    <v-switch
      v-if="isCosmetic"
      :model-value="unit.hasSafetyReport"
      label="A qualified assessor has signed its safety report"
      @update:model-value="(signed) => pack.putUnit({ ...unit, hasSafetyReport: signed === true })"
    />
  </div>
</template>

<style scoped>
h2 {
  margin: 14px 0 8px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 10px;
  align-items: start;
}
</style>
