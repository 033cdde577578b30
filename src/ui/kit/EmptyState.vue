<script setup lang="ts">
import ActionButton from '@/ui/actions/ActionButton.vue';
import type { Action } from '@/ui/actions/useActions';
import { EMPTY_PICTURES, type EmptyPicture } from '@/ui/pictures/emptyPictures';
import type { RouteLocationRaw } from 'vue-router';

/** A screen or a list that holds nothing yet: a picture of what will be here, how it comes here, and the button for it. */
defineProps<{
  picture: EmptyPicture;
  act?: Action;
  /** The screen on which it is done, where that is another one. */
  elsewhere?: { readonly name: string; readonly to: RouteLocationRaw };
  /** Does it fill a screen? Then it has a screen's margin. */
  isPage?: boolean;
}>();
</script>

<template>
  <div class="empty" :class="{ page: isPage }">
    <svg viewBox="0 0 96 64" width="96" height="64" aria-hidden="true">
      <path :d="EMPTY_PICTURES[picture]" />
    </svg>
    <p><slot /></p>
    <ActionButton v-if="act" :action="act" is-main />
    <v-btn v-if="elsewhere" variant="flat" :to="elsewhere.to">{{ elsewhere.name }}</v-btn>
  </div>
</template>

<style scoped>
.empty {
  display: grid;
  gap: 14px;
  justify-items: start;
  max-width: 60ch;
  padding: 16px 0;
}
.page {
  padding: 48px 24px;
}
p {
  margin: 0;
  color: var(--mid);
  font-size: var(--text-lead);
}
path {
  fill: none;
  stroke: var(--verdigris);
  stroke-width: 2;
  stroke-linejoin: round;
  stroke-linecap: round;
}
</style>
