<script setup lang="ts">
import FormDialog from '@/ui/kit/FormDialog.vue';
import { computed, reactive, ref, watch } from 'vue';
import { newId } from '@/core/basics/newId';
import type { Lot } from '@/core/workshop/shelf/lot';
import { parseNumber } from '@/core/basics/units/parseNumber';
import { today } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import MaterialPicker from '@/ui/fields/MaterialPicker.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import DateField from '@/ui/kit/DateField.vue';
import { useMaterials } from '@/ui/fields/materials';

const { sentenceNameOf } = useMaterials();

const isOpen = defineModel<boolean>({ required: true });
const emit = defineEmits<{ added: [id: string] }>();
const workshop = useWorkshopStore();

const materialId = ref<string | null>(null);
const fields = reactive({ code: '', supplier: '', grams: 1000, cost: '' });
const receivedOn = ref<string | null>(today());
const expiresOn = ref<string | null>(null);

watch(isOpen, (opened) => {
  if (!opened) return;
  materialId.value = null;
  Object.assign(fields, { code: '', supplier: '', grams: 1000, cost: '' });
  receivedOn.value = today();
  expiresOn.value = null;
});

const cost = computed(() => {
  if (fields.cost.trim() === '') return null;
  const value = parseNumber(fields.cost);
  return value !== null && value >= 0 ? value : undefined;
});
const isTwice = computed(() =>
  workshop.lots.some(
    (lot) =>
      lot.materialId === materialId.value &&
      lot.code.toLowerCase() === fields.code.trim().toLowerCase(),
  ),
);
const problem = computed(() => {
  if (materialId.value === null) return 'Choose a material.';
  if (fields.code.trim() === '') return 'Type the code on it. Make one up if there is none.';
  if (isTwice.value)
    return `Lot ${fields.code.trim()} of ${sentenceNameOf(materialId.value)} is on the shelf already. Type another code.`;
  if (cost.value === undefined) return 'Type the cost as a number, or leave it empty.';
  return '';
});

function add(): void {
  if (problem.value || materialId.value === null || cost.value === undefined) return;
  const lot: Lot = {
    id: newId(),
    origin: 'own',
    code: fields.code.trim(),
    materialId: materialId.value,
    supplier: fields.supplier.trim(),
    receivedOn: receivedOn.value,
    openedOn: null,
    expiresOn: expiresOn.value,
    isRetest: false,
    receivedG: fields.grams,
    cost: cost.value,
    isQuarantined: false,
    counts: [],
    premix: null,
    note: '',
  };
  workshop.put('lots', [lot]);
  isOpen.value = false;
  emit('added', lot.id);
}
</script>

<template>
  <FormDialog
    v-model="isOpen"
    title="Receive a lot"
    keep="Add"
    :missing="problem"
    :width="540"
    is-paired
    @submit="add"
  >
    <MaterialPicker v-model="materialId" label="Material" class="wide" />
    <v-text-field v-model="fields.code" label="Lot code" maxlength="60" />
    <v-text-field v-model="fields.supplier" label="Supplier" maxlength="120" />
    <NumberField v-model="fields.grams" label="Amount" unit="g" :min="0.1" :max="10000000" />
    <v-text-field v-model="fields.cost" label="Total cost" inputmode="decimal" />
    <DateField v-model="receivedOn" label="Received" />
    <DateField v-model="expiresOn" label="Expires" />
  </FormDialog>
</template>
