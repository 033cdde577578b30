<script setup lang="ts">
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
  <div v-if="isShown" class="notice" role="alert">
    <span>
      This address is not secure (http). Your work is saved in this browser. Rovack can’t keep a
      spare copy, work offline, share a folder or read a scale on a cable here. Open it by https, or
      as localhost on the computer that serves it. Export a file often until then.
    </span>
    <v-btn size="small" @click="dismiss">Dismiss</v-btn>
  </div>
</template>

<style scoped>
.notice {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  padding: 8px 24px;
  border-left: 4px solid var(--ochre-mark);
  background: var(--paper);
  color: var(--ink);
}
.notice span {
  flex: 1 1 300px;
}
</style>
