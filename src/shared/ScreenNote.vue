<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { computed, ref } from 'vue';
import { NOTES } from './guide';

/** “What is this for?” beside a screen's name: its note opens there, and is one small mark once it was read. */
const props = defineProps<{ place: string }>();
const read = useLocalStorage<readonly string[]>('rovack-notes-read', []);
const isOpen = ref(false);
const note = computed(() => NOTES[props.place]);
const isRead = computed(() => read.value.includes(props.place));

function close(): void {
  isOpen.value = false;
  if (!isRead.value) read.value = [...read.value, props.place];
}
</script>

<template>
  <span v-if="note" class="about no-print">
    <button
      type="button"
      class="link"
      :aria-expanded="isOpen"
      title="What is this for?"
      @click="isOpen ? close() : (isOpen = true)"
    >
      <template v-if="!isRead">What is this for?</template>
      <template v-else>Help</template>
    </button>
    <span v-if="isOpen" role="note" class="note" @keydown.esc="close">
      <span>{{ note.what }}</span>
      <span>{{ note.first }}</span>
      <span class="acts">
        <router-link class="link" :to="{ name: 'guide', params: { chapter: note.chapter } }"
          >Read the guide</router-link
        >
        <button type="button" class="link" @click="close">Close</button>
      </span>
    </span>
  </span>
</template>

<style scoped>
.about {
  position: relative;
}
.about > .link {
  font-size: var(--text-small);
}
.note {
  position: absolute;
  top: 26px;
  left: 0;
  z-index: 6;
  display: grid;
  gap: 8px;
  width: min(420px, 86vw);
  padding: 14px 16px;
  border: 1px solid var(--ink);
  border-radius: var(--radius);
  background: var(--paper);
  color: var(--ink);
  font-size: var(--text-body);
  line-height: 1.45;
  white-space: normal;
}
.acts {
  display: flex;
  gap: 18px;
}
</style>
