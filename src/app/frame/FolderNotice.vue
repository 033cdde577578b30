<script setup lang="ts">
import NoticeBar from '@/ui/kit/NoticeBar.vue';
import { onMounted } from 'vue';
import { useFolderStore } from '@/stores/folder';

/** The shared folder, where it needs the maker: every screen says so, as nothing comes in meanwhile. */
defineProps<{
  /** Over a bowl nothing is said. */
  isQuiet: boolean;
}>();
const folder = useFolderStore();
onMounted(() => void folder.start());
</script>

<template>
  <NoticeBar v-if="!isQuiet && folder.status.kind === 'asks'">
    The folder {{ folder.folderName }} waits for your leave; what other devices write does not come
    in.
    <template #act>
      <v-btn size="small" @click="folder.allow">Use it again</v-btn>
    </template>
  </NoticeBar>
  <NoticeBar v-else-if="!isQuiet && folder.status.kind === 'gone'">
    The folder {{ folder.folderName }} is not there any more; everything is still in this browser.
    <template #act>
      <v-btn size="small" :to="{ name: 'workshop' }">Look at it</v-btn>
    </template>
  </NoticeBar>
  <NoticeBar v-else-if="!isQuiet && folder.isNew && folder.status.kind === 'shared'">
    The folder {{ folder.folderName }} is gone through for the first time: what other devices wrote
    there comes in.
  </NoticeBar>
</template>
