<script setup lang="ts">
import AppForm from '@/ui/kit/AppForm.vue';
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue';
import type { FormulaBody } from '@/core/formula/model/schema';
import { WISHES, type Spreading, type WishId } from '@/core/results/rebalance/wishes';
import type { RebalanceResult } from '@/core/results/rebalance/rebalance';
import { useDesignStore } from '@/stores/design';
import { useWorkshopStore } from '@/stores/workshop';
import { reasonOf } from '@/core/basics/format/reason';
import NumberField from '@/ui/fields/NumberField.vue';
import { startRebalance } from '@/workers/startRebalance';
import RebalanceFound from './RebalanceFound.vue';

const props = defineProps<{ body: FormulaBody }>();
const design = useDesignStore();
const workshop = useWorkshopStore();

/** Work that takes longer than this says so and can be stopped, ms. */
const SAYS_SO_AFTER_MS = 300;

/** The two schools of soda to acid. Common practice. */
const SCHOOLS = [
  { word: 'classic', ratio: 2 },
  { word: 'acid-forward', ratio: 1.4 },
] as const;
const SPREADINGS: ReadonlyArray<{ readonly value: Spreading; readonly word: string }> = [
  { value: 'few', word: 'As few lines as possible' },
  { value: 'all', word: 'Every line a little' },
];
const spread = ref<Spreading>('few');
const wishIds = ref<WishId[]>([]);
const asksRatio = ref(false);
const ratio = ref(1.5);
const asksTotal = ref(false);
const totalG = ref(1000);
const result = shallowRef<RebalanceResult | null>(null);
const isSlow = ref(false);
const problem = ref('');
let run: ReturnType<typeof startRebalance> | null = null;
let slowTimer: ReturnType<typeof setTimeout> | undefined;
let latest = 0;

const wishes = computed(() => ({
  spread: spread.value,
  ids: [...wishIds.value],
  ratio: asksRatio.value ? ratio.value : null,
  totalG: asksTotal.value ? totalG.value : null,
}));

watch(() => props.body, leave);
onScopeDispose(() => {
  stop();
  design.setPreview(null);
});

async function find(): Promise<void> {
  // The field says what is wrong with it: nothing is looked for by the figure before.
  const asked = ++latest;
  settled();
  result.value = null;
  problem.value = '';
  slowTimer = setTimeout(() => (isSlow.value = true), SAYS_SO_AFTER_MS);
  try {
    run = startRebalance(props.body, { ...design.conditions }, wishes.value, [
      ...workshop.materials,
    ]);
    const found = await run.result;
    if (asked !== latest) return;
    result.value = found;
    design.setPreview(found.status === 'changed' ? found.body : null);
  } catch (error) {
    problem.value = `${reasonOf(error)}.`;
  } finally {
    if (asked === latest) settled();
  }
}

function settled(): void {
  clearTimeout(slowTimer);
  isSlow.value = false;
  run = null;
}

function stop(): void {
  latest++;
  run?.cancel();
  settled();
}

function leave(): void {
  latest++;
  result.value = null;
  design.setPreview(null);
  settled();
}

function take(): void {
  if (result.value?.status === 'changed') design.change(result.value.body);
}
</script>

<template>
  <section aria-label="Rebalance">
    <h2>Rebalance</h2>
    <p class="quiet small">
      Finds the smallest change that brings every result into its range. It keeps locked lines,
      takes no line out, and moves scent and color last.
    </p>
    <AppForm @submit="find">
      <fieldset>
        <legend>Change</legend>
        <label v-for="entry in SPREADINGS" :key="entry.value" class="wish">
          <input v-model="spread" type="radio" name="spread" :value="entry.value" />
          <span>{{ entry.word }}</span>
        </label>
      </fieldset>
      <fieldset>
        <legend>Also make it</legend>
        <label v-for="entry in WISHES" :key="entry.id" class="wish">
          <input v-model="wishIds" type="checkbox" :value="entry.id" />
          <span
            >{{ entry.word }} <span class="quiet">{{ entry.does }}</span></span
          >
        </label>
        <label class="wish">
          <input v-model="asksRatio" type="checkbox" /> <span>Set soda to acid</span>
        </label>
        <div v-if="asksRatio" class="schools">
          <button
            v-for="school in SCHOOLS"
            :key="school.word"
            type="button"
            @click="ratio = school.ratio"
          >
            {{ school.word }}, {{ school.ratio }}
          </button>
        </div>
        <NumberField
          v-if="asksRatio"
          v-model="ratio"
          label="Soda to acid"
          :min="0.5"
          :max="6"
          class="field"
        />
        <label class="wish">
          <input v-model="asksTotal" type="checkbox" /> <span>Set the total</span>
        </label>
        <NumberField
          v-if="asksTotal"
          v-model="totalG"
          label="Total"
          unit="g"
          :min="1"
          :max="1000000"
          class="field"
        />
      </fieldset>
      <v-btn type="submit" variant="flat">Find the smallest change</v-btn>
    </AppForm>
    <p v-if="isSlow" role="status" class="slow">
      Still searching. <v-btn variant="text" @click="stop">Stop</v-btn>
    </p>
    <p v-if="problem" role="alert" class="clash">{{ problem }}</p>
    <RebalanceFound v-if="result" :body="body" :result="result" @take="take" @leave="leave" />
  </section>
</template>

<style scoped>
.small {
  margin: 2px 0 8px;
  font-size: var(--text-plain);
}
fieldset {
  margin: 0 0 12px;
  padding: 0;
  border: 0;
}
legend {
  padding: 0;
  font-weight: 700;
}
.wish {
  display: grid;
  grid-template-columns: 24px 1fr;
  align-items: start;
  min-height: 26px;
  font-size: var(--text-plain);
  cursor: pointer;
}
.wish input {
  width: 16px;
  height: 16px;
  margin: 2px 0 0;
  accent-color: var(--verdigris);
}
.field {
  margin: 4px 0 8px 24px;
}
.schools {
  display: flex;
  gap: 14px;
  margin-left: 24px;
}
.schools button {
  min-height: 30px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--verdigris);
  font: inherit;
  font-size: var(--text-plain);
  font-weight: 700;
  cursor: pointer;
}
.clash {
  color: var(--rust);
}
</style>
