<script setup lang="ts">
/** The dark bench, read from two meters and worked with wet hands, in light and in dark. */

/** A button pressed with a glove does not keep the focus: the pedal's space is always the step's own. Tab still walks. */
function leaveFocus(event: MouseEvent): void {
  if ((event.target as Element).closest('button')) event.preventDefault();
}
</script>

<template>
  <div class="surface" @mousedown="leaveFocus"><slot /></div>
</template>

<style scoped>
.surface {
  --verdigris: var(--mint);
  --hand-line: #8f9f98;
  --hand-ink: var(--rail-ink);
  --hand-on: #14201f;
  display: flex;
  flex-direction: column;
  background: var(--drawn-ink);
  color: #f4f1e8;
}
.surface :deep(.hands) {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  margin-top: auto;
  padding-top: 18px;
}
.surface :deep(:focus-visible) {
  outline-color: var(--rail-ink);
}
</style>
