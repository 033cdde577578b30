<script setup lang="ts">
import { tipOf, type Action } from './useActions';

/** The button of an action: its name, its tooltip with its key, and off when it cannot be done. */
defineProps<{
  action: Action;
  /** Drawn in place of its name. */
  icon?: string;
  isMain?: boolean;
}>();
</script>

<template>
  <v-btn
    :variant="isMain ? 'flat' : undefined"
    :class="{ icon: icon !== undefined }"
    :title="tipOf(action)"
    :aria-label="icon === undefined ? undefined : action.name"
    :disabled="action.isOff === true"
    @click="action.run"
  >
    <v-icon v-if="icon !== undefined" :icon="icon" />
    <template v-else>{{ action.name }}</template>
  </v-btn>
</template>
