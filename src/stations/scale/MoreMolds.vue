<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { computed } from 'vue';
import { isInside } from '@/core/formula/model/parts';
import type { FormulaBody, Part } from '@/core/formula/model/schema';
import { describeMold } from '@/core/work/scaling/molds';
import { usualRequest } from '@/core/work/scaling/request';
import type { MoldSet } from '@/core/work/scaling/requestSchema';
import { moldFromShelf } from '@/core/workshop/shelf/moldFromShelf';
import { useWorkshopStore } from '@/stores/workshop';
import MoldFields from '@/ui/fields/MoldFields.vue';
import NumberField from '@/ui/fields/NumberField.vue';

/** Other molds filled from the same bowl: eight of this, five of that, and samplers from what is left. */
const props = defineProps<{ sets: readonly MoldSet[]; body: FormulaBody }>();
const emit = defineEmits<{ change: [sets: MoldSet[]] }>();
const workshop = useWorkshopStore();

const MEASURES = 'By its measures';
const MOST = 8;
const choices = computed(() => [
  ...workshop.molds.map(({ id, name }) => ({ value: id, title: name })),
  { value: MEASURES, title: MEASURES },
]);

function add(): void {
  const { mold } = usualRequest(props.body);
  emit('change', [...props.sets, { mold, moldId: null, fillG: null, count: 6, isSampler: false }]);
}

function change(at: number, part: Partial<MoldSet>): void {
  emit(
    'change',
    props.sets.map((set, i) => (i === at ? { ...set, ...part } : set)),
  );
}

/** What lies on the pieces by the piece: another mold may take more of it, or none. */
const tops = computed(() =>
  props.body.parts.filter(
    (part) => !isInside(part) && part.perPieceG !== undefined && part.lines.length > 0,
  ),
);

function setTop(at: number, { id }: Part, grams: number): void {
  change(at, { tops: { ...props.sets[at]?.tops, [id]: grams } });
}

function takeMold(at: number, id: string): void {
  const found = workshop.molds.find((mold) => mold.id === id);
  change(at, found ? { moldId: found.id, mold: moldFromShelf(found) } : { moldId: null });
}

function takeAway(at: number): void {
  emit(
    'change',
    props.sets.filter((_, i) => i !== at),
  );
}
</script>

<template>
  <fieldset v-for="(set, at) in sets" :key="at" class="set">
    <legend>
      {{
        set.isSampler
          ? `Minis, ${describeMold(set.mold)}`
          : `Mold ${at + 2}, ${describeMold(set.mold)}`
      }}
    </legend>
    <NumberField
      :model-value="set.count"
      :label="`Pieces in mold ${at + 2}`"
      :min="1"
      :max="10000"
      :decimals="0"
      @update:model-value="(count) => change(at, { count: Math.round(count) })"
    />
    <v-select
      v-if="workshop.molds.length"
      :model-value="set.moldId ?? MEASURES"
      :items="choices"
      :label="`Mold ${at + 2}`"
      @update:model-value="(id: string) => takeMold(at, id)"
    />
    <MoldFields
      v-if="set.moldId === null"
      :model-value="set.mold"
      @update:model-value="(mold) => change(at, { mold })"
    />
    <NumberField
      :model-value="set.fillG ?? 0"
      :label="`Fill of mold ${at + 2}`"
      unit="g"
      :hint="set.fillG === null ? '0 fills it' : ''"
      persistent-hint
      :min="0"
      :max="1000000"
      :decimals="1"
      @update:model-value="
        (fillG) => change(at, { fillG: fillG > 0 ? Math.max(0.1, fillG) : null })
      "
    />
    <label class="sampler">
      <input
        type="checkbox"
        :checked="set.isSampler"
        @change="
          change(at, { isSampler: ($event.target as HTMLInputElement).checked, tops: undefined })
        "
      />
      Minis, from the rest
    </label>
    <template v-if="!set.isSampler">
      <NumberField
        v-for="part in tops"
        :key="part.id"
        :model-value="set.tops?.[part.id] ?? part.perPieceG ?? 0"
        :label="`${part.name} on each of mold ${at + 2}`"
        unit="g"
        :min="0"
        :max="10000"
        :decimals="1"
        @update:model-value="(grams) => setTop(at, part, grams)"
      />
    </template>
    <v-btn
      class="away"
      size="small"
      variant="text"
      :icon="mdiClose"
      :aria-label="`Remove mold ${at + 2}`"
      :title="`Remove mold ${at + 2}`"
      @click="takeAway(at)"
    />
  </fieldset>
  <button v-if="sets.length < MOST" type="button" class="link" @click="add">
    Add a mold to the same bowl
  </button>
</template>

<style scoped>
.set {
  position: relative;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 12px;
  margin: 4px 0 0;
  padding: 6px 0 0;
  border: 0;
  border-top: 1px solid var(--hairline);
}
legend {
  float: left;
  grid-column: 1 / -1;
  padding: 0;
  color: var(--mid);
  font-size: var(--text-small);
}
.away {
  position: absolute;
  top: 0;
  right: -8px;
}
.sampler input {
  accent-color: var(--verdigris);
}
.sampler {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.link {
  justify-self: start;
}
</style>
