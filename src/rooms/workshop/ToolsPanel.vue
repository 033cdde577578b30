<script setup lang="ts">
import { ref } from 'vue';
import { parseNumber } from '@/core/units';
import type { Settings } from '@/core/workshop';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/NumberField.vue';

const workshop = useWorkshopStore();

const LOOKS = [
  { value: 'as the system', title: 'as the system' },
  { value: 'light', title: 'light' },
  { value: 'dark', title: 'dark' },
];
const squirts = ref(shown(workshop.settings.gramsPerSquirt, 10));
const drops = ref(shown(workshop.settings.oilDropsPerMl, 1));
const problem = ref('');

function shown(value: number | null, times: number): string {
  return value === null ? '' : String(Number((value * times).toFixed(3)));
}

/** An emptied field goes back to the usual value. */
function calibrate(
  typed: string,
  key: 'gramsPerSquirt' | 'oilDropsPerMl',
  divisor: number,
  min: number,
  max: number,
): void {
  const value = typed.trim() === '' ? null : parseNumber(typed);
  if (typed.trim() !== '' && (value === null || value / divisor < min || value / divisor > max)) {
    problem.value = `From ${min * divisor} to ${max * divisor}, or empty.`;
    return;
  }
  problem.value = '';
  workshop.changeSettings({ [key]: value === null ? null : value / divisor });
}

function changeTub(change: Partial<Settings['tub']>): void {
  workshop.changeSettings({ tub: { ...workshop.settings.tub, ...change } });
}
</script>

<template>
  <section aria-label="Tools">
    <h2>Tools</h2>
    <div class="fields">
      <v-radio-group
        :model-value="workshop.settings.scaleSource"
        label="The scale at the bench"
        @update:model-value="
          (scaleSource) =>
            workshop.changeSettings({ scaleSource: scaleSource as Settings['scaleSource'] })
        "
      >
        <v-radio label="The simulated scale, to try things out" value="simulated" />
        <v-radio label="My own; I type what it shows" value="typed" />
      </v-radio-group>
      <v-text-field
        v-model="squirts"
        label="Ten squirts of your sprayer, grams"
        placeholder="7 is taken until you weigh them"
        persistent-placeholder
        inputmode="decimal"
        @change="calibrate(squirts, 'gramsPerSquirt', 10, 0.02, 10)"
      />
      <v-text-field
        v-model="drops"
        label="Drops of oil to the milliliter"
        placeholder="20 is taken until you count them"
        persistent-placeholder
        inputmode="decimal"
        @change="calibrate(drops, 'oilDropsPerMl', 1, 5, 100)"
      />
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <div class="tub">
        <NumberField
          :model-value="workshop.settings.tub.volumeL"
          label="Bath, liters"
          :min="0.1"
          :max="2000"
          :decimals="1"
          @update:model-value="(volumeL) => changeTub({ volumeL })"
        />
        <NumberField
          :model-value="workshop.settings.tub.tempC"
          label="°C"
          :min="0"
          :max="100"
          :decimals="1"
          @update:model-value="(tempC) => changeTub({ tempC })"
        />
        <NumberField
          :model-value="workshop.settings.tub.alkalinityMgL"
          label="Alkalinity, mg/L"
          :min="0"
          :max="2000"
          :decimals="0"
          @update:model-value="(alkalinityMgL) => changeTub({ alkalinityMgL })"
        />
      </div>
      <v-select
        :model-value="workshop.settings.look"
        :items="LOOKS"
        label="Light or dark"
        @update:model-value="(look) => workshop.changeSettings({ look: look as Settings['look'] })"
      />
    </div>
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 14px;
  margin-top: 12px;
}
.tub {
  display: grid;
  grid-template-columns: 3fr 2fr 3fr;
  gap: 10px;
}
.problem {
  margin: 0;
  color: var(--rust);
}
</style>
