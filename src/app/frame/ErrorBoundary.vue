<script setup lang="ts">
import NoticeBar from '@/ui/kit/NoticeBar.vue';
import { defineAsyncComponent, onErrorCaptured, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { saveWords } from '@/stores/saveMessages';
import { useSavingStore } from '@/stores/saving';

/** A screen that throws takes nothing with it: what it failed on is named, and all else goes on. */
// Loaded when it is needed: going through every record needs all models.
const ErrorPanel = defineAsyncComponent(() => import('./ErrorPanel.vue'));
const route = useRoute();
const saving = useSavingStore();
const said = ref('');
/** A slip under one hand, with the screen still standing. */
const slip = ref('');

/** Error codes of Vue for handlers of events: the screen itself still stands. */
const UNDER_A_HAND = /(?:event handler|#runtime-[56])$/;

onErrorCaptured((error, _instance, info) => {
  if (UNDER_A_HAND.test(info)) slip.value = error.message;
  else said.value = error.message;
  return false;
});
watch(
  () => route.fullPath,
  () => {
    said.value = '';
    slip.value = '';
  },
);
</script>

<template>
  <NoticeBar v-if="slip" tone="stop">
    Couldn’t do that ({{ slip }}). {{ saveWords(saving.status) }}
  </NoticeBar>
  <ErrorPanel v-if="said" :said="said" @again="said = ''" />
  <slot v-else />
</template>
