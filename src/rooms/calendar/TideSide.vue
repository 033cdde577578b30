<script setup lang="ts">
import EmptyState from '@/ui/kit/EmptyState.vue';
import { computed } from 'vue';
import { useCalendarStore } from '@/stores/calendar';
import { usePlanInputsStore } from '@/stores/planInputs';
import { download } from '@/ui/frame/download';
import TideTable from './TideTable.vue';
import WhatIfRow from './WhatIfRow.vue';
import { sayWhen } from './calendarMessages';
import { calendarText } from './ical';

/** The picture of the plan, what it must not be later than, and what else could be. */
const calendar = useCalendarStore();
const planInputs = usePlanInputsStore();
const DAYS = 10;
/** Of many bowls only those due first can be the one that leaves least time. */
const MOST_LOOKED_AT = 24;

/** The bowl that leaves least time: when it must be pressed at the latest. */
const latest = computed(() => {
  const found = [...planInputs.cover.toMake]
    .sort((a, b) => a.dueMs - b.dueMs)
    .slice(0, MOST_LOOKED_AT)
    .map((bowl) => ({ bowl, at: calendar.latestPress(bowl.id) }))
    .filter((one): one is { bowl: (typeof one)['bowl']; at: number } => one.at !== null)
    .sort((a, b) => a.at - b.at)[0];
  if (!found) return null;
  const { bowl, at } = found;
  const first = planInputs.cover.orders.find(({ order }) =>
    bowl.orderIds.includes(order.id),
  )?.order;
  return first
    ? `To be sure of ${first.who}, ${sayWhen(Date.parse(first.due))}: press ${planInputs.nameOfJob(bowl.id).name} by ${sayWhen(at)}.`
    : null;
});

function saveIcal(person: string | null): void {
  const bars = calendar.bars.filter(
    (bar) => bar.person !== '' && (person === null || bar.person === person),
  );
  download(
    `rovack-plan${person ? `-${person}` : ''}.ics`,
    'text/calendar',
    calendarText(
      bars,
      planInputs.cover.orders.map(({ order }) => order),
    ),
  );
}
</script>

<template>
  <EmptyState v-if="planInputs.cover.orders.length === 0">
    Nobody waits for anything. Add an order, a stall or a shop’s shelf, and the plan works backwards
    from its day.
  </EmptyState>
  <template v-else>
    <TideTable :days="DAYS" />
    <p v-if="latest" class="sure">{{ latest }}</p>
    <WhatIfRow />
    <div class="acts no-print">
      <v-btn size="small" :disabled="!calendar.canUndo" @click="calendar.undo">Undo a move</v-btn>
      <v-btn size="small" @click="saveIcal(null)">Save as iCalendar</v-btn>
      <v-btn v-for="{ name } in planInputs.hours" :key="name" size="small" @click="saveIcal(name)"
        >Of {{ name }} alone</v-btn
      >
    </div>
  </template>
</template>

<style scoped>
.sure {
  margin: 10px 0 6px;
  font-size: var(--text-lead);
  font-weight: 700;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 10px;
}
</style>
