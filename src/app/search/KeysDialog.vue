<script setup lang="ts">
import { computed } from 'vue';
import { isMac, shownKey } from '@/ui/actions/keys';
import { useLetterKeys } from '@/ui/actions/letterKeys';
import { useAllActions } from '@/ui/actions/useActions';
import AppDialog from '@/ui/kit/AppDialog.vue';

/** The keys of the screen in view. */
const isOpen = defineModel<boolean>({ required: true });
const { all } = useAllActions();
const mac = isMac();
const usesLetters = useLetterKeys();
const rows = computed(() =>
  all.value.flatMap(({ name, key, also, isOff }) =>
    key === undefined
      ? []
      : [{ name, isOff: isOff === true, keys: [key, ...(also ? [also] : [])] }],
  ),
);
</script>

<template>
  <AppDialog v-model="isOpen" title="Keys of this screen">
    <dl>
      <div v-for="{ name, keys, isOff } in rows" :key="name" :class="{ off: isOff }">
        <dt>{{ name }}</dt>
        <dd>
          <kbd v-for="key in keys" :key="key">{{ shownKey(key, mac) }}</kbd>
        </dd>
      </div>
    </dl>
    <v-switch v-model="usesLetters" label="Single letters work as keys" />
    <p class="quiet">A foot pedal that sends a key works like that key.</p>
    <template #actions><v-btn @click="isOpen = false">Close</v-btn></template>
  </AppDialog>
</template>

<style scoped>
dl {
  margin: 0;
}
dl div {
  display: flex;
  justify-content: space-between;
  gap: 16px;
  padding: 6px 0;
  border-bottom: 1px solid var(--hairline);
}
.off {
  color: var(--mid);
}
dd {
  flex: none;
  margin: 0;
}
kbd {
  margin-left: 6px;
  padding: 2px 8px;
  border: 1px solid var(--mid);
  border-radius: var(--radius-small);
  font: inherit;
  font-size: var(--text-small);
}
</style>
