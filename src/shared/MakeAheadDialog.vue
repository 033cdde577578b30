<script setup lang="ts">
import FormDialog from '@/ui/kit/FormDialog.vue';
import { mdiClose } from '@mdi/js';
import { computed, reactive, ref, watch } from 'vue';
import { AHEAD_KINDS, type AheadKind } from '@/core/matter/materials/types';
import type { OwnMaterial } from '@/core/matter/materials/own';
import {
  AHEAD_WORDS,
  aheadLot,
  aheadMaterial,
  keptG,
  makingOf,
  nextAheadCode,
  usualAhead,
  type AheadDraft,
} from '@/core/workshop/shelf/madeAhead';
import { formatMass } from '@/core/basics/format/quantities';
import { nowIso } from '@/stores/now';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import MaterialPicker from '@/ui/fields/MaterialPicker.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import { useMaterials } from '@/ui/fields/materials';

/** Makes something before the batch that uses it: an infused oil, a stock, colored salt, embed powder. It becomes a material and a lot. */
const isOpen = defineModel<boolean>({ required: true });
const props = defineProps<{
  /** What it begins as. */
  draft?: AheadDraft | null;
  /** Made before, and made again. */
  again?: OwnMaterial | null;
}>();
const emit = defineEmits<{ made: [own: OwnMaterial] }>();
const workshop = useWorkshopStore();
const shelf = useShelfStore();
const { catalog, nameOf } = useMaterials();

interface Row {
  materialId: string | null;
  massG: number;
  isStrained: boolean;
}
const name = ref('');
const kind = ref<AheadKind>('infusion');
const rows = reactive<Row[]>([]);
const readyH = ref(0);
const keepsDays = ref(0);
const minutes = ref(15);
const gainedG = ref(100);
const code = ref('');
const isMade = ref(true);

const kinds = AHEAD_KINDS.map((value) => ({ value, title: AHEAD_WORDS[value] }));

function begin({ name: named, ahead }: AheadDraft): void {
  name.value = named;
  kind.value = ahead.kind;
  rows.splice(0, rows.length, ...ahead.lines.map((line) => ({ ...line })));
  takeTimes(ahead);
  gainedG.value = Math.max(1, Math.round(keptG(ahead)));
}
function takeTimes({ readyH: hours, keepsDays: days, minutes: hands }: AheadDraft['ahead']): void {
  readyH.value = hours;
  keepsDays.value = days ?? 0;
  minutes.value = hands;
}

watch(
  isOpen,
  (open) => {
    if (!open) return;
    const { again, draft } = props;
    if (again?.ahead) begin({ name: again.name, ahead: again.ahead });
    else if (draft) begin(draft);
    else {
      name.value = '';
      kind.value = 'infusion';
      rows.splice(
        0,
        rows.length,
        { materialId: null, massG: 100, isStrained: false },
        { materialId: null, massG: 10, isStrained: true },
      );
      takeTimes(usualAhead('infusion', []));
      gainedG.value = 100;
    }
    code.value = nextAheadCode(workshop.lots.map((lot) => lot.code));
    isMade.value = true;
  },
  { immediate: true },
);

function takeKind(next: AheadKind): void {
  kind.value = next;
  takeTimes(usualAhead(next, []));
}

const lines = computed(() =>
  rows.flatMap(({ materialId, massG, isStrained }) =>
    materialId !== null && massG > 0 ? [{ materialId, massG, isStrained }] : [],
  ),
);
const ahead = computed(() => ({
  kind: kind.value,
  lines: lines.value,
  readyH: readyH.value,
  keepsDays: keepsDays.value > 0 ? Math.round(keepsDays.value) : null,
  minutes: minutes.value,
}));
const takes = computed(() => (keptG(ahead.value) > 0 ? makingOf(ahead.value, gainedG.value) : []));
const problem = computed(() => {
  const wanted = name.value.trim().toLowerCase();
  if (wanted === '') return 'Type the name you use for it.';
  const isTakenName = catalog.value.offered.some(
    (material) => material.name.toLowerCase() === wanted && material.id !== props.again?.id,
  );
  if (isTakenName) return 'There is a material with that name already.';
  if (!(keptG(ahead.value) > 0)) return 'Add at least one ingredient that stays in it.';
  if (!isMade.value) return '';
  if (code.value.trim() === '') return 'Type the code for its label.';
  return workshop.lots.some((lot) => lot.code.toLowerCase() === code.value.trim().toLowerCase())
    ? `Another lot has the code ${code.value.trim()}. Type a different one.`
    : '';
});

