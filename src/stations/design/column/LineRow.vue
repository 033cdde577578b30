<script setup lang="ts">
import { mdiDotsVertical, mdiDrag, mdiLock, mdiLockOpenVariantOutline } from '@mdi/js';
import { computed } from 'vue';
import { WAY_WORDS, waysOf } from '@/core/formula/model/ways';
import type { Line } from '@/core/formula/model/schema';
import type { Material } from '@/core/matter/materials/material';
import type { Spread } from '@/core/basics/units/spread';
import ActionMenu from '@/ui/frame/ActionMenu.vue';
import { formatPercent } from '@/core/basics/format/numbers';
import { formatMassRange } from '@/core/basics/format/quantities';
import GramsInput from './GramsInput.vue';

const props = defineProps<{ line: Line; material: Material; share: number; othersG: number }>();
const emit = defineEmits<{ amount: [massG: Spread]; action: [action: string] }>();

const ACTIONS = [
  { value: 'up', title: 'Move up' },
  { value: 'down', title: 'Move down' },
  { value: 'swap', title: 'Swap material' },
  { value: 'remove', title: 'Remove' },
] as const;

const how = computed(() => props.line.how);
/** How it goes in: what fits this material, and back to the rule. */
const actions = computed(() => [
  ...ACTIONS,
  ...waysOf(props.material)
    .filter((way) => way !== how.value)
    .map((way) => ({ value: `way:${way}`, title: `Add ${WAY_WORDS[way]}` })),
  ...(how.value === undefined ? [] : [{ value: 'way:', title: 'Add by the usual order' }]),
]);
const named = computed(() =>
  how.value === undefined ? props.material.name : `${props.material.name}, ${WAY_WORDS[how.value]}`,
);

const percent = computed(() => {
  const pct = props.share * 100;
  return formatPercent(pct, pct >= 0.1 ? 1 : 2);
});
const spread = computed(() =>
  props.line.massHighG > props.line.massLowG
    ? `${formatMassRange(props.line.massLowG, props.line.massHighG)}, from “${props.line.written ?? ''}”`
    : '',
);
</script>

<template>
  <div class="row">
    <span class="carry" :title="`Drag ${material.name}`" aria-hidden="true"
      ><v-icon :icon="mdiDrag" size="18"
    /></span>
    <span class="name" :title="named"
      >{{ material.name
      }}<span v-if="line.how" class="quiet way">, {{ WAY_WORDS[line.how] }}</span></span
    >
    <GramsInput
      :mass-g="line.massG"
      :material="material"
      :others-g="othersG"
      :is-uncertain="spread !== ''"
      :title="spread"
      @amount="(massG) => emit('amount', massG)"
    />
    <span class="percent quiet tabular">{{ percent }}</span>
    <button
      type="button"
      class="icon"
      :aria-pressed="line.locked"
      :aria-label="`Lock ${material.name}`"
      :title="line.locked ? 'Locked. Its weight stays.' : 'Lock its weight'"
      @click="emit('action', 'lock')"
    >
      <v-icon :icon="line.locked ? mdiLock : mdiLockOpenVariantOutline" size="17" />
    </button>
    <ActionMenu
      class="icon"
      :items="actions"
      :aria-label="`More for ${material.name}`"
      title="More actions"
      @choose="(action) => emit('action', action)"
    >
      <v-icon :icon="mdiDotsVertical" size="18" />
    </ActionMenu>
  </div>
</template>

<style scoped>
.row {
  height: 100%;
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr) 90px 50px 34px 26px;
  align-items: center;
}
.carry {
  color: color-mix(in srgb, var(--mid) 45%, transparent);
}
.row:hover .carry {
  color: var(--mid);
}
.name {
  display: -webkit-box;
  overflow: hidden;
  line-height: 1.1;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
}
.way {
  font-size: var(--text-small);
}
.percent {
  text-align: right;
  font-size: var(--text-small);
}
.row :deep(.icon) {
  display: grid;
  place-items: center;
  height: 30px;
  border: 0;
  background: none;
  color: var(--mid);
  cursor: pointer;
}
.icon[aria-pressed='true'] {
  color: var(--ink);
}
@media (max-width: 560px) {
  .row {
    grid-template-columns: 20px minmax(0, 1fr) 84px 0 34px 26px;
  }
  .percent {
    display: none;
  }
}
</style>
