<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue';
import { counted } from '@/core/basics/format/numbers';
import { parseNumber } from '@/core/basics/units/parseNumber';
import { KEPT_COLORS, type KeptColor } from '@/core/batches/records/kinds';
import { KEPT_COLOR_WORDS } from '@/core/batches/records/messages';
import {
  stabilityPlanSchema,
  type StabilityCheck,
  type StabilityPlan,
} from '@/core/goods/quality/stability';
import { useQualityStore } from '@/stores/quality';
import { useWorkshopStore } from '@/stores/workshop';
import FormDialog from '@/ui/kit/FormDialog.vue';

/** What one look of a stability plan found; empty where nothing was measured. */
const props = defineProps<{
  asked: { readonly plan: StabilityPlan; readonly check: StabilityCheck } | null;
}>();
const emit = defineEmits<{ close: [] }>();
const quality = useQualityStore();
const workshop = useWorkshopStore();

const FIELDS = [
  { key: 'gainPct', label: 'Weight gained, %', problem: 'Type the weight gain in %.' },
  { key: 'hard', label: 'Hardness, 0–5', problem: 'Type the hardness as a whole number, 0–5.' },
  { key: 'scent', label: 'Scent, 0–5', problem: 'Type the scent as a whole number, 0–5.' },
  { key: 'fizzLossPct', label: 'Fizz lost, %', problem: 'Type the fizz lost in %, up to 100.' },
  { key: 'waterActivity', label: 'Water activity, 0–1', problem: 'Type a water activity, 0–1.' },
] as const;
const typed = reactive({ gainPct: '', hard: '', scent: '', fizzLossPct: '', waterActivity: '' });
const color = ref<KeptColor | null>(null);
const note = ref('');
const problem = ref('');

watch(
  () => props.asked,
  () => {
    for (const { key } of FIELDS) typed[key] = '';
    color.value = null;
    note.value = '';
    problem.value = '';
  },
);
const title = computed(() =>
  props.asked
    ? `${props.asked.check.condition.name}, ${counted(props.asked.check.month, 'month')}`
    : '',
);
const colors = KEPT_COLORS.map((value) => ({ value, title: KEPT_COLOR_WORDS[value] }));
const numberOrNull = (text: string) => (text.trim() === '' ? null : (parseNumber(text) ?? NaN));
const resultSchema = stabilityPlanSchema.shape.results.element.omit({
  id: true,
  at: true,
  who: true,
  voidedAt: true,
});

function keep(): void {
  if (!props.asked) return;
  const { plan, check } = props.asked;
  const parsed = resultSchema.safeParse({
    conditionId: check.condition.id,
    month: check.month,
    ...Object.fromEntries(FIELDS.map(({ key }) => [key, numberOrNull(typed[key])])),
    color: color.value,
    note: note.value.trim(),
  });
  if (!parsed.success) {
    const field = String(parsed.error.issues[0]?.path[0]);
    problem.value =
      FIELDS.find(({ key }) => key === field)?.problem ?? 'Couldn’t read this. Check the values.';
    return;
  }
  const isEmpty = FIELDS.every(({ key }) => parsed.data[key] === null) && color.value === null;
  if (isEmpty) {
    problem.value = 'Enter at least one measurement.';
    return;
  }
  // As it stands by now, with what was entered elsewhere.
  quality.addResult(workshop.stabilityPlans.find(({ id }) => id === plan.id) ?? plan, parsed.data);
  emit('close');
}
</script>

<template>
  <FormDialog
    :model-value="asked !== null"
    :title="title"
    label="Result of a stability check"
    keep="Save"
    :problem="problem"
    is-paired
    @submit="keep"
    @update:model-value="emit('close')"
  >
    <v-text-field
      v-for="{ key, label } in FIELDS"
      :key="key"
      v-model="typed[key]"
      :label="label"
      inputmode="decimal"
    />
    <v-select v-model="color" :items="colors" label="Color" clearable />
    <v-text-field v-model="note" label="Note" maxlength="500" class="wide" />
    <template #below>
      <p class="quiet">Leave empty what you did not measure.</p>
    </template>
  </FormDialog>
</template>
