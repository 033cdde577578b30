<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, reactive, ref, watch } from 'vue';
import { kindOfStep } from '@/core/planning';
import { counted, formatFixed } from '@/core/words';
import PageHeader from '@/shared/PageHeader.vue';
import ShoppingFor from '@/shared/ShoppingFor.vue';
import { NO_WHAT_IF, useCalendarStore } from '@/stores/calendar';
import ChoiceRow from '@/ui/fields/ChoiceRow.vue';
import { download } from '@/ui/frame/download';
import HoursDialog from './HoursDialog.vue';
import OrdersSide from './OrdersSide.vue';
import TideTable from './TideTable.vue';
import TodaySide from './TodaySide.vue';
import { sayWhen } from './calendarWords';
import { calendarText } from './ical';

/** Orders, and the plan that works backwards from them. */
const calendar = useCalendarStore();

const SIDES = [
  { value: 'tide', word: 'Tide table' },
  { value: 'orders', word: 'Orders' },
  { value: 'today', word: 'Today' },
  { value: 'to-buy', word: 'To buy' },
] as const;
const side = ref<(typeof SIDES)[number]['value']>('tide');
const isSettingHours = ref(false);
const DAYS = 10;

/** What is to be done changed: an order, a wrapping, a batch that was begun. */
const tasks = computed(() =>
  JSON.stringify([
    calendar.cover.orders.map(({ order, lines }) => [
      order,
      lines.map(({ given, fromStock }) => given + fromStock),
    ]),
    calendar.cover.toMake.map(({ id, pieces }) => [id, pieces]),
    [...calendar.cover.coming.keys()],
  ]),
);
watch(tasks, () => calendar.plan());
onMounted(() => calendar.plan());
onBeforeUnmount(() => calendar.cancel());

const late = computed(
  () => Object.values(calendar.answer?.lateMin ?? {}).filter((minutes) => minutes > 0.5).length,
);
const gap = computed(() => {
  const found = calendar.answer;
  if (!found || found.weightedLateMin <= 0) return '';
  if (found.provedBest) return 'no plan is less late';
  const { weightedLateMin: is, boundWeightedLateMin: least } = found;
  return least > 0
    ? `at most ${formatFixed((100 * (is - least)) / least, 0)} % from the best possible`
    : 'how much less late it could be is not known';
});
/** The bowl that leaves least time: when it must be pressed at the latest. */
const latest = computed(() => {
  const found = calendar.cover.toMake
    .map((bowl) => ({ bowl, at: calendar.latestPress(bowl.id) }))
    .filter((one): one is { bowl: (typeof one)['bowl']; at: number } => one.at !== null)
    .sort((a, b) => a.at - b.at)[0];
  if (!found) return null;
  const { bowl, at } = found;
  const first = calendar.cover.orders.find(({ order }) => bowl.orderIds.includes(order.id))?.order;
  return first
    ? `To be sure of ${first.who}, ${sayWhen(Date.parse(first.due))}: press ${calendar.nameOfJob(bowl.id).name} by ${sayWhen(at)}.`
    : null;
});
const asked = reactive<{ humidityPct: number; away: string | null; secondMixer: boolean }>({
  humidityPct: 60,
  away: null,
  secondMixer: false,
});
const isAsking = ref(false);
async function askIf(which: 'humidity' | 'away' | 'mixer'): Promise<void> {
  isAsking.value = true;
  await calendar.askWhatIf({
    ...NO_WHAT_IF,
    ...(which === 'humidity' && { humidityPct: asked.humidityPct }),
    ...(which === 'away' && { away: asked.away ?? calendar.hours[0]?.name ?? null }),
    ...(which === 'mixer' && { secondMixer: true }),
  });
  isAsking.value = false;
}
const whatIf = computed(() => {
  const found = calendar.whatIfLate;
  if (!found) return '';
  const { asked: of, answer } = found;
  const what =
    of.humidityPct !== null
      ? `With the loft at ${of.humidityPct} %`
      : of.away
        ? `With ${of.away} away for a week`
        : 'With a second mixer';
  if (typeof answer === 'string') return `${what} there is no plan: ${answer}.`;
  const now = calendar.answer?.weightedLateMin ?? 0;
  const hours = (answer.weightedLateMin - now) / 60;
  if (Math.abs(hours) < 0.1) return `${what} nothing changes for the orders.`;
  return `${what} the orders would be ${formatFixed(Math.abs(hours), 0)} hours ${hours > 0 ? 'later' : 'less late'} in all.`;
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
      calendar.cover.orders.map(({ order }) => order),
    ),
  );
}
/** Bowls of the plan, by formula. */
const wanted = computed(() => {
  const counts: Record<string, number> = {};
  for (const { formula } of calendar.cover.toMake)
    counts[formula.id] = (counts[formula.id] ?? 0) + 1;
  return counts;
});
const firstMs = computed(() => {
  const firsts: Record<string, number> = {};
  for (const { formulaId, startMs, step } of calendar.bars)
    if (formulaId && kindOfStep(step) === 'mix')
      firsts[formulaId] = Math.min(firsts[formulaId] ?? Infinity, startMs);
  return firsts;
});
const print = () => window.print();
</script>

