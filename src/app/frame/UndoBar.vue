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
  <v-snackbar
    v-model="isOffered"
    :timeout="LONG_ENOUGH_MS"
    location="bottom start"
    class="undo-bar"
  >
    <span role="status">{{ undo.problem || undo.removed?.name }}</span>
    <template v-if="undo.removed && !undo.problem" #actions>
      <v-btn variant="text" @click="undo.undo(undo.removed)">Undo</v-btn>
    </template>
  </v-snackbar>
</template>
