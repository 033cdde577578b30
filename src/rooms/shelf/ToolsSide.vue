<script setup lang="ts">
import { keysOf } from '@/core/basics/records';
import { computed } from 'vue';
import { toolSchema, type Tool } from '@/core/workshop/shelf/tool';
import { toolsOf } from '@/core/workshop/shelf/workplace';
import { useWorkshopStore } from '@/stores/workshop';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import { TOOL_FIELDS, TOOL_WORDS, newTool } from './toolFields';
import DraftField from '@/ui/fields/DraftField.vue';
import ActionMenu from '@/ui/frame/ActionMenu.vue';
import { TOOL_PICTURES } from '@/ui/pictures/toolPictures';
import { mdiDotsVertical } from '@mdi/js';

const workshop = useWorkshopStore();

/** What the pieces lie in: a flat tray makes flat bottoms. */
const SEATS = [
  { value: 'rounded', word: 'Rounded seats' },
  { value: 'flat', word: 'flat' },
  { value: 'unsaid', word: 'Not set' },
] as const;

const ANYTHING = 'Anything';
/** Thin enough for a sprayer. */
const liquids = computed(() => [
  { value: ANYTHING, title: ANYTHING },
  ...workshop.catalog.offered
    .filter(({ role }) => role === 'alcohol' || role === 'watery' || role === 'oil')
    .map(({ id, name }) => ({ value: id, title: name })),
]);

const groups = computed(() =>
  keysOf(TOOL_FIELDS).map((kind) => ({
    kind,
    ...TOOL_WORDS[kind],
    fields: TOOL_FIELDS[kind],
    tools: toolsOf(workshop.tools, kind),
  })),
);

function valueOf(tool: Tool, key: string): number {
  return (tool as unknown as Record<string, number | null>)[key] ?? 0;
}

/** Zero for a scale's honest minimum means ten steps; what does not fit its schema is not kept. */
function change(tool: Tool, part: Readonly<Record<string, unknown>>): void {
  const parsed = toolSchema.safeParse({ ...tool, ...part });
  if (parsed.success) workshop.put('tools', [parsed.data]);
}

function nextRank(tools: readonly Tool[]): number {
  return Math.max(-1, ...tools.map(({ rank }) => rank)) + 1;
}

/** Before all others of its kind. */
function putFirst(tool: Tool, tools: readonly Tool[]): void {
  change(tool, { rank: Math.min(...tools.map(({ rank }) => rank)) - 1 });
}

function take(tool: Tool, key: string, value: number): void {
  const isCount = key === 'places' || key === 'trays';
  change(tool, {
    [key]: key === 'minimumG' && value === 0 ? null : isCount ? Math.round(value) : value,
  });
}

/** What can be done with a tool beside its figures. */
function waysOf(tool: Tool, group: (typeof groups.value)[number]) {
  const isSecond = group.isOneInUse === true && tool !== group.tools[0];
  return [
    ...(isSecond ? [{ value: 'use', title: 'Use this one' }] : []),
    { value: 'remove', title: 'Remove' },
  ];
}
function act(way: string, tool: Tool, tools: readonly Tool[]): void {
  if (way === 'use') putFirst(tool, tools);
  else workshop.remove('tools', [tool.id]);
}
</script>

