<script setup lang="ts">
import { dayOf, daysLater, startOfDayMs } from '@/core/basics/time';
import { mdiCheck } from '@mdi/js';
import { computed } from 'vue';
import { doneBetween, type Deed } from '@/core/goods/planning/doneBetween';
import { kindOfStep, type StepKind } from '@/core/goods/planning/steps';
import { useCalendarStore } from '@/stores/calendar';
import { usePlanInputsStore } from '@/stores/planInputs';
import { useQualityStore } from '@/stores/quality';
import { useWorkshopStore } from '@/stores/workshop';
import { clockTime, weekdayTime } from '@/core/basics/format/dates';
import { sayStep } from './calendarMessages';
import { useReminders } from './useReminders';

/** For each pair of hands what comes today, in order; each opens where it is done. The record itself ticks what is done. */
const calendar = useCalendarStore();
const planInputs = usePlanInputsStore();
const workshop = useWorkshopStore();
const quality = useQualityStore();
const { reminderLine } = useReminders();

const day = computed(() => {
  const first = dayOf(planInputs.startMs);
  return { from: startOfDayMs(first), to: startOfDayMs(daysLater(first, 1)) };
});
const done = computed(() =>
  doneBetween(workshop.batches, workshop.goods, day.value.from, day.value.to),
);
const hands = computed(() => {
  const names = planInputs.hours.map(({ name }) => name);
  return names.map((name, i) => {
    const own = calendar.bars
      .filter(({ person }) => person === name)
      .sort((a, b) => a.startMs - b.startMs);
    return {
      name,
      // What nobody put a name to stands with the first.
      done: done.value.filter(({ who }) => who === name || (i === 0 && !names.includes(who))),
      bars: own.filter(({ startMs }) => startMs < day.value.to),
      next: own.find(({ startMs }) => startMs >= day.value.to),
    };
  });
});
const reminders = computed(() => quality.due.map((of) => reminderLine(of)));

const PLACES: Readonly<Record<StepKind, string>> = {
  ahead: 'shelf',
  mix: 'scale',
  press: 'make',
  dry: 'dry',
  dress: 'dry',
  pack: 'pack',
};
const placeOf = ({ step }: { readonly step: string }) => ({ name: PLACES[kindOfStep(step)] });
const sayDeed = ({ kind, name }: Deed) => (name ? `${name}: ${sayStep(kind)}` : sayStep(kind));
function take({ formulaId }: { readonly formulaId: string | null }): void {
  if (formulaId) workshop.changeSettings({ formulaInHandId: formulaId });
}
</script>

<template>
  <section aria-label="Today" class="today">
    <div v-for="of in hands" :key="of.name">
      <h2>{{ of.name }}</h2>
      <p v-if="of.bars.length === 0 && of.done.length === 0" class="quiet">
        There is nothing planned today.
      </p>
      <ol class="plain-list">
        <li v-for="deed in of.done" :key="deed.batchId + deed.kind + deed.fromMs" class="done">
          <span class="tabular"
            ><v-icon :icon="mdiCheck" size="16" aria-hidden="true" />
            {{ clockTime(deed.fromMs) }}</span
          >
          <span><span class="visually-hidden">Done: </span>{{ sayDeed(deed) }}</span>
          <span class="tabular">{{ deed.code }}</span>
        </li>
        <li v-for="bar in of.bars" :key="bar.job + bar.step">
          <span class="tabular">{{ clockTime(bar.startMs) }}</span>
          <router-link class="link" :to="placeOf(bar)" @click="take(bar)"
            >{{ bar.name }}: {{ sayStep(bar.step) }}</router-link
          >
          <span class="quiet">to {{ clockTime(bar.endMs) }}</span>
        </li>
      </ol>
      <p v-if="of.next" class="quiet">
        Next: {{ of.next.name }}, {{ sayStep(of.next.step) }}, {{ weekdayTime(of.next.startMs) }}
      </p>
    </div>
    <div v-if="reminders.length > 0">
      <h2>Reminders</h2>
      <ul class="plain-list">
        <li v-for="one in reminders" :key="one.id">
          <span class="tabular">{{ one.about }}</span>
          <router-link class="link" :to="one.to">{{ one.said }}</router-link>
        </li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.today {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 18px 40px;
}
li {
  display: grid;
  grid-template-columns: 90px minmax(0, 1fr) auto;
  gap: 10px;
  padding: 6px 0;
  border-bottom: 1px solid var(--hairline);
}
.done {
  color: var(--mid);
}
</style>
