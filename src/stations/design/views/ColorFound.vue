<script setup lang="ts">
import { formatMass } from '@/core/basics/format/quantities';
import { useMaterials } from '@/ui/fields/materials';
import type { ColorAnswer } from '@/workers/colorApi';

/** The wanted color beside the one that was reached, and what makes it. */
defineProps<{
  answer: ColorAnswer;
  /** As they are weighed. */
  lines: ReadonlyArray<{ readonly materialId: string; readonly massG: number }>;
  wantedHex: string;
  sentence: string;
  notes: readonly string[];
}>();
const emit = defineEmits<{ apply: [] }>();
const { nameOf } = useMaterials();
</script>

<template>
  <div class="found" role="status">
    <div class="pair">
      <span
        ><i
          :style="{ background: wantedHex }"
          role="img"
          :aria-label="`Wanted ${wantedHex}`"
        />wanted</span
      >
      <span
        ><i
          :style="{ background: answer.reachedHex }"
          role="img"
          :aria-label="`Reached ${answer.reachedHex}`"
        />reached</span
      >
    </div>
    <p>{{ sentence }}</p>
    <ul v-if="answer.lines.length">
      <li v-for="line in lines" :key="line.materialId">
        <span>{{ nameOf(line.materialId) }}</span>
        <b class="tabular">{{ formatMass(line.massG) }}</b>
      </li>
    </ul>
    <p v-for="text in notes" :key="text" class="quiet small">{{ text }}</p>
    <v-btn v-if="answer.lines.length" variant="flat" @click="emit('apply')">Apply</v-btn>
  </div>
</template>

<style scoped>
.small {
  font-size: var(--text-plain);
}
p {
  margin: 0;
}
.pair span {
  flex: 1;
  color: var(--mid);
  font-size: var(--text-small);
}
.pair i {
  display: block;
  height: 54px;
  border: 1px solid var(--ink);
}
.found {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.pair {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
ul {
  width: 100%;
  padding: 0;
  margin: 0;
  list-style: none;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 4px 0;
  border-top: 1px solid var(--hairline);
}
</style>
