<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { formatUpTo } from '@/core/basics/format/numbers';
import { shownDecimals, toShown } from '@/core/basics/format/quantities';
import {
  parseQuantity,
  rangeProblem,
  type QuantityUnit,
  unitShown,
} from '@/core/basics/units/parseQuantity';

/** A figure, stored in `unit` and shown in the person's own; any unit of its kind may be typed. */
const value = defineModel<number>({ required: true });
const props = defineProps<{
  label: string;
  min: number;
  max: number;
  /** Most decimals that are shown of the stored unit; 0 for whole numbers alone. */
  decimals?: number;
  unit?: QuantityUnit;
  /** What stands behind a figure that has no unit: `pieces`, `USD`. */
  suffix?: string;
  /** Its column says what it is: the label is for those who do not see it. */
  isBare?: boolean;
}>();

const shown = computed(() => (props.unit ? unitShown(props.unit) : null));
const behind = computed(() => shown.value?.unit ?? props.suffix);
const decimals = computed(() => {
  const stored = props.decimals ?? 3;
  return shown.value ? shownDecimals(stored, shown.value) : stored;
});
const text = ref(figure(value.value));
const problem = ref('');

/** A hand is in the field. */
const isTyping = ref(false);
/** What came from elsewhere while it was. */
const elsewhere = ref<number | null>(null);
watch([value, shown], ([next]) => {
  const typed = parseQuantity(text.value, props.unit ?? null);
  if (typed.ok && typed.value === next) problem.value = '';
  else if (isTyping.value) elsewhere.value = next;
  else giveBack();
});
function giveBack(): void {
  text.value = figure(value.value);
  problem.value = '';
  elsewhere.value = null;
}
function leave(): void {
  isTyping.value = false;
  elsewhere.value = null;
}

/** As the person counts it, without thousands set apart. */
function figure(stored: number): string {
  const number = shown.value ? toShown(stored, shown.value) : stored;
  return String(Number(number.toFixed(decimals.value)));
}

/** Keeps what was typed in sight; takes it over only when it is a number in range. */
function take(typed: string): void {
  text.value = typed;
  isTyping.value = true;
  elsewhere.value = null;
  const read = parseQuantity(typed, props.unit ?? null);
  if (!read.ok) problem.value = read.problem;
  else if (read.value < props.min - EDGE || read.value > props.max + EDGE)
    problem.value = rangeProblem(props.min, props.max, props.unit ?? null, props.decimals ?? 3);
  else if (props.decimals === 0 && shown.value === null && !Number.isInteger(read.value))
    problem.value = 'Type a whole number.';
  else {
    problem.value = '';
    value.value = Math.min(props.max, Math.max(props.min, read.value));
  }
}
/** What a change of units may lose. */
const EDGE = 1e-9;
</script>

<template>
  <v-text-field
    :model-value="text"
    :label="isBare ? undefined : label"
    :aria-label="isBare ? label : undefined"
    :suffix="behind"
    :error-messages="problem"
    :messages="
      elsewhere === null
        ? []
        : [
            `Changed elsewhere to ${formatUpTo(Number(figure(elsewhere)), decimals)}. Press Esc to use that.`,
          ]
    "
    inputmode="decimal"
    autocomplete="off"
    @update:model-value="take"
    @focus="isTyping = true"
    @blur="leave"
    @keydown.esc="giveBack"
  >
    <template v-if="behind && !isBare" #label
      >{{ label }}<span class="visually-hidden">, {{ behind }}</span></template
    >
  </v-text-field>
</template>
