<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import type { Finding } from '@/core/results/evaluation/types';
import { listed } from '@/core/basics/format/names';
import { counted } from '@/core/basics/format/numbers';
import { tipOf, useActions } from '@/ui/actions/useActions';
import { useEver } from '@/ui/kit/useEver';

/** How many things ask for a change, in sight wherever the page is scrolled; it opens their list, with the notes for label and bench. */
const props = defineProps<{ findings: readonly Finding[] }>();
const ChecksDialog = defineAsyncComponent(() => import('./ChecksDialog.vue'));
const isOpen = ref(false);
const wasOpened = useEver(isOpen);

const counts = computed(() => {
  const of = (...kinds: readonly Finding['severity'][]) =>
    props.findings.filter(({ severity }) => kinds.includes(severity)).length;
  return { stop: of('stop'), warning: of('warning'), tip: of('advice') };
});
const worst = computed(() =>
  counts.value.stop > 0 ? 'stop' : counts.value.warning > 0 ? 'warning' : 'tip',
);
const said = computed(() => {
  const { stop, warning, tip } = counts.value;
  const all = [
    ...(stop > 0 ? [counted(stop, 'stop')] : []),
    ...(warning > 0 ? [counted(warning, 'warning')] : []),
    ...(tip > 0 ? [counted(tip, 'tip')] : []),
  ];
  return all.length > 0 ? listed(all) : 'No warnings';
});
const open = { name: 'Open the checks', key: 'c', run: () => (isOpen.value = true) };
useActions(() => [open]);
</script>

<template>
  <button
    type="button"
    class="badge"
    :class="worst"
    aria-haspopup="dialog"
    :title="tipOf(open)"
    @click="open.run"
  >
    {{ said }}
  </button>
  <ChecksDialog v-if="wasOpened" v-model="isOpen" :findings="findings" />
</template>

<style scoped>
.badge {
  flex: none;
  order: 0;
  min-height: 36px;
  padding: 4px 12px;
  border: 1px solid currentColor;
  border-radius: var(--radius);
  background: none;
  color: var(--mid);
  font: inherit;
  font-size: var(--text-small);
  cursor: pointer;
}
.stop {
  color: var(--rust);
  font-weight: 700;
}
.warning {
  color: var(--rust);
}
@media (max-width: 560px) {
  .badge {
    max-width: 104px;
    min-height: 44px;
    padding: 2px 8px;
    line-height: 1.2;
  }
}
</style>
