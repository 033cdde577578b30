<script setup lang="ts">
import { computed, ref } from 'vue';
import { shortDate } from '@/core/basics/format/dates';
import { complaintCount, complaintsOf } from '@/core/goods/quality/complaints';
import { standingEntries } from '@/core/goods/quality/entries';
import type { LogbookOf } from '@/core/goods/quality/logbook';
import {
  COMPLAINT_WORDS,
  RELEASE_WORDS,
  gapTitle,
  sayComplaints,
  sayPreservation,
} from '@/core/goods/quality/messages';
import { preservationOf } from '@/core/goods/quality/preservation';
import { listed } from '@/core/basics/format/names';
import type { Batch } from '@/core/batches/records/schema';
import ComplaintDialog from '@/shared/ComplaintDialog.vue';
import { useGoodsStore } from '@/stores/goods';
import { useQualityStore } from '@/stores/quality';
import { useWorkshopStore } from '@/stores/workshop';
import ReleaseDialog from './ReleaseDialog.vue';
import WaterActivityDialog from './WaterActivityDialog.vue';

/** Who released a batch, why it needs no preservative, and what customers told of it. */
const props = defineProps<{ batch: Batch }>();
const workshop = useWorkshopStore();
const quality = useQualityStore();
const goods = useGoodsStore();

const ids = computed(() => new Set([props.batch.id]));
const release = computed(() => quality.releaseFor(props.batch.id));
const preservation = computed(() => preservationOf(ids.value, workshop.logbook));
const measured = computed(() =>
  standingEntries(workshop.logbook, 'water-activity').filter(
    ({ batchId }) => batchId === props.batch.id,
  ),
);
const complaints = computed(() => complaintsOf(ids.value, workshop.logbook));
const count = computed(() => complaintCount([props.batch], workshop.logbook, goods.books));

const isReleasing = ref(false);
const isMeasuring = ref(false);
const isComplaining = ref(false);
const complaint = ref<LogbookOf<'complaint'> | null>(null);
function openComplaint(of: LogbookOf<'complaint'> | null): void {
  complaint.value = of;
  isComplaining.value = true;
}
</script>

<template>
  <section aria-label="Release and complaints">
    <h2>Release</h2>
    <p v-if="release">
      <b :class="{ problem: release.verdict === 'rejected' }">{{
        RELEASE_WORDS[release.verdict]
      }}</b>
      by {{ release.who }} on {{ shortDate(release.at) }}.
      <template v-if="release.open.length"
        >Open then: {{ listed(release.open.map(gapTitle)) }}.</template
      >
      {{ release.note }}
      <button
        type="button"
        class="link no-print"
        aria-label="Undo this release"
        @click="quality.strike(release)"
      >
        Undo
      </button>
    </p>
    <p v-else class="quiet">Nobody has released this batch.</p>
    <v-btn size="small" class="no-print" @click="isReleasing = true">{{
      release ? 'Decide again' : 'Release'
    }}</v-btn>

    <h2>Preservation</h2>
    <p>{{ sayPreservation(preservation) }}</p>
    <v-btn size="small" class="no-print" @click="isMeasuring = true">Add water activity</v-btn>
    <v-btn
      v-if="measured.length"
      size="small"
      variant="text"
      class="no-print"
      @click="quality.strike(measured[measured.length - 1]!)"
      >Undo the last one</v-btn
    >

    <h2>Complaints</h2>
    <p>{{ sayComplaints(count) }}</p>
    <ul class="plain-list">
      <li v-for="of in complaints" :key="of.id">
        <button type="button" class="link" @click="openComplaint(of)">
          {{ COMPLAINT_WORDS[of.what] }}, {{ shortDate(of.at) }}
        </button>
        <b v-if="of.isSerious" class="problem">serious</b>
        <span class="said">{{ of.said }}</span>
        <span class="quiet">{{
          of.closedOn === null ? 'open' : `closed ${shortDate(of.closedOn)}`
        }}</span>
        <button
          type="button"
          class="link no-print"
          :aria-label="`Undo: complaint of ${shortDate(of.at)}`"
          @click="quality.strike(of)"
        >
          Undo
        </button>
      </li>
    </ul>
    <v-btn size="small" class="no-print" @click="openComplaint(null)">Record a complaint</v-btn>

    <ReleaseDialog v-model="isReleasing" :batch="batch" />
    <WaterActivityDialog v-model="isMeasuring" :batch="batch" />
    <ComplaintDialog v-model="isComplaining" :batches="[batch]" :complaint="complaint" />
  </section>
</template>

<style scoped>
section {
  margin-top: 22px;
}
h2 {
  margin: 18px 0 4px;
}
p {
  margin: 0 0 6px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
  padding: 4px 0;
  border-bottom: 1px solid var(--hairline);
}
.said {
  flex: 1 1 200px;
  overflow-wrap: anywhere;
}
</style>
