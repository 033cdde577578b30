<script setup lang="ts">
import { ref, watch } from 'vue';
import { nowIso } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from './NumberField.vue';

const workshop = useWorkshopStore();
const isOpen = defineModel<boolean>({ required: true });
const humidityPct = ref(45);
const tempC = ref(20);

watch(
  isOpen,
  (open) => {
    if (!open) return;
    humidityPct.value = workshop.settings.humidityPct;
    tempC.value = workshop.settings.tempC;
  },
  { immediate: true },
);

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
          <NumberField v-model="tempC" label="Temperature, °C" :min="-10" :max="50" :decimals="1" />
          <div class="actions">
            <v-btn variant="text" @click="isOpen = false">Leave it</v-btn>
            <v-btn variant="flat" type="submit">Keep the reading</v-btn>
          </div>
        </form>
      </v-card-text>
    </v-card>
  </v-dialog>
</template>

<style scoped>
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
