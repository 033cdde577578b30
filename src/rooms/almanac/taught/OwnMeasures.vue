<script setup lang="ts">
import { computed } from 'vue';
import { counted } from '@/core/basics/format/numbers';
import { METHOD_WORDS } from '@/core/formula/model/messages';
import { ownMeasures } from '@/core/goods/planning/ownMeasures';
import { useTaughtStore } from '@/stores/taught';
import { useWorkshopStore } from '@/stores/workshop';
import { MEASURE_WORDS } from './taughtMessages';

/** What the workshop measured itself: no estimate that each record pulls at, but a tool, a mold or a clock that was read. */
const workshop = useWorkshopStore();
const taught = useTaughtStore();
const rows = computed(() =>
  ownMeasures({
    batches: workshop.batches,
    tools: workshop.tools,
    fills: workshop.fills,
    method: taught.place.method,
    catalog: workshop.catalog,
  }),
);
</script>

<template>
  <section aria-labelledby="measures-heading">
    <h2 id="measures-heading">Measured here</h2>
    <div class="scrolls">
      <table>
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Estimate</th>
            <th scope="col">Yours</th>
            <th scope="col">Records</th>
            <th scope="col">Where</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ id, shipped, yours, records } in rows" :key="id">
            <th scope="row">
              {{ MEASURE_WORDS[id].name
              }}<template v-if="id === 'packed'"
                >, {{ METHOD_WORDS[taught.place.method] }}</template
              >
            </th>
            <td>{{ shipped ? MEASURE_WORDS[id].say(shipped) : '–' }}</td>
            <td>
              <b v-if="yours">{{ MEASURE_WORDS[id].say(yours) }}</b>
              <template v-else>not measured yet</template>
            </td>
            <td>{{ counted(records, 'record') }}</td>
            <td>
              <router-link class="link" :to="MEASURE_WORDS[id].way.to">{{
                MEASURE_WORDS[id].way.name
              }}</router-link>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
section {
  margin-top: 28px;
}
table {
  width: auto;
}
th,
td {
  padding-right: 20px;
}
</style>
