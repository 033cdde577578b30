<script setup lang="ts">
import NoticeBar from '@/ui/kit/NoticeBar.vue';
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
  <NoticeBar v-if="updates.isLeftBehind" tone="warning">
    Rovack is newer than this tab. {{ saveWords(saving.status) }} Load it anew to go on.
    <template #act>
      <v-btn size="small" variant="flat" @click="updates.reload">Load anew</v-btn>
    </template>
  </NoticeBar>
  <NoticeBar v-else-if="updates.isWaiting && !isLater">
    A newer Rovack is here. It takes a moment, and nothing is lost.
    <template #act>
      <v-btn size="small" variant="flat" @click="takeIn">Take it in</v-btn>
      <v-btn size="small" @click="isLater = true">Later</v-btn>
    </template>
  </NoticeBar>
</template>
