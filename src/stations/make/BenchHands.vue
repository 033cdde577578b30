<script setup lang="ts">
import { computed } from 'vue';
import { useWorkshopStore } from '@/stores/workshop';
import { useActions } from '@/ui/actions/useActions';

/** Whose hands are at the bench: another pair takes over in the middle of a batch. */
const workshop = useWorkshopStore();

const now = computed(() => workshop.settings.makerInHand);
const next = computed(() => {
  const { makers } = workshop.settings;
  const at = now.value === null ? -1 : makers.indexOf(now.value);
  return makers[(at + 1) % makers.length] ?? null;
});
const label = computed(() =>
  now.value === null
    ? `Nobody is named. ${next.value} takes over`
    : `${now.value} is working. ${next.value} takes over`,
);
function handOver(): void {
  if (next.value !== null) workshop.changeSettings({ makerInHand: next.value });
}
useActions(() => [
  {
    name: label.value,
    key: 'h',
    run: handOver,
    isOff: next.value === null || next.value === now.value,
  },
]);
</script>

<template>
  <button
    v-if="next !== null && next !== now"
    type="button"
    :aria-label="label"
    :title="label"
    @click="handOver"
  >
    {{ now ?? 'Who is working?' }} <kbd>H</kbd>
  </button>
  <span v-else-if="now !== null">{{ now }}</span>
</template>

<style scoped>
button {
  min-height: 40px;
  padding: 2px 12px;
  border: 1px solid #8f9f98;
  border-radius: var(--radius-small);
  background: none;
  color: var(--rail-ink);
}
</style>
