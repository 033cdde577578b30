<script setup lang="ts">
/** The dry piece and the tub water as they will look, before anything is weighed. */
defineProps<{ powderHex: string; waterHex: string }>();
</script>

<template>
  <span class="tints">
    <span class="tint"
      ><i :style="{ background: powderHex }" role="img" :aria-label="`Dry piece ${powderHex}`" />
      dry</span
    >
    <span class="tint"
      ><i :style="{ background: waterHex }" role="img" :aria-label="`Tub water ${waterHex}`" />
      tub</span
    >
  </span>
</template>

<style scoped>
.tints {
  display: inline-flex;
  gap: 14px;
  color: var(--mid);
  font-size: var(--text-small);
}
.tint {
  display: inline-flex;
  align-items: center;
  gap: 6px;
}
i {
  width: 44px;
  height: 24px;
  border: 1px solid var(--ink);
}
</style>
