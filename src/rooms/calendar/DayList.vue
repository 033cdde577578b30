<script setup lang="ts">
import { computed } from 'vue';
import { clockTime, weekdayDate } from '@/core/basics/format/dates';
import { sayStep } from './calendarMessages';
import { useDays } from './useDays';

/** The tide table as a list, for a narrow screen: day by day, only days on which there is something. */
const props = defineProps<{ days: number }>();
const { daysFrom } = useDays();

const shown = computed(() =>
  daysFrom(0, props.days).filter(
    ({ bars, dues, reminders }) => bars.length + dues.length + reminders.length > 0,
  ),
);
</script>

<template>
  <section aria-label="Days">
    <template v-for="day in shown" :key="day.at">
      <h2>{{ weekdayDate(day.at) }}</h2>
      <ul class="plain-list">
        <li v-for="bar in day.bars" :key="bar.job + bar.step" :class="{ late: bar.isLate }">
          <span class="tabular quiet">{{ clockTime(bar.startMs) }}</span>
          <span>{{ bar.name }}: {{ sayStep(bar.step) }}</span>
          <span class="quiet">{{ bar.person }}</span>
        </li>
        <li v-for="order in day.dues" :key="order.id" class="due">
          <span class="tabular quiet">{{ clockTime(order.due) }}</span>
          <b>Due: {{ order.who }}</b>
        </li>
        <li v-for="one in day.reminders" :key="one.id">
          <span class="quiet">all day</span>
          <router-link class="link" :to="one.to">{{ one.about }}: {{ one.said }}</router-link>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
h2 {
  margin: 16px 0 4px;
}
li {
  display: grid;
  grid-template-columns: 64px minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  min-height: 44px;
  border-bottom: 1px solid var(--hairline);
}
.late {
  color: var(--rust);
}
.due {
  color: var(--ochre);
}
</style>
