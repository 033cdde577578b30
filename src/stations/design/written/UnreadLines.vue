<script setup lang="ts">
import type { Line, UnreadLine } from '@/core/formula/model/schema';
import UnreadRow from './UnreadRow.vue';

defineProps<{ unread: readonly UnreadLine[] }>();
const emit = defineEmits<{ settle: [unreadId: string, line: Line | null] }>();
</script>

<template>
  <section v-if="unread.length" aria-label="Not read yet" class="unread">
    <h2>Not read yet</h2>
    <ul class="plain-list">
      <UnreadRow
        v-for="entry in unread"
        :key="entry.id"
        :entry="entry"
        @settle="(line) => emit('settle', entry.id, line)"
      />
    </ul>
  </section>
</template>

<style scoped>
.unread {
  margin-top: 26px;
}
</style>
