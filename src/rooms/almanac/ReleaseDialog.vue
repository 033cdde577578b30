<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { batchGaps } from '@/core/goods/quality/batchGaps';
import type { LogbookOf } from '@/core/goods/quality/logbook';
import { RELEASE_WORDS, gapTitle, sayGap } from '@/core/goods/quality/messages';
import type { Batch } from '@/core/batches/records/schema';
import PersonField from '@/shared/PersonField.vue';
import { testOnFile } from '@/shared/testOnFile';
import { nowIso } from '@/stores/now';
import { usePackStore } from '@/stores/pack';
import { useQualityStore } from '@/stores/quality';
import { useTrialsStore } from '@/stores/trials';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import FormDialog from '@/ui/kit/FormDialog.vue';

/** A named person says that a batch may be sold, or may not, with what is open in sight. */
const props = defineProps<{ batch: Batch }>();
const isOpen = defineModel<boolean>({ required: true });
const pack = usePackStore();
const quality = useQualityStore();
const trials = useTrialsStore();

const VERDICTS = [
  { value: 'released', word: RELEASE_WORDS.released },
  { value: 'rejected', word: RELEASE_WORDS.rejected },
] as const;
const verdict = ref<LogbookOf<'release'>['verdict']>('released');
const who = ref('');
const note = ref('');
const problem = ref('');

watch(isOpen, (open) => {
  if (!open) return;
  verdict.value = 'released';
  who.value = quality.whoNow();
  note.value = '';
  problem.value = '';
});

const gaps = computed(() =>
  isOpen.value
    ? batchGaps(pack.batchFile(props.batch, (trial) => testOnFile(trial, trials.answerOf(trial))))
    : [],
);

function keep(): void {
  if (who.value === '') {
    problem.value = 'Type the name of the person who decides.';
    return;
  }
  quality.write({
    kind: 'release',
    at: nowIso(),
    who: who.value,
    batchId: props.batch.id,
    verdict: verdict.value,
    open: gaps.value.map(({ code }) => code),
    note: note.value.trim(),
  });
  isOpen.value = false;
}
</script>

<template>
  <FormDialog
    v-model="isOpen"
    :title="`Release ${batch.code}`"
    keep="Save"
    :problem="problem"
    :width="560"
    @submit="keep"
  >
    <div>
      <p v-if="gaps.length === 0">Nothing that Rovack checks is open.</p>
      <template v-else>
        <p>Still open. You can release it anyway; the record will say so.</p>
        <ul class="gaps">
          <li v-for="gap in gaps" :key="gap.code">
            <b>{{ gapTitle(gap.code) }}</b>: {{ sayGap(gap) }}
          </li>
        </ul>
      </template>
    </div>
    <ChoiceRow v-model="verdict" :items="VERDICTS" />
    <PersonField v-model="who" label="Name" />
    <v-textarea v-model="note" label="Note" rows="2" auto-grow maxlength="2000" />
  </FormDialog>
</template>

<style scoped>
p {
  margin: 0 0 4px;
}
.gaps {
  max-height: 220px;
  margin: 0;
  padding-left: 18px;
  overflow: auto;
  font-size: var(--text-plain);
}
</style>
