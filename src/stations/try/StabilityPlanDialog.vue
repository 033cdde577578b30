<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue';
import { newId } from '@/core/basics/newId';
import { parseNumber } from '@/core/basics/units/parseNumber';
import {
  USUAL_CONDITIONS,
  USUAL_MARKS,
  USUAL_MONTHS,
  stabilityPlanSchema,
  type StabilityCondition,
  type StabilityPlan,
} from '@/core/goods/quality/stability';
import { today } from '@/stores/now';
import { useQualityStore } from '@/stores/quality';
import { useTrialsStore } from '@/stores/trials';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/fields/NumberField.vue';
import DateField from '@/ui/kit/DateField.vue';
import FormDialog from '@/ui/kit/FormDialog.vue';

/** A batch, where its pieces wait, when they are checked, and what they have to pass. */
const props = defineProps<{ plan: StabilityPlan | null }>();
const isOpen = defineModel<boolean>({ required: true });
const trialStore = useTrialsStore();
const workshop = useWorkshopStore();
const quality = useQualityStore();

const batchId = ref<string | null>(null);
const startedOn = ref<string | null>(null);
const months = ref('');
const conditions = ref<StabilityCondition[]>([]);
/** As typed; empty where the plan does not ask. */
const marks = reactive({ gainPct: '', hard: '', scent: '', fizzLossPct: '', waterActivity: '' });
const colorMayFade = ref(true);
const problem = ref('');

const MARK_FIELDS = [
  { key: 'gainPct', label: 'Weight gain up to, %' },
  { key: 'hard', label: 'Hardness at least, 0–5' },
  { key: 'scent', label: 'Scent at least, 0–5' },
  { key: 'fizzLossPct', label: 'Fizz lost up to, %' },
  { key: 'waterActivity', label: 'Water activity below, 0–1' },
] as const;

watch(isOpen, (open) => {
  if (!open) return;
  const of = props.plan;
  batchId.value = of?.batchId ?? null;
  startedOn.value = of?.startedOn ?? today();
  months.value = (of?.months ?? USUAL_MONTHS).join(', ');
  conditions.value = (
    of?.conditions ?? USUAL_CONDITIONS.map((one) => ({ ...one, id: newId() }))
  ).map((one) => ({ ...one }));
  for (const { key } of MARK_FIELDS) marks[key] = String((of?.marks ?? USUAL_MARKS)[key] ?? '');
  colorMayFade.value = (of?.marks ?? USUAL_MARKS).colors?.includes('faded') ?? false;
  problem.value = '';
});

const choices = computed(() => {
  const made = trialStore.madeBatches.map(({ id, code, formulaName }) => ({
    value: id,
    title: `${code}, ${formulaName}`,
  }));
  const own = props.plan?.batchId;
  return own && !made.some(({ value }) => value === own)
    ? [{ value: own, title: workshop.codeOfBatch(own) ?? 'Removed batch' }, ...made]
    : made;
});

const numberOrNull = (text: string) => (text.trim() === '' ? null : (parseNumber(text) ?? NaN));

const PROBLEMS: Readonly<Record<string, string>> = {
  batchId: 'Choose a batch.',
  startedOn: 'Choose the first day.',
  months: 'Type months from 1 to 60, like 1, 3, 6, 12.',
  conditions: 'Name each place, and keep one at least.',
  marks: 'A pass mark is out of range. Check the values.',
};

function keep(): void {
  const { plan } = props;
  const parsed = stabilityPlanSchema.safeParse({
    id: plan?.id ?? newId(),
    origin: plan?.origin ?? 'own',
    batchId: batchId.value,
    startedOn: startedOn.value,
    conditions: conditions.value.map((one) => ({ ...one, name: one.name.trim() })),
    months: [
      ...new Set(
        months.value
          .split(/[\s,;]+/)
          .filter(Boolean)
          .map(Number),
      ),
    ],
    marks: {
      ...Object.fromEntries(MARK_FIELDS.map(({ key }) => [key, numberOrNull(marks[key])])),
      colors: colorMayFade.value ? ['as-made', 'faded'] : ['as-made'],
    },
    // What was entered while this stood open stays.
    results: workshop.stabilityPlans.find(({ id }) => id === plan?.id)?.results ?? [],
  });
  if (!parsed.success) {
    problem.value =
      PROBLEMS[String(parsed.error.issues[0]?.path[0])] ?? 'Couldn’t read this. Check the values.';
    return;
  }
  quality.putPlan(parsed.data);
  isOpen.value = false;
}

const hasResults = (conditionId: string) =>
  props.plan?.results.some((one) => one.conditionId === conditionId) ?? false;
function drop(): void {
  if (props.plan) workshop.remove('stabilityPlans', [props.plan.id]);
  isOpen.value = false;
}
</script>

<template>
  <FormDialog
    v-model="isOpen"
    :title="plan ? 'Stability plan' : 'New stability plan'"
    keep="Save"
    :problem="problem"
    :width="640"
    is-paired
    @submit="keep"
  >
    <v-autocomplete v-model="batchId" :items="choices" label="Batch" class="wide" />
    <DateField v-model="startedOn" label="First day" />
    <v-text-field v-model="months" label="Check after months" />
    <fieldset class="wide">
      <legend>Where the pieces wait</legend>
      <div
        v-for="(condition, i) in conditions"
        :key="condition.id"
        role="group"
        :aria-label="`Place ${i + 1}`"
        class="condition"
      >
        <v-text-field v-model="condition.name" label="Name" maxlength="80" />
        <NumberField
          v-model="condition.tempC"
          label="Temperature"
          unit="°C"
          :min="-20"
          :max="60"
          :decimals="0"
        />
        <NumberField
          v-model="condition.humidityPct"
          label="Humidity"
          suffix="%"
          :min="0"
          :max="100"
          :decimals="0"
        />
        <button
          v-if="conditions.length > 1 && !hasResults(condition.id)"
          type="button"
          class="link"
          :aria-label="`Remove ${condition.name}`"
          @click="conditions.splice(i, 1)"
        >
          Remove
        </button>
      </div>
      <v-btn
        v-if="conditions.length < 6"
        size="small"
        @click="
          conditions.push({ id: newId(), name: '', tempC: 21, humidityPct: 50, isPacked: true })
        "
        >Add a place</v-btn
      >
      <p class="quiet">A closed box over a slurry of table salt keeps its air at 75%.</p>
    </fieldset>
    <p class="wide marks">Pass marks. Leave one empty when you do not check it.</p>
    <v-text-field
      v-for="{ key, label } in MARK_FIELDS"
      :key="key"
      v-model="marks[key]"
      :label="label"
    />
    <v-switch v-model="colorMayFade" label="Color may fade" density="compact" />
    <template #also>
      <v-btn v-if="plan && plan.results.length === 0" variant="text" @click="drop">Remove</v-btn>
    </template>
  </FormDialog>
</template>

<style scoped>
fieldset {
  min-width: 0;
  margin: 0;
  padding: 0;
  border: 0;
}
legend,
.marks {
  margin: 0 0 8px;
  color: var(--mid);
  font-size: var(--text-plain);
}
.condition {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  margin-bottom: 8px;
}
fieldset p {
  margin: 8px 0 0;
}
.marks {
  margin-bottom: 0;
}
@media (max-width: 560px) {
  .condition {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto;
  }
  .condition > :first-child {
    grid-column: 1 / -1;
  }
}
</style>
