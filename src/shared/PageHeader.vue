<script setup lang="ts">
import { mdiRedo, mdiUndo } from '@mdi/js';
import { computed } from 'vue';
import { useUndoStore } from '@/stores/undo';
import ActionButton from '@/ui/actions/ActionButton.vue';
import { useActions } from '@/ui/actions/useActions';
import RoomReading from './RoomReading.vue';
import ScreenNote from './ScreenNote.vue';
import SaveMark from './SaveMark.vue';
import { useScreenTitle } from './useScreenTitle';

/** A screen's name, what it is for, what is open on it, and what can be done. */
const props = defineProps<{
  /** What is open on the screen, for the name of the browser's tab. */
  thing?: string;
}>();
const place = useScreenTitle(() => props.thing ?? '');
const undo = useUndoStore();
/** What was done here and has no undo of its own; Design has one for all that is done on it. */
const hasOwn = computed(() => place.value?.route === 'design');
const undone = computed(() => [
  ...(undo.canUndo && !hasOwn.value
    ? [{ name: `Undo: ${undo.canUndo.name}`, icon: mdiUndo, key: 'mod+z', run: () => undo.undo() }]
    : []),
  ...(undo.canRedo && !hasOwn.value
    ? [
        {
          name: `Redo: ${undo.canRedo.name}`,
          icon: mdiRedo,
          key: 'mod+shift+z',
          also: 'mod+y',
          run: () => undo.redo(),
        },
      ]
    : []),
]);
useActions(() => undone.value);
</script>

<template>
  <header class="page-header">
    <div class="line">
      <div class="naming">
        <slot name="title"
          ><h1>{{ place?.label }}</h1></slot
        >
        <p v-if="place" class="purpose quiet">
          {{ place.purpose }} <ScreenNote :key="place.route" :place="place.route" />
        </p>
        <p class="sub quiet"><slot name="sub" /> <SaveMark /></p>
      </div>
      <slot name="badge" />
      <RoomReading class="room-now" />
    </div>
    <div v-if="$slots.actions || undone.length" class="actions no-print">
      <ActionButton v-for="one in undone" :key="one.name" :action="one" :icon="one.icon" />
      <slot name="actions" />
    </div>
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
/* Name, acts, room: one row, whatever stands around them. */
.line {
  display: contents;
}
.naming {
  flex: 1 1 200px;
  min-width: 0;
}
.actions {
  flex: none;
  display: flex;
  gap: 6px;
}
.room-now {
  order: 2;
}
.actions {
  order: 1;
}
.purpose {
  margin: 0;
  font-size: var(--text-small);
}
.sub {
  margin: 2px 0 0;
  font-size: var(--text-plain);
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
/* On a phone one line stays: what is open, how it stands, the room. The acts scroll away with the page. */
@media (max-width: 560px) {
  .page-header {
    display: contents;
  }
  .line {
    position: sticky;
    top: 0;
    z-index: 4;
    display: flex;
    align-items: center;
    gap: 10px;
    min-height: 48px;
    padding: 2px 14px;
    border-bottom: 1px solid var(--hairline);
    background: var(--chalk);
  }
  .naming {
    display: flex;
    align-items: baseline;
    gap: 8px;
    overflow: hidden;
    white-space: nowrap;
  }
  .naming :deep(h1) {
    flex: none;
    max-width: 100%;
    overflow: hidden;
    font-size: var(--text-lead);
    text-overflow: ellipsis;
  }
  .purpose {
    display: none;
  }
  .sub {
    flex: 1 1 0;
    min-width: 0;
    overflow: hidden;
    font-size: var(--text-small);
    text-overflow: ellipsis;
  }
  /* What was not saved is told whole. */
  .naming:has(.failed) {
    flex-wrap: wrap;
    white-space: normal;
  }
  .room-now,
  .actions {
    order: 0;
  }
  .actions {
    flex-wrap: nowrap;
    padding: 6px 14px 0;
    overflow-x: auto;
    scrollbar-width: none;
  }
}
</style>
