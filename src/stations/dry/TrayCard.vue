<script setup lang="ts">
import { computed } from 'vue';
import { countOf, standing } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import type { TrayForecast } from '@/core/batches/trays/trayForecast';
import { useTraysStore } from '@/stores/trays';
import { timeFrom } from '@/core/basics/format/dates';
import { counted } from '@/core/basics/format/numbers';
import TrayPicture from './TrayPicture.vue';
import { sayDry, sayTending } from './trayMessages';

const props = defineProps<{
  batch: Batch;
  forecast: TrayForecast;
  places: number;
  nowMs: number;
  chosen: boolean;
}>();
const emit = defineEmits<{ choose: [] }>();
const trays = useTraysStore();

const next = computed(() =>
  trays.tendingsOf(props.batch, props.forecast, props.nowMs).find(({ state }) => state !== 'done'),
);
const made = computed(() => {
  const pieces = countOf(props.batch)?.pieces ?? props.batch.plan.pieces;
  const at = timeFrom(props.forecast.startMs, props.nowMs);
  return props.batch.body.method === 'loose'
    ? `Spread ${at}, for ${counted(pieces, 'jar')}`
    : `${counted(pieces, 'piece')}, pressed ${at}`;
});
</script>

<template>
  <button type="button" class="card" :aria-pressed="chosen" @click="emit('choose')">
    <span class="head"
      ><b class="name">{{ batch.formulaName }}</b
      ><span class="quiet tabular">{{ batch.code }}</span></span
    >
    <span class="quiet">{{ made }}</span>
    <TrayPicture
      :batch="batch"
      :forecast="forecast"
      :places="places"
      :has-marked="standing(batch, 'dried').length > 0"
    />
    <span class="foot">
      <span :class="{ stop: forecast.willNotDry }">{{ sayDry(forecast, nowMs) }}</span>
      <b v-if="next" :class="next.state">{{ sayTending(next, nowMs) }}</b>
    </span>
  </button>
</template>

<style scoped>
.card {
  display: grid;
  gap: 4px;
  padding: 8px 10px;
  border: 0;
  border-left: 4px solid transparent;
  background: none;
  color: inherit;
  font: inherit;
  font-size: var(--text-plain);
  text-align: left;
  cursor: pointer;
}
.card[aria-pressed='true'] {
  border-color: var(--verdigris);
}
.head,
.foot {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 12px;
}
.name {
  font: 650 var(--text-title)/1.2 var(--font-heading);
  overflow-wrap: anywhere;
}
.foot b {
  text-align: right;
}
.now {
  color: var(--verdigris);
}
.never,
.stop {
  color: var(--rust);
}
</style>
