<script setup lang="ts">
import { computed, ref } from 'vue';
import { nowIso } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from './NumberField.vue';
import { shortTime } from './format';

const workshop = useWorkshopStore();
const isOpen = ref(false);
const humidityPct = ref(45);
const tempC = ref(20);
const readAt = computed(() => {
  const at = workshop.settings.roomReadAt;
  return at ? `read ${shortTime(at)}` : 'taken as usual';
});

function open(): void {
  humidityPct.value = workshop.settings.humidityPct;
  tempC.value = workshop.settings.tempC;
  isOpen.value = true;
}

function keep(): void {
  workshop.changeSettings({
    humidityPct: humidityPct.value,
    tempC: tempC.value,
    roomReadAt: nowIso(),
  });
  isOpen.value = false;
}
</script>

<template>
  <div class="room">
    <button type="button" class="reading" aria-haspopup="dialog" @click="open">
      <span class="line"
        ><b class="figure">{{ workshop.settings.humidityPct }} %</b> humidity
        <b class="figure">{{ workshop.settings.tempC }} °C</b></span
      >
      <span class="quiet">workroom · {{ readAt }}</span>
    </button>
    <v-dialog v-model="isOpen" max-width="420" aria-label="The room">
      <v-card>
        <v-card-title>The room</v-card-title>
        <v-card-text>
          <p class="quiet">Read it off the hygrometer. The damp window moves with it.</p>
          <form class="fields" @submit.prevent="keep">
            <NumberField
              v-model="humidityPct"
              label="Humidity, %"
              :min="5"
              :max="100"
              :decimals="1"
            />
            <NumberField
              v-model="tempC"
              label="Temperature, °C"
              :min="-10"
              :max="50"
              :decimals="1"
            />
            <div class="actions">
              <v-btn variant="text" @click="isOpen = false">Leave it</v-btn>
              <v-btn variant="flat" type="submit">Keep the reading</v-btn>
            </div>
          </form>
        </v-card-text>
      </v-card>
    </v-dialog>
  </div>
</template>

<style scoped>
.reading {
  display: grid;
  justify-items: end;
  min-height: 44px;
  padding: 0 4px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  font-size: 13px;
  white-space: nowrap;
  cursor: pointer;
}
.line {
  font-size: 14px;
}
.figure {
  font-size: 21px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
}
.actions {
  grid-column: 1 / -1;
  display: flex;
  justify-content: flex-end;
  gap: 8px;
}
</style>
