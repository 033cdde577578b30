<script setup lang="ts">
import { computed } from 'vue';
import { sayUnread } from '@/core/formula/model/unreadMessages';
import type { UnreadLine } from '@/core/formula/model/schema';
import { counted } from '@/core/basics/format/numbers';
import { useMaterials } from '@/ui/fields/materials';
import { answersOf, MOST_CHOICES } from './answersOf';

/** The question beside the caret, with its answers on keys; else how many there are. */
const props = defineProps<{
  questions: readonly UnreadLine[];
  /** Line of the caret, from 1. */
  line: number;
}>();
const emit = defineEmits<{
  choose: [entry: UnreadLine, materialId: string];
  leaveOut: [entry: UnreadLine];
  make: [entry: UnreadLine];
  next: [];
}>();
const { nameOf } = useMaterials();
const here = computed(() => props.questions.find(({ line }) => line === props.line) ?? null);
const answers = computed(() => (here.value ? answersOf(here.value) : null));
</script>

<template>
  <div v-if="questions.length" class="question" role="group" aria-label="Question about this line">
    <template v-if="here && answers">
      <p>Line {{ here.line }}: {{ sayUnread(here.reason) }}</p>
      <div class="answers">
        <button
          v-for="(id, i) in answers.materialIds.slice(0, MOST_CHOICES)"
          :key="id"
          type="button"
          @click="emit('choose', here, id)"
        >
          {{ nameOf(id) }} <kbd>Alt+{{ i + 1 }}</kbd>
        </button>
        <button v-if="answers.canMake" type="button" @click="emit('make', here)">
          Add as a material
        </button>
        <button type="button" @click="emit('leaveOut', here)">Remove <kbd>Alt+R</kbd></button>
      </div>
    </template>
    <button type="button" class="next" @click="emit('next')">
      {{ here ? 'Next question' : counted(questions.length, 'question') }} <kbd>Alt+N</kbd>
    </button>
  </div>
</template>

<style scoped>
.question {
  margin-top: 6px;
  padding-left: 10px;
  border-left: 4px solid var(--rust);
  font-size: var(--text-small);
}
p {
  margin: 0 0 4px;
  overflow-wrap: anywhere;
}
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 6px;
}
button {
  min-height: 32px;
  padding: 0 10px;
  border: 1px solid var(--hairline);
  border-radius: var(--radius);
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
kbd {
  margin-left: 4px;
  color: var(--mid);
  font: inherit;
}
</style>
