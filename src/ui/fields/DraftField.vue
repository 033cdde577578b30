<script setup lang="ts">
import { typedIn } from '@/ui/fields/typedIn';
import { computed, ref, watch } from 'vue';
import { VTextarea } from 'vuetify/components/VTextarea';
import { VTextField } from 'vuetify/components/VTextField';
import { shortened } from '@/core/basics/format/names';

defineOptions({ inheritAttrs: false });
/** A text that is written when the hand is done: what another tab or device commits meanwhile never replaces what is typed. */
const value = defineModel<string>({ required: true });
defineProps<{
  label: string;
  isLong?: boolean;
  /** Its column says what it is: the label is for those who do not see it. */
  isBare?: boolean;
}>();

const MOST_SHOWN = 40;
const draft = ref(value.value);
const isTyping = ref(false);
/** What came from elsewhere while a hand was typing. */
const elsewhere = ref<string | null>(null);

watch(value, (next) => {
  if (isTyping.value && next !== draft.value) elsewhere.value = next;
  else draft.value = next;
});

function type(text: string): void {
  draft.value = text;
  isTyping.value = true;
}
function commit(event: Event): void {
  draft.value = typedIn(event);
  isTyping.value = false;
  elsewhere.value = null;
  value.value = draft.value;
  // What was not taken, or taken otherwise, is shown as it now is.
  draft.value = value.value;
}
function giveBack(): void {
  draft.value = value.value;
  isTyping.value = false;
  elsewhere.value = null;
}
const messages = computed(() =>
  elsewhere.value === null
    ? []
    : [
        `Changed elsewhere to “${shortened(elsewhere.value, MOST_SHOWN)}”. Press Esc to use that; Enter keeps yours.`,
      ],
);
</script>

<template>
  <component
    :is="isLong ? VTextarea : VTextField"
    v-bind="$attrs"
    :model-value="draft"
    :label="isBare ? undefined : label"
    :aria-label="isBare ? label : undefined"
    :messages="messages"
    @update:model-value="type"
    @change="commit"
    @keydown.esc="giveBack"
  />
</template>
