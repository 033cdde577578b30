<script setup lang="ts">
import { computed, ref } from 'vue';
import { formatMass } from '@/core/basics/format/quantities';
import { standingEntries } from '@/core/goods/quality/entries';
import { sayScaleCheck } from '@/core/goods/quality/messages';
import { allowedErrorG, passesCheck } from '@/core/goods/quality/scaleCheck';
import { toolsOf } from '@/core/workshop/shelf/workplace';
import PersonField from '@/shared/PersonField.vue';
import { nowIso } from '@/stores/now';
import { useQualityStore } from '@/stores/quality';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/fields/NumberField.vue';
import AppForm from '@/ui/kit/AppForm.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import LogEntries from './LogEntries.vue';

/** Checks of the scales with a known weight, and what was cleaned. */
const workshop = useWorkshopStore();
const quality = useQualityStore();

const scales = computed(() => toolsOf(workshop.tools, 'scale'));
const scaleId = ref<string | null>(scales.value[0]?.id ?? null);
const scale = computed(() => scales.value.find(({ id }) => id === scaleId.value) ?? null);
const weightG = ref(100);
const shownG = ref(100);
const who = ref(quality.whoNow());
const what = ref('');
const how = ref('');
const problem = ref('');

const nameOf = (toolId: string) =>
  workshop.tools.find(({ id }) => id === toolId)?.name ?? 'A removed scale';
const checks = computed(() =>
  standingEntries(workshop.logbook, 'scale-check')
    .map((entry) => ({
      entry,
      name: nameOf(entry.toolId),
      said: sayScaleCheck(entry),
      isFailed: !passesCheck(entry),
    }))
    .reverse(),
);
const cleanings = computed(() =>
  standingEntries(workshop.logbook, 'cleaning')
    .map((entry) => ({ entry, name: entry.what, said: entry.how }))
    .reverse(),
);
const allowedG = computed(() =>
  scale.value
    ? allowedErrorG({
        stepG: scale.value.stepG,
        capacityG: scale.value.capacityG,
        weightG: weightG.value,
      })
    : null,
);

function check(): void {
  if (!scale.value) return;
  const { id, stepG, capacityG } = scale.value;
  problem.value =
    weightG.value > capacityG
      ? `The scale carries up to ${formatMass(capacityG)}. Use a lighter weight.`
      : '';
  if (problem.value) return;
  quality.write({
    kind: 'scale-check',
    at: nowIso(),
    who: who.value,
    toolId: id,
    stepG,
    capacityG,
    weightG: weightG.value,
    shownG: shownG.value,
  });
}

const cleaningProblem = ref('');
function clean(): void {
  cleaningProblem.value = what.value.trim() === '' ? 'Write what you cleaned.' : '';
  if (cleaningProblem.value) return;
  quality.write({
    kind: 'cleaning',
    at: nowIso(),
    who: who.value,
    what: what.value.trim(),
    how: how.value.trim(),
  });
  what.value = '';
}

const remind = (part: Partial<typeof quality.upkeep>) =>
  workshop.changeSettings({ upkeep: { ...quality.upkeep, ...part } });
</script>

<template>
  <div class="log">
    <section aria-label="Scale checks">
      <h2>Scale checks</h2>
      <p class="quiet">
        Put a weight you know on the scale and save what it shows.
        <template v-if="allowedG !== null">It may be off by {{ formatMass(allowedG) }}.</template>
      </p>
      <p v-if="scales.length === 0" class="quiet">Add a scale under Tools first.</p>
      <AppForm v-else class="fields" aria-label="Scale check" @submit="check">
        <v-select
          v-model="scaleId"
          :items="scales.map(({ id, name }) => ({ value: id, title: name }))"
          label="Scale"
        />
        <NumberField
          v-model="weightG"
          label="Known weight"
          unit="g"
          :min="0.001"
          :max="1000000"
          :decimals="3"
        />
        <NumberField
          v-model="shownG"
          label="Scale shows"
          unit="g"
          :min="0"
          :max="1000000"
          :decimals="3"
        />
        <PersonField v-model="who" label="Checked by" />
        <v-btn type="submit" variant="flat">Save check</v-btn>
      </AppForm>
      <ProblemLine :problem="problem" />
      <LogEntries
        :lines="checks"
        :days="quality.upkeep.scaleCheckDays"
        @update:days="(scaleCheckDays) => remind({ scaleCheckDays })"
      />
    </section>
    <section aria-label="Cleaning log">
      <h2>Cleaning log</h2>
      <p class="quiet">What you cleaned, and with what. An inspector asks for the dates.</p>
      <AppForm class="fields" aria-label="Cleaning" @submit="clean">
        <v-text-field
          v-model="what"
          label="What"
          placeholder="Bench, bowls, press"
          persistent-placeholder
          maxlength="200"
        />
        <v-text-field
          v-model="how"
          label="How"
          placeholder="Hot water, dried"
          persistent-placeholder
          maxlength="500"
        />
        <PersonField v-model="who" label="Cleaned by" />
        <v-btn type="submit" variant="flat">Save cleaning</v-btn>
      </AppForm>
      <ProblemLine :problem="cleaningProblem" />
      <LogEntries
        :lines="cleanings"
        :days="quality.upkeep.cleaningDays"
        @update:days="(cleaningDays) => remind({ cleaningDays })"
      />
    </section>
  </div>
</template>

<style scoped>
.log {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  gap: 22px 48px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  align-items: center;
  margin: 8px 0;
}
@media (max-width: 560px) {
  .log {
    grid-template-columns: minmax(0, 1fr);
  }
  .fields {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
