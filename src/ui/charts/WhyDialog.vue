<script setup lang="ts">
import AppDialog from '@/ui/kit/AppDialog.vue';
/** What stands behind a reading: its inputs, the equation in words, its source, the records that speak in it. */
defineProps<{ title: string; figure: string; unit: string; why: readonly string[] }>();
const isOpen = defineModel<boolean>({ required: true });
</script>

<template>
  <AppDialog
    v-model="isOpen"
    :label="`Why: ${title}`"
    :title="`${title}: ${figure} ${unit}`"
    :width="560"
  >
    <p v-for="line in why" :key="line">{{ line }}</p>
    <template #actions>
      <v-btn variant="text" :to="{ name: 'almanac', params: { view: 'taught' } }"
        >What your batches taught</v-btn
      >
      <v-btn variant="text" :to="{ name: 'guide', params: { chapter: 'results' } }"
        >Read the guide</v-btn
      >
      <v-btn @click="isOpen = false">Close</v-btn>
    </template></AppDialog
  >
</template>
