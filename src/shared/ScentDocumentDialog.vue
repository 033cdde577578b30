<script setup lang="ts">
import { formatTemp } from '@/core/basics/format/quantities';
import { unitShown } from '@/core/basics/units/parseQuantity';
import { computed, ref, watch } from 'vue';
import { supplierDocumentSchema, type AllergenShare } from '@/core/results/scent/documents';
import { parseNumber } from '@/core/basics/units/parseNumber';
import { nowIso } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import AllergenField from '@/ui/fields/AllergenField.vue';
import { useMaterials } from '@/ui/fields/materials';
import DateField from '@/ui/kit/DateField.vue';
import FormDialog from '@/ui/kit/FormDialog.vue';
import { useEdit } from './useEdit';

const { nameOf } = useMaterials();

/** What the supplier's document says of one scent: limit, vanillin, flash point, allergens, day. */
const props = defineProps<{ materialId: string | null }>();
const emit = defineEmits<{ close: [] }>();
const workshop = useWorkshopStore();

const maxPct = ref('');
const vanillinPct = ref('');
const flashPointC = ref('');
const dated = ref('');
const allergens = ref<readonly AllergenShare[]>([]);
const listFits = ref(true);
const problem = ref('');
const edit = useEdit('documents', problem);
const name = computed(() => (props.materialId ? nameOf(props.materialId) : ''));
const known = computed(() =>
  workshop.documents.find(({ materialId }) => materialId === props.materialId),
);

watch(
  () => props.materialId,
  () => {
    const shown = (value: number | null | undefined) =>
      value === null || value === undefined ? '' : String(value);
    maxPct.value = shown(known.value?.maxPct);
    vanillinPct.value = shown(known.value?.vanillinPct);
    flashPointC.value = shown(known.value?.flashPointC);
    allergens.value = known.value?.allergens ?? [];
    listFits.value = true;
    dated.value = known.value?.dated ?? nowIso().slice(0, 10);
    problem.value = '';
    edit.open(known.value ?? null);
  },
);

function numberOrNull(text: string): number | null {
  return text.trim() === '' ? null : (parseNumber(text) ?? NaN);
}

const RANGES: Readonly<Record<string, string>> = {
  maxPct: 'Type a limit over 0, up to 100%.',
  vanillinPct: 'Type the vanillin, 0–100%.',
  flashPointC: `Type a flash point from ${formatTemp(-50)} to ${formatTemp(400)}.`,
  dated: 'Choose the date of the document.',
};

function keep(): void {
  if (!listFits.value) return;
  const parsed = supplierDocumentSchema.safeParse({
    id: props.materialId,
    origin: known.value?.origin ?? 'own',
    materialId: props.materialId,
    maxPct: numberOrNull(maxPct.value),
    vanillinPct: numberOrNull(vanillinPct.value),
    flashPointC: numberOrNull(flashPointC.value),
    dated: dated.value,
    ...(allergens.value.length > 0 && { allergens: [...allergens.value] }),
  });
  if (!parsed.success) {
    problem.value =
      RANGES[String(parsed.error.issues[0]?.path[0])] ?? 'Couldn’t read this. Check the values.';
    return;
  }
  const next = edit.laidOver(() => parsed.data, known.value ?? parsed.data);
  if (!next) return;
  workshop.put('documents', [next]);
  emit('close');
}

function drop(): void {
  if (known.value) workshop.remove('documents', [known.value.id]);
  emit('close');
}
</script>

<template>
  <FormDialog
    :model-value="materialId !== null"
    :title="`${name}: the supplier’s document`"
    label="The supplier’s document"
    keep="Save"
    :problem="problem"
    @submit="keep"
    @update:model-value="emit('close')"
  >
    <v-text-field v-model="maxPct" label="Limit in a rinse-off product, %" />
    <v-text-field v-model="vanillinPct" label="Vanillin, %" />
    <v-text-field v-model="flashPointC" :label="`Flash point, ${unitShown('°C').unit}`" />
    <DateField v-model="dated" label="Date of the document" />
    <AllergenField
      v-if="materialId"
      :key="materialId"
      v-model="allergens"
      @fits="(fits) => (listFits = fits)"
    />

    <template #below>
      <p class="quiet">
        These values replace Rovack’s estimates. Leave empty what the document does not say.
      </p>
    </template>
    <template #also>
      <v-btn v-if="known" variant="text" @click="drop">Remove</v-btn>
    </template>
  </FormDialog>
</template>
