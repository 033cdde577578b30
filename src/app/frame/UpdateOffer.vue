<script setup lang="ts">
import { ref } from 'vue';
import { saveWords } from '@/stores/saveMessages';
import { useSavingStore } from '@/stores/saving';
import { useUpdatesStore } from '@/stores/updates';

/** A newer Rovack is offered, and waits as long as the maker likes. */
const updates = useUpdatesStore();
const saving = useSavingStore();
const isLater = ref(false);

async function takeIn(): Promise<void> {
  await saving.flush();
  updates.takeIn();
}
</script>

<template>
  <div v-if="updates.isLeftBehind" class="offer" role="alert">
    <span
      >Rovack is newer than this tab. {{ saveWords(saving.status) }} Load it anew to go on.</span
    >
    <v-btn size="small" variant="flat" @click="updates.reload">Load anew</v-btn>
  </div>
  <div v-else-if="updates.isWaiting && !isLater" class="offer" role="status">
    <span>A newer Rovack is here. It takes a moment, and nothing is lost.</span>
    <v-btn size="small" variant="flat" @click="takeIn">Take it in</v-btn>
    <v-btn size="small" @click="isLater = true">Later</v-btn>
  </div>
</template>

<style scoped>
.offer {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  padding: 8px 24px;
  border-left: 4px solid var(--verdigris);
  background: var(--paper);
  color: var(--ink);
}
</style>
