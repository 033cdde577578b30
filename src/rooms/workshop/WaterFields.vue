<script setup lang="ts">
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import NumberField from '@/ui/fields/NumberField.vue';

/** A body of water: how much, how warm, how hard on acid. */
const water = defineModel<Settings['tub']>({ required: true });
defineProps<{ label: string }>();
</script>

<template>
  <div class="water" role="group" :aria-label="label">
    <NumberField
      :model-value="water.volumeL"
      :label="label"
      unit="L"
      :min="0.1"
      :max="2000"
      :decimals="1"
      @update:model-value="(volumeL) => (water = { ...water, volumeL })"
    />
    <NumberField
      :model-value="water.tempC"
      label="Temperature"
      unit="°C"
      :min="0"
      :max="100"
      :decimals="1"
      @update:model-value="(tempC) => (water = { ...water, tempC })"
    />
    <NumberField
      :model-value="water.alkalinityMgL"
      label="Alkalinity"
      unit="mg/L"
      :min="0"
      :max="2000"
      :decimals="0"
      @update:model-value="(alkalinityMgL) => (water = { ...water, alkalinityMgL })"
    />
  </div>
</template>

<style scoped>
.water {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
}
</style>
