<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { plainWords } from '@/core/basics/format/plainWords';
import PageHeader from '@/shared/PageHeader.vue';
import { useSearchStore } from '@/stores/search';
import { useWorkshopStore } from '@/stores/workshop';
import EmptyState from '@/ui/kit/EmptyState.vue';
import { wayTo } from '../search/ways';

/** There is nothing at an address: what it asked for may have been removed, or was never there. The nearest is offered. */
const route = useRoute();
const workshop = useWorkshopStore();
const search = useSearchStore();
const MOST_NEAR = 4;
const near = computed(() => search.find(plainWords(route.path).join(' ')).slice(0, MOST_NEAR));
</script>

<template>
  <div>
    <PageHeader thing="Page not found">
      <template #title><h1>Page not found</h1></template>
    </PageHeader>
    <EmptyState
      is-page
      picture="signpost"
      :elsewhere="{ name: 'Open Design', to: { name: 'design' } }"
    >
      There is nothing at <b>{{ route.path }}</b>. It may have been removed, or the address has a
      typing error.
    </EmptyState>
    <section v-if="near.length" aria-label="Nearest" class="near">
      <h2>Did you mean one of these?</h2>
      <ul class="plain-list">
        <li v-for="one in near" :key="one.id">
          <router-link class="link" :to="wayTo(one, workshop)">{{ one.title }}</router-link>
          <span class="quiet">{{ one.detail }}</span>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.near {
  padding: 0 24px 40px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  min-height: 44px;
}
</style>
