<script setup lang="ts">
import { useRoute } from 'vue-router';
import EmptyState from '@/ui/kit/EmptyState.vue';
import PageHeader from '@/shared/PageHeader.vue';

/** There is nothing at an address: what it asked for may have been removed, or was never there. */
const route = useRoute();
</script>

<template>
  <div>
    <PageHeader thing="Page not found">
      <template #title><h1>Page not found</h1></template>
    </PageHeader>
    <EmptyState is-page>
      There is nothing at <b class="path">{{ route.path }}</b>. It may have been removed, or the
      address has a typing error. <router-link :to="{ name: 'design' }">Open Design</router-link>.
    </EmptyState>
  </div>
</template>

<style scoped>
.path {
  overflow-wrap: anywhere;
}
</style>
