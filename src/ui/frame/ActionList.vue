<script setup lang="ts">
/** The list of an ActionMenu; loaded when a menu is first opened. */
defineProps<{
  items: ReadonlyArray<{
    readonly value: string;
    readonly title: string;
    readonly subtitle?: string;
  }>;
  target: HTMLElement;
}>();
const emit = defineEmits<{ choose: [value: string] }>();
const isOpen = defineModel<boolean>({ required: true });
</script>

<template>
  <v-menu v-model="isOpen" :target="target">
    <v-list role="menu">
      <v-list-item
        v-for="item in items"
        :key="item.value"
        :title="item.title"
        :subtitle="item.subtitle"
        role="menuitem"
        @click="emit('choose', item.value)"
      />
    </v-list>
  </v-menu>
</template>
