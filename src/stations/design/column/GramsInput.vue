<script setup lang="ts">
import { computed, ref, useTemplateRef, watch } from 'vue';
import type { Material } from '@/core/matter/materials/material';
import { readTypedGramsOrShare } from '@/core/formula/reading/readTypedGramsOrShare';
import type { Spread } from '@/core/basics/units/spread';
import { useWorkshopStore } from '@/stores/workshop';
import { reselect } from '@/ui/fields/reselect';
import { formatMass, toShown } from '@/core/basics/format/quantities';
import { unitShown } from '@/core/basics/units/parseQuantity';

const props = defineProps<{
  massG: number;
  material: Material;
  /** Came from a cup or a spoon and was never weighed. */
  isUncertain: boolean;
  /** Grams of the other lines of its part, for a typed percentage. */
  othersG: number;
}>();
const emit = defineEmits<{ amount: [massG: Spread] }>();

const workshop = useWorkshopStore();
const shown = computed(() => unitShown('g'));
/** Two decimals that a scale could show; on focus the whole figure. */
const figure = (massG: number) => formatMass(massG).split(' ')[0] ?? '';
const unit = computed(() => formatMass(props.massG).split(' ')[1] ?? '');
const text = ref(figure(props.massG));
const problem = ref('');
const isTyping = ref(false);
const field = useTemplateRef<HTMLInputElement>('field');

watch(
  () => props.massG,
  (massG) => {
    // What is being typed stays; what came from elsewhere is said, and Esc takes it.
    if (isTyping.value)
      problem.value = `Changed elsewhere to ${formatMass(massG)}. Press Esc to use that.`;
    else {
      reselect(field.value);
      text.value = figure(massG);
      problem.value = '';
    }
  },
);

/** On focus the whole figure, unrounded, so that nothing is lost by looking; at once, so that no key is typed beside it. */
function show(event: FocusEvent): void {
  const field = event.target as HTMLInputElement;
  if (problem.value === '')
    text.value = String(Number(toShown(props.massG, shown.value).toFixed(6)));
  field.value = text.value;
  field.select();
}

function take(): void {
  isTyping.value = false;
  const reading = readTypedGramsOrShare(
    text.value,
    props.material,
    props.othersG,
    workshop.smallMeasures,
  );
  if (!reading.ok) {
    problem.value = reading.problem;
    return;
  }
  problem.value = '';
  const isTouched = Math.abs(reading.value.best - props.massG) > 5e-7;
  if (isTouched) emit('amount', reading.value);
  text.value = figure(reading.value.best);
}

function giveBack(): void {
  isTyping.value = false;
  text.value = figure(props.massG);
  problem.value = '';
}
</script>

<template>
  <span class="grams" :class="{ wrong: problem, uncertain: isUncertain }">
    <input
      ref="field"
      v-model="text"
      :aria-label="`Weight of ${material.name}`"
      :aria-invalid="problem !== ''"
      :title="problem || undefined"
      inputmode="text"
      autocomplete="off"
      @focus="show"
      @input="isTyping = true"
      @blur="take"
      @keydown.enter="take"
      @keydown.esc="giveBack"
    />
    <span class="unit" aria-hidden="true">{{ unit }}</span>
    <span v-if="problem" class="problem" role="alert">{{ problem }}</span>
  </span>
</template>

<style scoped>
.grams {
  position: relative;
  display: flex;
  align-items: baseline;
  justify-content: flex-end;
}
input {
  width: 76px;
  height: 28px;
  padding: 0 3px;
  border: 1px solid transparent;
  border-radius: var(--radius-small);
  background: none;
  color: inherit;
  font: 700 var(--text-body) var(--font-body);
  font-variant-numeric: tabular-nums;
  text-align: right;
}
input:hover,
input:focus {
  border-color: var(--mid);
  background: var(--paper);
}
.uncertain input {
  text-decoration: underline dotted var(--ochre-mark) 2px;
  text-underline-offset: 4px;
}
.wrong input {
  border-color: var(--rust);
}
.unit {
  font-weight: 700;
}
.problem {
  position: absolute;
  z-index: 3;
  top: 30px;
  right: 0;
  width: max-content;
  max-width: 260px;
  padding: 4px 8px;
  background: var(--paper);
  border-left: 4px solid var(--rust);
  font-size: var(--text-small);
}
</style>
