<script setup lang="ts">
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
  { value: 'system', title: 'as the system' },
  { value: 'light', title: 'light' },
  { value: 'dark', title: 'dark' },
];
</script>

<template>
  <section aria-label="Bench and water">
    <h2>Bench and water</h2>
    <div class="fields">
      <v-radio-group
        :model-value="scaleFor(workshop.settings, workshop.sampleCount > 0)"
        label="The scale at the bench"
        @update:model-value="
          (scaleSource) =>
            workshop.changeSettings({ scaleSource: scaleSource as Settings['scaleSource'] })
        "
      >
        <v-radio
          v-if="workshop.sampleCount > 0"
          label="Practice scale, for the sample only; my own is typed"
          value="simulated"
        />
        <v-radio label="My own; I type what it shows" value="typed" />
        <v-radio label="My own, on a cable: it is read as it weighs" value="serial" />
      </v-radio-group>
      <v-radio-group
        :model-value="workshop.settings.roomSource"
        label="Humidity and temperature"
        @update:model-value="
          (roomSource) =>
            workshop.changeSettings({ roomSource: roomSource as Settings['roomSource'] })
        "
      >
        <v-radio label="I read them off and type them" value="typed" />
        <v-radio label="The simulated sensor, to try things out" value="simulated" />
        <v-radio label="My own sensor, on a cable" value="serial" />
      </v-radio-group>
      <SerialPanel
        v-if="
          workshop.settings.scaleSource === 'serial' || workshop.settings.roomSource === 'serial'
        "
      />
      <v-combobox
        :model-value="workshop.settings.makers"
        label="Whose hands work here"
        multiple
        chips
        closable-chips
        hide-details="auto"
        @update:model-value="takeMakers"
      />
      <WaterFields
        label="Bath"
        :model-value="workshop.settings.tub"
        @update:model-value="(tub) => workshop.changeSettings({ tub })"
      />
      <WaterFields
        label="Basin"
        :model-value="workshop.settings.basin"
        @update:model-value="(basin) => workshop.changeSettings({ basin })"
      />
      <p class="quiet small">
        Cleaning pieces are reckoned in the basin: a sink, a machine, a kettle. All others in the
        bath.
      </p>
      <v-select
        :model-value="workshop.settings.look"
        :items="LOOKS"
        label="Light or dark"
        @update:model-value="(look) => workshop.changeSettings({ look: look as Settings['look'] })"
      />
      <p class="quiet small">
        Scales, sprayers, droppers, molds and the mixer stand on
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
