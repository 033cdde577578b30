<script setup lang="ts">
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { ref } from 'vue';
import { UNIT_KINDS } from '@/core/goods/products/kinds';
import { UNIT_WORDS } from '@/core/goods/products/messages';
import { saleUnitSchema, type SaleUnit } from '@/core/goods/products/schema';
import { usePackStore } from '@/stores/pack';
import NumberField from '@/ui/fields/NumberField.vue';
import DraftField from '@/ui/fields/DraftField.vue';
import UnitContents from './UnitContents.vue';
import UnitCost from './UnitCost.vue';
import UnitPackaging from './UnitPackaging.vue';

/** What is in the pack, what is around it, and what it is sold for. */
const props = defineProps<{ unit: SaleUnit }>();
const pack = usePackStore();
const problem = ref('');
const kinds = UNIT_KINDS.map((value) => ({ value, title: UNIT_WORDS[value] }));

/** What does not fit its schema is said and not kept. */
function change(part: Partial<SaleUnit>): void {
  const parsed = saleUnitSchema.safeParse({ ...props.unit, ...part });
  problem.value = parsed.success
    ? ''
    : part.contents?.length === 0
      ? 'A product holds at least one piece. Add another formula first.'
      : 'Couldn’t save this value, so nothing changed. Check it.';
  if (parsed.success) pack.putUnit(parsed.data);
}

const price = (value: number): number | null => (value > 0 ? value : null);
</script>

<template>
  <section aria-label="Product" class="unit">
    <div class="fields">
      <DraftField
        :model-value="unit.name"
        label="Name"
        maxlength="300"
        @update:model-value="(text: string) => change({ name: text.trim() || unit.name })"
      />
      <v-select
        :model-value="unit.kind"
        :items="kinds"
        label="Sold as"
        @update:model-value="(kind: SaleUnit['kind']) => change({ kind })"
      />
    </div>
    <UnitContents :unit="unit" @change="change" />
    <UnitPackaging :unit="unit" @change="change" />
    <h2>Cost and price</h2>
    <UnitCost />
    <div class="fields">
      <NumberField
        :model-value="unit.wholesale ?? 0"
        label="Wholesale price"
        :min="0"
        :max="1000000"
        :decimals="2"
        @update:model-value="(value) => change({ wholesale: price(value) })"
      />
      <NumberField
        :model-value="unit.retail ?? 0"
        label="Retail price"
        :min="0"
        :max="1000000"
        :decimals="2"
        @update:model-value="(value) => change({ retail: price(value) })"
      />
      <NumberField
        :model-value="unit.minutes"
        label="Packing time for one"
        unit="min"
        :min="0"
        :max="1000"
        :decimals="1"
        @update:model-value="(minutes) => change({ minutes })"
      />
      <NumberField
        :model-value="unit.ruleMonths ?? 0"
        label="Best-before rule (0 for none)"
        suffix="months"
        :min="0"
        :max="120"
        :decimals="1"
        @update:model-value="(months) => change({ ruleMonths: months >= 0.25 ? months : null })"
      />
    </div>
    <ProblemLine :problem="problem" />
    <v-btn variant="text" color="error" @click="pack.dropUnit(unit.id)">Archive product</v-btn>
  </section>
</template>

<style scoped>
h2 {
  margin: 16px 0 8px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 10px;
}
</style>
