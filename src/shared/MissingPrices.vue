<script setup lang="ts">
import { computed } from 'vue';
import { listed } from '@/core/basics/format/names';
import { counted } from '@/core/basics/format/numbers';
import { useCostsStore } from '@/stores/costs';
import NumberField from '@/ui/fields/NumberField.vue';
import { useMaterials } from '@/ui/fields/materials';

/** What a cost is without, and a place to type each price. */
const props = defineProps<{
  materialIds: readonly string[];
  packaging: readonly string[];
}>();
const costs = useCostsStore();
const { nameOf } = useMaterials();
const MOST = 4;

const words = computed(() => {
  const names = [...props.materialIds.map(nameOf), ...props.packaging];
  const others = names.length - MOST;
  return listed(others > 0 ? [...names.slice(0, MOST), counted(others, 'more', 'more')] : names);
});
</script>

<template>
  <details v-if="materialIds.length + packaging.length > 0" class="missing">
    <summary>No price yet for {{ words }}.</summary>
    <div class="fields">
      <NumberField
        v-for="id in materialIds"
        :key="id"
        :model-value="0"
        :label="`${nameOf(id)}, price per kg`"
        :min="0"
        :max="1000000"
        :decimals="2"
        @update:model-value="(perKg) => perKg > 0 && costs.setPrice(id, perKg)"
      />
    </div>
    <p v-if="packaging.length" class="quiet">
      Packaging gets its price from a delivery: Shelf, Packaging.
    </p>
  </details>
</template>

<style scoped>
.missing {
  padding-left: 12px;
  border-left: 4px solid var(--ochre-mark);
}
summary {
  min-height: 32px;
  cursor: pointer;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 10px;
  margin: 8px 0;
}
</style>
