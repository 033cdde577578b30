<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiClose, mdiDragVertical } from '@mdi/js';
import { computed, ref } from 'vue';
import { VueDraggable, type SortableEvent } from 'vue-draggable-plus';
import { newId, type FormulaBody, type WorkEdit } from '@/core/formula';
import { VESSEL_WORDS } from '@/core/making';
import { totalPieces } from '@/core/scaling';
import { counted, formatGrams } from '@/core/words';
import {
  brokenRules,
  sayBroken,
  sayOperation,
  withWorkEdit,
  withoutWorkEdits,
  workOf,
  type Operation,
} from '@/core/work';
import { useDesignStore } from '@/stores/design';
import { useMaterials } from '@/ui/fields/materials';
import { flowLayout, type DrawnStream } from './flowLayout';

/** The work of a formula: vessels as streams that run together, and the operations of the one that is open. */
const props = defineProps<{ body: FormulaBody }>();
const design = useDesignStore();
const { catalog, nameOf } = useMaterials();

const ALL = 'all';
const openKey = ref<string | null>(null);
const said = ref('');

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

function titleOf(operation: Operation): string {
  if (operation.op !== 'weigh') return sayOperation(operation, props.body, catalog.value).title;
  const lines = props.body.parts
    .flatMap((part) => part.lines)
    .filter(({ id }) => operation.lineIds.includes(id));
  const massG = lines.reduce((sum, line) => sum + line.massG, 0);
  return `Weigh ${formatGrams(massG)} g ${nameOf(lines[0]?.materialId ?? '').toLowerCase()}`;
}

function streamName({ kind, partId }: Pick<DrawnStream, 'kind' | 'partId'>): string {
  const part = props.body.parts.find(({ id }) => id === partId);
  const isMain = part === props.body.parts[0] || kind === 'mold' || kind === 'tray';
  return isMain ? VESSEL_WORDS[kind] : `${part?.name ?? ''}, ${VESSEL_WORDS[kind]}`;
}

function isBroken({ operations: own }: DrawnStream): boolean {
  return own.some(({ id }) => brokenAt.value.has(id));
}

/** A band that bends down into the vessel it is poured into. */
function band({ x0, x1, y, toY }: DrawnStream): string {
  const bend = toY === null ? '' : ` C ${x1 + 10} ${y} ${x1 - 4} ${toY} ${x1 + 12} ${toY}`;
  return `M ${x0} ${y} L ${x1} ${y}${bend}`;
}

function edit(change: WorkEdit): void {
  design.change(withWorkEdit(props.body, change));
}

/** Put after what stood before its new place in the list that is shown. */
function dropped({ oldIndex, newIndex }: SortableEvent): void {
  if (oldIndex === undefined || newIndex === undefined || oldIndex === newIndex) return;
  move(oldIndex, newIndex);
}

function move(from: number, to: number): void {
  const one = shown.value[from];
  if (!one || to < 0 || to >= shown.value.length) return;
  const rest = shown.value.filter((other) => other !== one);
  edit({ kind: 'move', opId: one.id, afterId: rest[to - 1]?.id ?? null });
}

function setMinutes(operation: Operation, value: string): void {
  const minutes = Number(value.replace(',', '.'));
  if (Number.isFinite(minutes) && minutes >= 0 && minutes <= 100_000)
    edit({ kind: 'minutes', opId: operation.id, minutes });
}

function addOwn(): void {
  const last = shown.value.at(-1);
  const part = props.body.parts.find(({ id }) => id === last?.partId) ?? props.body.parts[0];
  if (said.value.trim() === '' || !part) return;
  edit({
    kind: 'add',
    opId: `own:${newId()}`,
    afterId: last?.id ?? null,
    op: 'rest',
    vessel: last?.vessel.kind ?? 'bowl',
    from: null,
    partId: part.id,
    said: said.value.trim().slice(0, 200),
    minutes: 5,
  });
  said.value = '';
}
</script>

