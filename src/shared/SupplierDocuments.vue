<script setup lang="ts">
import { computed, ref } from 'vue';
import { shortDate } from '@/core/basics/format/dates';
import { formatPercent } from '@/core/basics/format/numbers';
import { DOCUMENT_WORDS } from '@/core/goods/quality/messages';
import type { SupplierDocument } from '@/core/results/scent/documents';
import { today } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import { saveBlob } from '@/ui/frame/download';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import type { AskedDocument } from './askedDocument';
import { bytesOf } from './documentFile';
import SupplierDocumentDialog from './SupplierDocumentDialog.vue';

/** Documents of a material; of a lot, its own beside those that hold for all of the material. */
const props = defineProps<{
  materialId: string;
  lotId?: string;
}>();
const workshop = useWorkshopStore();
const asked = ref<AskedDocument | null>(null);
const problem = ref('');

const documents = computed(() =>
  workshop.documents
    .filter(
      (one) =>
        one.materialId === props.materialId &&
        (one.lotId === null || props.lotId === undefined || one.lotId === props.lotId),
    )
    .sort((a, b) => b.dated.localeCompare(a.dated)),
);
const codeOf = (lotId: string) => workshop.lots.find(({ id }) => id === lotId)?.code ?? '';
const open = (document: SupplierDocument | null) =>
  (asked.value = {
    materialId: props.materialId,
    lotId: document ? document.lotId : (props.lotId ?? null),
    document,
  });

function facts(of: SupplierDocument): string {
  const limit = of.limits[0];
  return [
    of.title,
    of.edition && `edition ${of.edition}`,
    limit && `category ${limit.category} up to ${formatPercent(limit.pct)}`,
    `dated ${shortDate(of.dated)}`,
    props.lotId === undefined && of.lotId !== null && `lot ${codeOf(of.lotId)}`,
  ]
    .filter(Boolean)
    .join(', ');
}

async function saveFile(of: SupplierDocument): Promise<void> {
  problem.value = '';
  const [file] = await workshop.loadDocumentFiles([of.id]);
  if (!file || !of.attached) problem.value = 'Couldn’t find the file here. Attach it again.';
  else saveBlob(of.attached.name, new Blob([bytesOf(file.dataUrl)], { type: of.attached.type }));
}
</script>

<template>
  <section aria-label="Supplier’s documents">
    <h3>Supplier’s documents</h3>
    <p v-if="documents.length === 0" class="quiet">
      None yet. Add the safety data sheet and certificates here.
    </p>
    <ul v-else class="plain-list">
      <li v-for="of in documents" :key="of.id">
        <button type="button" class="link" @click="open(of)">{{ DOCUMENT_WORDS[of.kind] }}</button>
        <span class="quiet">{{ facts(of) }}</span>
        <span v-if="of.expiresOn" :class="{ problem: of.expiresOn < today() }">{{
          of.expiresOn < today()
            ? `expired ${shortDate(of.expiresOn)}`
            : `expires ${shortDate(of.expiresOn)}`
        }}</span>
        <button
          v-if="of.attached"
          type="button"
          class="link"
          :aria-label="`Save file ${of.attached.name}`"
          @click="saveFile(of)"
        >
          Save file
        </button>
      </li>
    </ul>
    <ProblemLine :problem="problem" />
    <v-btn size="small" @click="open(null)">{{
      lotId === undefined ? 'Add document' : 'Add document of this lot'
    }}</v-btn>
    <SupplierDocumentDialog :asked="asked" @close="asked = null" />
  </section>
</template>

<style scoped>
h3 {
  margin: 16px 0 2px;
  font: 650 var(--text-lead) var(--font-heading);
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: baseline;
  padding: 4px 0;
  border-bottom: 1px solid var(--hairline);
  font-size: var(--text-plain);
}
section > :deep(.v-btn) {
  margin-top: 8px;
}
</style>
