<script setup lang="ts">
import { dayOf } from '@/core/basics/time';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { computed, ref } from 'vue';
import { attachedTo } from '@/core/goods/quality/safetyFile';
import { originOf, packagingLot, recallBatch, recallLot } from '@/core/goods/products/recall';
import { shortDate } from '@/core/basics/format/dates';
import { formatMass } from '@/core/basics/format/quantities';
import { reasonOf } from '@/core/basics/format/reason';
import { useMoney } from '@/shared/useMoney';
import { useGoodsStore } from '@/stores/goods';
import { nowIso } from '@/stores/now';
import { usePackStore } from '@/stores/pack';
import { useTrialsStore } from '@/stores/trials';
import { useWorkshopStore } from '@/stores/workshop';
import { useMaterials } from '@/ui/fields/materials';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import { download, saveBlob } from '@/ui/frame/download';
import { safetyFilePaper, originPaper, pricePaper, recallPaper } from '@/ui/paper/goodsPapers';
import type { Paper } from '@/ui/paper/papers';
import PaperSheet from '@/shared/PaperSheet.vue';
import { testOnFile } from '@/shared/testOnFile';
import { fileName, jsonOf, pdfOf, safetyFileName, safetyFileZip } from './paperFiles';

/** The safety file of the open product, a recall either way, and the list of prices: on screen, on paper, as files. */
const pack = usePackStore();
const goods = useGoodsStore();
const trialStore = useTrialsStore();
const workshop = useWorkshopStore();
const { nameOf } = useMaterials();
const { money } = useMoney();

type Which = 'safety-file' | 'lot' | 'batch' | 'order' | 'prices';
const WHICH = [
  { value: 'safety-file', word: 'Product safety file' },
  { value: 'lot', word: 'Recall of a lot' },
  { value: 'batch', word: 'Recall of a batch' },
  { value: 'order', word: 'Contents of an order' },
  { value: 'prices', word: 'Prices' },
] as const satisfies readonly { value: Which; word: string }[];
const which = ref<Which>('safety-file');
const now = nowIso();
const usedLots = new Set(goods.books.lotMoves.map((move) => move.lotId));
const lotId = ref<string | null>(
  workshop.lots.find(({ id, isQuarantined }) => isQuarantined && usedLots.has(id))?.id ?? null,
);
const batchId = ref<string | null>(pack.batches[0]?.id ?? null);
const orderId = ref<string | null>(null);
const problem = ref('');
const isWriting = ref(false);

const lots = computed(() =>
  [...workshop.lots]
    .sort(
      (a, b) =>
        Number(b.isQuarantined) - Number(a.isQuarantined) || a.code.localeCompare(b.code, 'en-US'),
    )
    .map((lot) => ({
      value: lot.id,
      title: lot.isQuarantined
        ? `${lot.code}, ${nameOf(lot.materialId)}, on hold`
        : `${lot.code}, ${nameOf(lot.materialId)}`,
    })),
);
const batches = computed(() =>
  [...workshop.batches]
    .sort((a, b) => Date.parse(b.startedAt) - Date.parse(a.startedAt))
    .map(({ id, code, formulaName }) => ({ value: id, title: `${code}, ${formulaName}` })),
);
const orders = computed(() =>
  [...workshop.orders]
    .filter(({ id }) => workshop.goods.some((move) => move.kind === 'gone' && move.orderId === id))
    .sort((a, b) => Date.parse(b.due) - Date.parse(a.due))
    .map(({ id, who, due }) => ({ value: id, title: `${who}, ${shortDate(due)}` })),
);

const safetyFile = computed(() => {
  if (which.value !== 'safety-file') return null;
  const best = pack.label?.bestBefore;
  return pack.safetyFile(best ? dayOf(best.atMs) : null, (trial) =>
    testOnFile(trial, trialStore.answerOf(trial)),
  );
});

