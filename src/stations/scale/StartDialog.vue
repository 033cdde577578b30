<script setup lang="ts">
import AppDialog from '@/ui/kit/AppDialog.vue';
import { computed, ref, watch } from 'vue';
import type { Warning } from '@/core/results/evaluation/warnings';

/** Asked once, before a batch begins: what the formula warns of. A stop is made for own use only. */
const isOpen = defineModel<boolean>({ required: true });
const props = defineProps<{
  name: string;
  warnings: readonly Pick<Warning, 'severity' | 'message'>[];
}>();
const emit = defineEmits<{ start: [isOwnUse: boolean] }>();

const isStopped = computed(() => props.warnings.some(({ severity }) => severity === 'stop'));
const isOwnUse = ref(false);
watch(isOpen, () => (isOwnUse.value = isStopped.value));

function start(): void {
  isOpen.value = false;
  emit('start', isOwnUse.value || isStopped.value);
}
</script>

<template>
  <AppDialog
    v-model="isOpen"
    label="Before you start"
    :title="`Before you start ${name}`"
    :width="560"
  >
    <ul class="plain-list">
      <li v-for="one in warnings" :key="one.message" :class="one.severity">
        <b>{{ one.severity === 'stop' ? 'Stop' : 'Warning' }}</b> {{ one.message }}
      </li>
    </ul>
    <p v-if="isStopped">
      Not today, not like this. You can’t sell a batch with a stop. It is for own use, with no label
      and no stock.
    </p>
    <v-checkbox v-else v-model="isOwnUse" label="For own use, not for sale" hide-details />
    <template #actions>
      <v-btn variant="text" @click="isOpen = false">Cancel</v-btn>
      <v-btn :variant="isStopped ? 'outlined' : 'flat'" @click="start">
        {{ isStopped ? 'Start for own use' : 'Start this batch' }}
      </v-btn>
    </template></AppDialog
  >
</template>

<style scoped>
li {
  margin-bottom: 10px;
  padding-left: 12px;
  border-left: 4px solid var(--ochre-mark);
}
li.stop {
  border-color: var(--rust);
}
b {
  display: block;
}
</style>
