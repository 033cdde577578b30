<template>
  <div class="side">
    <slot name="list" />
    <slot name="detail" />
  </div>
</template>

<style scoped>
.side {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 12px 36px;
}
.side :deep(.find) {
  display: grid;
  grid-template-columns: minmax(160px, 1fr);
  grid-auto-columns: auto;
  grid-auto-flow: column;
  align-items: center;
  gap: 10px;
}
.side :deep(.what) {
  display: grid;
  line-height: 1.2;
}
.side :deep(.what > *) {
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}
.side :deep(.what .quiet),
.side :deep(.small) {
  font-size: var(--text-small);
}
@media (max-width: 1150px) {
  .side {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
