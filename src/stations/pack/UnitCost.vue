<script setup lang="ts">
import { computed } from 'vue';
import MissingPrices from '@/shared/MissingPrices.vue';
import { useMoney } from '@/shared/useMoney';
import { usePackStore } from '@/stores/pack';

/** What one product costs to make and wrap, and the prices that the maker's margins ask for. */
const pack = usePackStore();
const { money } = useMoney();
const isPartial = computed(
  () =>
    pack.cost !== null &&
    pack.cost.unpricedMaterials.length + pack.cost.unpricedPackaging.length > 0,
);
</script>

<template>
  <div>
    <dl v-if="pack.cost" class="cost">
      <div>
        <dt>Pieces, made</dt>
        <dd>{{ money(pack.cost.made) }}</dd>
      </div>
      <div>
        <dt>Packaging</dt>
        <dd>{{ money(pack.cost.around) }}</dd>
      </div>
      <div>
        <dt>Labor to wrap</dt>
        <dd>{{ money(pack.cost.hands) }}</dd>
      </div>
      <div v-if="pack.cost.overhead > 0">
        <dt>Overhead</dt>
        <dd>{{ money(pack.cost.overhead) }}</dd>
      </div>
      <div class="sum">
        <dt>{{ isPartial ? 'At least' : 'Total' }}</dt>
        <dd>{{ money(pack.cost.all) }}</dd>
      </div>
      <div>
        <dt>Wholesale by your margin</dt>
        <dd>{{ money(pack.cost.wholesale) }}</dd>
      </div>
      <div>
        <dt>Retail by your margin</dt>
        <dd>{{ money(pack.cost.retail) }}</dd>
      </div>
    </dl>
    <MissingPrices
      v-if="pack.cost"
      :material-ids="pack.cost.unpricedMaterials"
      :packaging="pack.cost.unpricedPackaging"
    />
  </div>
</template>

<style scoped>
.cost {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(110px, 1fr));
  gap: 6px 18px;
  margin: 0 0 10px;
}
.cost dt {
  color: var(--mid);
  font-size: var(--text-small);
}
.cost dd {
  margin: 0;
  font-variant-numeric: tabular-nums;
}
.cost .sum dd {
  font-weight: 700;
}
</style>
