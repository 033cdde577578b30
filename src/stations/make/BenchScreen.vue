<script setup lang="ts">
import { toBatch } from '@/shared/addresses';
import { useNow, useWakeLock } from '@vueuse/core';
import { storeToRefs } from 'pinia';
import {
  computed,
  defineAsyncComponent,
  nextTick,
  onMounted,
  ref,
  useTemplateRef,
  watch,
} from 'vue';
import { useRouter } from 'vue-router';
import { warningsAtStep } from '@/core/results/evaluation/warnings';
import { materialById } from '@/core/matter/materials/catalog';
import type { BenchStep } from '@/core/work/bench-steps/stepSchema';
import { awayHours, clockBehindS } from '@/core/batches/records/timer';
import { benchSteps } from '@/core/batches/records/batch';
import { roomOf } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { useBenchStore } from '@/stores/bench';
import SaveMark from '@/shared/SaveMark.vue';
import BenchSurface from '@/ui/frame/BenchSurface.vue';
import PracticeBand from '@/ui/frame/PracticeBand.vue';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import RoomDialog from '@/shared/RoomDialog.vue';
import { useScreenTitle } from '@/shared/useScreenTitle';
import { formatMinutes } from '@/core/basics/format/durations';
import { formatPercent } from '@/core/basics/format/numbers';
import { formatMass, formatTemp } from '@/core/basics/format/quantities';
import AddDialog from './AddDialog.vue';
import BenchHands from './BenchHands.vue';
import BenchProgress from './BenchProgress.vue';
import BenchWays from './BenchWays.vue';
import OtherBowls from './OtherBowls.vue';
import { useClockJump } from './useClockJump';
import { useActions } from '@/ui/actions/useActions';
import { useEver } from '@/ui/kit/useEver';
import { say, useSound } from './sound/useSound';
import { STEPS } from './steps';

const SoundDialog = defineAsyncComponent(() => import('./sound/SoundDialog.vue'));

const props = defineProps<{ batch: Batch; step: BenchStep }>();
const bench = useBenchStore();
const workshop = useWorkshopStore();
const shelf = useShelfStore();
const { catalog } = storeToRefs(workshop);
/** What has to be said where this is weighed. */
const warnings = computed(() => {
  const { step } = props;
  if (step.kind !== 'weigh') return [];
  const held = step.lots.filter(({ lotId }) => shelf.isOnHold(lotId));
  return [
    ...held.map(({ code }) => `Lot ${code} is on hold. Weigh from another lot.`),
    ...(bench.judged
      ? warningsAtStep(bench.judged, materialById(catalog.value, step.materialId))
      : []),
  ];
});
useScreenTitle(() => props.batch.formulaName);
const router = useRouter();
const now = useNow({ interval: 1000 });
const isAdding = ref(false);
const isReadingRoom = ref(false);

/** A tablet on the wall must not go dark in the middle of a pour. */
const wakeLock = useWakeLock();
onMounted(() => {
  void wakeLock.request('screen').catch(() => undefined);
  bench.resume();
});

const room = computed(() => roomOf(props.batch));
const steps = computed(() => benchSteps(props.batch).length);
const away = computed(() => {
  const hours = awayHours(props.batch);
  return hours !== null && hours >= 0.5 ? hours : null;
});
const jumpedMin = useClockJump();
const behindS = computed(() => clockBehindS(props.batch, now.value.getTime()));

const heading = useTemplateRef<HTMLElement>('heading');

/** The pedal's space must not press the button of the step before: each step begins at its heading, or in its field. */
watch(
  () => [props.batch.id, props.step.id],
  async () => {
    await nextTick();
    if (!document.activeElement?.closest('input')) heading.value?.focus();
  },
);

const isSounding = ref(false);
const hasSounded = useEver(isSounding);
const { silence, sayAgain } = useSound();
watch(
  () => props.step.id,
  () => {
    const { step } = props;
    const weight = step.kind === 'weigh' ? ` ${formatMass(step.targetG)}.` : '';
    say(`${step.title}.${weight} ${step.note}`);
  },
  { immediate: true },
);
useActions(() => [
  { name: 'Sound, voice and pedal', key: 'y', run: () => (isSounding.value = true) },
  { name: 'Say it again', key: 'v', run: sayAgain },
  { name: 'Silence everything', key: 'z', run: silence },
]);

async function leave(): Promise<void> {
  bench.pause();
  await router.push(toBatch(props.batch.code));
}

