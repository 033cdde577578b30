<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { FAMILY_WORDS, METHOD_WORDS, SCHOOL_WORDS } from '@/core/formula/model/messages';
import { useDesignStore } from '@/stores/design';

const design = useDesignStore();

/** Loaded when first needed. */
const FormulaSettingsDialog = defineAsyncComponent(() => import('./FormulaSettingsDialog.vue'));
const isOpen = ref(false);
const wasOpened = ref(false);
watch(isOpen, () => (wasOpened.value = true));
const said = computed(() => {
  const { body } = design;
  return body
    ? `${FAMILY_WORDS[body.family]} · ${SCHOOL_WORDS[body.school]} · ${METHOD_WORDS[body.method]}`
    : '';
});
</script>

<template>
  <button type="button" class="said" aria-haspopup="dialog" @click="isOpen = true">
    {{ said }}
  </button>
  <FormulaSettingsDialog
    v-if="wasOpened && design.body"
    v-model="isOpen"
    :body="design.body"
    @change="design.change"
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
