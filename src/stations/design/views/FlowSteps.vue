<script setup lang="ts">
import { typedIn } from '@/ui/fields/typedIn';
import { mdiArrowDown, mdiArrowUp, mdiCallSplit, mdiClose, mdiDragVertical } from '@mdi/js';
import { ref, useTemplateRef } from 'vue';
import { newId } from '@/core/basics/newId';
import type { FormulaBody, WorkEdit } from '@/core/formula/model/schema';
import { canSplit, splitInHalf } from '@/core/work/flow/edits';
import type { Operation } from '@/core/work/flow/types';
import { useMaterials } from '@/ui/fields/materials';
import { useReorder } from '@/ui/frame/useReorder';
import { titleOfOperation, vesselName } from './flowMessages';

/** Operations of the work in their order: moved, timed, left out, and added to. */
const props = defineProps<{
  body: FormulaBody;
  shown: readonly Operation[];
  /** What breaks a rule, by the operation where it does. */
  brokenAt: ReadonlyMap<string | null, string>;
}>();
const emit = defineEmits<{ edit: [change: WorkEdit] }>();
const { catalog } = useMaterials();

const said = ref('');

const titleOf = (operation: Operation) => titleOfOperation(operation, props.body, catalog.value);

useReorder(useTemplateRef<HTMLElement>('steps'), {
  handle: '.grip',
  animationMs: 0,
  onDrop: move,
});

/** Put after what stood before its new place in the list that is shown. */
function move(from: number, to: number): void {
  const one = props.shown[from];
  if (!one || to < 0 || to >= props.shown.length) return;
  const rest = props.shown.filter((other) => other !== one);
  emit('edit', { kind: 'move', opId: one.id, afterId: rest[to - 1]?.id ?? null });
}

function setMinutes(operation: Operation, value: string): void {
  const minutes = Number(value.replace(',', '.'));
  if (Number.isFinite(minutes) && minutes >= 0 && minutes <= 100_000)
    emit('edit', { kind: 'minutes', opId: operation.id, minutes });
}

function addOwn(): void {
  const last = props.shown.at(-1);
  const part = props.body.parts.find(({ id }) => id === last?.partId) ?? props.body.parts[0];
  if (said.value.trim() === '' || !part) return;
  emit('edit', {
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
  <div>
    <ol ref="steps" class="plain-list steps">
      <li
        v-for="(operation, i) in shown"
        :key="operation.id"
        :class="{ broken: brokenAt.has(operation.id), later: operation.isLater }"
      >
        <span class="grip" aria-hidden="true"><v-icon :icon="mdiDragVertical" size="18" /></span>
        <span class="title">
          {{ titleOf(operation) }}
          <span class="quiet">{{ vesselName(operation.vessel, body) }}</span>
          <span v-if="brokenAt.has(operation.id)" class="why">{{
            brokenAt.get(operation.id)
          }}</span>
        </span>
        <label class="minutes">
          <input
            :value="Number(operation.minutes.toFixed(1))"
            inputmode="decimal"
            :aria-label="`Minutes of ${titleOf(operation)}`"
            @change="setMinutes(operation, typedIn($event))"
          />
          min
        </label>
        <span class="moves">
          <button
            type="button"
            :disabled="i === 0"
            :aria-label="`Earlier: ${titleOf(operation)}`"
            title="Move it earlier"
            @click="move(i, i - 1)"
          >
            <v-icon :icon="mdiArrowUp" size="16" />
          </button>
          <button
            type="button"
            :disabled="i === shown.length - 1"
            :aria-label="`Later: ${titleOf(operation)}`"
            title="Move it later"
            @click="move(i, i + 1)"
          >
            <v-icon :icon="mdiArrowDown" size="16" />
          </button>
          <button
            type="button"
            :disabled="!canSplit(operation)"
            :aria-label="`Split: ${titleOf(operation)}`"
            title="Split it in half"
            @click="emit('edit', splitInHalf(operation, `own:${newId()}`))"
          >
            <v-icon :icon="mdiCallSplit" size="16" />
          </button>
          <button
            type="button"
            :aria-label="`Leave out: ${titleOf(operation)}`"
            title="Leave it out"
            @click="emit('edit', { kind: 'leave-out', opId: operation.id })"
          >
            <v-icon :icon="mdiClose" size="16" />
          </button>
        </span>
      </li>
    </ol>
    <form class="add" @submit.prevent="addOwn">
      <v-text-field v-model="said" label="Your own step" maxlength="200" autocomplete="off" />
      <v-btn type="submit">Add</v-btn>
    </form>
  </div>
</template>

<style scoped>
.steps li {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr) auto;
  gap: 0 8px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 1px solid var(--hairline);
}
.steps .title {
  grid-column: 2 / -1;
}
.grip {
  color: var(--mid);
  cursor: grab;
}
.minutes {
  color: var(--mid);
  font-size: var(--text-small);
  white-space: nowrap;
}
.moves button {
  min-width: 28px;
  min-height: 28px;
  border: 0;
  background: none;
  color: var(--mid);
  cursor: pointer;
}
.later .title {
  font-style: italic;
}
.steps li.broken {
  border-left: 4px solid var(--rust);
}
.steps .minutes {
  grid-column: 2;
}
.why {
  display: block;
  color: var(--rust);
  font-size: var(--text-small);
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
.moves button:disabled {
  opacity: 0.3;
  cursor: default;
}
.add {
  display: flex;
  gap: 8px;
  align-items: flex-start;
  margin-top: 10px;
}
</style>
