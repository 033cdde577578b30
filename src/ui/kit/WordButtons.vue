<script setup lang="ts" generic="T extends string">
/** A row of words to press; those that hold are pressed. */
defineProps<{
  items: ReadonlyArray<{ readonly value: T; readonly word: string }>;
  pressed: readonly T[];
}>();
const emit = defineEmits<{ press: [value: T] }>();
</script>

<template>
  <div class="choices">
    <button
      v-for="item in items"
      :key="item.value"
      type="button"
      :aria-pressed="pressed.includes(item.value)"
      @click="emit('press', item.value)"
    >
      {{ item.word }}
    </button>
  </div>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 11px;
}
button {
  min-height: 36px;
  padding: 0;
  border: 0;
  border-bottom: 3px solid transparent;
  background: none;
  color: var(--mid);
  font: inherit;
  font-size: var(--text-plain);
  cursor: pointer;
}
button[aria-pressed='true'] {
  border-color: var(--verdigris);
  color: var(--ink);
  font-weight: 700;
}
</style>
