<script setup lang="ts">
import { keysOf } from '@/core/basics/records';
import { HOUR_MS } from '@/core/basics/time';
import { computed, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { longDate } from '@/core/basics/format/dates';
import { formatMass } from '@/core/basics/format/quantities';
import { faultRow } from '@/core/batches/faults/faultTable';
import type { Verdict } from '@/core/batches/trials/kinds';
import {
  compareBatches,
  type CompareGroup,
  type ComparedList,
} from '@/core/goods/archive/compareBatches';
import { conditionsOfBatch } from '@/core/workshop/settings/conditionsFor';
import { toBatch } from '@/shared/addresses';
import { VERDICT_WORDS } from '@/shared/tryMessages';
import { useAlmanacStore } from '@/stores/almanac';
import { useTraysStore } from '@/stores/trays';
import { useWorkshopStore } from '@/stores/workshop';
import { useMaterials } from '@/ui/fields/materials';
import CompareRows, { type ShownRow } from './CompareRows.vue';
import { FIGURES, GROUP_WORDS, squeezeSaid } from './compareMessages';
import VersionLine from './VersionLine.vue';

/** Batches side by side with what differs marked, and the versions of a formula with what came of each. */
const workshop = useWorkshopStore();
const almanac = useAlmanacStore();
const trays = useTraysStore();
const route = useRoute();
const router = useRouter();
const { nameOf } = useMaterials();

const MOST = 4;

const choices = computed(() =>
  almanac.all.map(({ digest: { id, code, formulaName, startedAt } }) => ({
    value: id,
    title: `${code} · ${formulaName} · ${longDate(startedAt)}`,
    code,
  })),
);
/** In the address, so that a comparison can be sent and marked. */
const asked = computed(() => {
  const { batches } = route.query;
  const codes = typeof batches === 'string' ? batches.split(',') : [];
  return [...new Set(codes.flatMap((code) => workshop.idOfBatch(code) ?? []))].slice(0, MOST);
});
/** Without an address: the newest one and the one of its formula before. */
const usual = computed(() => {
  const made = almanac.all.filter(({ digest }) => digest.outcome === 'made');
  const [newest] = made;
  const before = made.find(
    ({ digest }) => digest.formulaId === newest?.digest.formulaId && digest.id !== newest.digest.id,
  );
  return [newest, before ?? made[1]].flatMap((one) => one?.digest.id ?? []);
});
const chosenIds = computed(() => (asked.value.length > 0 ? asked.value : usual.value));
function choose(ids: readonly string[]): void {
  const codes = ids.slice(0, MOST).map((id) => workshop.codeOfBatch(id));
  void router.replace({ query: codes.length > 0 ? { batches: codes.join(',') } : {} });
}
watch(chosenIds, (ids) => void workshop.loadBatches(ids), { immediate: true });

const batches = computed(() =>
  chosenIds.value.flatMap((id) => workshop.batches.find((batch) => batch.id === id) ?? []),
);
const isReading = computed(() => batches.value.length < chosenIds.value.length);
const comparison = computed(() =>
  compareBatches(batches.value, {
    conditionsOf: (batch) => conditionsOfBatch(workshop.facts, batch),
    trialsOf: (batch) =>
      workshop.trials.filter(({ batchId, voidedAt }) => batchId === batch.id && !voidedAt),
    dryingOf: (batch) => {
      const forecast = batch.outcome === 'made' ? trays.forecastOf(batch, Date.now()) : null;
      if (!forecast) return null;
      const { dryAtMs, startMs, humidityPct } = forecast;
      return { dryH: dryAtMs && (dryAtMs.best - startMs) / HOUR_MS, humidityPct };
    },
  }),
);
const NONE = '–';
const figuresOf = (group: CompareGroup): readonly ShownRow[] =>
  comparison.value.figures
    .filter((one) => one.group === group)
    .map(({ id, values, differs }) => ({
      name: FIGURES[id].name,
      cells: values.map((value) => (value === null ? NONE : FIGURES[id].say(value))),
      differs,
    }));
function listed<T>(
  name: string,
  { lists, differs }: ComparedList<T>,
  say: (one: T) => string,
): ShownRow {
  return { name, cells: lists.map((list) => list.map(say).join(', ') || NONE), differs };
}
const groups = computed(() => {
  const { materials, squeezes, people, faults, verdicts } = comparison.value;
  const more: Readonly<Partial<Record<CompareGroup, readonly ShownRow[]>>> = {
    bench: [listed('Squeezes', squeezes, squeezeSaid), listed('People', people, (name) => name)],
    pieces: [listed('Faults', faults, (fault) => faultRow(fault).title)],
    tests: [listed('Verdicts', verdicts, (verdict) => VERDICT_WORDS[verdict as Verdict])],
  };
  return [
    {
      name: 'Weights',
      rows: materials.map(({ materialId, massesG, differs }) => ({
        name: nameOf(materialId),
        cells: massesG.map((massG) => (massG === null ? NONE : formatMass(massG))),
        differs,
      })),
    },
    ...keysOf(GROUP_WORDS).map((group) => ({
      name: GROUP_WORDS[group],
      rows: [...figuresOf(group), ...(more[group] ?? [])],
    })),
  ].filter(({ rows }) => rows.some(({ cells }) => cells.some((cell) => cell !== NONE)));
});
</script>

<template>
  <section aria-label="Compare">
    <v-autocomplete
      :model-value="chosenIds"
      :items="choices"
      label="Batches to compare"
      multiple
      chips
      closable-chips
      hide-details
      class="choose"
      @update:model-value="choose"
    >
      <template #chip="{ props: chip, item }"><v-chip v-bind="chip" :text="item.code" /></template>
    </v-autocomplete>
    <p v-if="isReading" role="status" class="quiet">Reading the batches.</p>
    <p v-else-if="batches.length < 2" class="quiet">
      Choose two batches or more, up to {{ MOST }}.
    </p>
    <template v-if="batches.length">
      <div class="scrolls">
        <table>
          <caption class="visually-hidden">
            Batches side by side
          </caption>
          <thead>
            <tr>
              <th scope="col"></th>
              <th v-for="batch in batches" :key="batch.id" scope="col">
                <router-link class="link" :to="toBatch(batch.code)">{{ batch.code }}</router-link>
                <span>{{ batch.formulaName }}</span>
                <span class="quiet">{{ longDate(batch.startedAt) }}</span>
              </th>
            </tr>
          </thead>
          <CompareRows
            v-for="group in groups"
            :key="group.name"
            :name="group.name"
            :rows="group.rows"
          />
        </table>
      </div>
      <p v-if="batches.length > 1" class="quiet">
        A filled mark says that the batches differ. Weights differ when their share of the mix does.
      </p>
    </template>
    <VersionLine :formula-id="batches[0]?.formulaId ?? null" />
  </section>
</template>

<style scoped>
.choose {
  max-width: 760px;
  margin-bottom: 12px;
}
thead th span {
  display: block;
  font-weight: 400;
}
table {
  width: auto;
}
thead th {
  min-width: 150px;
  padding: 4px 14px 8px;
  vertical-align: top;
}
</style>
