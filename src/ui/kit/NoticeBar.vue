<script setup lang="ts">
/** A message over the page that stays until it is dealt with, with its buttons beside it. */
withDefaults(
  defineProps<{
    /** Is something lost or about to be? Then it is read out at once. */
    tone?: 'stop' | 'warning' | 'plain';
  }>(),
  { tone: 'plain' },
);
</script>

<template>
  <div class="notice" :class="tone" :role="tone === 'plain' ? 'status' : 'alert'">
    <div class="text"><slot /></div>
    <slot name="act" />
  </div>
</template>

<style scoped>
.notice {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
  padding: 10px 24px;
  border-left: 4px solid var(--verdigris);
  background: var(--paper);
  color: var(--ink);
}
.stop {
  border-color: var(--rust);
}
.warning {
  border-color: var(--ochre-mark);
}
.text {
  flex: 1 1 40ch;
}
.text :deep(p) {
  margin: 0;
}
</style>
