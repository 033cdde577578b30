<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { evaluate } from '@/core/results/evaluation/evaluate';
import type { Evaluation } from '@/core/results/evaluation/types';
import { compareBodies } from '@/core/formula/model/compare';
import { latestVersion } from '@/core/formula/model/versions';
import type { FormulaBody } from '@/core/formula/model/schema';
import { useDesignStore } from '@/stores/design';
import { longDate } from '@/core/basics/format/dates';
import { formatMass } from '@/core/basics/format/quantities';
import { readingRows } from './versionMessages';
import { useMaterials } from '@/ui/fields/materials';

const { nameOf } = useMaterials();

const props = defineProps<{ body: FormulaBody; evaluation: Evaluation }>();
const design = useDesignStore();
const route = useRoute();
const router = useRouter();

const name = ref('');
const versions = computed(() => design.formula?.versions ?? []);
/** In the address, so that a version can be sent and marked. */
const chosen = computed(() => Number(route.query['version']));
const choose = (version: number) => void router.replace({ query: { version } });
const against = computed(
  () =>
    versions.value.find(({ number }) => number === chosen.value) ??
    (design.formula && latestVersion(design.formula)),
);
const options = computed(() =>
  [...versions.value].reverse().map((version) => ({
    value: version.number,
    title: [version.number, version.name, longDate(version.keptAt)].filter(Boolean).join(' · '),
  })),
);
const difference = computed(() => against.value && compareBodies(against.value.body, props.body));
const rows = computed(() =>
  against.value
    ? readingRows(evaluate(against.value.body, design.conditions), props.evaluation)
    : [],
);

function keep(): void {
  design.keep(name.value.trim());
  name.value = '';
}

function goBack(): void {
  if (against.value) design.change(against.value.body);
}
</script>

<template>
  <section aria-label="Versions">
    <h2>Versions</h2>
    <form class="keep" @submit.prevent="keep">
      <v-text-field v-model="name" label="Name of the new version" maxlength="80" />
      <v-btn type="submit">Save</v-btn>
    </form>
    <p v-if="!against" class="quiet">
      There is no version yet. Save one to compare it later, or to restore it.
    </p>
    <template v-else>
      <v-select
        :model-value="against.number"
        :items="options"
        label="Compare with version"
        @update:model-value="choose"
      />
      <p v-if="difference?.isSame" class="quiet">Nothing has changed since.</p>
      <table v-else class="figures" aria-label="What changed">
        <thead>
          <tr>
            <th scope="col">Changed</th>
            <th scope="col">Before</th>
            <th scope="col">Now</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="entry in difference?.settings" :key="entry[0]">
            <th scope="row">{{ entry[0] }}</th>
            <td>{{ entry[1] }}</td>
            <td>{{ entry[2] }}</td>
          </tr>
          <tr v-for="(line, i) in difference?.lines" :key="i">
            <th scope="row">
              {{ nameOf(line.materialId) }}
              <span v-if="line.partKind !== 'main'" class="quiet">{{ line.partName }}</span>
            </th>
            <td>{{ line.beforeG === null ? '–' : formatMass(line.beforeG) }}</td>
            <td>
              <b>{{ line.afterG === null ? '–' : formatMass(line.afterG) }}</b>
            </td>
          </tr>
        </tbody>
      </table>
      <table class="figures" aria-label="Results before and now">
        <thead>
          <tr>
            <th scope="col">Result</th>
            <th scope="col">Before</th>
            <th scope="col">Now</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.name">
            <th scope="row">{{ row.name }}</th>
            <td>{{ row.before }}</td>
            <td>
              <b v-if="row.before !== row.after">{{ row.after }}</b>
              <template v-else>{{ row.after }}</template>
            </td>
          </tr>
        </tbody>
      </table>
      <v-btn :disabled="difference?.isSame" @click="goBack"
        >Restore version {{ against.number }}</v-btn
      >
    </template>
  </section>
</template>

<style scoped>
.keep {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 10px;
  align-items: center;
  margin: 8px 0 16px;
}
table {
  margin: 12px 0;
}
</style>
