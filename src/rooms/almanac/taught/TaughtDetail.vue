<script setup lang="ts">
import { computed, ref } from 'vue';
import { shortDate } from '@/core/basics/format/dates';
import type { TaughtRow } from '@/core/workshop/taught/workshopRows';
import { shortId, toBatch } from '@/shared/addresses';
import { useTaughtStore } from '@/stores/taught';
import { useWorkshopStore } from '@/stores/workshop';
import FormDialog from '@/ui/kit/FormDialog.vue';
import { QUANTITY_WORDS, sayEstimate } from './taughtMessages';

/** Which batches and tests pull a quantity hardest, what it would be without each, and which of them do not count. */
const props = defineProps<{ row: TaughtRow }>();
const taught = useTaughtStore();
const workshop = useWorkshopStore();
const MOST = 6;
const shown = ref(MOST);

interface Source {
  readonly name: string;
  readonly when: string;
  readonly to: ReturnType<typeof toBatch>;
}
/** A batch, or a test with the batch of its piece; null for one that was removed. */
function sourceOf(id: string): Source | null {
  const batch = workshop.batches.find((one) => one.id === id);
  if (batch)
    return {
      name: `${batch.code}, ${batch.formulaName}`,
      when: shortDate(batch.startedAt),
      to: toBatch(batch.code),
    };
  const test = workshop.trials.find((one) => one.id === id);
  if (!test) return null;
  const of = workshop.batches.find((one) => one.id === test.batchId);
  return {
    name: of ? `Test of ${of.code}, ${of.formulaName}` : `Test of ${test.name}`,
    when: shortDate(test.startedAt),
    to: { name: 'test', params: { test: shortId(test.id) } },
  };
}
const pulls = computed(() =>
  props.row.pulls.map((pull) => ({ ...pull, source: sourceOf(pull.sourceId) })),
);
const excluded = computed(() =>
  props.row.excluded.map((one) => ({ ...one, source: sourceOf(one.id) })),
);

const asked = ref<string | null>(null);
const reason = ref('');
const isAsking = computed({
  get: () => asked.value !== null,
  set: (isOpen) => {
    if (!isOpen) asked.value = null;
  },
});
function ask(id: string): void {
  reason.value = '';
  asked.value = id;
}
function exclude(): void {
  if (asked.value !== null) taught.exclude(props.row.id, asked.value, reason.value);
  asked.value = null;
}
</script>

<template>
  <div class="detail">
    <div>
      <h3>What pulls it hardest</h3>
      <p v-if="pulls.length === 0" class="quiet">
        No record speaks, so the estimate is used as it is.
      </p>
      <table v-else :aria-label="`What pulls ${QUANTITY_WORDS[row.id].name}`">
        <thead>
          <tr>
            <th scope="col">Record</th>
            <th scope="col">Made</th>
            <th scope="col">Without it</th>
            <th scope="col"><span class="visually-hidden">Action</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="pull in pulls.slice(0, shown)" :key="pull.sourceId">
            <th scope="row">
              <router-link v-if="pull.source" class="link" :to="pull.source.to">{{
                pull.source.name
              }}</router-link>
              <template v-else>Removed record</template>
            </th>
            <td>{{ pull.source?.when }}</td>
            <td class="tabular">{{ sayEstimate(row.id, pull.without) }}</td>
            <td>
              <v-btn size="small" variant="text" @click="ask(pull.sourceId)"
                >Exclude<span class="visually-hidden"> {{ pull.source?.name }}</span></v-btn
              >
            </td>
          </tr>
        </tbody>
      </table>
      <button v-if="pulls.length > shown" type="button" class="link" @click="shown = pulls.length">
        Show all
      </button>
    </div>
    <div v-if="excluded.length">
      <h3>Excluded</h3>
      <ul class="plain-list">
        <li v-for="one in excluded" :key="one.id">
          <span
            ><router-link v-if="one.source" class="link" :to="one.source.to">{{
              one.source.name
            }}</router-link
            ><template v-else>Removed record</template>
            <span class="quiet">{{ one.reason }}</span></span
          >
          <v-btn size="small" @click="taught.include(row.id, one.id)"
            >Include<span class="visually-hidden"> {{ one.source?.name }}</span></v-btn
          >
        </li>
      </ul>
    </div>
    <FormDialog
      v-model="isAsking"
      title="Exclude this record?"
      keep="Exclude"
      :missing="reason.trim() === '' ? 'Say why, so that you know it in a year.' : ''"
      @submit="exclude"
    >
      <p>
        {{ QUANTITY_WORDS[row.id].name }} is then learned without it. It stays in the log, and it
        still counts for everything else.
      </p>
      <v-text-field v-model="reason" label="Reason" maxlength="300" autocomplete="off" />
    </FormDialog>
  </div>
</template>

<style scoped>
.detail {
  display: grid;
  gap: 12px 40px;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
  padding: 4px 0 16px;
}
h3 {
  margin-bottom: 4px;
  font-size: var(--text-body);
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  min-height: 44px;
  border-bottom: 1px solid var(--hairline);
}
.quiet {
  display: block;
  font-size: var(--text-small);
}
@media (max-width: 820px) {
  .detail {
    grid-template-columns: minmax(0, 1fr);
  }
}
th,
td {
  padding: 2px 12px 2px 0;
}
</style>
