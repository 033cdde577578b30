<script setup lang="ts">
/** The shelf of formulas while nothing stands on it. */
const emit = defineEmits<{ paste: []; empty: [] }>();
</script>

<template>
  <section class="blank">
    <h2>No formula yet</h2>
    <p>
      Paste a recipe as it is written, in cups and spoons. Rovack weighs it and shows how exact each
      cup is. Or start an empty formula.
    </p>
    <div class="choices">
      <v-btn variant="flat" @click="emit('paste')">Paste a recipe</v-btn>
      <v-btn @click="emit('empty')">Start an empty formula</v-btn>
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
