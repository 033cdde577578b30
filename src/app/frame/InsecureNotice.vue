<script setup lang="ts">
import NoticeBar from '@/ui/kit/NoticeBar.vue';
import { ref } from 'vue';

/** What an address by plain http goes without: said once a browser, with the way out. */
const PLACE = 'rovack insecure address said';
const isShown = ref(!window.isSecureContext && !wasSaid());

function wasSaid(): boolean {
  try {
    return localStorage.getItem(PLACE) !== null;
  } catch {
    return false;
  }
}
function dismiss(): void {
  isShown.value = false;
  try {
    localStorage.setItem(PLACE, 'yes');
  } catch {
    // It is said again at the next visit.
  }
}
</script>

<template>
  <NoticeBar v-if="isShown" tone="warning">
    This address is not secure (http). Your work is saved in this browser. Rovack can’t keep a
    backup, work offline, share a folder or read a scale on a cable here. Open it by https, or as
    localhost on the computer that serves it. Export a file often until then.
    <template #act><v-btn size="small" @click="dismiss">Dismiss</v-btn></template>
  </NoticeBar>
</template>
