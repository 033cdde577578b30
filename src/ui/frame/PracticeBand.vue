<script setup lang="ts">
/** Wherever the simulated scale weighs: no figure of it is taken for a real one. */
</script>

<template>
  <p class="practice" role="note">Practice scale. These weights are simulated.</p>
</template>

<style scoped>
.practice {
  margin: 0 0 8px;
  padding: 4px 14px;
  border: 2px dashed var(--ochre-mark);
  color: inherit;
  font-weight: 600;
  text-align: center;
}
</style>
