<script setup lang="ts">
import { formatPercent } from '@/core/basics/format/numbers';
import { formatMass, formatTemp } from '@/core/basics/format/quantities';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { onScopeDispose, ref, watch } from 'vue';
import { useDevicesStore } from '@/stores/devices';
import { useWorkshopStore } from '@/stores/workshop';
import { ROOM_PLACES } from '@/core/matter/air/roomPlaces';

/** The device on the cable: choose its port, see that it speaks. */
const workshop = useWorkshopStore();
const devices = useDevicesStore();
const NOTHING = 'nothing yet';
const heard = ref('');

const SPEEDS = [2400, 4800, 9600, 19_200, 38_400, 57_600, 115_200];

/** What came last, as proof that the cable works. */
watch(
  () => devices.device,
  (device, _before, onCleanup) => {
    heard.value = '';
    if (!device) return;
    const stops = [
      device.scale.listen({
        reading: ({ massG, isSteady }) => {
          heard.value = isSteady ? `${formatMass(massG)}, steady` : `${formatMass(massG)}, moving`;
        },
        state: (state) => {
          if (state !== 'ready')
            heard.value = state === 'overload' ? 'overload' : 'nothing: unplugged, or silent';
        },
        unread: (line) => {
          heard.value = `a line without a weight: “${line.slice(0, 60)}”`;
        },
      }),
      device.room.listen({
        reading: ({ humidityPct, tempC }) => {
          heard.value = `${formatPercent(humidityPct)}, ${formatTemp(tempC, 1)}`;
        },
      }),
    ];
    onCleanup(() => stops.forEach((stop) => stop()));
  },
  { immediate: true },
);
onScopeDispose(() => {
  heard.value = '';
});
</script>

<template>
  <div class="serial" role="group" aria-label="Cable">
    <v-select
      :model-value="workshop.settings.serialBaud"
      :items="SPEEDS"
      label="Baud rate"
      @update:model-value="(serialBaud) => workshop.changeSettings({ serialBaud })"
    />
    <v-select
      :model-value="workshop.settings.sensorPlace"
      :items="[...ROOM_PLACES]"
      label="Sensor location"
      @update:model-value="(sensorPlace) => workshop.changeSettings({ sensorPlace })"
    />
    <v-btn :disabled="!devices.isSupported" @click="devices.connect">Choose a port</v-btn>
    <p v-if="!devices.isSupported" class="quiet">
      This browser can’t read serial ports. Type what the scale shows, or use another browser.
    </p>
    <p v-else class="quiet" role="status">
      <template v-if="devices.device">Received: {{ heard || NOTHING }}.</template>
      <template v-else>There is no port open.</template> See docs/devices.md for what the device
      must send.
    </p>
    <ProblemLine :problem="devices.problem" />
  </div>
</template>

<style scoped>
.serial {
  display: grid;
  gap: 10px;
}
p {
  margin: 0;
  font-size: var(--text-plain);
}
</style>
