<script setup lang="ts">
import AppDialog from '@/ui/kit/AppDialog.vue';
import AppForm from '@/ui/kit/AppForm.vue';
import { ref, watch } from 'vue';
import type { RoomPlace } from '@/core/matter/air/roomPlaces';
import { useRoomStore } from '@/stores/room';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/fields/NumberField.vue';

const props = withDefaults(defineProps<{ place?: RoomPlace }>(), { place: 'workroom' });
const emit = defineEmits<{ kept: [air: { humidityPct: number; tempC: number }] }>();
const workshop = useWorkshopStore();
const room = useRoomStore();
const isOpen = defineModel<boolean>({ required: true });
const humidityPct = ref(45);
const tempC = ref(20);

watch(
  isOpen,
  (open) => {
    if (!open) return;
    const last = (props.place === 'drying-room' && room.dryingRoom) || workshop.settings;
    humidityPct.value = last.humidityPct;
    tempC.value = last.tempC;
  },
  { immediate: true },
);

function keep(): void {
  const air = { humidityPct: humidityPct.value, tempC: tempC.value };
  room.read(props.place, air, 'typed');
  emit('kept', air);
  isOpen.value = false;
}
</script>

<template>
  <AppDialog
    v-model="isOpen"
    :label="place === 'workroom' ? 'The room' : 'The drying room'"
    :title="place === 'workroom' ? 'The room' : 'The drying room'"
    :width="420"
  >
    <p class="quiet">
      Read it off the hygrometer.
      {{ place === 'workroom' ? 'The damp window moves with it.' : 'The forecast moves with it.' }}
    </p>
    <AppForm class="fields" @submit="keep">
      <NumberField v-model="humidityPct" label="Humidity, %" :min="5" :max="100" :decimals="1" />
      <NumberField v-model="tempC" label="Temperature, °C" :min="-10" :max="50" :decimals="1" />
      <div class="actions">
        <v-btn variant="text" @click="isOpen = false">Leave it</v-btn>
        <v-btn variant="flat" type="submit">Keep the reading</v-btn>
      </div>
    </AppForm>
  </AppDialog>
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
