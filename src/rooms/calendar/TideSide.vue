<script setup lang="ts">
import { dayOf, daysLater, startOfDayMs } from '@/core/basics/time';
import { weekdayTime } from '@/core/basics/format/dates';
import EmptyState from '@/ui/kit/EmptyState.vue';
import { useLocalStorage, useMediaQuery } from '@vueuse/core';
import { mdiChevronLeft, mdiChevronRight } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import ActionButton from '@/ui/actions/ActionButton.vue';
import { useActions } from '@/ui/actions/useActions';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import { useCalendarStore } from '@/stores/calendar';
import { today } from '@/stores/now';
import { usePlanInputsStore } from '@/stores/planInputs';
import { useQualityStore } from '@/stores/quality';
import { download } from '@/ui/frame/download';
import DayList from './DayList.vue';
import TideTable from './TideTable.vue';
import WhatIfRow from './WhatIfRow.vue';

import { calendarText } from './ical';
import { useReminders } from './useReminders';

/** The picture of the plan, what it must not be later than, and what else could be. */
const calendar = useCalendarStore();
const planInputs = usePlanInputsStore();
const quality = useQualityStore();
const { reminderLine } = useReminders();
/** Days of the list on a narrow screen. */
const LIST_DAYS = 10;
const ZOOMS = [
  { value: '1', word: 'Day' },
  { value: '7', word: 'Week' },
  { value: '14', word: 'Two weeks' },
] as const;
type Zoom = (typeof ZOOMS)[number]['value'];
const kept = useLocalStorage('rovack-tide-days', '7');
const zoom = computed<Zoom>({
  get: () => ZOOMS.find(({ value }) => value === kept.value)?.value ?? '7',
  set: (next) => (kept.value = next),
});
const days = computed(() => Number(zoom.value));
/** Days after today with which the picture begins. */
const skip = ref(0);
watch(zoom, () => (skip.value = 0));
const ways = computed(() => ({
  earlier: {
    name: 'Earlier days',
    run: () => (skip.value = Math.max(0, skip.value - days.value)),
    isOff: skip.value === 0,
  },
  later: {
    name: 'Later days',
    run: () => (skip.value += days.value),
    isOff: !calendar.bars.some(({ endMs }) => endMs > dayAt(skip.value + days.value)),
  },
}));
useActions(() => (isNarrow.value ? [] : Object.values(ways.value)));
function dayAt(days: number): number {
  return startOfDayMs(daysLater(dayOf(planInputs.startMs), days));
}
/** Bars of an hour need a wide screen. */
const isNarrow = useMediaQuery('(max-width: 560px)');
/** Reminders go into the file so far ahead. */
const NOTE_DAYS = 60;
function notes() {
  const last = daysLater(dayOf(planInputs.startMs), NOTE_DAYS);
  return quality.dueBetween(today(), last).map((of) => ({ ...reminderLine(of), day: of.day }));
}
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
    ? `Press ${planInputs.nameOfJob(bowl.id).name} by ${weekdayTime(at)} to be on time for ${first.who} (${weekdayTime(first.due)}).`
    : null;
});

function saveIcal(person: string | null): void {
  const bars = calendar.bars.filter((bar) => person === null || bar.person === person);
  download(
    person ? `rovack-plan-${person}.ics` : 'rovack-plan.ics',
    'text/calendar',
    calendarText(
      bars,
      planInputs.cover.orders.map(({ order }) => order),
      person === null ? notes() : [],
    ),
  );
}
</script>

<template>
  <EmptyState
    v-if="planInputs.cover.orders.length === 0"
    picture="tide"
    :elsewhere="{ name: 'Open Orders', to: { name: 'calendar', params: { view: 'orders' } } }"
  >
    There are no orders. Add an order, and the plan works back from its due date.
  </EmptyState>
  <template v-else>
    <DayList v-if="isNarrow" :days="LIST_DAYS" />
    <template v-else>
      <div class="zoom no-print">
        <ChoiceRow v-model="zoom" :items="ZOOMS" />
        <ActionButton :action="ways.earlier" :icon="mdiChevronLeft" />
        <ActionButton :action="ways.later" :icon="mdiChevronRight" />
      </div>
      <TideTable :days="days" :skip="skip" />
    </template>
    <p v-if="latest" class="sure">{{ latest }}</p>
    <WhatIfRow />
    <div class="acts no-print">
      <v-btn size="small" :disabled="!calendar.canUndo" @click="calendar.undo">Undo</v-btn>
      <v-btn size="small" @click="saveIcal(null)">Save as calendar file</v-btn>
      <v-btn v-for="{ name } in planInputs.hours" :key="name" size="small" @click="saveIcal(name)"
        >Only {{ name }}</v-btn
      >
    </div>
  </template>
</template>

<style scoped>
.zoom {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-bottom: 6px;
}
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
