<script setup lang="ts">
import { scaleFor } from '@/core/workshop/settings/scaleFor';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { useWorkshopStore } from '@/stores/workshop';
import SerialPanel from './SerialPanel.vue';

/** What weighs at the bench, and what reads the air. */
const workshop = useWorkshopStore();
</script>

<template>
  <section aria-label="Scale and room">
    <h2>Scale and room</h2>
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
    </div>
    <SerialPanel
      v-if="workshop.settings.scaleSource === 'serial' || workshop.settings.roomSource === 'serial'"
    />
    <p class="quiet">
      Scales, sprayers, droppers, molds and the mixer are on
      <router-link class="link" :to="{ name: 'shelf', params: { side: 'tools' } }"
        >the shelf</router-link
      >.
    </p>
  </section>
</template>