function make(): void {
  if (problem.value) return;
  const { again } = props;
  const fresh = aheadMaterial({ name: name.value.trim(), ahead: ahead.value }, catalog.value);
  const own: OwnMaterial = again
    ? { ...again, name: fresh.name, madeOf: fresh.madeOf, ahead: ahead.value }
    : fresh;
  workshop.put('materials', [own]);
  if (isMade.value) {
    const from = takes.value.flatMap(({ materialId, massG }) => shelf.takeOff(materialId, massG));
    const of = { id: own.id, ahead: ahead.value };
    const lot = aheadLot(of, gainedG.value, from, { code: code.value.trim(), now: nowIso() });
    workshop.put('lots', [lot]);
  }
  isOpen.value = false;
  emit('made', own);
}
</script>

<template>
  <FormDialog
    v-model="isOpen"
    :title="again ? `Make ${again.name} again` : 'Make something ahead'"
    :keep="isMade ? 'Put on the shelf' : 'Save'"
    :missing="problem"
    :width="640"
    is-paired
    @submit="make"
  >
    <v-text-field v-model="name" label="Name" maxlength="80" class="wide" autocomplete="off" />
    <v-select
      :model-value="kind"
      :items="kinds"
      label="What it is"
      class="wide"
      @update:model-value="takeKind"
    />
    <div
      v-for="(row, i) in rows"
      :key="i"
      class="wide row"
      role="group"
      :aria-label="`Ingredient ${i + 1}`"
    >
      <MaterialPicker v-model="row.materialId" :label="`Ingredient ${i + 1}`" />
      <NumberField
        v-model="row.massG"
        :label="`Weight ${i + 1}`"
        unit="g"
        :min="0"
        :max="1000000"
        :decimals="2"
      />
      <v-checkbox
        v-if="kind === 'infusion'"
        v-model="row.isStrained"
        :label="`Strain off ${i + 1}`"
        hide-details
      />
      <v-btn
        :icon="mdiClose"
        size="small"
        variant="text"
        :aria-label="`Remove ingredient ${i + 1}`"
        title="Remove"
        @click="rows.splice(i, 1)"
      />
    </div>
    <v-btn
      size="small"
      class="wide"
      @click="rows.push({ materialId: null, massG: 10, isStrained: false })"
      >Add an ingredient</v-btn
    >
    <NumberField
      v-model="readyH"
      label="Ready after"
      suffix="h"
      :min="0"
      :max="2400"
      :decimals="0"
    />
    <NumberField
      v-model="keepsDays"
      label="Keeps (0 for no date)"
      suffix="days"
      :min="0"
      :max="3650"
      :decimals="0"
    />
    <NumberField v-model="minutes" label="Work" suffix="min" :min="0" :max="600" :decimals="0" />
    <v-checkbox v-model="isMade" label="I made it now" hide-details />
    <template v-if="isMade">
      <NumberField v-model="gainedG" label="Amount made" unit="g" :min="1" :max="1000000" />
      <v-text-field v-model="code" label="Code on the label" maxlength="60" autocomplete="off" />
    </template>
    <template #below>
      <p v-if="isMade && takes.length" class="takes">
        It takes
        <template v-for="(line, i) in takes" :key="i"
          >{{ i ? ', ' : '' }}<b class="tabular">{{ formatMass(line.massG) }}</b> of
          {{ nameOf(line.materialId) }}</template
        >. What the shelf has of them comes off its lots.
      </p>
      <p v-if="!isMade" class="takes">
        It becomes a material that you can put into formulas. The calendar plans it before the batch
        that needs it.
      </p>
    </template>
  </FormDialog>
</template>

<style scoped>
:deep(.fields) {
  align-items: start;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 120px auto auto;
  gap: 10px;
  align-items: center;
}
.takes {
  margin: 10px 0 0;
}
@media (max-width: 560px) {
  .row {
    grid-template-columns: minmax(0, 1fr) 110px;
  }
}
</style>
