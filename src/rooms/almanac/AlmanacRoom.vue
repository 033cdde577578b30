<script setup lang="ts">
import { computed, ref } from 'vue';
import { FAMILY_WORDS } from '@/core/formula';
import { OUTCOME_WORDS, countOf, roomOf, weighedRatio, type Batch } from '@/core/records';
import { useWorkshopStore } from '@/stores/workshop';
import MiniCore from '@/ui/pictures/MiniCore.vue';
import PageHeader from '@/shared/PageHeader.vue';
import { counted, formatFixed, formatGrams } from '@/core/words';
import { longDate } from '@/ui/frame/format';

const workshop = useWorkshopStore();
const query = ref('');

const batches = computed(() =>
  workshop.batches
    .filter((batch) => matches(batch, query.value))
    .sort((a, b) => Date.parse(b.startedAt) - Date.parse(a.startedAt)),
);

function matches(batch: Batch, wanted: string): boolean {
  const text =
    `${batch.code} ${batch.formulaName} ${FAMILY_WORDS[batch.body.family]}`.toLowerCase();
  return wanted
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}

function ending(batch: Batch): string {
  const count = countOf(batch);
  if (!count) return OUTCOME_WORDS[batch.outcome];
  return count.rejects > 0
    ? `${count.pieces} pieces, ${count.rejects} wrong`
    : `${count.pieces} pieces`;
}
</script>

<template>
  <div>
    <PageHeader>
      <template #title><h1>Almanac</h1></template>
      <template #sub>{{ counted(workshop.batches.length, 'batch', 'batches') }} on record</template>
    </PageHeader>
    <p v-if="workshop.batches.length === 0" class="blank">
      No batch yet. Every batch made at the bench is written here: what was planned, what was
      weighed, when, in which room.
    </p>
    <div v-else class="room">
      <v-text-field
        v-model="query"
        label="Find a batch by code, name or family"
        class="find"
        clearable
        @click:clear="query = ''"
      />
      <p v-if="batches.length === 0" class="quiet">No batch fits “{{ query }}”.</p>
      <ul class="plain-list">
        <li v-for="batch in batches" :key="batch.id">
          <router-link :to="{ name: 'batch', params: { batchId: batch.id } }" class="batch">
            <MiniCore :body="batch.body" class="core" />
            <span class="naming">
              <b class="figure name">{{ batch.formulaName }}</b>
              <span class="quiet"
                >{{ FAMILY_WORDS[batch.body.family] }} · version {{ batch.versionNumber }}</span
              >
            </span>
            <span class="code tabular">{{ batch.code }}</span>
            <span class="tabular">{{ longDate(batch.startedAt) }}</span>
            <span class="tabular quiet">{{
              roomOf(batch)
                ? `${roomOf(batch)?.humidityPct} %, ${roomOf(batch)?.tempC} °C`
                : 'room not read'
            }}</span>
            <span class="tabular quiet">{{
              weighedRatio(batch, workshop.catalog) === null
                ? '–'
                : `${formatFixed(weighedRatio(batch, workshop.catalog) ?? 0, 2)} soda to acid`
            }}</span>
            <span class="tabular">{{ formatGrams(batch.plan.totalG) }} g</span>
            <b>{{ ending(batch) }}</b>
          </router-link>
        </li>
      </ul>
    </div>
  </div>
</template>

<style scoped>
.blank {
  max-width: 520px;
  padding: 56px 24px;
  font-size: 16px;
}
.room {
  padding: 20px 24px;
}
.find {
  max-width: 420px;
  margin-bottom: 10px;
}
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
  font-size: 14px;
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
  font-size: 17px;
  overflow-wrap: anywhere;
}
.batch:hover .name {
  color: var(--verdigris);
}
@media (max-width: 1120px) {
  .batch {
    grid-template-columns: 46px minmax(0, 1fr) auto;
    padding: 8px 0;
  }
}
</style>
