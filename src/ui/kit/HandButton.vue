<script setup lang="ts">
/** A button for a wet hand, plain from a step away; the screen around it may set its three colors. */
defineProps<{ isMain?: boolean; isBig?: boolean; disabled?: boolean }>();
</script>

<template>
  <button type="button" :class="{ 'is-main': isMain, 'is-big': isBig }" :disabled="disabled">
    <slot />
  </button>
</template>

<style scoped>
button {
  display: inline-flex;
  gap: 8px 16px;
  align-items: center;
  justify-content: center;
  min-height: 64px;
  padding: 4px 18px;
  border: 2px solid var(--hand-line, var(--verdigris));
  border-radius: var(--radius);
  background: none;
  color: var(--hand-ink, var(--verdigris));
  font: 650 var(--text-title) / 1.15 var(--font-heading);
  text-align: left;
  cursor: pointer;
}
.is-big {
  justify-content: space-between;
  min-height: 84px;
  padding: 0 24px;
  font-size: var(--text-headline);
}
.is-main {
  border-color: var(--verdigris);
  background: var(--verdigris);
  color: var(--hand-on, var(--paper));
}
button[aria-pressed='true'] {
  border-color: var(--verdigris);
  box-shadow: inset 0 -5px var(--verdigris);
}
button:disabled {
  opacity: 0.45;
  cursor: default;
}
button :slotted(kbd) {
  font: 500 var(--text-lead) var(--font-body);
  opacity: 0.85;
}
</style>
