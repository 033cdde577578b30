<script setup lang="ts">
import { defineAsyncComponent } from 'vue';
import { SIDES, valuesOf } from '@/shared/places';
import { useAddressTab } from '@/shared/useAddress';
import { useWorkshopStore } from '@/stores/workshop';
import PageHeader from '@/shared/PageHeader.vue';
import AppTabs from '@/ui/kit/AppTabs.vue';
import EmptyState from '@/ui/kit/EmptyState.vue';
import { counted } from '@/core/basics/format/numbers';
import BatchList from './BatchList.vue';

/** Every batch, and what all of them taught. */
const WeatherMap = defineAsyncComponent(() => import('./map/WeatherMap.vue'));
const CompareSide = defineAsyncComponent(() => import('./compare/CompareSide.vue'));
const SeasonSide = defineAsyncComponent(() => import('./SeasonSide.vue'));
const TaughtSide = defineAsyncComponent(() => import('./taught/TaughtSide.vue'));
const workshop = useWorkshopStore();
const side = useAddressTab(['almanac', 'taught'], valuesOf(SIDES.almanac), 'batches');
</script>

<template>
  <div>
    <PageHeader>
      <template #sub>{{ counted(workshop.batchCount, 'batch', 'batches') }}</template>
    </PageHeader>
    <EmptyState
      v-if="workshop.batchCount === 0"
      is-page
      picture="log"
      :elsewhere="{ name: 'Plan a batch', to: { name: 'scale' } }"
    >
      There is no batch yet. Every batch you make is listed here, with what was planned, what was
      weighed, when, and in which room.
    </EmptyState>
    <div v-else class="room">
      <AppTabs v-model="side" label="Almanac" :items="SIDES.almanac" class="sides no-print" />
      <BatchList v-if="side === 'batches'" />
      <WeatherMap v-else-if="side === 'map'" />
      <TaughtSide v-else-if="side === 'taught'" />
      <SeasonSide v-else-if="side === 'season'" />
      <CompareSide v-else />
    </div>
  </div>
</template>

<style scoped>
.room {
  padding: 8px 24px 28px;
}
.sides {
  margin-bottom: 12px;
}
</style>
