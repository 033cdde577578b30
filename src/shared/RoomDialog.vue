<script setup lang="ts">
import FormDialog from '@/ui/kit/FormDialog.vue';
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
  <FormDialog
    v-model="isOpen"
    :title="place === 'workroom' ? 'Workroom air' : 'Drying room air'"
    keep="Save"
    :width="420"
    is-paired
    @submit="keep"
  >
    <p class="quiet wide">
      {{
        place === 'workroom'
          ? 'Type what the hygrometer shows. The moisture range follows it.'
          : 'Type what the hygrometer shows. The drying forecast follows it.'
      }}
    </p>
    <NumberField
      v-model="humidityPct"
      label="Humidity"
      unit="%"
      :min="5"
      :max="100"
      :decimals="1"
    />
    <NumberField v-model="tempC" label="Temperature" unit="°C" :min="-10" :max="50" :decimals="1" />
  </FormDialog>
</template>
