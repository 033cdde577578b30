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
    Another tab runs a newer Rovack. {{ saveWords(saving.status) }} Reload to continue.
    <template #act>
      <v-btn size="small" variant="flat" @click="updates.reload">Reload</v-btn>
    </template>
  </NoticeBar>
  <NoticeBar v-else-if="updates.isWaiting && !isLater">
    An update of Rovack is ready. It takes a moment, and nothing is lost.
    <template #act>
      <v-btn size="small" variant="flat" @click="takeIn">Update</v-btn>
      <v-btn size="small" @click="isLater = true">Later</v-btn>
    </template>
  </NoticeBar>
</template>
