<script setup lang="ts">
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { onScopeDispose, ref, watch } from 'vue';
import { useDevicesStore } from '@/stores/devices';
import { useWorkshopStore } from '@/stores/workshop';
import { ROOM_PLACES } from '@/core/matter/air/roomPlaces';

/** The device on the cable: choose its port, see that it speaks. */
const workshop = useWorkshopStore();
const devices = useDevicesStore();
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
          heard.value = `${massG} g, ${isSteady ? 'steady' : 'moving'}`;
        },
        state: (state) => {
          if (state !== 'ready')
            heard.value = state === 'overload' ? 'overload' : 'nothing: unplugged, or silent';
        },
        unread: (line) => {
          heard.value = `a line that is no weight: “${line.slice(0, 60)}”`;
        },
      }),
      device.room.listen({
        reading: ({ humidityPct, tempC }) => {
          heard.value = `${humidityPct} %, ${tempC} °C`;
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
  <div class="serial" role="group" aria-label="The cable">
    <v-select
      :model-value="workshop.settings.serialBaud"
      :items="SPEEDS"
      label="Bits a second"
      @update:model-value="(serialBaud) => workshop.changeSettings({ serialBaud })"
    />
    <v-select
      :model-value="workshop.settings.sensorPlace"
      :items="[...ROOM_PLACES]"
      label="The sensor hangs in the"
      @update:model-value="(sensorPlace) => workshop.changeSettings({ sensorPlace })"
    />
    <v-btn :disabled="!devices.isSupported" @click="devices.connect">Choose the port</v-btn>
    <p v-if="!devices.isSupported" class="quiet">
      This browser has no serial port: type what the scale shows, or use a browser that has one.
    </p>
    <p v-else class="quiet" role="status">
      {{ devices.device ? `Heard: ${heard || 'nothing yet'}` : 'No port is open.' }} What the device
      must send stands in docs/devices.md.
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
