<script setup lang="ts">
import { computed, ref } from 'vue';
import { evaluate } from '@/core/evaluation';
import { parseNumber } from '@/core/units';
import type { Batch } from '@/core/records';
import { useBenchStore } from '@/stores/bench';
import { nowIso } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import { useBenchKeys } from '../useBenchKeys';

const props = defineProps<{ batch: Batch }>();
const bench = useBenchStore();
const workshop = useWorkshopStore();
const humidity = ref(String(workshop.settings.humidityPct));
const temp = ref(String(workshop.settings.tempC));
const problem = ref('');

const advice = computed(() => {
  const humidityPct = inRange(humidity.value, 5, 100);
  if (humidityPct === null) return [];
  const { tub } = workshop.settings;
  const { pieceG } = props.batch.plan;
  return evaluate(props.batch.body, { humidityPct, tub, pieceG }).findings.filter(({ code }) =>
    ['humidity-high', 'humidity-low', 'too-dry', 'too-wet', 'free-water-high'].includes(code),
  );
});

function inRange(text: string, min: number, max: number): number | null {
  const value = parseNumber(text);
  return value !== null && value >= min && value <= max ? value : null;
}

function next(): void {
  const humidityPct = inRange(humidity.value, 5, 100);
  const tempC = inRange(temp.value, -10, 50);
  if (humidityPct === null || tempC === null) {
    problem.value = 'Humidity from 5 to 100 %, temperature from −10 to 50 °C.';
    return;
  }
  workshop.changeSettings({ humidityPct, tempC, roomReadAt: nowIso() });
  bench.settle({ kind: 'room', humidityPct, tempC });
}

useBenchKeys({ space: next });
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
        @keydown.enter="next"
      />
    </div>
    <div class="field">
      <label for="temp">Temperature, °C</label>
      <input
        id="temp"
        v-model="temp"
        inputmode="decimal"
        autocomplete="off"
        @keydown.enter="next"
      />
    </div>
  </div>
  <ul class="plain-list advice">
    <li v-for="finding in advice" :key="finding.code">{{ finding.message }} {{ finding.todo }}</li>
  </ul>
  <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  <div class="hands">
    <button type="button" class="hand main" @click="next">This is the room <kbd>space</kbd></button>
  </div>
</template>

<style scoped>
.advice {
  max-width: 900px;
  margin-top: 24px;
  font-size: 20px;
}
li {
  margin-top: 10px;
  padding-left: 14px;
  border-left: 5px solid #d79a2b;
}
</style>
