<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue';
import type * as Decided from '@/storage/merge/decided';
import { useWorkshopStore } from '@/stores/workshop';

/** Settings that two sides changed at once: the value in use is one side's, the other one is decided on here. */
const workshop = useWorkshopStore();
const others = computed(() => workshop.settings.otherValues ?? []);
/** Loaded when there is something to decide. */
const decisions = shallowRef<typeof Decided | null>(null);
watch(
  () => others.value.length > 0,
  async (isAsked) => {
    if (isAsked) decisions.value ??= await import('@/storage/merge/decided');
  },
  { immediate: true },
);

function nameOf(id: string): string | undefined {
  return (
    workshop.formulas.find((one) => one.id === id)?.name ?? workshop.catalog.byId.get(id)?.name
  );
}

function decide(other: (typeof others.value)[number], takes: boolean): void {
  if (decisions.value)
    workshop.changeSettings(decisions.value.decided(workshop.settings, other, takes));
}
</script>

<template>
  <section v-if="decisions && others.length" aria-label="Changed in two places">
    <h2>Changed in two places</h2>
    <p>Two tabs or devices changed these settings at the same time. Choose which value to use.</p>
    <ul>
      <li v-for="other in others" :key="other.id">
        <span>{{ decisions.sayOtherValue(other, nameOf) }}</span>
        <v-btn size="small" @click="decide(other, true)">Use this value</v-btn>
        <v-btn size="small" variant="text" @click="decide(other, false)">Discard</v-btn>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-bottom: 8px;
  overflow-wrap: anywhere;
}
</style>
