<script setup lang="ts">
import EmptyState from '@/ui/kit/EmptyState.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import AppForm from '@/ui/kit/AppForm.vue';
import { computed, reactive, ref } from 'vue';
import { KEPT_COLORS, type KeptColor } from '@/core/batches/records/kinds';
import { KEPT_COLOR_WORDS } from '@/core/batches/records/messages';
import { countOf } from '@/core/batches/records/summary';
import { keptPieces, looksOf, type Look } from '@/core/batches/records/keptBack';
import type { Batch } from '@/core/batches/records/schema';
import { shortDate } from '@/core/basics/format/dates';
import { counted } from '@/core/basics/format/numbers';
import { useBenchStore } from '@/stores/bench';
import { nowMs } from '@/stores/now';
import { useTrialsStore } from '@/stores/trials';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/fields/NumberField.vue';

/** Pieces laid away, asked for at 1, 3, 6 and 12 months; what they show becomes the maker's own keeping time. */
const trialStore = useTrialsStore();
const bench = useBenchStore();
const workshop = useWorkshopStore();
const kept = computed(() =>
  workshop.batches
    .filter((batch) => keptPieces(batch) > 0)
    .map((batch) => ({ batch, looks: looksOf(batch, nowMs()) }))
    .sort((a, b) => nextMs(a.looks) - nextMs(b.looks)),
);
const openId = ref<string | null>(null);
const look = reactive<{ hard: number; scent: number; color: KeptColor }>({
  hard: 5,
  scent: 4,
  color: 'as-made',
});
const layAwayId = ref<string | null>(null);
const layAway = ref(2);
const problem = ref('');

function nextMs(looks: readonly Look[]): number {
  return looks.find(({ state }) => state === 'due' || state === 'later')?.dueMs ?? Infinity;
}

function dueWords({ state, month, dueMs, entry }: Look): string {
  const months = counted(month, 'month');
  if (entry)
    return `${months}: hardness ${entry.hard}, scent ${entry.scent}, ${KEPT_COLOR_WORDS[entry.color]}`;
  if (state === 'missed') return `${months}: missed`;
  return state === 'due' ? `${months}: check now` : `${months}: ${shortDate(dueMs)}`;
}

function write(batch: Batch): void {
  bench.writeTo(batch, { kind: 'looked', ...look });
  openId.value = null;
}

function keep(): void {
  const batch = trialStore.madeBatches.find(({ id }) => id === layAwayId.value);
  if (!batch) return;
  const left = (countOf(batch)?.pieces ?? batch.plan.pieces) - keptPieces(batch);
  problem.value =
    layAway.value > left ? `${batch.code} has ${counted(left, 'piece')} left. Retain fewer.` : '';
  if (problem.value) return;
  bench.writeTo(batch, { kind: 'kept', pieces: Math.max(1, Math.round(layAway.value)) });
  layAwayId.value = null;
}
</script>

<template>
  <section aria-label="Retained samples" class="kept">
    <p v-if="trialStore.shelfLife.looks > 0">
      You looked at {{ counted(trialStore.shelfLife.looks, 'retained sample') }}.
      <template v-if="trialStore.shelfLife.goodToMonths !== null"
        >They were still good after
        {{ counted(Math.round(trialStore.shelfLife.goodToMonths), 'month') }}. </template
      ><template v-if="trialStore.shelfLife.badFromMonths !== null"
        >They were no longer good after
        {{ counted(Math.round(trialStore.shelfLife.badFromMonths), 'month') }}.</template
      >
    </p>
    <EmptyState v-if="kept.length === 0" picture="piece">
      There are no retained samples yet. Retain two or three pieces of a batch, wrapped as you sell
      them. Look at one after 1, 3, 6 and 12 months to learn how long yours keep.
    </EmptyState>
    <ul class="plain-list">
      <li v-for="{ batch, looks } in kept" :key="batch.id">
        <div class="head">
          <b>{{ batch.code }}, {{ batch.formulaName }}</b>
          <span class="quiet">{{ counted(keptPieces(batch), 'piece') }} retained</span>
        </div>
        <ol class="plain-list looks">
          <li v-for="one in looks" :key="one.month" :class="one.state">{{ dueWords(one) }}</li>
        </ol>
        <v-btn
          v-if="openId !== batch.id"
          size="small"
          :variant="looks.some(({ state }) => state === 'due') ? 'flat' : 'outlined'"
          @click="openId = batch.id"
          >Check one<span class="visually-hidden"> of {{ batch.code }}</span></v-btn
        >
        <AppForm
          v-else
          class="look"
          :aria-label="`Retained sample of ${batch.code}`"
          @submit="write(batch)"
        >
          <NumberField v-model="look.hard" label="Hardness, 0–5" :min="0" :max="5" :decimals="0" />
          <NumberField v-model="look.scent" label="Scent, 0–5" :min="0" :max="5" :decimals="0" />
          <v-select
            v-model="look.color"
            :items="KEPT_COLORS.map((value) => ({ value, title: KEPT_COLOR_WORDS[value] }))"
            label="Color"
          />
          <v-btn variant="flat" type="submit">Save</v-btn>
          <p class="quiet">To see how much fizz is left, test it on the scale.</p>
        </AppForm>
      </li>
    </ul>
    <AppForm class="lay-away" @submit="keep">
      <v-autocomplete
        v-model="layAwayId"
        :items="
          trialStore.madeBatches.map(({ id, code, formulaName }) => ({
            value: id,
            title: `${code}, ${formulaName}`,
          }))
        "
        label="Batch to retain pieces of"
      />
      <NumberField v-model="layAway" label="Pieces" :min="1" :max="10000" :decimals="0" />
      <v-btn type="submit" :disabled="layAwayId === null">Retain</v-btn>
    </AppForm>
    <ProblemLine :problem="problem" />
  </section>
</template>

<style scoped>
.kept > ul > li {
  padding: 10px 0;
  border-bottom: 1px solid var(--hairline);
}
.head {
  display: flex;
  gap: 14px;
}
.looks {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 4px 0 8px;
  font-size: var(--text-body);
}
.looks .due {
  color: var(--verdigris);
  font-weight: 700;
}
.looks .later {
  color: var(--mid);
}
.looks .missed {
  color: var(--ochre);
}
.look,
.lay-away {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 10px;
  align-items: center;
  max-width: 820px;
}
.lay-away {
  margin-top: 18px;
}
.look p {
  grid-column: 1 / -1;
  margin: 0;
}
</style>
