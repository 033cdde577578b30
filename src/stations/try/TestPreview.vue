<script setup lang="ts">
import { computed } from 'vue';
import { startTrial, type TrialStart } from '@/core/batches/trials/write';
import { gasTrace } from '@/core/results/evaluation/gasTrace';
import { sayShouldFloat, sayShouldLast } from '@/shared/tryMessages';
import { nowIso } from '@/stores/now';
import { useTrialsStore } from '@/stores/trials';
import PitcherPicture from './PitcherPicture.vue';
import TryTrace from './TryTrace.vue';

/** What goes into which water, and what should come of it, before the test begins. */
const props = defineProps<{ asked: TrialStart }>();
const trialStore = useTrialsStore();

const trial = computed(() => startTrial(props.asked, nowIso()));
const batch = computed(() => trialStore.batchOf(trial.value));
/** What is typed by half has no forecast. */
const canForecast = computed(
  () => props.asked.pieceG > 0 && props.asked.water.volumeL > 0 && props.asked.kind !== 'scale',
);
const forecast = computed(() => (canForecast.value ? trialStore.forecastOf(trial.value) : null));
const lasting = computed(() => forecast.value?.lasting ?? null);
const trace = computed(() =>
  forecast.value ? gasTrace(forecast.value, props.asked.pieceG, 1) : [],
);
const said = computed(() =>
  lasting.value ? [sayShouldLast(lasting.value), sayShouldFloat(lasting.value)].join(' ') : '',
);

const WATER_TOP = 70;
const FLOOR = 150;
const USUAL_G = 120;
const USUAL_R = 20;
/** Drawn larger where it is heavier: by the root of the third degree, as balls are. */
const radius = computed(() =>
  Math.min(36, Math.max(9, USUAL_R * Math.cbrt((props.asked.pieceG || USUAL_G) / USUAL_G))),
);
const centerY = computed(() => {
  const buoyancy = lasting.value?.kind === 'dropped' ? lasting.value.buoyancy : 'either';
  if (buoyancy === 'floats') return WATER_TOP + 4;
  return buoyancy === 'sinks' ? FLOOR - radius.value - 2 : (WATER_TOP + FLOOR) / 2;
});
const hex = computed(() => forecast.value?.color?.powderHex ?? 'var(--ochre-mark)');
const waterHex = computed(() => forecast.value?.color?.waterHex ?? 'var(--verdigris-soft)');
</script>

<template>
  <section aria-label="Forecast" class="preview">
    <h2>Forecast</h2>
    <PitcherPicture v-if="asked.kind === 'scale'" :fizz="false" has-piece />
    <svg v-else viewBox="0 0 320 170" aria-hidden="true">
      <template v-if="asked.kind === 'shower'">
        <path d="M150 8h20v14h-20zM128 22h64l10 12H118z" class="line" />
        <path v-for="i in 7" :key="i" :d="`M${112 + i * 12} 40l${(i - 4) * 3} 74`" class="drops" />
        <path d="M70 142h180l-8 12H78z" class="line" />
        <circle cx="160" :cy="142 - radius" :r="radius" :fill="hex" class="line" />
      </template>
      <template v-else>
        <path
          :d="`M34 ${WATER_TOP}H286C286 128 270 ${FLOOR} 244 ${FLOOR}H76C50 ${FLOOR} 34 128 34 ${WATER_TOP}z`"
          :fill="waterHex"
        />
        <path
          :d="`M14 48H306M30 48C30 124 48 ${FLOOR} 76 ${FLOOR}H244C272 ${FLOOR} 290 124 290 48`"
          class="line bare"
        />
        <template v-if="asked.kind === 'salts'">
          <circle
            v-for="i in 26"
            :key="i"
            :cx="84 + ((i * 47) % 152)"
            :cy="FLOOR - 4 - ((i * 7) % 14)"
            r="3.4"
            :fill="hex"
            class="line thin"
          />
        </template>
        <circle v-else cx="160" :cy="centerY" :r="radius" :fill="hex" class="line" />
      </template>
    </svg>
    <p v-if="said">{{ said }}</p>
    <p v-else-if="asked.kind !== 'scale'" class="quiet">
      {{
        batch
          ? 'There is no forecast for these values. Type a weight and water.'
          : 'There is no forecast for a piece from elsewhere. What you see is saved.'
      }}
    </p>
    <TryTrace v-if="trace.length" :points="trace" :events="[]" :now-s="null" />
  </section>
</template>

<style scoped>
.preview {
  display: grid;
  gap: 10px;
}
h2 {
  margin: 0;
  font-size: var(--text-title);
}
svg {
  width: 100%;
  max-width: 420px;
}
p {
  margin: 0;
  font-size: var(--text-body);
}
.line {
  stroke: var(--ink);
  stroke-width: 2.5;
  stroke-linejoin: round;
}
.bare,
path.line {
  fill: none;
}
.thin {
  stroke-width: 1;
}
.drops {
  stroke: var(--verdigris-mid);
  stroke-width: 2;
  stroke-dasharray: 6 7;
}
</style>
