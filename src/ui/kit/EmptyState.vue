<script setup lang="ts">
/** A screen or list that holds nothing yet: what would be here, and how it comes here. */
defineProps<{ title?: string }>();
</script>

<template>
  <div class="empty">
    <h2 v-if="title">{{ title }}</h2>
    <p class="quiet"><slot /></p>
    <slot name="act" />
  </div>
</template>

<style scoped>
.empty {
  display: grid;
  gap: 8px;
  justify-items: start;
  padding: 12px 0;
}
p {
  max-width: 60ch;
  margin: 0;
}
</style>
