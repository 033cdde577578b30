<script setup lang="ts">
import { formatMinutes } from '@/core/basics/format/durations';
import { computed } from 'vue';
import type { Costing, Money } from '@/core/work/cost/schema';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/fields/NumberField.vue';

/** What a formula costs beside its materials, and how this workshop counts money. */
const props = defineProps<{
  formulaId: string;
  costing: Costing;
  /** What counts: the maker’s own minutes, else those of the steps. */
  minutes: number;
  /** What the steps of the work come to. */
  workMinutes: number;
  /** A product says what is around a piece. */
  hasProduct: boolean;
}>();
const workshop = useWorkshopStore();

const CURRENCIES = ['USD', 'EUR', 'GBP', 'CAD', 'AUD', 'NZD', 'CHF', 'SEK', 'NOK', 'DKK', 'JPY'];
const terms = computed(() => workshop.settings.money);

function setCosting(change: Partial<Costing>): void {
  workshop.changeSettings({
    costings: {
      ...workshop.settings.costings,
      [props.formulaId]: { ...props.costing, ...change },
    },
  });
}

function setMoney(change: Partial<Money>): void {
  workshop.changeSettings({ money: { ...terms.value, ...change } });
}
</script>

<template>
  <div class="fields">
    <NumberField
      v-if="!hasProduct"
      :key="`p-${formulaId}`"
      :model-value="costing.packagingEach"
      label="Packaging a piece"
      :min="0"
      :max="10000"
      :decimals="3"
      @update:model-value="(packagingEach) => setCosting({ packagingEach })"
    />
    <NumberField
      :key="`l-${formulaId}`"
      :model-value="minutes"
      label="Labor to make it"
      unit="min"
      :min="0"
      :max="100000"
      :decimals="1"
      @update:model-value="(laborMinutes) => setCosting({ laborMinutes })"
    />
    <p v-if="minutes !== workMinutes" class="quiet by-steps">
      The steps take {{ formatMinutes(workMinutes) }}.
      <button type="button" class="link" @click="setCosting({ laborMinutes: undefined })">
        Use it
      </button>
    </p>
    <NumberField
      :key="`r-${formulaId}`"
      :model-value="costing.rejectPct ?? 0"
      label="Rejects expected"
      unit="%"
      :min="0"
      :max="90"
      :decimals="1"
      @update:model-value="(rejectPct) => setCosting({ rejectPct })"
    />
    <NumberField
      :model-value="terms.overheadPct ?? 0"
      label="Overhead on all costs"
      unit="%"
      :min="0"
      :max="500"
      :decimals="1"
      @update:model-value="(overheadPct) => setMoney({ overheadPct })"
    />
    <NumberField
      :model-value="terms.laborPerHour"
      label="Labor cost an hour"
      :min="0"
      :max="100000"
      :decimals="2"
      @update:model-value="(laborPerHour) => setMoney({ laborPerHour })"
    />
    <NumberField
      :model-value="terms.wholesaleMarginPct"
      label="Wholesale margin"
      unit="%"
      :min="0"
      :max="95"
      :decimals="1"
      @update:model-value="(wholesaleMarginPct) => setMoney({ wholesaleMarginPct })"
    />
    <NumberField
      :model-value="terms.retailMarginPct"
      label="Retail margin"
      unit="%"
      :min="0"
      :max="95"
      :decimals="1"
      @update:model-value="(retailMarginPct) => setMoney({ retailMarginPct })"
    />
    <NumberField
      :model-value="terms.roundTo"
      label="Round prices up to"
      :min="0.01"
      :max="1000"
      :decimals="2"
      @update:model-value="(roundTo) => setMoney({ roundTo })"
    />
    <v-select
      :model-value="terms.currency"
      :items="CURRENCIES"
      label="Currency"
      @update:model-value="(currency) => setMoney({ currency })"
    />
  </div>
</template>

<style scoped>
/* Under all the fields, so that none is pushed out of its row. */
.by-steps {
  order: 1;
  grid-column: 1 / -1;
  margin: 0;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 12px;
}
</style>
