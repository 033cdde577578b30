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

const putUfi = (ufi: string) =>
  pack.putUnit({ ...props.unit, label: { ...design.value, ufi: ufi.slice(0, 40) } });
</script>

<template>
  <div>
    <h2>Maker</h2>
    <div class="fields">
      <DraftField
        :model-value="maker.name"
        label="Name"
        maxlength="200"
        @update:model-value="(text: string) => say({ name: text.trim() })"
      />
      <DraftField
        :model-value="maker.address"
        label="Address"
        maxlength="300"
        @update:model-value="(text: string) => say({ address: text.trim() })"
      />
      <DraftField
        :model-value="maker.contact"
        label="Contact for customers"
        maxlength="200"
        @update:model-value="(text: string) => say({ contact: text.trim() })"
      />
      <DraftField
        :model-value="maker.dataSheet"
        label="Page with a cleaner’s full ingredient list"
        maxlength="300"
        @update:model-value="(text: string) => say({ dataSheet: text.trim() })"
      />
      <DraftField
        :model-value="maker.telephone"
        label="Telephone"
        maxlength="60"
        @update:model-value="(text: string) => say({ telephone: text.trim() })"
      />
      <DraftField
        :model-value="maker.origin"
        label="Country of origin"
        maxlength="80"
        @update:model-value="(text: string) => say({ origin: text.trim() })"
      />
      <DraftField
        v-if="design.markets.includes('eu')"
        :model-value="maker.responsibleEu"
        label="Responsible in the EU"
        hint="Name and address, if you are elsewhere"
        maxlength="300"
        @update:model-value="(text: string) => say({ responsibleEu: text.trim() })"
      />
      <DraftField
        v-if="design.markets.includes('uk')"
        :model-value="maker.responsibleUk"
        label="Responsible in the UK"
        hint="Name and address, if you are elsewhere"
        maxlength="300"
        @update:model-value="(text: string) => say({ responsibleUk: text.trim() })"
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
