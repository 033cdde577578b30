<script setup lang="ts">
/** What stands behind a reading: its inputs, the equation in words, its source, the records that speak in it. */
defineProps<{ title: string; figure: string; unit: string; why: readonly string[] }>();
const isOpen = defineModel<boolean>({ required: true });
</script>

<template>
  <v-dialog v-model="isOpen" max-width="560" :aria-label="`Why: ${title}`">
    <v-card>
      <v-card-title>{{ title }}: {{ figure }} {{ unit }}</v-card-title>
      <v-card-text>
        <p v-for="line in why" :key="line">{{ line }}</p>
      </v-card-text>
      <v-card-actions><v-btn @click="isOpen = false">Close</v-btn></v-card-actions>
    </v-card>
  </v-dialog>
</template>
