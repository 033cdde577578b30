<script setup lang="ts">
import ToggleButton from '@/ui/kit/ToggleButton.vue';
import { ref, watch } from 'vue';
import { settingsSchema, type Settings } from '@/core/workshop/settings/settingsSchema';
import { useEdit } from '@/shared/useEdit';
import { usePlanInputsStore } from '@/stores/planInputs';
import { useWorkshopStore } from '@/stores/workshop';
import FormDialog from '@/ui/kit/FormDialog.vue';

/** Who works when, and on which days not. */
const isOpen = defineModel<boolean>({ required: true });
const emit = defineEmits<{ kept: [] }>();
const workshop = useWorkshopStore();
const planInputs = usePlanInputsStore();

type Hours = Settings['plan']['hours'][number];
const people = ref<(Omit<Hours, 'away'> & { away: string })[]>([]);
const problem = ref('');
const edit = useEdit('settings', problem);
const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

watch(isOpen, (open) => {
  if (!open) return;
  people.value = planInputs.hours.map((one) => ({
    ...one,
    days: [...one.days],
    away: one.away.join(', '),
  }));
  problem.value = '';
  edit.open(workshop.settings);
});

function turn(days: number[], day: number): void {
  const at = days.indexOf(day);
  if (at >= 0) days.splice(at, 1);
  else days.push(day);
}
function add(): void {
  const taken = people.value.map(({ name }) => name);
  const name = workshop.settings.makers.find((one) => !taken.includes(one)) ?? 'Another';
  people.value.push({ name, from: '08:00', to: '17:00', days: [1, 2, 3, 4, 5], away: '' });
}
function keep(): void {
  const hours = people.value.map(({ away, name, ...one }) => ({
    ...one,
    name: name.trim(),
    away: away.split(/[\s,;]+/).filter((day) => day !== ''),
  }));
  const parsed = settingsSchema.shape.plan.shape.hours.safeParse(hours);
  if (!parsed.success) {
    problem.value = 'Times read like 08:00 and days off like 2026-03-02.';
    return;
  }
  if (new Set(hours.map(({ name }) => name)).size < hours.length) {
    problem.value = 'Two of them have one name.';
    return;
  }
  const next = edit.laidOver(
    (opened) => ({ ...opened, plan: { ...opened.plan, hours: parsed.data } }),
    workshop.settings,
  );
  if (!next) return;
  workshop.changeSettings({ plan: next.plan });
  isOpen.value = false;
  emit('kept');
}
</script>

<template>
  <FormDialog
    v-model="isOpen"
    title="Who works when"
    keep="Keep it"
    :problem="problem"
    @submit="keep"
  >
    <fieldset v-for="(one, i) in people" :key="i" class="one">
      <legend>{{ one.name || 'Somebody' }}</legend>
      <v-text-field v-model="one.name" label="Name" maxlength="60" />
      <v-text-field v-model="one.from" label="From" />
      <v-text-field v-model="one.to" label="To" />
      <div class="days">
        <ToggleButton
          v-for="(day, d) in DAYS"
          :key="day"
          :pressed="one.days.includes(d + 1)"
          @press="turn(one.days, d + 1)"
        >
          {{ day }}
        </ToggleButton>
      </div>
      <v-text-field v-model="one.away" class="away" label="Days off, as 2026-03-02" />
      <v-btn variant="text" @click="people.splice(i, 1)"
        >Take out<span class="visually-hidden"> {{ one.name }}</span></v-btn
      >
    </fieldset>
    <v-btn size="small" @click="add">Another pair of hands</v-btn>
  </FormDialog>
</template>

<style scoped>
.one {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 84px 84px;
  gap: 8px;
  padding: 8px 10px;
  border: 1px solid var(--hairline);
}
.days {
  display: flex;
  flex-wrap: wrap;
  grid-column: 1 / -1;
  gap: 4px;
}
.away {
  grid-column: 1 / 3;
}
</style>
