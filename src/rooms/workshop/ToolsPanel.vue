<script setup lang="ts">
import { habits } from '@/core/basics/format/habits';
import { scaleFor } from '@/core/workshop/settings/scaleFor';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { useWorkshopStore } from '@/stores/workshop';
import SerialPanel from './SerialPanel.vue';
import WaterFields from './WaterFields.vue';

const workshop = useWorkshopStore();

/** Names as they were typed, each once, none empty. */
function takeMakers(names: readonly unknown[]): void {
  const makers = [
    ...new Set(names.map((name) => String(name).trim().slice(0, 60)).filter((name) => name !== '')),
  ].slice(0, 12);
  const { makerInHand } = workshop.settings;
  workshop.changeSettings({
    makers,
    makerInHand: makerInHand !== null && makers.includes(makerInHand) ? makerInHand : null,
  });
}

const LOOKS = [
  { value: 'system', title: 'As the system' },
  { value: 'light', title: 'Light' },
  { value: 'dark', title: 'Dark' },
];
const UNITS = [
  { value: 'metric', title: 'Metric (g, °C, L, mm)' },
  { value: 'us', title: 'US (oz, °F, gal, in)' },
];
const CLOCKS = [
  { value: '12-hour', title: '12-hour' },
  { value: '24-hour', title: '24-hour' },
];
</script>

<template>
  <section aria-label="Bench and water">
    <h2>Bench and water</h2>
    <div class="fields">
      <v-radio-group
        :model-value="scaleFor(workshop.settings, workshop.sampleCount > 0)"
        label="Scale at the bench"
        @update:model-value="
          (scaleSource) =>
            workshop.changeSettings({ scaleSource: scaleSource as Settings['scaleSource'] })
        "
      >
        <v-radio
          v-if="workshop.sampleCount > 0"
          label="Practice scale, for the sample only"
          value="simulated"
        />
        <v-radio label="My own scale, typed" value="typed" />
        <v-radio label="My own scale, on a cable" value="serial" />
      </v-radio-group>
      <v-radio-group
        :model-value="workshop.settings.roomSource"
        label="Humidity and temperature"
        @update:model-value="
          (roomSource) =>
            workshop.changeSettings({ roomSource: roomSource as Settings['roomSource'] })
        "
      >
        <v-radio label="My own sensor, typed" value="typed" />
        <v-radio label="Simulated sensor, for practice" value="simulated" />
        <v-radio label="My own sensor, on a cable" value="serial" />
      </v-radio-group>
      <SerialPanel
        v-if="
          workshop.settings.scaleSource === 'serial' || workshop.settings.roomSource === 'serial'
        "
      />
      <v-combobox
        :model-value="workshop.settings.makers"
        label="People who work here"
        multiple
        chips
        closable-chips
        hide-details="auto"
        @update:model-value="takeMakers"
      />
      <WaterFields
        label="Tub"
        :model-value="workshop.settings.tub"
        @update:model-value="(tub) => workshop.changeSettings({ tub })"
      />
      <WaterFields
        label="Sink"
        :model-value="workshop.settings.basin"
        @update:model-value="(basin) => workshop.changeSettings({ basin })"
      />
      <p class="quiet small">
        Cleaning pieces go into the sink, which can be a machine or a kettle. All others go into the
        tub.
      </p>
      <v-select
        :model-value="habits().units"
        :items="UNITS"
        label="Units"
        @update:model-value="
          (units) => workshop.changeSettings({ units: units as Settings['units'] })
        "
      />
      <v-select
        :model-value="habits().isTwelveHour ? '12-hour' : '24-hour'"
        :items="CLOCKS"
        label="Clock"
        @update:model-value="
          (clock) => workshop.changeSettings({ clock: clock as Settings['clock'] })
        "
      />
      <v-select
        :model-value="workshop.settings.look"
        :items="LOOKS"
        label="Appearance"
        @update:model-value="(look) => workshop.changeSettings({ look: look as Settings['look'] })"
      />
      <p class="quiet small">
        Scales, sprayers, droppers, molds and the mixer are on
        <router-link :to="{ name: 'shelf', params: { side: 'tools' } }">the shelf</router-link>.
      </p>
    </div>
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 14px;
  margin-top: 12px;
}
.small {
  margin: 0;
  font-size: var(--text-plain);
}
a {
  color: var(--verdigris);
}
</style>
