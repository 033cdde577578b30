<script setup lang="ts">
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import AppForm from '@/ui/kit/AppForm.vue';
import { computed, nextTick, ref, toRef } from 'vue';
import type { SaleUnit } from '@/core/goods/products/schema';
import { seatsFor } from '@/core/goods/labels/layout/sheets';
import { sheetProblem } from '@/core/goods/labels/design';
import { MARKETS, MARKET_WORDS, type Market } from '@/core/goods/labels/market';
import { counted, formatCount } from '@/core/basics/format/numbers';
import { formatLengths } from '@/core/basics/format/quantities';
import { reasonOf } from '@/core/basics/format/reason';
import { usePackStore } from '@/stores/pack';
import { saveBlob } from '@/ui/frame/download';
import SeveralRow from '@/ui/kit/SeveralRow.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import type { LabelPrint } from '@/ui/paper/labelPdf';
import LabelPicture from '@/ui/pictures/LabelPicture.vue';
import LabelForm from './LabelForm.vue';
import LabelSheets from './LabelSheets.vue';
import { useLabel } from './useLabel';

/** The label live, as it is printed; copies, sheet and place to begin at. */
const props = defineProps<{ unit: SaleUnit }>();
const pack = usePackStore();
const unit = toRef(props, 'unit');

const MARKET_ITEMS = MARKETS.map((value) => ({ value, word: MARKET_WORDS[value] }));
const markets = computed<Market[]>({
  get: () => props.unit.label.markets,
  set: (next) => pack.putUnit({ ...props.unit, label: { ...props.unit.label, markets: next } }),
});
const { laid, cut, strange, colors, title, isPast, problem } = useLabel(unit, markets);

const isChanging = ref(false);
const copies = ref(Math.max(1, pack.proposed));
const from = ref(1);
const fits = ref(true);
const written = ref('');
const isWriting = ref(false);
const printing = ref(false);

const perSheet = computed(() => props.unit.label.sheet.columns * props.unit.label.sheet.rows);
const misfit = computed(() => sheetProblem(props.unit.label));
const print = computed<LabelPrint | null>(() =>
  laid.value
    ? {
        title: title.value,
        design: props.unit.label,
        label: laid.value,
        seats: seatsFor(props.unit.label, copies.value, Math.min(from.value, perSheet.value)),
        code: pack.code,
        colors: colors.value,
      }
    : null,
);
const SIDE_WORDS = ['front', 'back'] as const;

async function savePdf(): Promise<void> {
  if (!print.value || !fits.value) return;
  isWriting.value = true;
  written.value = '';
  try {
    const { labelPdf } = await import('@/ui/paper/labelPdf');
    saveBlob(
      `${pack.code || 'labels'} ${title.value}`.slice(0, 80) + '.pdf',
      await labelPdf(print.value),
    );
    written.value = `Saved ${counted(copies.value, 'label')}.`;
  } catch (error) {
    written.value = `Couldn’t write the PDF (${reasonOf(error)}). Print it instead.`;
  }
  isWriting.value = false;
}

async function printNow(): Promise<void> {
  if (!fits.value) return;
  printing.value = true;
  await nextTick();
  window.print();
  printing.value = false;
}
</script>

<template>
  <section aria-label="Label">
    <ProblemLine :problem="problem" />
    <div v-if="laid" class="sheets" :class="{ two: laid.sides.length === 2 }">
      <LabelPicture
        v-for="(side, i) in laid.sides"
        :key="i"
        :label="laid"
        :side="side"
        :code="pack.code"
        :colors="colors"
        :name="
          laid.sides.length === 2 ? `Label of ${title}, ${SIDE_WORDS[i]}` : `Label of ${title}`
        "
      />
    </div>
    <p v-else-if="!problem" class="quiet">Laying it out…</p>
    <p v-if="isPast" role="alert" class="problem">
      The best-before date of this batch is past, so it is not printed. Wrap another batch, or
      correct its dates.
    </p>
    <ProblemLine :problem="cut" />
    <p v-if="strange.length > 0" role="alert" class="problem">
      The label’s font can’t print {{ strange.slice(0, 12).join(' ') }}. Use Latin, Greek or
      Cyrillic letters.
    </p>
    <ProblemLine :problem="misfit" />
    <p v-if="laid" class="quiet size">
      {{ formatLengths([laid.widthMm, laid.heightMm]) }}, {{ formatCount(perSheet) }} a sheet,
      smallest letters
      {{ formatLengths([Math.min(...laid.sides.map(({ smallMm }) => smallMm)) * 0.528], 2) }} high
    </p>
    <SeveralRow v-model="markets" :items="MARKET_ITEMS" role="group" aria-label="Sold in" />
    <AppForm v-model:fits="fits" class="print">
      <NumberField v-model="copies" label="Copies" :min="1" :max="5000" :decimals="0" />
      <NumberField v-model="from" label="Start at label" :min="1" :max="perSheet" :decimals="0" />
      <v-btn variant="flat" :disabled="!print || !fits" @click="printNow"
        >Print {{ formatCount(copies) }}</v-btn
      >
      <v-btn :loading="isWriting" :disabled="!print || !fits" @click="savePdf">Save as PDF</v-btn>
    </AppForm>
    <p v-if="written" role="status" class="quiet">{{ written }}</p>
    <button
      type="button"
      class="link"
      :aria-expanded="isChanging"
      @click="isChanging = !isChanging"
    >
      {{ isChanging ? 'Hide text and size' : 'Edit text and size' }}
    </button>
    <LabelForm v-if="isChanging" :unit="unit" />
    <LabelSheets v-if="printing && print" :print="print" />
  </section>
</template>

<style scoped>
.sheets {
  max-width: 440px;
}
.sheets.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  max-width: none;
}
.size {
  margin: 8px 0 2px;
  font-size: var(--text-plain);
}
.print {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin: 10px 0;
}
.print :deep(.v-input) {
  flex: 0 1 110px;
}
.problem {
  margin: 8px 0 0;
  color: var(--rust);
}
</style>
