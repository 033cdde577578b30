<script setup lang="ts">
/** A whole number in figures that are read from two meters. */
const value = defineModel<string>({ required: true });
defineProps<{
  id: string;
  label: string;
  /** Whose, for those who do not see the row. */
  of?: string;
}>();
const emit = defineEmits<{ done: [] }>();
</script>

<template>
  <div class="field">
    <label :for="id"
      >{{ label }}<span v-if="of" class="visually-hidden">, {{ of }}</span></label
    >
    <input
      :id="id"
      v-model="value"
      inputmode="numeric"
      autocomplete="off"
      @keydown.enter="emit('done')"
    />
  </div>
</template>
