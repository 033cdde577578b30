<script setup lang="ts">
import ActionButton from '@/ui/actions/ActionButton.vue';
import { useActions } from '@/ui/actions/useActions';
import { toSheet } from '@/shared/addresses';
import DetailList from '@/ui/kit/DetailList.vue';
import EmptyState from '@/ui/kit/EmptyState.vue';
import ConfirmDialog from '@/ui/kit/ConfirmDialog.vue';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { FAMILY_WORDS, METHOD_WORDS, SCHOOL_WORDS } from '@/core/formula/model/messages';
import { OUTCOME_WORDS } from '@/core/batches/records/messages';
import { moldsOfBatch } from '@/core/batches/records/moldsOfBatch';
import { countOf, roomOf, weighedRatio, weighedTotalG } from '@/core/batches/records/summary';
import { weighedDampPct } from '@/core/batches/records/bowl';
import { listed } from '@/core/basics/format/names';
import { useAlmanacStore } from '@/stores/almanac';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import { useBenchStore } from '@/stores/bench';
import PageHeader from '@/shared/PageHeader.vue';
import { longDate } from '@/core/basics/format/dates';
import {
  counted,
  formatCount,
  formatFixed,
  formatPercent,
  formatRange,
} from '@/core/basics/format/numbers';
import { formatMass, formatTemp } from '@/core/basics/format/quantities';
import { useBatchAt } from './useBatchAt';
import RecordEntries from './RecordEntries.vue';
import RecordDrying from './RecordDrying.vue';
import RecordLots from './RecordLots.vue';
import RecordQuality from './RecordQuality.vue';
import RecordWeights from './RecordWeights.vue';

/** @param code of the batch, or its id */
const props = defineProps<{ code: string }>();
const workshop = useWorkshopStore();
const shelf = useShelfStore();
const bench = useBenchStore();
const almanac = useAlmanacStore();
const router = useRouter();
const isGivingUp = ref(false);

const { batchId, batch } = useBatchAt('batch', () => props.code);
const room = computed(() => (batch.value ? roomOf(batch.value) : null));
const count = computed(() => (batch.value ? countOf(batch.value) : null));
const ratio = computed(() => (batch.value ? weighedRatio(batch.value, workshop.catalog) : null));
const damp = computed(() => (batch.value ? weighedDampPct(batch.value, workshop.catalog) : null));

async function goOn(): Promise<void> {
  workshop.changeSettings({ batchInHandId: batchId.value });
  await router.push({ name: 'make' });
}

function giveUp(): void {
  if (batch.value) bench.abandon(batch.value);
  isGivingUp.value = false;
}

function print(): void {
  window.print();
}
const isAtBench = computed(() => batch.value?.outcome === 'at-the-bench');
const openSheet = () => void router.push(toSheet(batch.value?.code ?? ''));
/** With the batch of the same formula before it, or another of it. */
const compare = (): void => {
  const like = almanac.all.filter(
    ({ digest }) => digest.formulaId === batch.value?.formulaId && digest.id !== batch.value.id,
  );
  const startMs = Date.parse(batch.value?.startedAt ?? '');
  const other = like.find((one) => one.startMs < startMs) ?? like[0];
  const batches = [batch.value?.code, other?.digest.code].filter(Boolean).join(',');
  void router.push({ name: 'almanac', params: { view: 'compare' }, query: { batches } });
};
const acts = computed(() => ({
  goOn: {
    name: 'Continue at the bench',
    key: 'b',
    run: () => void goOn(),
    isOff: !isAtBench.value,
  },
  sheet: { name: 'Bench sheet', key: 's', run: openSheet, isOff: !batch.value },
  print: { name: 'Print', run: print, isOff: !batch.value },
  compare: { name: 'Compare', key: 'c', run: compare, isOff: !batch.value },
  all: { name: 'All batches', run: () => void router.push({ name: 'almanac' }) },
}));
useActions(() => Object.values(acts.value));
/** The moisture that was planned, with its range. */
const moisturePlanned = computed(() => {
  if (!batch.value) return '';
  const { dampIndexPct, windowLowPct, windowHighPct } = batch.value.readings;
  const range = formatRange(windowLowPct, windowHighPct, 1);
  return dampIndexPct === null
    ? `none planned (range ${range})`
    : `${formatFixed(dampIndexPct, 1)} planned (range ${range})`;
});
</script>

