<script setup lang="ts">
/** A screen or a list that holds nothing yet: what would be here, and how it comes here. */
defineProps<{
  /** Does it fill a screen? Then it has a screen's margin. */
  isPage?: boolean;
}>();
</script>

<template>
  <p class="empty" :class="{ page: isPage }"><slot /></p>
</template>

<style scoped>
.empty {
  max-width: 60ch;
  margin: 0;
  padding: 12px 0;
  color: var(--mid);
  font-size: var(--text-lead);
}
.page {
  padding: 56px 24px;
}
</style>
