<script setup lang="ts">
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import AppForm from '@/ui/kit/AppForm.vue';
import { computed, ref } from 'vue';
import { newId } from '@/core/basics/newId';
import { RESPONSE_WORDS, RESPONSES, type Response } from '@/core/batches/trials/cup-test/responses';
import { cupTestCups } from '@/core/batches/trials/cup-test/cups';
import { inSentence } from '@/core/basics/format/names';
import { nowIso } from '@/stores/now';
import { useShelfStore } from '@/stores/shelf';
import { useTrialsStore } from '@/stores/trials';
import { useWorkshopStore } from '@/stores/workshop';
import { useMaterials } from '@/ui/fields/materials';
import MaterialPicker from '@/ui/fields/MaterialPicker.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import { sayCupTestProblem } from '@/shared/tryMessages';

/** The question of a set of small ones: of what, from how much to how much, what is watched, and in how many cups. */
const emit = defineEmits<{ asked: [id: string] }>();
const trialStore = useTrialsStore();
const workshop = useWorkshopStore();
const shelf = useShelfStore();
const { nameOf } = useMaterials();

interface Asked {
  materialId: string | null;
  lowPct: number;
  highPct: number;
}
const formulaId = ref<string | null>(
  workshop.formulaInHand?.id ?? workshop.formulas[0]?.id ?? null,
);
const factors = ref<Asked[]>([{ materialId: null, lowPct: 0, highPct: 10 }]);
const response = ref<Response>('gone-s');
const bends = ref(false);
const cups = ref(4);
const cupG = ref(25);
const stepG = ref(Math.min(0.1, ...shelf.scales.map((scale) => scale.stepG)));
const problem = ref('');
const MOST_FACTORS = 3;

const formula = computed(() => workshop.formulas.find(({ id }) => id === formulaId.value) ?? null);

function ask(): void {
  const named = factors.value.flatMap(({ materialId, lowPct, highPct }) =>
    materialId === null ? [] : [{ materialId, lowPct, highPct }],
  );
  if (!formula.value || named.length === 0) {
    problem.value = 'Choose a formula, and what is to be varied.';
    return;
  }
  if (named.some(({ lowPct, highPct }) => highPct <= lowPct)) {
    problem.value = 'The highest must be over the lowest.';
    return;
  }
  const question = {
    body: formula.value.body,
    factors: named,
    response: response.value,
    bends: bends.value,
    cups: Math.round(cups.value),
    cupG: cupG.value,
    stepG: stepG.value,
  };
  const result = cupTestCups(question, trialStore.cupTestConditions(question));
  if (!result.ok) {
    problem.value = sayCupTestProblem(result.problem);
    return;
  }
  problem.value = '';
  const id = newId();
  const what = named.map(({ materialId }) => inSentence(nameOf(materialId))).join(' and ');
  workshop.put('ladders', [
    {
      id,
      origin: 'own',
      formulaId: formula.value.id,
      name: `What does more ${what} do to ${RESPONSE_WORDS[response.value].title}?`.slice(0, 160),
      body: question.body,
      askedAt: nowIso(),
      response: question.response,
      bends: question.bends,
      factors: named,
      cupG: question.cupG,
      stepG: question.stepG,
      cups: [...result.cups],
      entries: [],
    },
  ]);
  emit('asked', id);
}
</script>

<template>
  <AppForm class="ask" aria-label="A new question" @submit="ask">
    <h2>What do you want to know?</h2>
    <div class="fields">
      <v-autocomplete
        v-model="formulaId"
        :items="workshop.formulas.map(({ id, name }) => ({ value: id, title: name }))"
        label="Of the formula"
      />
      <v-select
        v-model="response"
        :items="RESPONSES.map((value) => ({ value, title: RESPONSE_WORDS[value].title }))"
        label="What is watched"
      />
    </div>
    <div v-for="(factor, i) in factors" :key="i" class="fields">
      <MaterialPicker v-model="factor.materialId" :label="`More or less of (${i + 1})`" />
      <NumberField
        v-model="factor.lowPct"
        :label="`Lowest of ${i + 1}, %`"
        :min="0"
        :max="60"
        :decimals="2"
      />
      <NumberField
        v-model="factor.highPct"
        :label="`Highest of ${i + 1}, %`"
        :min="0"
        :max="60"
        :decimals="2"
      />
    </div>
    <button
      v-if="factors.length < MOST_FACTORS"
      type="button"
      class="link"
      @click="factors.push({ materialId: null, lowPct: 0, highPct: 5 })"
    >
      And another thing
    </button>
    <div class="fields">
      <NumberField v-model="cups" label="Cups" :min="2" :max="8" :decimals="0" />
      <NumberField v-model="cupG" label="Grams a cup" :min="2" :max="1000" :decimals="1" />
      <NumberField v-model="stepG" label="Steps of the small scale, g" :min="0.001" :max="10" />
      <v-switch v-model="bends" label="it may bend" hide-details />
    </div>
    <p class="quiet">
      One base mix without what is varied; each cup takes its grams of it, and what is varied beside
      them. The cups stand where the answer gets surest with what the forecast believes already, and
      only where the mix stays in its damp window.
    </p>
    <ProblemLine :problem="problem" />
    <v-btn variant="flat" type="submit">Lay out the cups</v-btn>
  </AppForm>
</template>

<style scoped>
.ask {
  display: grid;
  gap: 12px;
  max-width: 780px;
}
h2 {
  margin: 0;
  font-size: var(--text-title);
}
.fields {
  display: grid;
  align-items: start;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 10px 14px;
}
p {
  margin: 0;
}
.link,
.ask > .v-btn {
  justify-self: start;
}
</style>