function keepRoom(air: { readonly humidityPct: number; readonly tempC: number }): void {
  bench.write({ kind: 'room', ...air });
}
</script>

<template>
  <BenchSurface class="screen">
    <PracticeBand v-if="workshop.usesPracticeScale(batch)" class="band" />
    <BenchProgress :batch="batch" />
    <div class="line">
      <p>
        {{ batch.formulaName }} · {{ batch.code }} · Step {{ batch.currentStep + 1 }} of {{ steps }}
        <SaveMark />
      </p>
      <OtherBowls :batch="batch" />
      <BenchHands />
      <p v-if="room" class="room">
        {{ formatPercent(room.humidityPct) }} {{ formatTemp(room.tempC, 1) }}
      </p>
    </div>
    <p v-if="behindS > 60" class="said" role="alert">
      This device’s clock is {{ formatMinutes(behindS / 60) }} behind the newest entry. Set the
      clock, or times in this record won’t agree.
    </p>
    <p v-if="jumpedMin !== null" class="said" role="status">
      The clock jumped {{ formatMinutes(jumpedMin) }}. This device slept, or its clock was set.
      Squeeze before you trust the timers.
    </p>
    <p v-if="away !== null" class="said" role="status">
      You are back after {{ formatMinutes(away * 60) }}. The mix may have dried. Read the room again
      (R), and squeeze before you continue.
    </p>
    <div class="heading">
      <h1 ref="heading" tabindex="-1">{{ step.title }}</h1>
      <p class="note">{{ step.note }}</p>
      <p v-for="warning in warnings" :key="warning" class="said" role="note">{{ warning }}</p>
    </div>
    <!-- A step is a fresh screen: its own scale, its own fields. -->
    <component :is="STEPS[step.kind]" :key="`${batch.id} ${step.id}`" :batch="batch" :step="step" />
    <BenchWays
      :batch="batch"
      :step="step"
      @add="isAdding = true"
      @room="isReadingRoom = true"
      @leave="leave"
      @sound="isSounding = true"
    />
    <SoundDialog v-if="hasSounded" v-model="isSounding" />
    <AddDialog v-model="isAdding" :batch="batch" />
    <RoomDialog v-model="isReadingRoom" @kept="keepRoom" />
  </BenchSurface>
</template>

<style scoped>
.screen {
  min-height: 100vh;
  padding: 26px 40px 18px;
}
/* Along the upper edge, where it takes no room from the step. */
.screen .band {
  margin: -26px -40px 12px;
  padding: 2px 14px;
  border-width: 0 0 2px;
}
.line {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 20px;
  margin-top: 8px;
  color: #b9c5bf;
  font-size: var(--text-lead);
}
.line p {
  margin: 0;
}
.room {
  white-space: nowrap;
}
.line :deep(.failed) {
  color: #ee8a6c;
}
.said {
  margin: 12px 0 0;
  padding: 8px 14px;
  border-left: 5px solid #d79a2b;
  font-size: var(--text-title);
}
.heading {
  margin: 14px 0 0;
}
h1 {
  font-size: var(--text-figure);
  line-height: 1.1;
}
h1:focus {
  outline: none;
}
.note {
  max-width: 1000px;
  margin: 4px 0 0;
  color: #c8d2cc;
  font-size: var(--text-title);
}
@media (max-width: 820px) {
  .screen {
    padding: 14px 16px;
  }
  .screen .band {
    margin: -14px -16px 8px;
  }
  .line {
    flex-wrap: wrap;
  }
}
/* Of every step of the bench: the figure it works on, and its fields. */
.screen :deep(.fields) {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 260px));
  gap: 24px;
  margin-top: 32px;
}
.screen :deep(.field label) {
  display: block;
  color: #c8d2cc;
  font-size: var(--text-lead);
}
.screen :deep(.field input) {
  width: 100%;
  height: 84px;
  padding: 0 18px;
  border: 2px solid #8f9f98;
  border-radius: var(--radius);
  background: #17211f;
  color: var(--rail-ink);
  font: 700 var(--text-figure) var(--font-heading);
  font-variant-numeric: tabular-nums;
}
.screen :deep(.problem) {
  color: #ee8a6c;
  font-size: var(--text-title);
}
.screen :deep(.big) {
  margin: auto 0 10px;
  padding-top: 10px;
  line-height: 1;
  color: #c8d2cc;
  font-size: var(--text-figure);
}
.screen :deep(.big .figure) {
  margin-right: 12px;
  color: var(--rail-ink);
  font-size: var(--text-bench);
  font-weight: 750;
}
</style>
