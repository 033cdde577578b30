<script setup lang="ts">
import RoomReading from './RoomReading.vue';
import SaveMark from './SaveMark.vue';
</script>

<template>
  <header class="page-header">
    <div class="naming">
      <slot name="title" />
      <p class="sub quiet"><slot name="sub" /> <SaveMark /></p>
    </div>
    <div class="actions no-print"><slot name="actions" /></div>
    <RoomReading />
  </header>
</template>

<style scoped>
.page-header {
  display: flex;
  align-items: flex-start;
  gap: 18px;
  padding: 16px 20px 8px 24px;
  min-height: 75px;
  border-bottom: 1px solid var(--hairline);
}
.naming {
  flex: 1 1 200px;
  min-width: 0;
}
.sub {
  margin: 2px 0 0;
  font-size: var(--text-plain);
}
.actions {
  flex: none;
  display: flex;
  gap: 6px;
}
@media (max-width: 1150px) {
  .page-header {
    flex-wrap: wrap;
  }
  .actions {
    flex-wrap: wrap;
    order: 3;
    flex-basis: 100%;
    justify-content: flex-start;
  }
}
/* On a phone the page itself comes first. */
@media (max-width: 560px) {
  .page-header {
    gap: 4px 12px;
    min-height: 0;
    padding: 8px 14px 6px;
  }
  .naming :deep(h1) {
    font-size: var(--text-title);
  }
  .actions {
    flex-wrap: nowrap;
    overflow-x: auto;
  }
}
</style>
