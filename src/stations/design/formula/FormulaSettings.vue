<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { FAMILY_WORDS, METHOD_WORDS, SCHOOL_WORDS, type FormulaBody } from '@/core/formula';

const props = defineProps<{ body: FormulaBody }>();
const emit = defineEmits<{ change: [body: FormulaBody] }>();

/** Loaded when first needed. */
const FormulaSettingsDialog = defineAsyncComponent(() => import('./FormulaSettingsDialog.vue'));
const isOpen = ref(false);
const wasOpened = ref(false);
watch(isOpen, () => (wasOpened.value = true));
const said = computed(
  () =>
    `${FAMILY_WORDS[props.body.family]} · ${SCHOOL_WORDS[props.body.school]} · ${METHOD_WORDS[props.body.method]}`,
);
</script>

<template>
  <button type="button" class="said" aria-haspopup="dialog" @click="isOpen = true">
    {{ said }}
  </button>
  <FormulaSettingsDialog
    v-if="wasOpened"
    v-model="isOpen"
    :body="body"
    @change="(next) => emit('change', next)"
  />
</template>

<style scoped>
.said {
  min-height: 24px;
  padding: 0;
  border: 0;
  border-bottom: 1px dotted var(--mid);
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
</style>
