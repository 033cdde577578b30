<script setup lang="ts">
import { shortDate } from '@/core/basics/format/dates';
import type { LogbookEntry } from '@/core/goods/quality/logbook';
import { useQualityStore } from '@/stores/quality';
import NumberField from '@/ui/fields/NumberField.vue';

/** The newest entries of a kind, and after how many days to remind of the next. */
defineProps<{
  lines: readonly {
    readonly entry: LogbookEntry;
    readonly name: string;
    readonly said: string;
    readonly isFailed?: boolean;
  }[];
}>();
const days = defineModel<number>('days', { required: true });
const quality = useQualityStore();
const MOST = 12;
</script>

<template>
  <ul class="plain-list">
    <li v-for="{ entry, name, said, isFailed } in lines.slice(0, MOST)" :key="entry.id">
      <span class="tabular">{{ shortDate(entry.at) }}</span>
      <span
        ><b>{{ name }}</b
        ><template v-if="said"
          >: <span :class="{ failed: isFailed }">{{ said }}</span></template
        ></span
      >
      <span class="quiet">{{ entry.who }}</span>
      <button
        type="button"
        class="link"
        :aria-label="`Undo: ${name}, ${shortDate(entry.at)}`"
        @click="quality.strike(entry)"
      >
        Undo
      </button>
    </li>
  </ul>
  <NumberField
    class="remind"
    :model-value="days"
    label="Remind after (0 for never)"
    suffix="days"
    :min="0"
    :max="3650"
    :decimals="0"
    @update:model-value="(next) => (days = Math.round(next))"
  />
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr) auto auto;
  gap: 10px;
  align-items: baseline;
  padding: 5px 0;
  border-bottom: 1px solid var(--hairline);
  font-size: var(--text-plain);
}
.failed {
  color: var(--rust);
}
.remind {
  max-width: 260px;
  margin-top: 14px;
}
</style>
