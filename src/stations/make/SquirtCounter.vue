<script setup lang="ts">
import HandButton from '@/ui/kit/HandButton.vue';
import { computed, ref } from 'vue';
import { isParted } from '@/core/batches/records/bowl';
import { standing } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { useBenchStore } from '@/stores/bench';
import { useWorkshopStore } from '@/stores/workshop';
import { counted } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { useActions } from '@/ui/actions/useActions';
import { useMaterials } from '@/ui/fields/materials';

const { sentenceNameOf } = useMaterials();

/** Squirts by key, each in the record the moment it is heard. */
const props = defineProps<{
  batch: Batch;
  stepId: string;
  /** What the recipe sprays, and the line it stands for. */
  ownId?: string;
  lineId?: string;
  /** The bowl it goes into at first, once there are two. */
  into?: 1 | 2;
  /** Grams of a spoonful, where it goes in by the spoon. */
  spoonG?: number;
}>();
const bench = useBenchStore();
const workshop = useWorkshopStore();

const SPRAYED = ['water', 'witch-hazel', 'isopropyl-alcohol-99'] as const;
/** The formula's own liquid comes first. */
const choices = [...new Set([props.ownId ?? SPRAYED[0], ...SPRAYED])];
const materialId = ref<string>(choices[0] ?? SPRAYED[0]);
const bowl = ref<1 | 2>(props.into ?? 1);
const parted = computed(() => isParted(props.batch));
const here = computed(() =>
  standing(props.batch, 'added').filter(
    ({ stepId, squirts, why }) =>
      stepId === props.stepId &&
      (props.spoonG === undefined ? squirts !== null : why === 'sprayed'),
  ),
);
const count = computed(() => here.value.reduce((sum, { squirts }) => sum + (squirts ?? 1), 0));
const each = computed(() => props.spoonG ?? workshop.squirtG(materialId.value));
const said = computed(() =>
  counted(count.value, props.spoonG === undefined ? 'squirt' : 'spoonful'),
);
const massG = computed(() => here.value.reduce((sum, entry) => sum + entry.massG, 0));

function squirt(): void {
  const isOwn = materialId.value === props.ownId;
  const into = parted.value ? bowl.value : 1;
  const of = isOwn ? props.lineId : undefined;
  if (props.spoonG === undefined) bench.squirt(materialId.value, into, of);
  else bench.add(materialId.value, props.spoonG, 'sprayed', into, of ? { lineId: of } : {});
}

/** The next thing in the sprayer. */
function turn(): void {
  const at = choices.indexOf(materialId.value);
  materialId.value = choices[(at + 1) % choices.length] ?? SPRAYED[0];
}

const turnBowl = () => (bowl.value = bowl.value === 1 ? 2 : 1);
useActions(() => [
  { name: props.spoonG === undefined ? 'One squirt' : 'One spoonful', key: 's', run: squirt },
  { name: 'Change the sprayer', key: 'w', run: turn, isOff: props.spoonG !== undefined },
  { name: 'Change the bowl', key: 'g', run: turnBowl, isOff: !parted.value },
]);
</script>

<template>
  <div class="squirts" role="group" :aria-label="spoonG === undefined ? 'Squirts' : 'Spoonfuls'">
    <HandButton @click="squirt">
      {{ spoonG === undefined ? 'One squirt' : 'One spoonful' }} <kbd>S</kbd>
    </HandButton>
    <HandButton v-if="spoonG === undefined" @click="turn">
      Sprayer: {{ sentenceNameOf(materialId) }} <kbd>W</kbd>
    </HandButton>
    <HandButton v-if="parted" @click="turnBowl">
      {{ bowl === 1 ? 'First bowl' : 'Second bowl' }} <kbd>G</kbd>
    </HandButton>
    <p role="status">
      <b class="figure">{{ said }}</b><template v-if="count">, {{ formatMass(massG, 1) }}</template
      ><template v-if="!$slots.default">, {{ formatMass(each, 2) }} each</template>
    </p>
    <slot />
  </div>
</template>

<style scoped>
.squirts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  margin-top: 10px;
}
p {
  margin: 0;
  color: #c8d2cc;
  font-size: var(--text-lead);
}
.figure {
  color: #f4f1e8;
  font-size: var(--text-headline);
}
</style>