<template>
  <div>
    <PageHeader :thing="batch ? `${batch.code} ${batch.formulaName}` : 'Batch not found'">
      <template #title
        ><h1>
          {{
            batch
              ? `${batch.code} ${batch.formulaName}`
              : (workshop.codeOfBatch(batchId) ?? 'Batch not found')
          }}
        </h1></template
      >
      <template v-if="batch" #sub>
        {{ FAMILY_WORDS[batch.body.family] }}, version {{ batch.versionNumber }} ·
        {{ longDate(batch.startedAt) }} · {{ OUTCOME_WORDS[batch.outcome] }}
      </template>
      <template #actions>
        <ActionButton v-if="isAtBench" :action="acts.goOn" is-main />
        <v-btn v-if="isAtBench" color="error" variant="text" @click="isGivingUp = true"
          >Abandon batch</v-btn
        >
        <ActionButton v-if="batch" :action="acts.sheet" />
        <ActionButton v-if="batch" :action="acts.print" />
        <ActionButton v-if="batch" :action="acts.compare" />
        <ActionButton v-if="batch" :action="acts.all" />
      </template>
    </PageHeader>
    <EmptyState v-if="!batch" is-page picture="signpost" :act="acts.all">
      There is no batch at this address. It may have been removed.
    </EmptyState>
    <div v-else class="record">
      <section aria-label="Batch">
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
            <dd class="figure">{{ formatMass(weighedTotalG(batch)) }}</dd>
            <dd class="quiet">{{ formatMass(batch.plan.totalG) }} planned</dd>
          </div>
          <div>
            <dt>Pieces</dt>
            <dd class="figure">{{ count ? count.pieces : '–' }}</dd>
            <dd class="quiet">
              {{
                count?.rejects
                  ? `${formatCount(batch.plan.pieces)} planned, ${counted(count.rejects, 'reject')}`
                  : `${formatCount(batch.plan.pieces)} planned`
              }}
            </dd>
          </div>
          <div>
            <dt>Room</dt>
            <dd class="figure">{{ room ? formatPercent(room.humidityPct) : '–' }}</dd>
            <dd class="quiet">{{ room ? formatTemp(room.tempC, 1) : 'not read' }}</dd>
          </div>
          <div>
            <dt>Moisture, weighed</dt>
            <dd class="figure">{{ damp === null ? '–' : formatFixed(damp, 1) }}</dd>
            <dd class="quiet">
              {{ moisturePlanned }}
            </dd>
          </div>
        </DetailList>
        <p class="quiet">
          {{ SCHOOL_WORDS[batch.body.school] }}, {{ METHOD_WORDS[batch.body.method] }},
          {{ listed(moldsOfBatch(batch, shelf.shelfMold)) }}. The planned results are from the start
          of the batch (model version {{ batch.readings.modelsVersion }}).
        </p>
        <RecordWeights :batch="batch" />
        <RecordDrying :batch="batch" />
        <RecordLots :batch="batch" />
        <RecordQuality v-if="batch.outcome === 'made'" :batch="batch" />
      </section>
      <RecordEntries :batch="batch" class="entries" />
    </div>
    <ConfirmDialog
      v-model="isGivingUp"
      label="Abandon batch"
      :title="`Abandon ${batch?.code}?`"
      act="Abandon batch"
      @confirm="giveUp"
      >The record stays, but you can’t continue this batch.</ConfirmDialog
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
