<script setup lang="ts" generic="T extends string">
import WordButtons from './WordButtons.vue';

/** A row of words of which one is chosen. */
defineProps<{ items: ReadonlyArray<{ readonly value: T; readonly word: string }> }>();
const chosen = defineModel<T>({ required: true });
</script>

<template>
  <WordButtons :items="items" :pressed="[chosen]" @press="chosen = $event" />
</template>
