<script setup lang="ts">
import DetailList from '@/ui/kit/DetailList.vue';
import EmptyState from '@/ui/kit/EmptyState.vue';
import ConfirmDialog from '@/ui/kit/ConfirmDialog.vue';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { FAMILY_WORDS, METHOD_WORDS, SCHOOL_WORDS } from '@/core/formula/model/messages';
import { OUTCOME_WORDS } from '@/core/batches/records/messages';
import { countOf, roomOf, weighedRatio, weighedTotalG } from '@/core/batches/records/summary';
import { weighedDampPct } from '@/core/batches/records/bowl';
import { describeMold } from '@/core/work/scaling/molds';
import { useWorkshopStore } from '@/stores/workshop';
import { useBenchStore } from '@/stores/bench';
import PageHeader from '@/shared/PageHeader.vue';
import { formatFixed, formatGrams } from '@/core/basics/format/numbers';
import { longDate } from '@/ui/frame/format';
import RecordEntries from './RecordEntries.vue';
import RecordDrying from './RecordDrying.vue';
import RecordLots from './RecordLots.vue';
import RecordWeights from './RecordWeights.vue';

const props = defineProps<{ batchId: string }>();
const workshop = useWorkshopStore();
const bench = useBenchStore();
const router = useRouter();
const isGivingUp = ref(false);

const batch = computed(() => workshop.batches.find(({ id }) => id === props.batchId) ?? null);
watch(
  () => props.batchId,
  (id) => void workshop.loadBatches([id]),
  { immediate: true },
);
const room = computed(() => (batch.value ? roomOf(batch.value) : null));
const count = computed(() => (batch.value ? countOf(batch.value) : null));
const ratio = computed(() => (batch.value ? weighedRatio(batch.value, workshop.catalog) : null));
const damp = computed(() => (batch.value ? weighedDampPct(batch.value, workshop.catalog) : null));

async function goOn(): Promise<void> {
  workshop.changeSettings({ batchInHandId: props.batchId });
  await router.push({ name: 'make' });
}

function giveUp(): void {
  if (batch.value) bench.abandon(batch.value);
  isGivingUp.value = false;
}

function print(): void {
  window.print();
}
</script>

<template>
  <div>
    <PageHeader>
      <template #title
        ><h1>
          {{
            batch
              ? `${batch.code} ${batch.formulaName}`
              : (workshop.codeOfBatch(batchId) ?? 'No such batch')
          }}
        </h1></template
      >
      <template v-if="batch" #sub>
        {{ FAMILY_WORDS[batch.body.family] }}, version {{ batch.versionNumber }} ·
        {{ longDate(batch.startedAt) }} · {{ OUTCOME_WORDS[batch.outcome] }}
      </template>
      <template #actions>
        <v-btn v-if="batch?.outcome === 'at-the-bench'" variant="flat" @click="goOn"
          >Go on at the bench</v-btn
        >
        <v-btn
          v-if="batch?.outcome === 'at-the-bench'"
          color="error"
          variant="text"
          @click="isGivingUp = true"
          >Give it up</v-btn
        >
        <v-btn v-if="batch" :to="{ name: 'sheet', params: { batchId: batch.id } }"
          >Bench sheet</v-btn
        >
        <v-btn v-if="batch" @click="print">Print</v-btn>
        <v-btn :to="{ name: 'almanac' }">All batches</v-btn>
      </template>
    </PageHeader>
    <EmptyState v-if="!batch" is-page>
      There is no batch under this address. It may have been in a workshop that was removed.
    </EmptyState>
    <div v-else class="record">
      <section aria-label="The batch">
        <DetailList>
          <div>
            <dt>Soda to acid, weighed</dt>
            <dd class="figure">{{ ratio === null ? '–' : formatFixed(ratio, 3) }}</dd>
            <dd class="quiet">
              {{
                batch.readings.sodaToAcidByMass === null
                  ? 'no acid planned'
                  : `${formatFixed(batch.readings.sodaToAcidByMass, 3)} planned`
              }}
            </dd>
          </div>
          <div>
            <dt>Mix</dt>
            <dd class="figure">{{ formatGrams(weighedTotalG(batch)) }} g</dd>
            <dd class="quiet">{{ formatGrams(batch.plan.totalG) }} g planned</dd>
          </div>
          <div>
            <dt>Pieces</dt>
            <dd class="figure">{{ count ? count.pieces : '–' }}</dd>
            <dd class="quiet">
              {{ batch.plan.pieces }} planned{{
                count?.rejects ? `, ${count.rejects} gone wrong` : ''
              }}
            </dd>
          </div>
          <div>
            <dt>Room</dt>
            <dd class="figure">{{ room ? `${room.humidityPct} %` : '–' }}</dd>
            <dd class="quiet">{{ room ? `${room.tempC} °C` : 'not read' }}</dd>
          </div>
          <div>
            <dt>Damp index, weighed</dt>
            <dd class="figure">{{ damp === null ? '–' : formatFixed(damp, 1) }}</dd>
            <dd class="quiet">
              {{
                batch.readings.dampIndexPct === null
                  ? 'none planned'
                  : `${formatFixed(batch.readings.dampIndexPct, 1)} planned`
              }}, window {{ formatFixed(batch.readings.windowLowPct, 1) }} to
              {{ formatFixed(batch.readings.windowHighPct, 1) }}
            </dd>
          </div>
        </DetailList>
        <p class="quiet">
          {{ SCHOOL_WORDS[batch.body.school] }}, {{ METHOD_WORDS[batch.body.method] }},
          {{ describeMold(batch.request.mold) }}. Readings of the formula as it was begun, models
          {{ batch.readings.modelsVersion }}.
        </p>
        <RecordWeights :batch="batch" />
        <RecordDrying :batch="batch" />
        <RecordLots :batch="batch" />
      </section>
      <RecordEntries :batch="batch" class="entries" />
    </div>
    <ConfirmDialog
      v-model="isGivingUp"
      label="Give the batch up"
      :title="`Give ${batch?.code} up?`"
      act="Give it up"
      back="Keep it at the bench"
      @confirm="giveUp"
      >What was written stays on record; it cannot be gone on with.</ConfirmDialog
    >
  </div>
</template>

<style scoped>
.record {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(320px, 1fr);
}
.record > section {
  padding: 20px 24px;
}
.entries {
  border-left: 1px solid var(--hairline);
}
@media (max-width: 1150px) {
  .record {
    grid-template-columns: minmax(0, 1fr);
  }
  .entries {
    border: 0;
  }
}
</style>
