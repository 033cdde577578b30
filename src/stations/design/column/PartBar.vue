<script setup lang="ts">
import AppTabs from '@/ui/kit/AppTabs.vue';
import { mdiPlus } from '@mdi/js';
import { computed } from 'vue';
import { PART_KINDS } from '@/core/formula/model/kinds';
import { PART_WORDS } from '@/core/formula/model/messages';
import { addPart, canBeMadeAhead, partMassG, removePart } from '@/core/formula/model/parts';
import { sameData } from '@/core/basics/sameData';
import type { FormulaBody, PartKind } from '@/core/formula/model/schema';
import ActionMenu from '@/ui/frame/ActionMenu.vue';
import { formatMass } from '@/core/basics/format/quantities';

/** The parts of a piece: choose one, add one, take one away. */
const props = defineProps<{ body: FormulaBody; chosenId: string }>();
const emit = defineEmits<{
  choose: [partId: string];
  change: [body: FormulaBody];
  ahead: [partId: string];
}>();

type AddedKind = Exclude<PartKind, 'main'>;

const HINTS: Readonly<Record<AddedKind, string>> = {
  split: 'Half of the mix, with the base color',
  embed: 'A small acid-forward ball in the middle',
  topping: 'Petals or salt, a pinch a piece',
  icing: 'About 50 g (1.8 oz) a piece',
  paint: 'Mica in 99% alcohol, the next day',
};
const kinds = PART_KINDS.filter((kind): kind is AddedKind => kind !== 'main');
/** The same while only grams change. */
const removable = computed<readonly { readonly id: string; readonly name: string }[]>((before) => {
  const now = props.body.parts.slice(1).map(({ id, name }) => ({ id, name }));
  return before && sameData(before, now) ? before : now;
});
const AHEAD = 'ahead ';
const ahead = computed<readonly { readonly id: string; readonly name: string }[]>((before) => {
  const now = props.body.parts.filter(canBeMadeAhead).map(({ id, name }) => ({ id, name }));
  return before && sameData(before, now) ? before : now;
});
const actions = computed(() => [
  ...kinds.map((kind) => ({
    value: kind,
    title: `Add section: ${PART_WORDS[kind]}`,
    subtitle: HINTS[kind],
  })),
  ...ahead.value.map(({ id, name }) => ({
    value: `${AHEAD}${id}`,
    title: `Make ahead: ${name}`,
    subtitle: 'A jar on the shelf, for this batch and others',
  })),
  ...removable.value.map(({ id, name }) => ({ value: id, title: `Remove section: ${name}` })),
]);

/** A kind is added; anything else is the id of a part that goes. */
function act(action: string): void {
  if (action.startsWith(AHEAD)) {
    emit('ahead', action.slice(AHEAD.length));
    return;
  }
  const kind = kinds.find((candidate) => candidate === action);
  if (!kind) {
    emit('change', removePart(props.body, action));
    return;
  }
  const next = addPart(props.body, kind);
  emit('change', next);
  const added = next.parts.at(-1);
  if (added) emit('choose', added.id);
}
const tabs = computed(() =>
  props.body.parts.map((part) => ({
    value: part.id,
    word: `${part.name} ${formatMass(partMassG(part))}`,
  })),
);
</script>

<template>
  <div class="parts">
    <AppTabs
      :model-value="chosenId"
      :items="tabs"
      label="Sections"
      class="tabs"
      @update:model-value="(id) => emit('choose', id)"
    />
    <ActionMenu
      class="add"
      aria-label="Add or remove a section"
      title="Add or remove a section"
      :items="actions"
      @choose="act"
    >
      <v-icon :icon="mdiPlus" size="18" /> Section
    </ActionMenu>
  </div>
</template>

<style scoped>
.parts {
  display: flex;
  gap: 16px;
  margin: -8px 0 10px;
}
.tabs {
  min-width: 0;
}
.parts :deep(.add) {
  flex: none;
  min-height: 44px;
  color: var(--verdigris);
}
</style>
