<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue';
import { formatTemp } from '@/core/basics/format/quantities';
import { parseNumber } from '@/core/basics/units/parseNumber';
import { unitShown } from '@/core/basics/units/parseQuantity';
import { newId } from '@/core/basics/newId';
import { CATEGORY_WORDS, DOCUMENT_WORDS } from '@/core/goods/quality/messages';
import { SCENT_CATEGORIES, type ScentCategory } from '@/core/results/scent/categories';
import {
  DOCUMENT_KINDS,
  supplierDocumentSchema,
  type AllergenShare,
  type DocumentKind,
  type SupplierDocument,
} from '@/core/results/scent/documents';
import { nowIso } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import AllergenField from '@/ui/fields/AllergenField.vue';
import { useMaterials } from '@/ui/fields/materials';
import DateField from '@/ui/kit/DateField.vue';
import FileButton from '@/ui/kit/FileButton.vue';
import FormDialog from '@/ui/kit/FormDialog.vue';
import { readDocumentFile, type ReadFile } from './documentFile';
import type { AskedDocument } from './askedDocument';
import { useEdit } from './useEdit';

/** What a supplier’s document is, until when it holds, what it says of a scent, and the file itself. */
const props = defineProps<{ asked: AskedDocument | null }>();
const emit = defineEmits<{ close: [] }>();
const workshop = useWorkshopStore();
const { materialOf, nameOf } = useMaterials();

const id = ref('');
const kind = ref<DocumentKind>('other');
const title = ref('');
const edition = ref('');
const limits = reactive<Record<ScentCategory, string>>({ '9': '', '10A': '', '10B': '', '12': '' });
const vanillinPct = ref('');
const flashPointC = ref('');
const dated = ref<string | null>('');
const expiresOn = ref<string | null>(null);
const allergens = ref<readonly AllergenShare[]>([]);
const listFits = ref(true);
const attached = ref<SupplierDocument['attached']>(null);
/** Read just now, and not kept yet. */
const fresh = ref<ReadFile | null>(null);
const problem = ref('');
const edit = useEdit('documents', problem);

const known = computed(() => workshop.documents.find((one) => one.id === id.value));
const isScent = computed(
  () => props.asked !== null && materialOf(props.asked.materialId).role === 'scent',
);
const isCertificate = computed(() => isScent.value && kind.value === 'fragrance-certificate');
const hasFlash = computed(() => isScent.value && kind.value !== 'other');
const heading = computed(() => {
  if (!props.asked) return '';
  const { materialId, lotId } = props.asked;
  const lot = workshop.lots.find((one) => one.id === lotId);
  return lot ? `Lot ${lot.code}, ${nameOf(materialId)}` : nameOf(materialId);
});
const kinds = computed(() =>
  DOCUMENT_KINDS.filter((one) => isScent.value || one !== 'fragrance-certificate').map((value) => ({
    value,
    title: DOCUMENT_WORDS[value],
  })),
);

watch(
  () => props.asked,
  (asked) => {
    if (!asked) return;
    const of = asked.document;
    const shown = (value: number | null | undefined) =>
      value === null || value === undefined ? '' : String(value);
    id.value = of?.id ?? newId();
    kind.value = of?.kind ?? (isScent.value ? 'fragrance-certificate' : 'safety-data-sheet');
    title.value = of?.title ?? '';
    edition.value = of?.edition ?? '';
    for (const category of SCENT_CATEGORIES)
      limits[category] = shown(of?.limits.find((one) => one.category === category)?.pct);
    vanillinPct.value = shown(of?.vanillinPct);
    flashPointC.value = shown(of?.flashPointC);
    allergens.value = of?.allergens ?? [];
    listFits.value = true;
    dated.value = of?.dated ?? nowIso().slice(0, 10);
    expiresOn.value = of?.expiresOn ?? null;
    attached.value = of?.attached ?? null;
    fresh.value = null;
    problem.value = '';
    edit.open(of);
  },
);

function numberOrNull(text: string): number | null {
  return text.trim() === '' ? null : (parseNumber(text) ?? NaN);
}

const RANGES: Readonly<Record<string, string>> = {
  limits: 'Type a limit over 0, up to 100%.',
  vanillinPct: 'Type the vanillin, 0–100%.',
  flashPointC: `Type a flash point from ${formatTemp(-50)} to ${formatTemp(400)}.`,
  dated: 'Choose the date of the document.',
};

