<script setup lang="ts">
import { startOfDay } from 'date-fns';
import ActionButton from '@/ui/actions/ActionButton.vue';
import { useActions } from '@/ui/actions/useActions';
import { SIDES, valuesOf } from '@/shared/places';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { busiestDay } from '@/core/goods/planning/busiestDay';
import { kindOfStep } from '@/core/goods/planning/steps';
import { counted } from '@/core/basics/format/numbers';
import { useAddressTab } from '@/shared/useAddress';
import PageHeader from '@/shared/PageHeader.vue';
import ShoppingFor from '@/shared/ShoppingFor.vue';
import { useCalendarStore } from '@/stores/calendar';
import { usePlanInputsStore } from '@/stores/planInputs';
import { useWorkshopStore } from '@/stores/workshop';
import AppTabs from '@/ui/kit/AppTabs.vue';
import HoursDialog from './HoursDialog.vue';
import OrdersSide from './OrdersSide.vue';
import TideSide from './TideSide.vue';
import TodaySide from './TodaySide.vue';
import WeekSide from './WeekSide.vue';
import { useGoodsStore } from '@/stores/goods';
import { sayBusyDay, sayGap, sayBottleneck, sayNotPromised } from './calendarMessages';

/** Orders, and the plan that works backwards from them. */
const goods = useGoodsStore();
const calendar = useCalendarStore();
const planInputs = usePlanInputsStore();
const workshop = useWorkshopStore();

const side = useAddressTab(['calendar'], valuesOf(SIDES.calendar), 'tide');
const isSettingHours = ref(false);

/** What is to be done changed: an order, a wrapping, a batch that was begun. */
const toDo = computed(() =>
  JSON.stringify([
    planInputs.cover.orders.map(({ order, lines }) => [
      order,
      lines.map(({ given, fromStock }) => given + fromStock),
    ]),
    planInputs.cover.toMake.map(({ id, pieces }) => [id, pieces]),
    [...planInputs.cover.coming.keys()],
  ]),
);
watch(toDo, () => calendar.plan());
onMounted(() => calendar.plan());
onBeforeUnmount(() => calendar.cancel());

const late = computed(
  () => Object.values(calendar.answer?.lateMin ?? {}).filter((minutes) => minutes > 0.5).length,
);
/** A day on which one pair of hands would mix too many bowls. */
const tooMuch = computed(() => busiestDay(calendar.bars, (ms) => startOfDay(ms).getTime()));
const moldName = (id: string) =>
  workshop.molds.find((mold) => mold.id === id)?.name ?? 'Removed mold';
const asides = computed(() =>
  [
    calendar.answer && sayGap(calendar.answer),
    calendar.narrow && sayBottleneck(calendar.narrow, moldName),
    tooMuch.value && sayBusyDay(tooMuch.value),
    sayNotPromised(goods.notPromised),
  ].filter((aside): aside is string => !!aside),
);

/** Bowls of the plan, by formula. */
const wanted = computed(() => {
  const counts: Record<string, number> = {};
  for (const { formula } of planInputs.cover.toMake)
    counts[formula.id] = (counts[formula.id] ?? 0) + 1;
  return counts;
});
const firstMs = computed(() => {
  const firsts: Record<string, number> = {};
  for (const { formulaId, startMs, step } of calendar.bars)
    if (formulaId && ['ahead', 'mix'].includes(kindOfStep(step)))
      firsts[formulaId] = Math.min(firsts[formulaId] ?? Infinity, startMs);
  return firsts;
});
const acts = {
  plan: { name: 'Update the plan', key: 'p', run: () => calendar.plan() },
  hours: { name: 'Working hours', key: 'w', run: () => (isSettingHours.value = true) },
};
useActions(() => Object.values(acts));
</script>

<template>
  <div>
    <PageHeader>
      <template #sub>
        {{ counted(planInputs.cover.orders.length, 'open order') }},
        {{ counted(planInputs.cover.toMake.length, 'bowl') }} to make ·
        <span :class="{ late: late > 0 }">{{
          late === 0 ? 'on time' : `${counted(late, 'batch', 'batches')} late`
        }}</span>
        <template v-for="aside in asides" :key="aside"> · {{ aside }}</template>
      </template>
      <template #actions>
        <ActionButton :action="acts.plan" is-main />
        <ActionButton :action="acts.hours" />
      </template>
    </PageHeader>
    <div class="room">
      <AppTabs v-model="side" label="Calendar" :items="SIDES.calendar" class="sides no-print" />
      <div v-if="calendar.share !== null" class="looking no-print" role="status">
        <v-progress-linear
          :model-value="100 * calendar.share"
          color="primary"
          aria-label="Looking for a better plan"
        />
        <span class="quiet">Looking for a better plan. This is the best so far.</span>
        <button v-if="calendar.hasFirst" type="button" class="link" @click="calendar.cancel">
          Use this plan
        </button>
      </div>
      <ProblemLine :problem="calendar.problem" />
      <TideSide v-if="side === 'tide'" />
      <OrdersSide v-else-if="side === 'orders'" />
      <TodaySide v-else-if="side === 'today'" />
      <WeekSide v-else-if="side === 'week'" />
      <ShoppingFor
        v-else
        :key="planInputs.cover.toMake.length"
        :bowls="wanted"
        :first-ms="firstMs"
      />
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
  font-size: var(--text-plain);
}
.late {
  color: var(--rust);
}
</style>
