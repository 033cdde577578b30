<script setup lang="ts">
/** Figures side by side: each in a box of its own with its name over it and what it stands against under it. */
</script>

<template>
  <dl><slot /></dl>
</template>

<style scoped>
dl {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 40px;
  margin: 0 0 12px;
}
:slotted(dt),
:slotted(dd) {
  margin: 0;
  font-size: var(--text-small);
}
:slotted(dt) {
  color: var(--mid);
}
:slotted(.figure) {
  font-size: var(--text-headline);
  line-height: 1.15;
}
</style>
