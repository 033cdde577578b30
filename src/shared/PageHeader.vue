<script setup lang="ts">
import RoomReading from './RoomReading.vue';
import SaveMark from './SaveMark.vue';
import { useScreenTitle } from './useScreenTitle';

/** A screen's name, what it is for, what is open on it, and what can be done. */
const props = defineProps<{
  /** What is open on the screen, for the name of the browser's tab. */
  thing?: string;
}>();
const place = useScreenTitle(() => props.thing ?? '');
</script>

<template>
  <header class="page-header">
    <div class="naming">
      <slot name="title"
        ><h1>{{ place?.label }}</h1></slot
      >
      <p v-if="place" class="purpose quiet">{{ place.purpose }}</p>
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
.purpose {
  margin: 0;
  font-size: var(--text-small);
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
