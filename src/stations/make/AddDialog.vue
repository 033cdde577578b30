<script setup lang="ts">
import AppDialog from '@/ui/kit/AppDialog.vue';
import AppForm from '@/ui/kit/AppForm.vue';
import { computed, ref, watch } from 'vue';
import { dampReading } from '@/core/results/binder/damp';
import { addedDoubt } from '@/core/batches/records/doubts';
import { bowlContents, isParted, type BowlNumber } from '@/core/batches/records/bowl';
import type { Batch } from '@/core/batches/records/schema';
import { useBenchStore } from '@/stores/bench';
import { useConfirmTwice } from '@/ui/fields/useConfirmTwice';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import MaterialPicker from '@/ui/fields/MaterialPicker.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import { formatFixed, formatPercent } from '@/core/basics/format/numbers';
import { useMaterials } from '@/ui/fields/materials';

/** An unplanned gram, or a bowl that is parted after all: into the record as it is done. */
const props = defineProps<{ batch: Batch }>();
const isOpen = defineModel<boolean>({ required: true });
const { materialOf, portionsOf } = useMaterials();
const bench = useBenchStore();

const BOWLS = [
  { value: '1', word: 'First bowl' },
  { value: '2', word: 'Second bowl' },
] as const;
const materialId = ref<string | null>(null);
const massG = ref(1);
const why = ref('');
const bowl = ref<'1' | '2'>('1');
const sharePct = ref(50);
const problem = ref('');
const { isSure } = useConfirmTwice(problem);

const parted = computed(() => isParted(props.batch));
const number = computed<BowlNumber>(() => (parted.value && bowl.value === '2' ? 2 : 1));
const first = computed(() => bowlContents(props.batch).map((one) => one.materialId));
const after = computed(() => {
  const contents = portionsOf(bowlContents(props.batch, number.value));
  if (materialId.value === null || contents.length === 0) return null;
  const before = dampReading(contents);
  const then = dampReading([
    ...contents,
    { material: materialOf(materialId.value), massG: massG.value },
  ]);
  return { before, then };
});

watch(isOpen, (open) => {
  if (!open) return;
  materialId.value = null;
  massG.value = 1;
  why.value = '';
  problem.value = '';
});

function add(): void {
  if (materialId.value === null) {
    problem.value = 'Choose a material.';
    return;
  }
  const bowlG = bowlContents(props.batch, number.value).reduce((sum, one) => sum + one.massG, 0);
  if (!isSure(addedDoubt(massG.value, bowlG))) return;
  bench.add(materialId.value, massG.value, 'unplanned', number.value, { said: why.value.trim() });
  isOpen.value = false;
}

function part(): void {
  bench.write({
    kind: 'split',
    share: sharePct.value / 100,
    name: why.value.trim() || 'second color',
  });
  isOpen.value = false;
}
</script>

<template>
  <AppDialog v-model="isOpen" title="Add to the bowl" :width="560" starts-typing>
    <AppForm class="fields" @submit="add">
      <MaterialPicker v-model="materialId" label="Material" :first="first" class="wide" />
      <NumberField
        v-model="massG"
        label="Amount"
        unit="g"
        :min="0.001"
        :max="100000"
        :decimals="3"
      />
      <v-text-field v-model="why" label="Reason or name" maxlength="80" autocomplete="off" />
      <ChoiceRow v-if="parted" v-model="bowl" :items="BOWLS" class="wide" />
      <p v-if="after" class="wide quiet">
        Moisture goes from {{ formatFixed(after.before.dampIndexPct ?? 0, 1) }} to
        {{ formatFixed(after.then.dampIndexPct ?? 0, 1) }}, and loose water from
        {{ formatPercent(after.before.freeWaterPct, 2) }} to
        {{ formatPercent(after.then.freeWaterPct, 2) }}.
      </p>
      <p v-if="problem" class="wide problem" role="alert">{{ problem }}</p>
      <div class="wide actions">
        <v-btn variant="text" @click="isOpen = false">Cancel</v-btn>
        <v-btn variant="flat" type="submit">Add</v-btn>
      </div>
    </AppForm>
    <AppForm v-if="!parted" class="fields part" @submit="part">
      <NumberField
        v-model="sharePct"
        label="Share into a second bowl"
        unit="%"
        :min="1"
        :max="99"
        :decimals="0"
      />
      <v-btn type="submit">Split the bowl</v-btn>
    </AppForm>
  </AppDialog>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  align-items: center;
}
.wide {
  grid-column: 1 / -1;
}
.part {
  margin-top: 16px;
  padding-top: 16px;
  border-top: 1px solid var(--hairline);
}
p {
  margin: 0;
}
.problem {
  color: var(--rust);
}
.actions {
  display: flex;
  justify-content: flex-end;
  gap: 8px;
}
</style>