<template>
  <section class="flow" aria-label="The flow of the work">
    <p class="quiet head">
      {{ counted(operations.length, 'step') }}, {{ handsMin }} min at the bench for
      {{ counted(pieces, 'piece') }}, {{ laterMin }} min on the days after.
      <button type="button" class="link" @click="openKey = openKey === ALL ? null : ALL">
        {{ openKey === ALL ? 'Close the steps' : 'Show every step' }}
      </button>
      <button
        v-if="isEdited"
        type="button"
        class="link"
        @click="design.change(withoutWorkEdits(body))"
      >
        As the rules lay it out
      </button>
    </p>
    <svg
      :viewBox="`0 0 ${layout.width} ${layout.height}`"
      role="group"
      aria-label="Vessels, in the order they come into use"
    >
      <g
        v-for="stream in layout.streams"
        :key="stream.key"
        class="stream"
        :class="{ open: stream.key === openKey, broken: isBroken(stream) }"
        role="button"
        tabindex="0"
        :aria-pressed="stream.key === openKey"
        :aria-label="`${streamName(stream)}, ${counted(stream.operations.length, 'step')}${isBroken(stream) ? ', breaks a rule' : ''}`"
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
          <tspan class="name">{{ streamName(stream) }}</tspan>
          <tspan class="what" dx="5">
            {{ stream.massG > 0 ? `${formatGrams(stream.massG)} g, ` : ''
            }}{{ Math.round(stream.minutes) }} min
          </tspan>
        </text>
      </g>
    </svg>
    <ul v-if="broken.length" class="plain-list broken-list" role="alert">
      <li v-for="(one, i) in broken" :key="i">{{ sayBroken(one, catalog) }}</li>
    </ul>
    <p v-if="work.lostEdits" class="quiet small">
      {{ counted(work.lostEdits, 'change') }} of the work named a step that is not there any more.
    </p>
    <p v-if="openKey === null" class="quiet small">Tap a vessel to open its steps.</p>
    <VueDraggable
      v-else
      :model-value="[...shown]"
      tag="ol"
      class="plain-list steps"
      handle=".grip"
      :animation="0"
      @end="dropped"
    >
      <li
        v-for="(operation, i) in shown"
        :key="operation.id"
        :class="{ broken: brokenAt.has(operation.id), later: operation.isLater }"
      >
        <span class="grip" aria-hidden="true"><v-icon :icon="mdiDragVertical" size="18" /></span>
        <span class="title">
          {{ titleOf(operation) }}
          <span class="quiet">{{ streamName(operation.vessel) }}</span>
          <span v-if="brokenAt.has(operation.id)" class="why">{{
            brokenAt.get(operation.id)
          }}</span>
        </span>
        <label class="minutes">
          <input
            :value="Number(operation.minutes.toFixed(1))"
            inputmode="decimal"
            :aria-label="`Minutes of ${titleOf(operation)}`"
            @change="setMinutes(operation, ($event.target as HTMLInputElement).value)"
          />
          min
        </label>
        <span class="moves">
          <button
            type="button"
            :disabled="i === 0"
            :aria-label="`Earlier: ${titleOf(operation)}`"
            @click="move(i, i - 1)"
          >
            <v-icon :icon="mdiArrowUp" size="16" />
          </button>
          <button
            type="button"
            :disabled="i === shown.length - 1"
            :aria-label="`Later: ${titleOf(operation)}`"
            @click="move(i, i + 1)"
          >
            <v-icon :icon="mdiArrowDown" size="16" />
          </button>
          <button
            type="button"
            :aria-label="`Leave out: ${titleOf(operation)}`"
            @click="edit({ kind: 'leave-out', opId: operation.id })"
          >
            <v-icon :icon="mdiClose" size="16" />
          </button>
        </span>
      </li>
    </VueDraggable>
    <form v-if="openKey !== null" class="add" @submit.prevent="addOwn">
      <v-text-field v-model="said" label="A step of your own" maxlength="200" autocomplete="off" />
      <v-btn type="submit">Add it</v-btn>
    </form>
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
  font-size: 11.5px;
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
.steps li {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr) auto;
  gap: 0 8px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 1px solid var(--hairline);
}
.steps li.broken {
  border-left: 4px solid var(--rust);
}
.steps .title {
  grid-column: 2 / -1;
}
.steps .minutes {
  grid-column: 2;
}
.grip {
  color: var(--mid);
  cursor: grab;
}
.why {
  display: block;
  color: var(--rust);
  font-size: 13px;
}
.minutes {
  color: var(--mid);
  font-size: 13px;
  white-space: nowrap;
}
.minutes input {
  width: 46px;
  min-height: 28px;
  padding: 0 4px;
  border: 0;
  border-bottom: 1px solid var(--hairline);
  background: none;
  color: var(--ink);
  font: inherit;
  text-align: right;
}
.moves button {
  min-width: 28px;
  min-height: 28px;
  border: 0;
  background: none;
  color: var(--mid);
  cursor: pointer;
}
.moves button:disabled {
  opacity: 0.3;
  cursor: default;
}
.later .title {
  font-style: italic;
}
.add {
  display: flex;
  gap: 8px;
  align-items: flex-start;
  margin-top: 10px;
}
.small {
  font-size: 13px;
}
</style>
