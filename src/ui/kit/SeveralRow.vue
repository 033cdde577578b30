<script setup lang="ts" generic="T extends string">
import WordButtons from './WordButtons.vue';

/** A row of words of which at least one is chosen, in the order they stand. */
const props = defineProps<{ items: ReadonlyArray<{ readonly value: T; readonly word: string }> }>();
const chosen = defineModel<readonly T[]>({ required: true });

function press(value: T): void {
  const isOff = !chosen.value.includes(value);
  const next = props.items
    .map((item) => item.value)
    .filter((one) => (one === value ? isOff : chosen.value.includes(one)));
  if (next.length > 0) chosen.value = next;
}
</script>

<template>
  <WordButtons :items="items" :pressed="chosen" @press="press" />
</template>
