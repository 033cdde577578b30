<script setup lang="ts">
/** The shelf of formulas while nothing stands on it. */
const emit = defineEmits<{ paste: []; empty: [] }>();
</script>

<template>
  <section class="blank">
    <h2>No formula yet</h2>
    <p>
      Take a recipe the way it was written down, in cups and spoons, and get it in grams with what
      each cup leaves open. Or start from an empty column.
    </p>
    <div class="choices">
      <v-btn variant="flat" @click="emit('paste')">Paste a recipe as written</v-btn>
      <v-btn @click="emit('empty')">Empty column</v-btn>
    </div>
  </section>
</template>

<style scoped>
.blank {
  max-width: 520px;
  padding: 64px 24px;
  font-size: var(--text-lead);
}
.choices {
  display: flex;
  gap: 10px;
  margin-top: 20px;
}
</style>
