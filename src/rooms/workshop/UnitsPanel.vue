<script setup lang="ts">
import { habits } from '@/core/basics/format/habits';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { useWorkshopStore } from '@/stores/workshop';

/** How figures and the page look. */
const workshop = useWorkshopStore();

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
  <section aria-label="Units and appearance">
    <h2>Units and appearance</h2>
    <div class="fields">
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
    </div>
  </section>
</template>