const paper = computed<Paper | null>(() => {
  switch (which.value) {
    case 'safety-file':
      return safetyFile.value && safetyFilePaper(safetyFile.value);
    case 'lot': {
      const lot = workshop.lots.find(({ id }) => id === lotId.value);
      return lot
        ? recallPaper(`${lot.code}, ${nameOf(lot.materialId)}`, recallLot(lot.id, goods.books), now)
        : null;
    }
    case 'batch': {
      const batch = workshop.batches.find(({ id }) => id === batchId.value);
      return batch ? recallPaper(batch.code, recallBatch(batch, goods.books), now) : null;
    }
    case 'order': {
      const order = workshop.orders.find(({ id }) => id === orderId.value);
      if (!order) return null;
      const origin = originOf(order.id, goods.books);
      const wraps = origin.packagingLotIds.flatMap((id) => {
        const found = packagingLot(id, workshop.packaging);
        return found ? [[found.lot.code, found.packaging.name] as const] : [];
      });
      return originPaper(`${order.who}, ${shortDate(order.due)}`, origin, nameOf, wraps, now);
    }
    case 'prices':
      return pricePaper(
        workshop.settings.maker.name,
        pack.units.map((unit) => ({
          name: unit.name,
          net: netOf(unit.id),
          cost: '',
          wholesale: unit.wholesale === null ? '' : money(unit.wholesale),
          retail: unit.retail === null ? '' : money(unit.retail),
        })),
        now,
      );
  }
  return null;
});

function netOf(unitId: string): string {
  const netG = pack.netOf(unitId);
  return netG === null ? '' : `${formatMass(netG, 0)}`;
}

async function writing(write: () => Promise<void>): Promise<void> {
  isWriting.value = true;
  problem.value = '';
  try {
    await write();
  } catch (error) {
    problem.value = `Couldn’t write the file (${reasonOf(error)}). Print it instead.`;
  }
  isWriting.value = false;
}
const savePdf = () =>
  writing(async () => {
    if (paper.value) saveBlob(`${fileName(paper.value.title)}.pdf`, await pdfOf(paper.value));
  });
function saveJson(): void {
  if (!safetyFile.value) return;
  download(
    `${safetyFileName(safetyFile.value)}.json`,
    'application/json',
    jsonOf(safetyFile.value),
  );
}
const saveAll = () =>
  writing(async () => {
    const of = safetyFile.value;
    if (!of || !paper.value) return;
    const attached = await workshop.loadDocumentFiles(attachedTo(of).map(({ id }) => id));
    saveBlob(`${safetyFileName(of)}.zip`, await safetyFileZip(of, paper.value, attached));
  });
const print = () => window.print();
</script>

<template>
  <section aria-label="Papers">
    <div class="no-print">
      <ChoiceRow v-model="which" :items="WHICH" />
      <div class="ask">
        <v-autocomplete v-if="which === 'lot'" v-model="lotId" :items="lots" label="Lot" />
        <v-autocomplete
          v-else-if="which === 'batch'"
          v-model="batchId"
          :items="batches"
          label="Batch"
        />
        <v-autocomplete
          v-else-if="which === 'order'"
          v-model="orderId"
          :items="orders"
          label="Order"
        />
        <v-btn :disabled="!paper" @click="print">Print</v-btn>
        <v-btn :loading="isWriting" :disabled="!paper" variant="flat" @click="savePdf"
          >Save as PDF</v-btn
        >
        <v-btn v-if="which === 'safety-file'" :disabled="!safetyFile" @click="saveJson"
          >Save as JSON</v-btn
        >
        <v-btn
          v-if="which === 'safety-file' && safetyFile && attachedTo(safetyFile).length > 0"
          :loading="isWriting"
          @click="saveAll"
          >Save with documents (ZIP)</v-btn
        >
      </div>
      <ProblemLine :problem="problem" />
      <p v-if="!paper" class="quiet">
        {{
          which === 'order' && orders.length === 0
            ? 'Nothing was handed over to an order yet.'
            : 'Choose one above.'
        }}
      </p>
    </div>
    <PaperSheet v-if="paper" :paper="paper" />
  </section>
</template>

<style scoped>
.ask {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin: 8px 0 12px;
}
.ask :deep(.v-input) {
  flex: 0 1 340px;
}
</style>
