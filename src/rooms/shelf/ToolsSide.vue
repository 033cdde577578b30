<script setup lang="ts">
import { computed } from 'vue';
import { toolSchema, type Tool, type ToolKind } from '@/core/workshop/shelf/tool';
import { toolsOf } from '@/core/workshop/shelf/workplace';
import { useWorkshopStore } from '@/stores/workshop';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import { TOOL_FIELDS, TOOL_WORDS, newTool } from './toolFields';
import DraftField from '@/ui/fields/DraftField.vue';

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
  (Object.keys(TOOL_FIELDS) as ToolKind[]).map((kind) => ({
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
</script>

<template>
  <div class="tools">
    <section v-for="group in groups" :key="group.kind" :aria-label="group.many">
      <h2>{{ group.many }}</h2>
      <p class="quiet small">{{ group.says }}</p>
      <div
        v-for="tool in group.tools"
        :key="tool.id"
        class="tool"
        role="group"
        :aria-label="tool.name"
      >
        <DraftField
          :model-value="tool.name"
          label="Name"
          maxlength="80"
          @update:model-value="(text: string) => change(tool, { name: text.trim() || tool.name })"
        />
        <NumberField
          v-for="field in group.fields"
          :key="field.key"
          :model-value="valueOf(tool, field.key)"
          :label="field.label"
          :unit="field.unit"
          :suffix="field.suffix"
          :min="field.min"
          :max="field.max"
          :decimals="field.decimals"
          @update:model-value="(value) => take(tool, field.key, value)"
        />
        <ChoiceRow
          v-if="tool.kind === 'tray'"
          :model-value="tool.seats ?? 'unsaid'"
          :items="SEATS"
          @update:model-value="
            (seats) => change(tool, { seats: seats === 'unsaid' ? undefined : seats })
          "
        />
        <v-select
          v-if="tool.kind === 'sprayer'"
          :model-value="tool.holdsId ?? ANYTHING"
          :items="liquids"
          label="Filled with"
          @update:model-value="
            (id: string) => change(tool, { holdsId: id === ANYTHING ? undefined : id })
          "
        />
        <v-btn
          v-if="group.isOneInUse && tool !== group.tools[0]"
          variant="text"
          @click="putFirst(tool, group.tools)"
          >Use<span class="visually-hidden">: {{ tool.name }}</span></v-btn
        >
        <v-btn variant="text" color="error" @click="workshop.remove('tools', [tool.id])"
          >Remove<span class="visually-hidden"> {{ tool.name }}</span></v-btn
        >
      </div>
      <v-btn
        size="small"
        @click="workshop.put('tools', [newTool(group.kind, nextRank(group.tools))])"
        >Add<span class="visually-hidden">: {{ group.many }}</span></v-btn
      >
    </section>
  </div>
</template>

<style scoped>
.tools {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(420px, 1fr));
  gap: 22px 48px;
}
.small {
  margin: 0 0 8px;
  font-size: var(--text-plain);
}
.tool {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  padding-bottom: 14px;
}
.tool > :deep(.v-input) {
  flex: 1 1 130px;
}
.tool > :deep(.v-input:first-child) {
  flex-basis: 180px;
}
@media (max-width: 560px) {
  .tools {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
