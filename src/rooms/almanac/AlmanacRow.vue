<script setup lang="ts">
import { toBatch } from '@/shared/addresses';
import { computed } from 'vue';
import { FAMILY_WORDS } from '@/core/formula/model/messages';
import { OUTCOME_WORDS } from '@/core/batches/records/messages';
import { countOf, roomOf, weighedRatio } from '@/core/batches/records/summary';
import { longDate } from '@/core/basics/format/dates';
import { counted, formatFixed, formatPercent } from '@/core/basics/format/numbers';
import { formatMass, formatTemp } from '@/core/basics/format/quantities';
import { useWorkshopStore } from '@/stores/workshop';
import MiniCore from '@/ui/pictures/MiniCore.vue';
import type { Told } from './told';

/** One batch of the list; of a past one in short, until its record is read. */
const props = defineProps<{ told: Told }>();
const workshop = useWorkshopStore();
const room = computed(() => {
  if (!props.told.batch) return '…';
  const read = roomOf(props.told.batch);
  return read
    ? `${formatPercent(read.humidityPct)}, ${formatTemp(read.tempC, 1)}`
    : 'room not read';
});
const ratio = computed(() => {
  if (!props.told.batch) return '…';
  const weighed = weighedRatio(props.told.batch, workshop.catalog);
  return weighed === null ? '–' : `${formatFixed(weighed, 2)} soda to acid`;
});
const ending = computed(() => {
  const count = props.told.batch ? countOf(props.told.batch) : null;
  if (!count) return OUTCOME_WORDS[props.told.outcome];
  const pieces = counted(count.pieces, 'piece');
  return count.rejects > 0 ? `${pieces}, ${counted(count.rejects, 'reject')}` : pieces;
});
</script>

<template>
  <router-link :to="toBatch(told.code)" class="batch">
    <MiniCore v-if="told.batch" :body="told.batch.body" class="core" />
    <span v-else class="core"></span>
    <span class="naming">
      <b class="figure name">{{ told.formulaName }}</b>
      <span class="quiet">{{ FAMILY_WORDS[told.family] }} · version {{ told.versionNumber }}</span>
    </span>
    <span class="code tabular">{{ told.code }}</span>
    <span class="tabular">{{ longDate(told.startedAt) }}</span>
    <span class="tabular quiet">{{ room }}</span>
    <span class="tabular quiet">{{ ratio }}</span>
    <span class="tabular">{{ formatMass(told.totalG) }}</span>
    <b>{{ ending }}</b>
  </router-link>
</template>

<style scoped>
.batch {
  display: grid;
  grid-template-columns:
    46px minmax(170px, 2fr) 80px 156px minmax(90px, 1fr) minmax(120px, 1fr)
    76px minmax(110px, 1fr);
  gap: 14px;
  align-items: center;
  min-height: 66px;
  border-bottom: 1px solid var(--hairline);
  color: inherit;
  font-size: var(--text-plain);
  text-decoration: none;
}
.core {
  width: 22px;
  height: 57px;
}
.naming {
  display: grid;
  min-width: 0;
}
.name {
  font-size: var(--text-lead);
  overflow-wrap: anywhere;
}
.batch:hover .name {
  color: var(--verdigris);
}
@media (max-width: 1150px) {
  .batch {
    grid-template-columns: 46px minmax(0, 1fr) auto;
    gap: 4px 14px;
    padding: 10px 0;
  }
  .core {
    grid-row: 1 / span 4;
    align-self: start;
  }
}
</style>
