<script setup lang="ts">
import { toBatch } from '@/shared/addresses';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { computed, ref } from 'vue';
import { parseNumber } from '@/core/basics/units/parseNumber';
import {
  counted,
  formatCount,
  formatFixed,
  formatPercent,
  formatRange,
} from '@/core/basics/format/numbers';
import { shownUnit } from '@/core/basics/format/quantities';
import { parseQuantity } from '@/core/basics/units/parseQuantity';
import { countOf, standing } from '@/core/batches/records/summary';
import { keptPieces } from '@/core/batches/records/keptBack';
import type { Batch } from '@/core/batches/records/schema';
import { moistureProblem, weighInProblem } from '@/core/batches/trays/checkWeighIn';
import type { TrayForecast } from '@/core/batches/trays/trayForecast';
import { useBenchStore } from '@/stores/bench';
import { useRoomStore } from '@/stores/room';
import { useTraysStore } from '@/stores/trays';
import CausesList from '@/ui/frame/CausesList.vue';
import DryingCurve from '@/ui/charts/DryingCurve.vue';
import RoomCurve from '@/ui/charts/RoomCurve.vue';
import TendingList from './TendingList.vue';

const props = defineProps<{ batch: Batch; forecast: TrayForecast; nowMs: number }>();
const emit = defineEmits<{ inspect: [] }>();
const bench = useBenchStore();
const trays = useTraysStore();
const room = useRoomStore();
const weight = ref('');
const moisture = ref('');
const kept = ref('');
/** Water that stays is said from here on, share. */
const WORTH_SAYING = 0.05;
const problem = ref('');

const weighings = computed(() => standing(props.batch, 'dried'));
const causes = computed(() => trays.causesOf(props.batch, props.nowMs));
const speed = computed(() => {
  const { rate, learnedFraction } = props.forecast.refit;
  const own = props.forecast.ownBatches;
  const times = formatFixed(rate.best, 2);
  const weighed = counted(weighings.value.length, 'time');
  if (weighings.value.length > 0 && (learnedFraction > LEARNED || own === 0))
    return `Weighed ${weighed}. It dries ${times} times as fast as usual (${formatRange(rate.low, rate.high, 2)}).`;
  if (weighings.value.length > 0)
    return `Weighed ${weighed}. It dries ${times} times as fast as usual (${formatRange(rate.low, rate.high, 2)}), from ${counted(own, 'batch', 'batches')} of yours.`;
  return own > 0
    ? `Not weighed yet. The forecast is ${times} times as fast as usual, from ${counted(own, 'batch', 'batches')} of yours.`
    : `Not weighed yet. The forecast is ${times} times as fast as usual.`;
});
/** A rate that its own weighings have moved so far speaks for itself. */
const LEARNED = 0.05;

function weigh(): void {
  const read = parseQuantity(weight.value, 'g');
  const massG = read.ok ? read.value : null;
  const lastG = weighings.value.at(-1)?.massG ?? props.batch.plan.pieceG;
  problem.value = read.ok ? (weighInProblem(massG, lastG) ?? '') : read.problem;
  if (problem.value !== '' || massG === null) return;
  bench.writeTo(props.batch, { kind: 'dried', massG, by: 'typed' });
  weight.value = '';
}

/** Laid away to be looked at when they are older. */
function keepBack(): void {
  const pieces = parseNumber(kept.value);
  const most = countOf(props.batch)?.pieces ?? props.batch.plan.pieces;
  const isFine =
    pieces !== null &&
    Number.isInteger(pieces) &&
    pieces >= 1 &&
    pieces <= most - keptPieces(props.batch);
  problem.value = isFine ? '' : `Type a whole number, up to ${formatCount(most)}.`;
  if (!isFine) return;
  bench.writeTo(props.batch, { kind: 'kept', pieces });
  kept.value = '';
}

function meter(): void {
  const read = parseQuantity(moisture.value, '%');
  const moisturePct = read.ok ? read.value : null;
  problem.value = moistureProblem(moisturePct) ?? '';
  if (problem.value !== '' || moisturePct === null) return;
  bench.writeTo(props.batch, { kind: 'moisture', moisturePct });
  moisture.value = '';
}
</script>

<template>
  <section class="detail" :aria-label="`Drying of ${batch.code}`">
    <h2>{{ batch.code }}</h2>
    <p class="quiet">{{ speed }}</p>
    <DryingCurve :forecast="forecast" />
    <form class="row" @submit.prevent="weigh">
      <v-text-field
        v-model="weight"
        label="Marked piece"
        :suffix="shownUnit('g').unit"
        inputmode="decimal"
        autocomplete="off"
      />
      <v-btn type="submit">Save</v-btn>
    </form>
    <form class="row" @submit.prevent="meter">
      <v-text-field
        v-model="moisture"
        label="Moisture meter"
        suffix="%"
        inputmode="decimal"
        autocomplete="off"
      />
      <v-btn type="submit">Save</v-btn>
    </form>
    <ProblemLine :problem="problem" />
    <TendingList :batch="batch" :forecast="forecast" :now-ms="nowMs" />
    <v-btn variant="flat" block @click="emit('inspect')">Inspect the pieces</v-btn>
    <form class="row" @submit.prevent="keepBack">
      <v-text-field
        v-model="kept"
        label="Retained samples"
        inputmode="numeric"
        autocomplete="off"
      />
      <v-btn type="submit">Retain</v-btn>
    </form>
    <p v-if="keptPieces(batch) > 0" class="quiet">
      {{ counted(keptPieces(batch), 'retained sample') }}. Try reminds you to look after 1, 3, 6 and
      12 months.
    </p>
    <template v-if="causes.length">
      <h3>Likely causes</h3>
      <CausesList :causes="causes" />
    </template>
    <h3>Drying room</h3>
    <p class="quiet">
      {{
        forecast.roomIsRead
          ? `Humidity is ${formatPercent(forecast.humidityPct, 0)} now.`
          : `Not read since. The forecast uses ${formatPercent(forecast.humidityPct, 0)} humidity.`
      }}
      <template v-if="forecast.stays > WORTH_SAYING">
        A piece keeps {{ formatPercent(100 * forecast.stays, 0) }} of its water in this room.
      </template>
    </p>
    <RoomCurve v-if="room.dryingCurve.length > 1" :points="room.dryingCurve" :now-ms="nowMs" />
    <v-btn variant="text" :to="toBatch(batch.code)">Open the record of {{ batch.code }}</v-btn>
  </section>
</template>

<style scoped>
.detail {
  padding: 18px 20px 24px;
  font-size: var(--text-body);
}
h2,
h3 {
  margin: 0;
  font-size: var(--text-lead);
}
h3 {
  margin-top: 20px;
}
.quiet {
  margin: 2px 0 8px;
  font-size: var(--text-plain);
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  margin-top: 8px;
}
</style>
