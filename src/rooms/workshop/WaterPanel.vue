<script setup lang="ts">
import { useWorkshopStore } from '@/stores/workshop';
import WaterFields from './WaterFields.vue';

/** The water that forecasts and tests begin with. */
const workshop = useWorkshopStore();
</script>

<template>
  <section aria-label="Water">
    <h2>Water</h2>
    <div class="fields">
      <WaterFields
        label="Tub"
        :model-value="workshop.settings.tub"
        @update:model-value="(tub) => workshop.changeSettings({ tub })"
      />
      <WaterFields
        label="Sink"
        :model-value="workshop.settings.basin"
        @update:model-value="(basin) => workshop.changeSettings({ basin })"
      />
    </div>
    <p class="quiet">
      Cleaning pieces go into the sink, which can be a machine or a kettle. All others go into the
      tub.
    </p>
  </section>
</template>
