<script setup lang="ts">
import { ref, watch } from 'vue';
import type { Said } from '@/core/matter/materials/own';
import { parseNumber } from '@/core/basics/units/parseNumber';
import { today } from '@/stores/now';
import { shortDate } from '@/core/basics/format/dates';
import { formatPlain } from '@/core/basics/format/numbers';

/** A value the maker knows better, with who says so; emptied, the catalog speaks again. */
const said = defineModel<Said | null>({ required: true });
const props = defineProps<{
  label: string;
  min: number;
  max: number;
  /** What the catalog says, and who says that, for the empty field. */
  catalog: string;
  source: string;
  /** What is written beside the value when it is new. */
  by: string;
}>();

const text = ref(shown(said.value));
const who = ref(said.value?.by ?? props.by);
const problem = ref('');

watch(said, (next) => {
  if (parseNumber(text.value) !== (next?.value ?? null)) text.value = shown(next);
  who.value = next?.by ?? props.by;
});

function shown(value: Said | null): string {
  return value === null ? '' : String(value.value);
}

function take(): void {
  const value = parseNumber(text.value);
  if (text.value.trim() === '') {
    problem.value = '';
    if (said.value !== null) said.value = null;
    return;
  }
  if (value === null || value < props.min || value > props.max) {
    problem.value = `Type a number from ${formatPlain(props.min)} to ${formatPlain(props.max)}, or leave it empty.`;
    return;
  }
  problem.value = '';
  if (value !== said.value?.value || who.value !== said.value.by)
    said.value = { value, by: who.value.trim(), on: today() };
}
</script>

<template>
  <div class="said">
    <v-text-field
      v-model="text"
      :label="label"
      :placeholder="catalog"
      persistent-placeholder
      :hint="said ? undefined : source"
      persistent-hint
      :error-messages="problem"
      inputmode="decimal"
      @change="take"
    />
    <v-text-field
      v-model="who"
      :label="said ? `Source, ${shortDate(said.on)}` : 'Source'"
      :aria-label="`Source of ${label}`"
      maxlength="80"
      :disabled="said === null"
      @change="take"
    />
  </div>
</template>

<style scoped>
.said {
  display: grid;
  grid-template-columns: 1fr 1fr;
  align-items: start;
  gap: 10px;
}
</style>
