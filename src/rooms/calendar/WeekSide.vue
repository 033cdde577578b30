<script setup lang="ts">
import { dayOf, daysBetween, daysLater } from '@/core/basics/time';
import { clockTime, weekdayDate } from '@/core/basics/format/dates';
import { computed, ref } from 'vue';
import { usePlanInputsStore } from '@/stores/planInputs';
import { useAddress } from '@/shared/useAddress';
import { sayStep } from './calendarMessages';
import { useDays } from './useDays';

/** A week on one sheet, for the wall: day by day what each pair of hands does, and what is due. */
const planInputs = usePlanInputsStore();
const { daysFrom } = useDays();
const weeksOn = ref(0);
const DAYS = 7;
/** First day of a week from now, ISO. */
function firstDay(weeks: number): string {
  return daysLater(dayOf(planInputs.startMs), DAYS * weeks);
}
const MOST_WEEKS = 520;
useAddress({
  names: ['calendar'],
  param: 'item',
  current: () => (weeksOn.value === 0 ? null : String(weeksOn.value)),
  keyOf: (weeks) => firstDay(Number(weeks)),
  find: (day) => {
    const weeks = Math.floor(daysBetween(firstDay(0), day) / DAYS);
    return weeks >= 0 && weeks < MOST_WEEKS ? String(weeks) : null;
  },
  choose: (weeks) => (weeksOn.value = Number(weeks)),
});

const days = computed(() => daysFrom(DAYS * weeksOn.value, DAYS));
type Day = (typeof days.value)[number];
const barsOf = ({ bars }: Day, name: string) => bars.filter(({ person }) => person === name);
const print = () => window.print();
</script>

<template>
  <section aria-label="Week">
    <div class="acts no-print">
      <v-btn size="small" :disabled="weeksOn === 0" @click="weeksOn -= 1">Previous week</v-btn>
      <v-btn size="small" @click="weeksOn += 1">Next week</v-btn>
      <v-btn size="small" variant="flat" @click="print">Print</v-btn>
    </div>
    <table>
      <thead>
        <tr>
          <th scope="col" class="day">Day</th>
          <th v-for="{ name } in planInputs.hours" :key="name" scope="col">{{ name }}</th>
          <th scope="col">Due</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="day in days" :key="day.at">
          <th scope="row">{{ weekdayDate(day.at) }}</th>
          <td v-for="{ name } in planInputs.hours" :key="name">
            <div
              v-for="bar in barsOf(day, name)"
              :key="bar.job + bar.step"
              :class="{ late: bar.isLate }"
            >
              <span class="tabular">{{ clockTime(bar.startMs) }}–{{ clockTime(bar.endMs) }}</span>
              {{ bar.name }}: {{ sayStep(bar.step) }}
            </div>
            <span v-if="barsOf(day, name).length === 0" class="quiet">–</span>
          </td>
          <td>
            <div v-for="order in day.dues" :key="order.id">
              <span class="tabular">{{ clockTime(order.due) }}</span> {{ order.who }}
            </div>
            <div v-for="one in day.reminders" :key="one.id" class="reminder">
              <router-link class="link" :to="one.to">{{ one.about }}: {{ one.said }}</router-link>
            </div>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 8px;
  margin-bottom: 10px;
}
.day {
  width: 90px;
}
td > div {
  padding: 1px 0;
}
.late {
  color: var(--rust);
}
@media print {
  tr {
    break-inside: avoid;
  }
}
table {
  table-layout: fixed;
}
th,
td {
  padding: 7px 10px 7px 0;
  vertical-align: top;
}
th {
  font-weight: 700;
}
</style>