<template>
  <div>
    <PageHeader>
      <template #title><h1>Tide table</h1></template>
      <template #sub>
        {{ counted(calendar.cover.orders.length, 'open order') }},
        {{ counted(calendar.cover.toMake.length, 'bowl') }} to make ·
        <span :class="{ late: late > 0 }">{{
          late === 0 ? 'nothing late' : `${counted(late, 'job')} late`
        }}</span>
        <template v-if="gap"> · {{ gap }}</template>
      </template>
      <template #actions>
        <v-btn variant="flat" @click="calendar.plan">Plan it anew</v-btn>
        <v-btn @click="isSettingHours = true">Who works when</v-btn>
      </template>
    </PageHeader>
    <div class="room">
      <ChoiceRow v-model="side" :items="SIDES" class="sides no-print" />
      <div v-if="calendar.share !== null" class="looking" role="status">
        <v-progress-linear
          :model-value="100 * calendar.share"
          color="primary"
          aria-label="Looking for a better plan"
        />
        <span class="quiet">Looking for a better plan; the best so far is shown.</span>
        <button v-if="calendar.hasFirst" type="button" class="link" @click="calendar.cancel">
          Good enough
        </button>
      </div>
      <p v-if="calendar.problem" role="alert" class="problem">{{ calendar.problem }}</p>
      <template v-if="side === 'tide'">
        <p v-if="calendar.cover.orders.length === 0" class="blank">
          Nobody waits for anything. Add an order, a stall or a shop’s shelf, and the plan works
          backwards from its day.
        </p>
        <TideTable v-else :days="DAYS" />
        <p v-if="latest" class="sure">{{ latest }}</p>
        <div class="what no-print" role="group" aria-label="What if">
          <v-btn size="small" :loading="isAsking" @click="askIf('humidity')"
            >What if the loft is at {{ asked.humidityPct }} %</v-btn
          >
          <v-btn size="small" :loading="isAsking" @click="askIf('away')"
            >What if {{ calendar.hours[0]?.name }} is away</v-btn
          >
          <v-btn size="small" :loading="isAsking" @click="askIf('mixer')"
            >What if there is a second mixer</v-btn
          >
          <v-btn size="small" :disabled="!calendar.canUndo" @click="calendar.undo"
            >Undo a move</v-btn
          >
          <v-btn size="small" @click="saveIcal(null)">Save as iCalendar</v-btn>
          <v-btn v-for="{ name } in calendar.hours" :key="name" size="small" @click="saveIcal(name)"
            >Of {{ name }} alone</v-btn
          >
          <v-btn size="small" @click="print">Print</v-btn>
        </div>
        <p v-if="whatIf" role="status">{{ whatIf }}</p>
      </template>
      <OrdersSide v-else-if="side === 'orders'" />
      <TodaySide v-else-if="side === 'today'" />
      <ShoppingFor v-else :key="calendar.cover.toMake.length" :bowls="wanted" :first-ms="firstMs" />
    </div>
    <HoursDialog v-model="isSettingHours" @kept="calendar.plan" />
  </div>
</template>

<style scoped>
.room {
  padding: 8px 24px 28px;
}
.sides {
  margin-bottom: 10px;
}
.looking {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin-bottom: 8px;
  font-size: 14px;
}
.sure {
  margin: 10px 0 6px;
  font-size: 16px;
  font-weight: 700;
}
.what {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.blank {
  max-width: 520px;
  padding: 30px 0;
  font-size: 16px;
}
.late,
.problem {
  color: var(--rust);
}
</style>
