<script setup lang="ts">
import { shortDate } from '@/core/basics/format/dates';
import ToggleButton from '@/ui/kit/ToggleButton.vue';
import { ref, watch } from 'vue';
import { settingsSchema, type Settings } from '@/core/workshop/settings/settingsSchema';
import { useEdit } from '@/shared/useEdit';
import { usePlanInputsStore } from '@/stores/planInputs';
import { useWorkshopStore } from '@/stores/workshop';
import DateField from '@/ui/kit/DateField.vue';
import FormDialog from '@/ui/kit/FormDialog.vue';
import NumberField from '@/ui/fields/NumberField.vue';

/** Who works when, and on which days not. */
const isOpen = defineModel<boolean>({ required: true });
const emit = defineEmits<{ kept: [] }>();
const workshop = useWorkshopStore();
const planInputs = usePlanInputsStore();

type Hours = Settings['plan']['hours'][number];
const people = ref<Hours[]>([]);
const problem = ref('');
const edit = useEdit('settings', problem);
const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

watch(isOpen, (open) => {
  if (!open) return;
  people.value = planInputs.hours.map((one) => ({
    ...one,
    days: [...one.days],
    away: [...one.away],
  }));
  problem.value = '';
  edit.open(workshop.settings);
});

function turn(days: number[], day: number): void {
  const at = days.indexOf(day);
  if (at >= 0) days.splice(at, 1);
  else days.push(day);
}
/** A break has both its ends, or is none. */
function rest(one: Hours, part: Partial<NonNullable<Hours['rest']>>): void {
  const next = { from: one.rest?.from ?? '12:00', to: one.rest?.to ?? '12:30', ...part };
  one.rest = next.from === '' || next.to === '' ? undefined : next;
}
function limit(one: Hours, most: number): void {
  if (most > 0) one.mostBowls = most;
  else delete one.mostBowls;
}
function takeOff(one: Hours, day: string | null): void {
  if (day && !one.away.includes(day)) one.away = [...one.away, day].sort();
}
function add(): void {
  const taken = people.value.map(({ name }) => name);
  const name = workshop.settings.makers.find((one) => !taken.includes(one)) ?? 'New person';
  people.value.push({ name, from: '08:00', to: '17:00', days: [1, 2, 3, 4, 5], away: [] });
}
function keep(): void {
  const hours = people.value.map(({ name, ...one }) => ({ ...one, name: name.trim() }));
  const parsed = settingsSchema.shape.plan.shape.hours.safeParse(hours);
  if (!parsed.success) {
    problem.value = 'Type a name, a start and an end for everyone.';
    return;
  }
  if (hours.some(({ rest: pause }) => pause && pause.to <= pause.from)) {
    problem.value = 'A break ends after it begins. Change its times.';
    return;
  }
  if (new Set(hours.map(({ name }) => name)).size < hours.length) {
    problem.value = 'Two people have the same name. Change one.';
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
    title="Working hours"
    keep="Save"
    :width="600"
    :problem="problem"
    @submit="keep"
  >
    <fieldset v-for="(one, i) in people" :key="i" class="one">
      <legend>{{ one.name || 'New person' }}</legend>
      <v-text-field v-model="one.name" label="Name" maxlength="60" />
      <v-text-field v-model="one.from" type="time" label="From" />
      <v-text-field v-model="one.to" type="time" label="To" />
      <span class="quiet">Leave the break empty for none.</span>
      <v-text-field
        type="time"
        label="Break from"
        :model-value="one.rest?.from ?? ''"
        @update:model-value="(from: string) => rest(one, { from })"
      />
      <v-text-field
        type="time"
        label="Break to"
        :model-value="one.rest?.to ?? ''"
        @update:model-value="(to: string) => rest(one, { to })"
      />
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
      <div class="away">
        <v-chip
          v-for="day in one.away"
          :key="day"
          closable
          :close-label="`Remove ${shortDate(day)}`"
          @click:close="one.away = one.away.filter((other) => other !== day)"
          >{{ shortDate(day) }}</v-chip
        >
        <DateField
          :model-value="null"
          label="Add a day off"
          @update:model-value="(day) => takeOff(one, day)"
        />
      </div>
      <NumberField
        :model-value="one.mostBowls ?? 0"
        :label="`Bowls a day of ${one.name} (0 for no limit)`"
        :min="0"
        :max="50"
        :decimals="0"
        class="bowls"
        @update:model-value="(most) => limit(one, Math.round(most))"
      />
      <v-btn variant="text" class="remove" @click="people.splice(i, 1)"
        >Remove<span class="visually-hidden"> {{ one.name }}</span></v-btn
      >
    </fieldset>
    <v-btn size="small" @click="add">Add a person</v-btn>
  </FormDialog>
</template>

<style scoped>
.one {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 148px 148px;
  gap: 8px;
  padding: 8px 10px;
  border: 1px solid var(--hairline);
}
.bowls {
  grid-column: 1 / -1;
  max-width: 320px;
}
.remove {
  grid-column: 1 / -1;
  justify-self: end;
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
