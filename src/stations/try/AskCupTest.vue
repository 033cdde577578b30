<script setup lang="ts">
import { listed } from '@/core/basics/format/names';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import AppForm from '@/ui/kit/AppForm.vue';
import { computed, ref } from 'vue';
import { newId } from '@/core/basics/newId';
import { RESPONSE_WORDS, RESPONSES, type Response } from '@/core/batches/trials/cup-test/responses';
import { cupTestCups } from '@/core/batches/trials/cup-test/cups';
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
const { sentenceNameOf } = useMaterials();

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
    problem.value = 'Choose a formula and a material to vary.';
    return;
  }
  if (named.some(({ lowPct, highPct }) => highPct <= lowPct)) {
    problem.value = 'The highest amount must be over the lowest.';
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
  const what = listed(named.map(({ materialId }) => sentenceNameOf(materialId)));
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
  <AppForm class="ask" aria-label="New cup test" @submit="ask">
    <h2>What do you want to know?</h2>
    <div class="fields">
      <v-autocomplete
        v-model="formulaId"
        :items="workshop.formulas.map(({ id, name }) => ({ value: id, title: name }))"
        label="Formula"
      />
      <v-select
        v-model="response"
        :items="RESPONSES.map((value) => ({ value, title: RESPONSE_WORDS[value].title }))"
        label="Result to watch"
      />
    </div>
    <div v-for="(factor, i) in factors" :key="i" class="fields">
      <MaterialPicker v-model="factor.materialId" :label="`Material to vary (${i + 1})`" />
      <NumberField
        v-model="factor.lowPct"
        :label="`Lowest (${i + 1})`"
        unit="%"
        :min="0"
        :max="60"
        :decimals="2"
      />
      <NumberField
        v-model="factor.highPct"
        :label="`Highest (${i + 1})`"
        unit="%"
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
      Vary another material
    </button>
    <div class="fields">
      <NumberField v-model="cups" label="Cups" :min="2" :max="8" :decimals="0" />
      <NumberField
        v-model="cupG"
        label="Weight a cup"
        unit="g"
        :min="2"
        :max="1000"
        :decimals="1"
      />
      <NumberField
        v-model="stepG"
        label="Step of the small scale"
        unit="g"
        :min="0.001"
        :max="10"
      />
      <v-switch v-model="bends" label="The effect may level off" hide-details />
    </div>
    <p class="quiet">
      You make one base mix without the varied materials. Each cup gets some of it, plus its own
      amount of them. Rovack chooses the amounts that answer best, where the mix stays in its
      moisture range.
    </p>
    <ProblemLine :problem="problem" />
    <v-btn variant="flat" type="submit">Create cup test</v-btn>
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
