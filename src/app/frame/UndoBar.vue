<script setup lang="ts">
import { computed, watch } from 'vue';
import { useRoute } from 'vue-router';
import { placeOf } from '@/shared/places';
import { useUndoStore } from '@/stores/undo';

/** What was removed last, offered back for a moment; and why something could not be taken back. */
const undo = useUndoStore();
const route = useRoute();
const LONG_ENOUGH_MS = 10_000;

watch(
  () => placeOf(String(route.name ?? ''))?.route ?? '',
  (place) => undo.at(place),
  { immediate: true },
);
const isOffered = computed({
  get: () => undo.removed !== null || undo.problem !== '',
  set: (isOpen: boolean) => {
    if (!isOpen) undo.dismiss();
  },
});
</script>

<template>
  <v-snackbar v-model="isOffered" :timeout="LONG_ENOUGH_MS" location="bottom" class="undo-bar">
    <span role="status">{{ undo.problem || undo.removed?.name }}</span>
    <template v-if="undo.removed && !undo.problem" #actions>
      <button type="button" @click="undo.undo(undo.removed)">Undo</button>
    </template>
  </v-snackbar>
</template>

<!-- Drawn outside of this component: over the page, and above the bar of a phone. -->
<style>
.undo-bar .v-snackbar__wrapper {
  background: var(--ink);
  color: var(--chalk);
}
.undo-bar button {
  min-width: 64px;
  min-height: 44px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  font-weight: 700;
  text-decoration: underline;
  cursor: pointer;
}
@media (max-width: 820px) {
  .undo-bar .v-snackbar__wrapper {
    margin-bottom: calc(60px + env(safe-area-inset-bottom));
  }
}
</style>