<template>
  <div class="tools">
    <section v-for="group in groups" :key="group.kind" :aria-label="group.many">
      <div class="head">
        <h2>{{ group.many }}</h2>
        <v-btn
          size="small"
          @click="workshop.put('tools', [newTool(group.kind, nextRank(group.tools))])"
          >Add<span class="visually-hidden">: {{ group.many }}</span></v-btn
        >
        <p class="quiet">{{ group.says }}</p>
      </div>
      <table v-if="group.tools.length" :aria-label="group.many">
        <thead>
          <tr>
            <td></td>
            <th scope="col">Name</th>
            <th v-for="field in group.fields" :key="field.key" scope="col">{{ field.label }}</th>
            <th v-if="group.kind === 'tray'" scope="col" class="choice">Seats</th>
            <th v-if="group.kind === 'sprayer'" scope="col">Filled with</th>
            <td></td>
          </tr>
        </thead>
        <tbody>
          <tr v-for="tool in group.tools" :key="tool.id" role="group" :aria-label="tool.name">
            <td class="picture">
              <svg viewBox="0 0 32 32" width="32" height="32" aria-hidden="true">
                <path :d="TOOL_PICTURES[tool.kind]" />
              </svg>
            </td>
            <td data-label="Name">
              <DraftField
                :model-value="tool.name"
                label="Name"
                is-bare
                maxlength="80"
                hide-details="auto"
                @update:model-value="
                  (text: string) => change(tool, { name: text.trim() || tool.name })
                "
              />
            </td>
            <td v-for="field in group.fields" :key="field.key" :data-label="field.label">
              <NumberField
                :model-value="valueOf(tool, field.key)"
                :label="field.label"
                :unit="field.unit"
                :suffix="field.suffix"
                :min="field.min"
                :max="field.max"
                :decimals="field.decimals"
                is-bare
                @update:model-value="(value) => take(tool, field.key, value)"
              />
            </td>
            <td v-if="tool.kind === 'tray'" class="wide" data-label="Seats">
              <ChoiceRow
                :model-value="tool.seats ?? 'unsaid'"
                :items="SEATS"
                @update:model-value="
                  (seats) => change(tool, { seats: seats === 'unsaid' ? undefined : seats })
                "
              />
            </td>
            <td v-if="tool.kind === 'sprayer'" class="wide" data-label="Filled with">
              <v-select
                :model-value="tool.holdsId ?? ANYTHING"
                :items="liquids"
                aria-label="Filled with"
                @update:model-value="
                  (id: string) => change(tool, { holdsId: id === ANYTHING ? undefined : id })
                "
              />
            </td>
            <td class="menu">
              <ActionMenu
                :items="waysOf(tool, group)"
                :aria-label="`More for ${tool.name}`"
                :title="`More for ${tool.name}`"
                class="dots"
                @choose="(way) => act(way, tool, group.tools)"
                ><v-icon :icon="mdiDotsVertical"
              /></ActionMenu>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
.tools {
  display: grid;
  gap: 28px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  align-items: center;
}
.head p {
  flex-basis: 100%;
  margin: 0;
  font-size: var(--text-plain);
}
table {
  /* Columns of one kind stand under those of another. */
  table-layout: fixed;
  width: min-content;
}
th {
  width: 214px;
}
th:nth-child(2) {
  width: 250px;
}
th.choice {
  width: 290px;
}
thead td:first-child {
  width: 48px;
}
thead td:last-child {
  width: 48px;
}
tbody td {
  padding: 6px 12px 6px 0;
  vertical-align: middle;
}
tbody td.menu {
  padding: 0;
}
.dots {
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
}
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-linejoin: round;
  stroke-linecap: round;
}
@media (max-width: 1150px) {
  th {
    width: 176px;
  }
  th:nth-child(2) {
    width: 200px;
  }
}
@media (max-width: 820px) {
  table,
  tbody {
    display: block;
    width: auto;
  }
  thead {
    display: none;
  }
  tr {
    position: relative;
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 4px 12px;
    padding: 10px 44px 10px 44px;
    border-top: 1px solid var(--hairline);
  }
  tbody td {
    padding: 0;
    border: 0;
  }
  tbody td:nth-child(2),
  tbody td.wide {
    grid-column: 1 / -1;
  }
  td[data-label]::before {
    content: attr(data-label);
    color: var(--mid);
    font-size: var(--text-small);
  }
  td.picture,
  td.menu {
    position: absolute;
    top: 22px;
    left: 0;
  }
  td.menu {
    left: auto;
    right: 0;
  }
}
</style>
