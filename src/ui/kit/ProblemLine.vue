<script setup lang="ts">
/** What went wrong, in a sentence that is read aloud; nothing where nothing did. */
defineProps<{ problem: string | null }>();
</script>

<template>
  <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
</template>

<style scoped>
.problem {
  color: var(--rust);
}
</style>
