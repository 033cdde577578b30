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
    The folder {{ folder.folderName }} needs your permission. Until then, changes from other devices
    don’t arrive.
    <template #act>
      <v-btn size="small" @click="folder.allow">Allow</v-btn>
    </template>
  </NoticeBar>
  <NoticeBar v-else-if="!isQuiet && folder.status.kind === 'gone'">
    The folder {{ folder.folderName }} was moved, renamed or unplugged. Everything is still in this
    browser.
    <template #act>
      <v-btn size="small" :to="{ name: 'workshop' }">Open Workshop</v-btn>
    </template>
  </NoticeBar>
  <NoticeBar v-else-if="!isQuiet && folder.isNew && folder.status.kind === 'shared'">
    The folder {{ folder.folderName }} is being read for the first time. Changes from other devices
    are arriving.
  </NoticeBar>
</template>