async function attach([file]: readonly File[]): Promise<void> {
  if (!file) return;
  const read = await readDocumentFile(file);
  problem.value = read.ok ? '' : read.problem;
  if (!read.ok) return;
  fresh.value = read.value;
  attached.value = { name: read.value.name, type: read.value.type, bytes: read.value.bytes };
}
function detach(): void {
  attached.value = null;
  fresh.value = null;
}

function keep(): void {
  if (!props.asked || (isCertificate.value && !listFits.value)) return;
  const parsed = supplierDocumentSchema.safeParse({
    id: id.value,
    origin: known.value?.origin ?? 'own',
    kind: kind.value,
    materialId: props.asked.materialId,
    lotId: props.asked.lotId,
    title: title.value.trim(),
    dated: dated.value,
    expiresOn: expiresOn.value,
    edition: isCertificate.value ? edition.value.trim() : '',
    limits: isCertificate.value
      ? SCENT_CATEGORIES.flatMap((category) => {
          const pct = numberOrNull(limits[category]);
          return pct === null ? [] : [{ category, pct }];
        })
      : [],
    vanillinPct: isCertificate.value ? numberOrNull(vanillinPct.value) : null,
    flashPointC: hasFlash.value ? numberOrNull(flashPointC.value) : null,
    ...(isCertificate.value && allergens.value.length > 0 && { allergens: [...allergens.value] }),
    attached: attached.value,
  });
  if (!parsed.success) {
    problem.value =
      RANGES[String(parsed.error.issues[0]?.path[0])] ?? 'Couldn’t read this. Check the values.';
    return;
  }
  const next = edit.laidOver(() => parsed.data, known.value ?? parsed.data);
  if (!next) return;
  if (fresh.value)
    workshop.put('documentFiles', [{ id: next.id, origin: 'own', dataUrl: fresh.value.dataUrl }]);
  else if (next.attached === null) workshop.remove('documentFiles', [next.id]);
  workshop.put('documents', [next]);
  emit('close');
}

function drop(): void {
  workshop.remove('documentFiles', [id.value]);
  workshop.remove('documents', [id.value]);
  emit('close');
}
</script>

<template>
  <FormDialog
    :model-value="asked !== null"
    :title="heading"
    label="Supplier’s document"
    keep="Save"
    :problem="problem"
    :width="560"
    is-paired
    @submit="keep"
    @update:model-value="emit('close')"
  >
    <v-select v-model="kind" :items="kinds" label="Kind" class="wide" />
    <v-text-field v-model="title" label="Number or name" maxlength="120" class="wide" />
    <DateField v-model="dated" label="Dated" />
    <DateField v-model="expiresOn" label="Expires" />
    <template v-if="isCertificate">
      <v-text-field v-model="edition" label="Edition of the standard" maxlength="60" class="wide" />
      <v-text-field
        v-for="category in SCENT_CATEGORIES"
        :key="category"
        v-model="limits[category]"
        :label="`Limit in category ${category}, %`"
      />
      <v-text-field v-model="vanillinPct" label="Vanillin, %" />
    </template>
    <v-text-field
      v-if="hasFlash"
      v-model="flashPointC"
      :label="`Flash point, ${unitShown('°C').unit}`"
    />
    <AllergenField
      v-if="isCertificate && asked"
      :key="id"
      v-model="allergens"
      class="wide"
      @fits="(fits) => (listFits = fits)"
    />
    <div class="wide file">
      <FileButton
        label="File of the document"
        accept="application/pdf,image/jpeg,image/png"
        size="small"
        @files="attach"
        >{{ attached ? 'Replace file' : 'Attach file' }}</FileButton
      >
      <span v-if="attached" class="name">{{ attached.name }}</span>
      <span v-else class="quiet">PDF, JPEG or PNG, up to 2 MB</span>
      <button v-if="attached" type="button" class="link" @click="detach">Remove file</button>
    </div>

    <template #below>
      <p v-if="isCertificate" class="quiet">
        These values replace Rovack’s estimates. A category you leave empty gets the smallest limit
        given.
      </p>
      <ul v-if="isCertificate" class="plain-list quiet categories">
        <li v-for="category in SCENT_CATEGORIES" :key="category">
          Category {{ category }}: {{ CATEGORY_WORDS[category] }}
        </li>
      </ul>
    </template>
    <template #also>
      <v-btn v-if="known" variant="text" @click="drop">Remove</v-btn>
    </template>
  </FormDialog>
</template>

<style scoped>
.file {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
}
.categories {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  font-size: var(--text-small);
}
.name {
  overflow-wrap: anywhere;
}
</style>
