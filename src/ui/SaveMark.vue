<script setup lang="ts">
import { storeToRefs } from 'pinia';
import { useSavingStore } from '@/stores/saving';

const { status } = storeToRefs(useSavingStore());
</script>

<template>
  <span class="save" :class="status.kind" :role="status.kind === 'failed' ? 'alert' : undefined">
    <template v-if="status.kind === 'saved'">· saved</template>
    <template v-else-if="status.kind === 'saving'">· saving</template>
    <template v-else>{{ status.message }}</template>
  </span>
</template>

<style scoped>
.failed {
  color: var(--rust);
  font-weight: 600;
}
</style>
