<script setup lang="ts">
/** A button that stays pressed: one of several that may be chosen, or a thing that is on or off. */
defineProps<{ pressed: boolean }>();
const emit = defineEmits<{ press: [] }>();
</script>

<template>
  <button type="button" :aria-pressed="pressed" @click="emit('press')"><slot /></button>
</template>

<style scoped>
button {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 44px;
  padding: 4px 10px;
  border: 1px solid var(--mid);
  border-radius: var(--radius-small);
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  font-size: var(--text-plain);
  text-align: left;
  cursor: pointer;
}
button[aria-pressed='true'] {
  border: 2px solid var(--verdigris);
  font-weight: 600;
}
</style>
