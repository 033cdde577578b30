<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import {
  PART_KINDS,
  PART_WORDS,
  addPart,
  partMassG,
  removePart,
  type FormulaBody,
  type PartKind,
} from '@/core/formula';
import { formatGrams } from '@/ui/format';

/** The parts of a piece: choose one, add one, take one away. */
const props = defineProps<{ body: FormulaBody; chosenId: string }>();
const emit = defineEmits<{ choose: [partId: string]; change: [body: FormulaBody] }>();

type AddedKind = Exclude<PartKind, 'main'>;

const HINTS: Readonly<Record<AddedKind, string>> = {
  split: 'half of the mix, base color carried over',
  embed: 'a small acid-forward ball in the middle',
  topping: 'petals, salt, a pinch a piece',
  icing: 'about 50 g a piece',
  paint: 'mica in 99 % alcohol, the next day',
};
const kinds = PART_KINDS.filter((kind): kind is AddedKind => kind !== 'main');

function add(kind: AddedKind): void {
  const next = addPart(props.body, kind);
  emit('change', next);
  const added = next.parts.at(-1);
  if (added) emit('choose', added.id);
}

function remove(partId: string): void {
  emit('change', removePart(props.body, partId));
}
</script>

<template>
  <div class="parts" role="group" aria-label="Parts">
    <button
      v-for="entry in body.parts"
      :key="entry.id"
      type="button"
      class="part"
      :aria-pressed="entry.id === chosenId"
      @click="emit('choose', entry.id)"
    >
      {{ entry.name }} <span class="tabular">{{ formatGrams(partMassG(entry)) }} g</span>
    </button>
    <v-menu>
      <template #activator="{ props: menu }">
        <button type="button" class="part add" v-bind="menu" aria-label="Add or remove a part">
          <v-icon :icon="mdiPlus" size="18" /> part
        </button>
      </template>
      <v-list>
        <v-list-item
          v-for="kind in kinds"
          :key="kind"
          :title="`Add ${/^[aeiou]/.test(PART_WORDS[kind]) ? 'an' : 'a'} ${PART_WORDS[kind]}`"
          :subtitle="HINTS[kind]"
          @click="add(kind)"
        />
        <v-list-item
          v-for="entry in body.parts.slice(1)"
          :key="entry.id"
          :title="`Remove ${entry.name.toLowerCase()}`"
          @click="remove(entry.id)"
        />
      </v-list>
    </v-menu>
  </div>
</template>

<style scoped>
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin: -8px 0 10px;
}
.part {
  min-height: 36px;
  border: 0;
  border-bottom: 3px solid transparent;
  background: none;
  color: var(--mid);
  font: inherit;
  cursor: pointer;
}
.part[aria-pressed='true'] {
  border-color: var(--verdigris);
  color: var(--ink);
  font-weight: 700;
}
.add {
  color: var(--verdigris);
}
</style>
