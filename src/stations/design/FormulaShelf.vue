<script setup lang="ts">
import { computed, ref } from 'vue';
import {
  FAMILY_WORDS,
  describeVersion,
  newFormula,
  totalMassG,
  type Formula,
} from '@/core/formula';
import { nowIso } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import { counted, formatGrams, longDate } from '@/ui/format';
import MiniCore from '@/ui/MiniCore.vue';

const emit = defineEmits<{ open: [id: string]; paste: []; empty: [] }>();

const workshop = useWorkshopStore();
const removing = ref<Formula | null>(null);
const formulas = computed(() =>
  [...workshop.formulas].sort((a, b) => b.changedAt.localeCompare(a.changedAt)),
);

function batchCount(id: string): string {
  const count = workshop.batches.filter(({ formulaId }) => formulaId === id).length;
  return count === 0 ? 'never made' : counted(count, 'batch', 'batches');
}

function duplicate(formula: Formula): void {
  workshop.putFormula(newFormula(`${formula.name}, copy`, formula.body, nowIso()));
}

function remove(): void {
  if (removing.value) workshop.removeFormula(removing.value.id);
  removing.value = null;
}
</script>

<template>
  <section v-if="formulas.length === 0" class="blank">
    <h2>No formula yet</h2>
    <p>
      Take a recipe the way it was written down, in cups and spoons, and get it in grams with what
      each cup leaves open. Or start from an empty column.
    </p>
    <div class="choices">
      <v-btn variant="flat" @click="emit('paste')">Paste a recipe as written</v-btn>
      <v-btn @click="emit('empty')">Empty column</v-btn>
    </div>
  </section>
  <ul v-else class="plain-list shelf">
    <li v-for="formula in formulas" :key="formula.id" class="formula">
      <button type="button" class="open" @click="emit('open', formula.id)">
        <MiniCore :body="formula.body" />
        <span class="words">
          <b class="figure name">{{ formula.name }}</b>
          <span class="quiet"
            >{{ FAMILY_WORDS[formula.body.family] }} · {{ describeVersion(formula) }}</span
          >
          <span class="quiet"
            >{{ formatGrams(totalMassG(formula.body)) }} g · {{ batchCount(formula.id) }}</span
          >
          <span class="quiet"
            >changed {{ longDate(formula.changedAt)
            }}{{ formula.origin === 'sample' ? ' · sample' : '' }}</span
          >
        </span>
      </button>
      <div class="more">
        <v-btn variant="text" size="small" @click="duplicate(formula)">Duplicate</v-btn>
        <v-btn variant="text" size="small" color="error" @click="removing = formula">Remove</v-btn>
      </div>
    </li>
  </ul>
  <v-dialog
    :model-value="removing !== null"
    max-width="440"
    aria-label="Remove a formula"
    @update:model-value="removing = null"
  >
    <v-card v-if="removing">
      <v-card-title>Remove {{ removing.name }}?</v-card-title>
      <v-card-text
        >The formula and its versions go. Batches made from it keep their own copy in the
        Almanac.</v-card-text
      >
      <v-card-actions>
        <v-btn variant="text" @click="removing = null">Keep it</v-btn>
        <v-btn color="error" @click="remove">Remove it</v-btn>
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.blank {
  max-width: 520px;
  padding: 64px 24px;
  font-size: 16px;
}
.choices {
  display: flex;
  gap: 10px;
  margin-top: 20px;
}
.shelf {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(320px, 1fr));
  gap: 28px 32px;
  padding: 28px 24px;
}
.open {
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr);
  gap: 16px;
  width: 100%;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.words {
  display: grid;
  align-content: start;
  font-size: 14px;
}
.name {
  font-size: 20px;
  overflow-wrap: anywhere;
}
.open:hover .name {
  color: var(--verdigris);
}
.more {
  margin-left: 52px;
}
</style>
