<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { parseNumber } from '@/core/basics/units/parseNumber';
import { unitInLabel, withoutUnit } from '@/core/basics/units/withoutUnit';
import { formatPlain } from '@/core/basics/format/numbers';

const value = defineModel<number>({ required: true });
const props = defineProps<{
  label: string;
  min: number;
  max: number;
  /** Most decimals that are shown; 0 for whole numbers alone. */
  decimals?: number;
  suffix?: string;
}>();

/** What may stand behind the figure. */
const unit = computed(() => unitInLabel(`, ${props.suffix ?? ''}`) ?? unitInLabel(props.label));
const text = ref(shown(value.value));
const problem = ref('');

/** A hand is in the field. */
const isTyping = ref(false);
/** What came from elsewhere while it was. */
const elsewhere = ref<number | null>(null);
watch(value, (next) => {
  if (parseNumber(withoutUnit(text.value, unit.value)) === next) problem.value = '';
  else if (isTyping.value) elsewhere.value = next;
  else {
    text.value = shown(next);
    problem.value = '';
  }
});
function giveBack(): void {
  text.value = shown(value.value);
  problem.value = '';
  elsewhere.value = null;
}
function leave(): void {
  isTyping.value = false;
  elsewhere.value = null;
}

function shown(number: number): string {
  return String(Number(number.toFixed(props.decimals ?? 3)));
}

/** Keeps what was typed in sight; takes it over only when it is a number in range. */
function take(typed: string): void {
  text.value = typed;
  isTyping.value = true;
  elsewhere.value = null;
  const number = parseNumber(withoutUnit(typed, unit.value));
  if (number === null) problem.value = 'A number is needed';
  else if (number < props.min || number > props.max)
    problem.value = `From ${formatPlain(props.min)} to ${formatPlain(props.max)}`;
  else if (props.decimals === 0 && !Number.isInteger(number))
    problem.value = 'A whole number is needed';
  else {
    problem.value = '';
    value.value = number;
  }
}
</script>

<template>
  <v-text-field
    :model-value="text"
    :label="label"
    :suffix="suffix"
    :error-messages="problem"
    :messages="
      elsewhere === null
        ? []
        : [`Changed elsewhere to ${formatPlain(elsewhere)}. Press Esc to use that.`]
    "
    inputmode="decimal"
    autocomplete="off"
    @update:model-value="take"
    @focus="isTyping = true"
    @blur="leave"
    @keydown.esc="giveBack"
  />
</template>
