<script setup lang="ts">
import HandButton from '@/ui/kit/HandButton.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { computed, ref, watch } from 'vue';
import { ROOM_WORDS } from '@/core/results/binder/messages';
import { roomAdvice } from '@/core/results/binder/room';
import { dampWindowIn } from '@/core/results/conditions/dampWindowIn';
import { conditionsOfBatch } from '@/core/workshop/settings/conditionsFor';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { sayFinding } from '@/core/results/evaluation/messages';
import { formatRange } from '@/core/basics/format/numbers';
import { toShown } from '@/core/basics/format/quantities';
import {
  parseQuantity,
  rangeProblem,
  type QuantityUnit,
  unitShown,
} from '@/core/basics/units/parseQuantity';
import type { Batch } from '@/core/batches/records/schema';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import { useBenchStore } from '@/stores/bench';
import { useRoomStore } from '@/stores/room';
import { useWorkshopStore } from '@/stores/workshop';
import { useActions } from '@/ui/actions/useActions';

defineOptions({ inheritAttrs: false });
const props = defineProps<{ batch: Batch }>();
const bench = useBenchStore();
const workshop = useWorkshopStore();
const rooms = useRoomStore();
const humidity = ref(String(workshop.settings.humidityPct));
const temp = ref(tempText(workshop.settings.tempC));
const problem = ref('');

/** Who says so, by where the workshop reads its air. */
const SAID_BY = {
  typed: 'typed',
  simulated: 'simulated-sensor',
  serial: 'serial-sensor',
} as const;
const isSensed = computed(() => workshop.settings.roomSource !== 'typed');
/** A sensor fills the fields in; what the hand typed since stays until the next reading. */
watch(
  () => [workshop.settings.humidityPct, workshop.settings.tempC],
  ([humidityPct, tempC]) => {
    if (!isSensed.value) return;
    humidity.value = String(humidityPct);
    temp.value = tempText(tempC ?? workshop.settings.tempC);
  },
);

const air = computed(() => {
  const humidityPct = inRange(humidity.value, '%', 5, 100);
  const tempC = inRange(temp.value, '°C', -10, 50);
  return humidityPct === null || tempC === null ? null : { humidityPct, tempC };
});
const advice = computed(() =>
  air.value ? roomAdvice(air.value.humidityPct, air.value.tempC) : null,
);
/** What this formula would be in this room. */
const judged = computed(() => {
  if (!air.value) return null;
  const conditions = conditionsOfBatch(workshop.facts, props.batch, air.value);
  const { binder, judged: readings } = evaluate(props.batch.body, conditions);
  const usual = conditionsOfBatch(workshop.facts, props.batch, USUAL_SETTINGS);
  return {
    window: binder.window,
    usualWindow: dampWindowIn(usual, props.batch.body, binder),
    findings: [...readings.damp.findings, ...readings['free-water'].findings].map(sayFinding),
  };
});

const rangeSays = computed(() => {
  if (!judged.value) return '';
  const { window, usualWindow } = judged.value;
  const here = `Moisture range ${formatRange(window.lowPct, window.highPct, 1)}.`;
  return Math.abs(window.highPct - usualWindow.highPct) > 0.05
    ? `${here} In a usual room it is ${formatRange(usualWindow.lowPct, usualWindow.highPct, 1)}.`
    : here;
});

/** As the person reads a thermometer. */
function tempText(tempC: number): string {
  return String(Number(toShown(tempC, unitShown('°C')).toFixed(1)));
}

function inRange(text: string, unit: QuantityUnit, min: number, max: number): number | null {
  const read = parseQuantity(text, unit);
  return read.ok && read.value >= min - EDGE && read.value <= max + EDGE ? read.value : null;
}
/** What a change of units may lose. */
const EDGE = 1e-9;

/** Which of the two does not read, and what to type. */
function airProblem(): string {
  for (const [say, text, unit, min, max] of [
    ['Check the humidity.', humidity.value, '%', 5, 100],
    ['Check the temperature.', temp.value, '°C', -10, 50],
  ] as const) {
    const read = parseQuantity(text, unit);
    if (!read.ok) return `${say} ${read.problem}`;
    if (inRange(text, unit, min, max) === null) return `${say} ${rangeProblem(min, max, unit, 0)}`;
  }
  return '';
}

function next(): void {
  if (air.value === null) {
    problem.value = airProblem();
    return;
  }
  rooms.read('workroom', air.value, SAID_BY[workshop.settings.roomSource]);
  bench.settle({ kind: 'room', ...air.value });
}

function takeHands(name: string): void {
  workshop.changeSettings({ makerInHand: workshop.settings.makerInHand === name ? null : name });
}

useActions(() => [{ name: 'Save the room', key: 'space', run: next }]);
</script>

<template>
  <div class="fields">
    <div class="field">
      <label for="humidity">Humidity, %</label>
      <input
        id="humidity"
        v-model="humidity"
        inputmode="decimal"
        autocomplete="off"
        @change="problem = airProblem()"
        @keydown.enter="next"
      />
    </div>
    <div class="field">
      <label for="temp">Temperature, {{ unitShown('°C').unit }}</label>
      <input
        id="temp"
        v-model="temp"
        inputmode="decimal"
        autocomplete="off"
        @change="problem = airProblem()"
        @keydown.enter="next"
      />
    </div>
  </div>
  <p v-if="isSensed" class="sensed">The sensor fills these in.</p>
  <div v-if="advice" class="advice" :class="advice.verdict">
    <p class="verdict">
      {{
        advice.verdict === 'good'
          ? 'A good room.'
          : advice.verdict === 'workable'
            ? 'Workable with care.'
            : 'Not today, not like this.'
      }}
      {{ rangeSays }}
    </p>
    <ul class="plain-list">
      <li v-for="task in advice.tasks" :key="task">{{ ROOM_WORDS[task] }}</li>
      <li v-for="finding in judged?.findings" :key="finding.message">
        {{ finding.message }} {{ finding.todo }}
      </li>
    </ul>
  </div>
  <div v-if="workshop.settings.makers.length" class="who" role="group" aria-label="Who is working">
    <span>Who is working?</span>
    <HandButton
      v-for="name in workshop.settings.makers"
      :key="name"
      :aria-pressed="workshop.settings.makerInHand === name"
      @click="takeHands(name)"
    >
      {{ name }}
    </HandButton>
  </div>
  <ProblemLine :problem="problem" />
  <div class="hands">
    <HandButton is-main is-big @click="next">Save the room <kbd>space</kbd></HandButton>
  </div>
</template>

<style scoped>
.sensed {
  margin: 8px 0 0;
  color: #c8d2cc;
  font-size: var(--text-lead);
}
.advice {
  max-width: 1000px;
  margin-top: 22px;
  padding-left: 16px;
  border-left: 6px solid #70c2ad;
  font-size: var(--text-title);
}
.workable {
  border-color: #d79a2b;
}
.wait {
  border-color: #ee8a6c;
}
.verdict {
  margin: 0;
  font-weight: 700;
}
li {
  margin-top: 8px;
}
.who {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  margin-top: 22px;
  font-size: var(--text-lead);
}
</style>
