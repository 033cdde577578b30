<script setup lang="ts">
import { computed, ref } from 'vue';
import type { FormulaBody } from '@/core/formula/model/schema';
import { totalPieces } from '@/core/work/scaling/totalPieces';
import { formatMinutes } from '@/core/basics/format/durations';
import { counted } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { brokenRules, sayBroken } from '@/core/work/flow/rules';
import { placedByRule, withWorkEdit, withoutWorkEdits } from '@/core/work/flow/edits';
import { workOf } from '@/core/work/flow/workOf';
import type { Operation } from '@/core/work/flow/types';
import { useDesignStore } from '@/stores/design';
import { useMaterials } from '@/ui/fields/materials';
import FlowSteps from './FlowSteps.vue';
import { flowLayout, type DrawnStream } from './flowLayout';
import { sayPlaced, vesselName } from './flowMessages';

/** The work of a formula: vessels as streams that run together, and the operations of the one that is open. */
const props = defineProps<{ body: FormulaBody }>();
const design = useDesignStore();
const { catalog } = useMaterials();

const ALL = 'all';
const openKey = ref<string | null>(null);

const pieces = computed(() => totalPieces(props.body, design.pieceG));
const work = computed(() =>
  workOf(props.body, {
    catalog: catalog.value,
    pieces: pieces.value,
    weighG: new Map(),
    counted: new Set(),
  }),
);
const operations = computed(() => work.value.operations);
const layout = computed(() => flowLayout(operations.value, props.body));
const broken = computed(() => brokenRules(operations.value, props.body, catalog.value));
const brokenAt = computed(
  () => new Map(broken.value.map((one) => [one.opId, sayBroken(one, catalog.value)])),
);
/** What came into the formula after the maker's own changes of the work. */
const placed = computed(() => placedByRule(props.body, operations.value));
const handsMin = computed(() => sumMinutes(operations.value.filter(({ isLater }) => !isLater)));
const laterMin = computed(() => sumMinutes(operations.value.filter(({ isLater }) => isLater)));
const isEdited = computed(() => (props.body.work ?? []).length > 0);
/** The operations of the stream that was tapped, or of the whole work. */
const shown = computed(() => {
  if (openKey.value === null) return [];
  return openKey.value === ALL
    ? operations.value
    : operations.value.filter(({ vessel }) => keyOf(vessel) === openKey.value);
});

function keyOf({ kind, partId }: Operation['vessel']): string {
  return `${kind}:${partId}`;
}

function sumMinutes(some: readonly Operation[]): number {
  return Math.round(some.reduce((sum, { minutes }) => sum + minutes, 0));
}

function isBroken({ operations: own }: DrawnStream): boolean {
  return own.some(({ id }) => brokenAt.value.has(id));
}

/** A band that bends down into the vessel it is poured into. */
function band({ x0, x1, y, toY }: DrawnStream): string {
  const bend = toY === null ? '' : ` C ${x1 + 10} ${y} ${x1 - 4} ${toY} ${x1 + 12} ${toY}`;
  return `M ${x0} ${y} L ${x1} ${y}${bend}`;
}
</script>

<template>
  <section class="flow" aria-label="Steps of the work">
    <p class="quiet head">
      {{ counted(operations.length, 'step') }}, {{ formatMinutes(handsMin) }} at the bench for
      {{ counted(pieces, 'piece') }}, {{ formatMinutes(laterMin) }} on the days after.
      <button type="button" class="link" @click="openKey = openKey === ALL ? null : ALL">
        {{ openKey === ALL ? 'Hide the steps' : 'Show all steps' }}
      </button>
      <button
        v-if="isEdited"
        type="button"
        class="link"
        @click="design.change(withoutWorkEdits(body))"
      >
        Restore the usual order
      </button>
    </p>
    <svg
      :viewBox="`0 0 ${layout.width} ${layout.height}`"
      role="group"
      aria-label="Vessels, in order of use"
    >
      <g
        v-for="stream in layout.streams"
        :key="stream.key"
        class="stream"
        :class="{ open: stream.key === openKey, broken: isBroken(stream) }"
        role="button"
        tabindex="0"
        :aria-pressed="stream.key === openKey"
        :aria-label="
          isBroken(stream)
            ? `${vesselName(stream, body)}, ${counted(stream.operations.length, 'step')}, breaks a rule`
            : `${vesselName(stream, body)}, ${counted(stream.operations.length, 'step')}`
        "
        @click="openKey = openKey === stream.key ? null : stream.key"
        @keydown.enter="openKey = openKey === stream.key ? null : stream.key"
        @keydown.space.prevent="openKey = openKey === stream.key ? null : stream.key"
      >
        <path :d="band(stream)" :stroke-width="stream.width" class="band" />
        <path
          v-for="operation in stream.operations.filter(({ id }) => brokenAt.has(id))"
          :key="operation.id"
          :d="`M ${stream.x0} ${stream.y} L ${stream.x1} ${stream.y}`"
          class="glow"
        />
        <text :x="Math.min(stream.x0, layout.width - 150)" :y="stream.y - stream.width / 2 - 4">
          <tspan class="name">{{ vesselName(stream, body) }}</tspan>
          <tspan class="what" dx="5">
            {{ stream.massG > 0 ? `${formatMass(stream.massG)}, ` : ''
            }}{{ Math.round(stream.minutes) }} min
          </tspan>
        </text>
      </g>
    </svg>
    <ul v-if="broken.length" class="plain-list broken-list" role="alert">
      <li v-for="(one, i) in broken" :key="i">{{ sayBroken(one, catalog) }}</li>
    </ul>
    <p v-if="work.lostEdits" class="quiet small">
      {{ counted(work.lostEdits, 'change') }} no longer applied, because the step was removed.
    </p>
    <ul v-if="placed.length" class="plain-list quiet small" aria-label="Placed in the usual order">
      <li v-for="one in placed" :key="one.line.id">
        {{ sayPlaced(one, body, catalog) }}
      </li>
    </ul>
    <p v-if="openKey === null" class="quiet small">Choose a vessel to see its steps.</p>
    <FlowSteps
      v-else
      :body="body"
      :shown="shown"
      :broken-at="brokenAt"
      @edit="(change) => design.change(withWorkEdit(body, change))"
    />
  </section>
</template>

<style scoped>
.head {
  margin: 0 0 8px;
}
svg {
  display: block;
  width: 100%;
}
.band {
  fill: none;
  stroke: var(--verdigris);
  stroke-opacity: 0.38;
  stroke-linecap: butt;
}
.stream {
  cursor: pointer;
  outline: none;
}
.stream.open .band {
  stroke-opacity: 0.8;
}
.stream:focus-visible .band {
  stroke: var(--ink);
}
.glow {
  stroke: var(--rust);
  stroke-width: 3;
}
.stream.broken .band {
  stroke: var(--rust);
}
text {
  fill: var(--ink);
  font-size: var(--text-small);
}
.what {
  fill: var(--mid);
}
.name {
  font-weight: 700;
}
.broken-list li {
  margin: 6px 0;
  padding-left: 10px;
  border-left: 4px solid var(--rust);
}
.small {
  font-size: var(--text-small);
}
</style>
