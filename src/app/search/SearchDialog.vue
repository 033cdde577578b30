<script setup lang="ts">
import { computed, nextTick, ref, useId, useTemplateRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import { entry, type Entry, type EntryKind } from '@/core/search/entry';
import { SearchIndex } from '@/core/search/searchIndex';
import { useWay } from '@/shared/useAddress';
import { useSearchStore } from '@/stores/search';
import { useWorkshopStore } from '@/stores/workshop';
import { isMac, shownKey } from '@/ui/actions/keys';
import { useAllActions, type Action } from '@/ui/actions/useActions';
import { useRecent } from './useRecent';
import { entryAt, screenEntries, wayTo } from './ways';

/** One search over what is stored, the screens, and all that can be done on the one in view. */
const isOpen = defineModel<boolean>({ required: true });
const workshop = useWorkshopStore();
const search = useSearchStore();
const recent = useRecent();
const { all, askedFor } = useAllActions();
const { go } = useWay();

const KINDS: Readonly<Record<EntryKind, string>> = {
  screen: 'Screen',
  formula: 'Formula',
  batch: 'Batch',
  lot: 'Lot',
  material: 'Material',
  product: 'Product',
  order: 'Order',
  mold: 'Mold',
  test: 'Test',
  guide: 'Guide',
  action: 'Do',
};
const MOST_ACTIONS = 8;
const MOST_SCREENS = 5;

const route = useRoute();
/** What is open already is not offered. */
const openId = computed(() => entryAt(route, workshop));
const query = ref('');
const at = ref(0);
const listId = useId();
const field = useTemplateRef<HTMLInputElement>('field');

interface Row {
  readonly id: string;
  readonly title: string;
  readonly detail: string;
  readonly kind: string;
  readonly run: () => void;
}

/** What can be done on this screen; the search itself is open already. */
const actions = computed(() => {
  const byName = new Map<string, Action>();
  for (const action of all.value)
    if (action.isOff !== true && action.also !== '/' && !byName.has(action.name))
      byName.set(action.name, action);
  return byName;
});
const rowOfAction = (action: Action): Row => ({
  id: `action:${action.name}`,
  title: action.name,
  detail: action.key === undefined ? '' : shownKey(action.key, isMac()),
  kind: 'Do',
  run: action.run,
});
const rowOf = (one: Entry): Row => ({
  id: one.id,
  title: one.title,
  detail: one.detail,
  kind: KINDS[one.kind],
  run: () => go(wayTo(one, workshop)),
});

/** Screens and actions are few: they are read again for each search that is opened. */
const few = computed(() => {
  const index = new SearchIndex();
  index.update([
    ...screenEntries(workshop),
    ...[...actions.value.keys()].map((name) => entry('action', name, { title: name })),
  ]);
  return index;
});
const rows = computed<readonly Row[]>(() => {
  const text = query.value.trim();
  if (text === '')
    return [
      ...recent.value
        .filter((id) => id !== openId.value)
        .flatMap((id) => search.get(id) ?? [])
        .map(rowOf),
      ...[...actions.value.values()].map(rowOfAction),
    ];
  const found = few.value.find(text, 0);
  const named = found.flatMap(({ kind, title }) =>
    kind === 'action' ? (actions.value.get(title) ?? []) : [],
  );
  const screens = found.filter(({ kind }) => kind !== 'action').slice(0, MOST_SCREENS);
  return [
    ...askedFor(text).map(rowOfAction),
    ...named.slice(0, MOST_ACTIONS).map(rowOfAction),
    ...screens.map(rowOf),
    ...search.find(text).map(rowOf),
  ];
});
const chosen = computed(() => rows.value[Math.min(at.value, rows.value.length - 1)]);

watch(query, () => (at.value = 0));
watch(
  isOpen,
  async (open) => {
    if (!open) return;
    query.value = '';
    at.value = 0;
    await nextTick();
    field.value?.focus();
  },
  { immediate: true },
);

function move(by: number): void {
  const count = rows.value.length;
  if (count > 0) at.value = (Math.min(at.value, count - 1) + by + count) % count;
  void nextTick(() =>
    document.getElementById(`${listId}-${at.value}`)?.scrollIntoView({ block: 'nearest' }),
  );
}
function take(row: Row | undefined): void {
  if (!row) return;
  isOpen.value = false;
  // After the dialog has let go of the keys.
  void nextTick(row.run);
}
</script>

<template>
  <v-dialog v-model="isOpen" aria-label="Search" class="search" max-width="640">
    <v-card>
      <input
        ref="field"
        v-model="query"
        role="combobox"
        aria-label="Search, or type what to do"
        placeholder="Search, or type what to do"
        aria-autocomplete="list"
        :aria-expanded="rows.length > 0"
        :aria-controls="listId"
        :aria-activedescendant="chosen ? `${listId}-${rows.indexOf(chosen)}` : undefined"
        autocomplete="off"
        maxlength="10000"
        @keydown.down.prevent="move(1)"
        @keydown.up.prevent="move(-1)"
        @keydown.enter.prevent="take(chosen)"
      />
      <ul :id="listId" role="listbox" aria-label="Found" class="plain-list">
        <li
          v-for="(row, i) in rows"
          :id="`${listId}-${i}`"
          :key="row.id"
          role="option"
          :aria-selected="row === chosen"
          @click="take(row)"
          @pointermove="at = i"
        >
          <span class="kind quiet">{{ row.kind }}</span>
          <b>{{ row.title }}</b>
          <span class="quiet detail">{{ row.detail }}</span>
        </li>
      </ul>
      <p v-if="rows.length === 0" role="status" class="quiet none">
        Nothing found. Try fewer words, a batch code, a material or a screen.
      </p>
    </v-card>
  </v-dialog>
</template>

<style scoped>
input {
  width: 100%;
  min-height: 60px;
  padding: 0 20px;
  border: 0;
  border-bottom: 1px solid var(--hairline);
  background: none;
  color: var(--ink);
  font: inherit;
  font-size: var(--text-lead);
  outline: none;
}
input:focus-visible {
  border-bottom-color: var(--verdigris);
  box-shadow: inset 0 -2px var(--verdigris);
}
ul {
  max-height: min(60vh, 480px);
  overflow-y: auto;
}
li {
  display: grid;
  grid-template-columns: 84px minmax(0, auto) minmax(0, 1fr);
  gap: 10px;
  align-items: center;
  min-height: 44px;
  padding: 4px 20px;
  cursor: pointer;
}
li[aria-selected='true'] {
  background: var(--verdigris-soft);
  color: var(--ink);
}
li[aria-selected='true'] .quiet {
  color: inherit;
}
b,
.detail {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.kind {
  font-size: var(--text-small);
}
.none {
  margin: 0;
  padding: 14px 20px;
}
</style>
<!-- Where the eye is, not in the middle of the page. -->
<style>
.search.v-overlay {
  align-items: flex-start;
}
.search .v-overlay__content {
  margin-top: 9vh;
}
</style>
