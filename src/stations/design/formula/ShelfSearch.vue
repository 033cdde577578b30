<script setup lang="ts">
const query = defineModel<string>({ required: true });
</script>

<template>
  <v-text-field
    :model-value="query"
    label="Search by name or material"
    autocomplete="off"
    clearable
    @update:model-value="(typed: string | null) => (query = typed ?? '')"
  />
</template>
