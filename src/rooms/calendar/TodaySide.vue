<script setup lang="ts">
import { computed } from 'vue';
import { kindOfStep } from '@/core/planning';
import { looksOf } from '@/core/records';
import { useCalendarStore, type Bar } from '@/stores/calendar';
import { useWorkshopStore } from '@/stores/workshop';
import { sayClock, sayStep, sayWhen } from './calendarWords';

/** For each pair of hands what comes today, in order; each opens where it is done. What is done leaves the list by its record. */
const calendar = useCalendarStore();
const workshop = useWorkshopStore();

const endOfDay = computed(() => new Date(calendar.startMs).setHours(24, 0, 0, 0));
const hands = computed(() =>
  calendar.hours.map(({ name }) => ({
    name,
    bars: calendar.bars
      .filter(({ person, startMs }) => person === name && startMs < endOfDay.value)
      .sort((a, b) => a.startMs - b.startMs),
    next: calendar.bars
      .filter(({ person, startMs }) => person === name && startMs >= endOfDay.value)
      .sort((a, b) => a.startMs - b.startMs)[0],
  })),
);
const looks = computed(() =>
  workshop.batches.flatMap((batch) =>
    looksOf(batch, calendar.startMs).flatMap(({ state, month }) =>
      state === 'due' ? [{ batch, month }] : [],
    ),
  ),
);
const expiring = computed(() =>
  workshop.lots.filter(({ expiresOn }) => {
    if (!expiresOn) return false;
    const days = (Date.parse(expiresOn) - calendar.startMs) / 86_400_000;
    return days >= 0 && days <= 14;
  }),
);

const PLACES = { mix: 'scale', press: 'make', dry: 'dry', dress: 'dry', pack: 'pack' } as const;
const placeOf = (bar: Bar) => ({ name: PLACES[kindOfStep(bar.step)] });
function take({ formulaId }: Bar): void {
  if (formulaId) workshop.changeSettings({ formulaInHandId: formulaId });
}
</script>

<template>
  <section aria-label="Today" class="today">
    <div v-for="of in hands" :key="of.name">
      <h2>{{ of.name }}</h2>
      <p v-if="of.bars.length === 0" class="quiet">Nothing is planned today.</p>
      <p v-if="of.next" class="quiet">
        Next: {{ sayWhen(of.next.startMs) }}, {{ of.next.name }}: {{ sayStep(of.next.step) }}.
      </p>
      <ol class="plain-list">
        <li v-for="bar in of.bars" :key="bar.job + bar.step">
          <span class="tabular">{{ sayClock(bar.startMs) }}</span>
          <router-link class="link" :to="placeOf(bar)" @click="take(bar)"
            >{{ bar.name }}: {{ sayStep(bar.step) }}</router-link
          >
          <span class="quiet">to {{ sayClock(bar.endMs) }}</span>
        </li>
      </ol>
    </div>
    <div v-if="looks.length > 0 || expiring.length > 0">
      <h2>To look at</h2>
      <ul class="plain-list">
        <li v-for="{ batch, month } in looks" :key="batch.id + month">
          <span class="tabular">{{ batch.code }}</span>
          <router-link class="link" :to="{ name: 'try' }"
            >a kept-back piece after {{ month }} months</router-link
          >
        </li>
        <li v-for="lot in expiring" :key="lot.id">
          <span class="tabular">{{ lot.code }}</span>
          <router-link class="link" :to="{ name: 'shelf', params: { side: 'lots' } }"
            >its day is {{ lot.expiresOn }}</router-link
          >
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
</style>
