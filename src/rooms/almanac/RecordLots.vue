<script setup lang="ts">
import { toLot } from '@/shared/addresses';
import { computed } from 'vue';
import type { Batch } from '@/core/batches/records/schema';
import { lotsOfBatch } from '@/core/workshop/shelf/trace';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import { formatMass } from '@/core/basics/format/quantities';
import { useMaterials } from '@/ui/fields/materials';

const { nameOf } = useMaterials();

/** Every lot that went into a batch: weighed, added as a correction, or brought by a premix. */
const props = defineProps<{ batch: Batch }>();
const workshop = useWorkshopStore();
const shelf = useShelfStore();

const lots = computed(() => lotsOfBatch(props.batch, workshop.lots, shelf.moves));
</script>

<template>
  <section v-if="lots.length" aria-label="Lots used">
    <h2>Lots used</h2>
    <ul class="plain-list">
      <li v-for="(used, i) in lots" :key="i">
        <router-link v-if="used.lot" :to="toLot(used.lotId)">{{ used.lot.code }}</router-link>
        <span v-else>a removed lot</span>
        <span class="quiet"
          >{{ used.lot ? nameOf(used.lot.materialId) : ''
          }}{{ used.through ? `, through ${used.through}` : '' }}</span
        >
        <span class="grams tabular">{{ formatMass(used.massG) }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-top: 22px;
}
li {
  display: flex;
  gap: 12px;
  padding: 4px 0;
  border-bottom: 1px solid var(--hairline);
}
a {
  color: var(--verdigris);
}
.grams {
  margin-left: auto;
}
</style>
