<script setup lang="ts">
import FormDialog from '@/ui/kit/FormDialog.vue';
import type { PremixWish } from './premixWish';
import { computed, ref, watch } from 'vue';
import { newId } from '@/core/basics/newId';
import { nextPremixCode, premixParts } from '@/core/workshop/shelf/premix';
import type { Lot } from '@/core/workshop/shelf/lot';
import { today } from '@/stores/now';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import MaterialPicker from '@/ui/fields/MaterialPicker.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import { formatMass } from '@/core/basics/format/quantities';
import { useMaterials } from '@/ui/fields/materials';

const { materialOf, sentenceNameOf } = useMaterials();

/** Makes a premix and puts it on the shelf as a lot of its own, made from the lots it takes. */
const props = defineProps<{ wish: PremixWish | null; note?: string }>();
const emit = defineEmits<{ made: [lot: Lot]; close: [] }>();

const workshop = useWorkshopStore();
const shelf = useShelfStore();
const carrierId = ref<string | null>(null);
const strengthPct = ref(1);
const makeG = ref(100);
const code = ref('');

watch(
  () => props.wish,
  (wish) => {
    if (!wish) return;
    carrierId.value = wish.carrierId;
    strengthPct.value = wish.strengthPct;
    makeG.value = wish.makeG;
    code.value = nextPremixCode(workshop.lots.map((lot) => lot.code));
  },
  { immediate: true },
);

const active = computed(() => (props.wish ? materialOf(props.wish.materialId) : null));
const carrierName = computed(() =>
  carrierId.value ? sentenceNameOf(carrierId.value) : 'the carrier',
);
const parts = computed(() => premixParts(strengthPct.value / 100, makeG.value));
const isTaken = computed(() =>
  workshop.lots.some((lot) => lot.code.toLowerCase() === code.value.trim().toLowerCase()),
);
const problem = computed(() => {
  if (code.value.trim() === '') return 'Type the code for its label.';
  if (isTaken.value) return `Another lot has the code ${code.value.trim()}. Type a different one.`;
  if (carrierId.value === null) return 'Choose a carrier.';
  return carrierId.value === props.wish?.materialId
    ? 'It can’t carry itself. Choose another carrier.'
    : '';
});

function make(): void {
  if (!props.wish || problem.value || carrierId.value === null) return;
  const lot: Lot = {
    id: newId(),
    origin: 'own',
    code: code.value.trim(),
    materialId: props.wish.materialId,
    supplier: '',
    receivedOn: today(),
    openedOn: today(),
    expiresOn: null,
    isRetest: false,
    receivedG: makeG.value,
    cost: null,
    isQuarantined: false,
    counts: [],
    premix: {
      carrierId: carrierId.value,
      strengthPct: strengthPct.value,
      madeFrom: [
        ...shelf.takeOff(props.wish.materialId, parts.value.activeG),
        ...shelf.takeOff(carrierId.value, parts.value.carrierG),
      ],
    },
    note: '',
  };
  workshop.put('lots', [lot]);
  emit('made', lot);
}
</script>

<template>
  <FormDialog
    :model-value="wish !== null"
    label="Premix"
    :title="active ? `Premix of ${active.sentenceName}` : ''"
    keep="Create"
    :missing="problem"
    :width="520"
    is-paired
    @submit="make"
    @update:model-value="emit('close')"
  >
    <MaterialPicker v-model="carrierId" label="Carrier" class="wide" />
    <NumberField
      v-model="strengthPct"
      label="Strength"
      unit="%"
      :min="0.01"
      :max="90"
      :decimals="2"
    />
    <NumberField v-model="makeG" label="Amount" unit="g" :min="1" :max="100000" />
    <v-text-field v-model="code" label="Code on the label" maxlength="60" class="wide" />
    <template #below>
      <p v-if="active">
        <b class="tabular">{{ formatMass(parts.activeG) }}</b> of {{ active.sentenceName }} in
        <b class="tabular">{{ formatMass(parts.carrierG) }}</b> of {{ carrierName }}.
        <template v-if="note">{{ note }}</template>
        <template v-else>Rub it together in thirds, then sieve it twice.</template>
      </p>
    </template>
  </FormDialog>
</template>
