<script setup lang="ts">
import { typedIn } from '@/ui/fields/typedIn';
import { WAY_WORDS } from '@/core/formula/model/ways';
import { sayUnread } from '@/core/formula/model/unreadMessages';
import type { UnreadLine } from '@/core/formula/model/schema';
import { formatMass, formatMassRange } from '@/core/basics/format/quantities';
import { useMaterials } from '@/ui/fields/materials';
import { answersOf } from './answersOf';
import type { ReadRowOf } from './page';

defineProps<{
  row: ReadRowOf;
  partItems: readonly { readonly value: string; readonly title: string }[];
  /** The part it stands in. */
  partAt: string;
  canAnswer: boolean;
}>();
const emit = defineEmits<{
  choose: [entry: UnreadLine, materialId: string];
  leaveOut: [entry: UnreadLine];
  split: [entry: UnreadLine];
  make: [entry: UnreadLine];
  part: [line: number, at: string];
}>();
const { nameOf } = useMaterials();
</script>

<template>
  <li v-if="row.unread" class="line asks">
    <span>“{{ row.unread.text }}”</span>
    <span>
      <span class="reason">Line {{ row.number }}: {{ sayUnread(row.unread.reason) }}</span>
      <span v-if="canAnswer" class="answers">
        <button
          v-for="id in answersOf(row.unread).materialIds"
          :key="id"
          type="button"
          @click="emit('choose', row.unread, id)"
        >
          {{ nameOf(id) }}
        </button>
        <button
          v-if="answersOf(row.unread).canMake"
          type="button"
          @click="emit('make', row.unread)"
        >
          Add as a material
        </button>
        <button
          v-if="/\b(?:and|&)\b|[,;+]/.test(row.unread.text)"
          type="button"
          @click="emit('split', row.unread)"
        >
          Split in two
        </button>
        <button type="button" @click="emit('leaveOut', row.unread)">Remove</button>
        <select
          v-if="partItems.length > 1"
          :value="partAt"
          :aria-label="`Section of line ${row.number}`"
          @change="emit('part', row.number, typedIn($event))"
        >
          <option v-for="item in partItems" :key="item.value" :value="item.value">
            {{ item.title }}
          </option>
        </select>
      </span>
    </span>
  </li>
  <li v-else-if="row.line" class="line">
    <span
      >{{ nameOf(row.line.materialId)
      }}<span v-if="row.line.how" class="quiet">, {{ WAY_WORDS[row.line.how] }}</span></span
    >
    <b class="tabular">{{ formatMass(row.line.massG) }}</b>
    <span v-if="row.line.massHighG > row.line.massLowG" class="quiet tabular">{{
      formatMassRange(row.line.massLowG, row.line.massHighG)
    }}</span>
  </li>
  <li v-else class="note quiet">{{ row.note }} <span>(a note)</span></li>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 78px 110px;
  gap: 8px;
  padding: 3px 0;
  border-bottom: 1px solid var(--hairline);
}
.line b {
  text-align: right;
}
.asks {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  border-left: 4px solid var(--rust);
  padding-left: 8px;
  overflow-wrap: anywhere;
}
.note {
  padding: 3px 0;
  font-size: var(--text-small);
  overflow-wrap: anywhere;
}
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-top: 4px;
}
.answers button,
.answers select {
  min-height: 28px;
  padding: 0 8px;
  border: 1px solid var(--hairline);
  border-radius: var(--radius);
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  font-size: var(--text-small);
  cursor: pointer;
}
@media (pointer: coarse) {
  .answers button,
  .answers select {
    min-height: 44px;
  }
}
.answers button:hover {
  border-color: var(--ink);
}
.reason {
  color: var(--rust);
}
</style>
