<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { COMPLAINT_KINDS, type ComplaintKind, type LogbookOf } from '@/core/goods/quality/logbook';
import { COMPLAINT_WORDS, SERIOUS_REACTION } from '@/core/goods/quality/messages';
import { isReaction } from '@/core/goods/quality/complaints';
import { nowIso, today } from '@/stores/now';
import { useQualityStore } from '@/stores/quality';
import { useWorkshopStore } from '@/stores/workshop';
import FormDialog from '@/ui/kit/FormDialog.vue';
import DateField from '@/ui/kit/DateField.vue';
import PersonField from './PersonField.vue';

/** What a customer told of a piece, tied to its batch, and what was answered. */
const props = defineProps<{
  /** Batches it can be about. */
  batches: readonly { readonly id: string; readonly code: string; readonly formulaName: string }[];
  /** One on record; null for a new one. */
  complaint: LogbookOf<'complaint'> | null;
}>();
const isOpen = defineModel<boolean>({ required: true });
const quality = useQualityStore();
const workshop = useWorkshopStore();

const batchId = ref<string | null>(null);
const on = ref<string | null>(null);
const what = ref<ComplaintKind>('quality');
const isSerious = ref(false);
const from = ref('');
const said = ref('');
const answer = ref('');
const closedOn = ref<string | null>(null);
const who = ref('');
const problem = ref('');

watch(isOpen, (open) => {
  if (!open) return;
  const of = props.complaint;
  batchId.value =
    of?.batchId ?? (props.batches.length === 1 ? (props.batches[0]?.id ?? null) : null);
  on.value = of?.at.slice(0, 10) ?? today();
  what.value = of?.what ?? 'quality';
  isSerious.value = of?.isSerious ?? false;
  from.value = of?.from ?? '';
  said.value = of?.said ?? '';
  answer.value = of?.answer ?? '';
  closedOn.value = of?.closedOn ?? null;
  who.value = of?.who ?? quality.whoNow();
  problem.value = '';
});

const choices = computed(() =>
  props.batches.map(({ id, code, formulaName }) => ({
    value: id,
    title: `${code}, ${formulaName}`,
  })),
);
const kinds = COMPLAINT_KINDS.map((value) => ({ value, title: COMPLAINT_WORDS[value] }));
const canBeSerious = computed(() => isReaction({ what: what.value }));

function keep(): void {
  if (batchId.value === null) problem.value = 'Choose the batch. Its code is on the label.';
  else if (on.value === null) problem.value = 'Choose the day you heard of it.';
  else if (said.value.trim() === '') problem.value = 'Write what the customer told you.';
  else {
    const { complaint } = props;
    const entry = {
      kind: 'complaint' as const,
      at: complaint?.at.startsWith(on.value) ? complaint.at : momentOf(on.value),
      who: who.value,
      batchId: batchId.value,
      what: what.value,
      isSerious: canBeSerious.value && isSerious.value,
      from: from.value.trim(),
      said: said.value.trim(),
      answer: answer.value.trim(),
      closedOn: closedOn.value,
    };
    // Another tab may have taken it back meanwhile.
    const now = workshop.logbook.find(({ id }) => id === complaint?.id);
    if (complaint) quality.change({ ...complaint, ...entry, voidedAt: now?.voidedAt ?? null });
    else quality.write(entry);
    isOpen.value = false;
  }
}
/** Now for today, noon for another day. */
const momentOf = (day: string) =>
  day === today() ? nowIso() : nowIso(new Date(`${day}T12:00:00`));
</script>

<template>
  <FormDialog
    v-model="isOpen"
    :title="complaint ? 'Complaint' : 'Record a complaint'"
    keep="Save"
    :problem="problem"
    :width="560"
    is-paired
    @submit="keep"
  >
    <v-autocomplete v-model="batchId" :items="choices" label="Batch" class="wide" />
    <DateField v-model="on" label="Heard on" />
    <v-select v-model="what" :items="kinds" label="What" />
    <v-text-field v-model="from" label="From (initials or order)" maxlength="120" />
    <PersonField v-model="who" label="Taken by" />
    <v-textarea
      v-model="said"
      label="What they told you"
      rows="2"
      auto-grow
      maxlength="2000"
      class="wide"
    />
    <v-switch
      v-if="canBeSerious"
      v-model="isSerious"
      label="Serious: hospital, lasting harm, or unable to work"
      density="compact"
      class="wide"
    />
    <v-textarea
      v-model="answer"
      label="What you found and did"
      rows="2"
      auto-grow
      maxlength="2000"
      class="wide"
    />
    <DateField v-model="closedOn" label="Closed on" />
    <template #below>
      <p v-if="canBeSerious && isSerious" class="problem" role="status">{{ SERIOUS_REACTION }}</p>
    </template>
  </FormDialog>
</template>
