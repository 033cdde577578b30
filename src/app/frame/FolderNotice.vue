<script setup lang="ts">
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
  <p v-if="!isQuiet && folder.status.kind === 'asks'" class="notice" role="status">
    The folder {{ folder.folderName }} waits for your leave; what other devices write does not come
    in.
    <button type="button" class="link" @click="folder.allow">Use it again</button>
  </p>
  <p v-else-if="!isQuiet && folder.status.kind === 'gone'" class="notice" role="status">
    The folder {{ folder.folderName }} is not there any more; everything is still in this browser.
    <router-link class="link" :to="{ name: 'workshop' }">Look at it</router-link>
  </p>
  <p
    v-else-if="!isQuiet && folder.isNew && folder.status.kind === 'shared'"
    class="notice"
    role="status"
  >
    The folder {{ folder.folderName }} is gone through for the first time: what other devices wrote
    there comes in.
  </p>
</template>

<style scoped>
.notice {
  margin: 0;
  padding: 8px 24px;
  border-left: 4px solid var(--ochre-mark);
  background: var(--paper);
}
</style>
