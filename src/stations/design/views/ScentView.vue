<script setup lang="ts">
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { typedIn } from '@/ui/fields/typedIn';
import { computed, ref } from 'vue';
import type { Evaluation } from '@/core/results/evaluation/types';
import { allLines, setLineMass } from '@/core/formula/model/edit';
import type { FormulaBody, Line } from '@/core/formula/model/schema';
import { BLEND_UNITS, blendAmount, blendMassG, type BlendUnit } from '@/core/results/scent/blend';
import { fillUpFactor, mostLoadPct } from '@/core/results/scent/fillUp';
import type { ScentDocument } from '@/core/results/scent/documents';
import { parseNumber } from '@/core/basics/units/parseNumber';
import { useDesignStore } from '@/stores/design';
import { useWorkshopStore } from '@/stores/workshop';
import { counted, formatFixed } from '@/core/basics/format/numbers';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import ConstituentBars from './ConstituentBars.vue';
import MentholMaker from './MentholMaker.vue';
import ScentDocumentDialog from '@/shared/ScentDocumentDialog.vue';
import { useMaterials } from '@/ui/fields/materials';

const { materialOf, nameOf, portionsOf } = useMaterials();

const props = defineProps<{ body: FormulaBody; evaluation: Evaluation }>();
const design = useDesignStore();
const workshop = useWorkshopStore();

const UNITS = BLEND_UNITS.map((value) => ({ value, word: value === 'g' ? 'grams' : value }));
const unit = ref<BlendUnit>('g');
const problem = ref('');
/** What was typed and is no amount stays in sight. */
const wrong = ref<{ readonly lineId: string; readonly typed: string } | null>(null);
const documentedId = ref<string | null>(null);

const scents = computed(() =>
  allLines(props.body).filter(({ materialId }) => materialOf(materialId).role === 'scent'),
);
const hasMenthol = computed(
  () =>
    props.body.family === 'shower-steamer' ||
    scents.value.some(({ materialId }) => materialId === 'menthol'),
);
const blend = computed(() => portionsOf(scents.value));
const scent = computed(() => props.evaluation.scent);
const mostPct = computed(() => mostLoadPct(scent.value));
const factor = computed(() => fillUpFactor(scent.value, props.evaluation.totalG));

function documentOf(materialId: string): ScentDocument | undefined {
  return workshop.documents.find((entry) => entry.materialId === materialId);
}

function shown(line: Line): string {
  const amount = blendAmount(
    { material: materialOf(line.materialId), massG: line.massG },
    unit.value,
    blend.value,
    workshop.smallMeasures,
  );
  return String(Number(amount.toFixed(unit.value === 'drops' ? 0 : 2)));
}

function take(line: Line, event: Event): void {
  const typed = typedIn(event);
  const amount = parseNumber(typed);
  const isAmount = amount !== null && amount >= 0;
  wrong.value = isAmount ? null : { lineId: line.id, typed };
  if (!isAmount) {
    problem.value = `“${typed}” is not an amount from 0 up.`;
    return;
  }
  problem.value = '';
  if (typed === shown(line)) return;
  const massG = blendMassG(
    materialOf(line.materialId),
    amount,
    unit.value,
    blend.value,
    workshop.smallMeasures,
  );
  design.change(setLineMass(props.body, line.id, massG));
}

function fillUp(): void {
  const by = factor.value;
  if (by === null) return;
  // A hair under, so that the sum stays within.
  design.change(
    scents.value.reduce(
      (body, line) => setLineMass(body, line.id, Math.floor(line.massG * by * 1000 + 1e-6) / 1000),
      props.body,
    ),
  );
}
</script>

<template>
  <section aria-label="Scent blend">
    <h2>Scent</h2>
    <p v-if="scents.length === 0" class="quiet">
      No scent yet. Add an essential oil or a fragrance beside the column.
    </p>
    <template v-else>
      <p class="small">
        <b class="tabular">{{ formatFixed(scent.loadPct, 2) }} %</b> of the mix;
        <template v-if="scent.limit && scent.limit.loadPct < scent.usualHighPct">
          {{ scent.limit.binds }} binds at {{ formatFixed(scent.limit.loadPct, 2) }} %.
        </template>
        <template v-else>usual up to {{ scent.usualHighPct }} %.</template>
      </p>
      <p v-if="scent.perBath" class="small">
        One bath gets
        <b class="tabular">{{ counted(Math.round(scent.perBath.drops), 'drop') }}</b> of essential
        oil, {{ formatFixed(scent.perBath.volumeMl, 1) }} ml.
      </p>
      <div class="units" role="group" aria-label="Amounts in">
        <ChoiceRow v-model="unit" :items="UNITS" />
      </div>
      <ul class="plain-list">
        <li v-for="line in scents" :key="line.id" class="oil">
          <span>{{ nameOf(line.materialId) }}</span>
          <input
            :value="wrong?.lineId === line.id ? wrong.typed : shown(line)"
            inputmode="decimal"
            :aria-label="`${unit === 'g' ? 'Grams' : unit === 'drops' ? 'Drops' : 'Parts'} of ${nameOf(line.materialId)} in the blend`"
            @change="take(line, $event)"
          />
          <button type="button" class="document" @click="documentedId = line.materialId">
            {{ documentOf(line.materialId) ? 'document' : 'no document' }}
            <span class="visually-hidden">for {{ nameOf(line.materialId) }}</span>
          </button>
        </li>
      </ul>
      <ProblemLine :problem="problem" />
      <v-btn v-if="factor !== null" :disabled="Math.abs(factor - 1) < 0.002" @click="fillUp">
        {{ factor < 1 ? 'Take down' : 'Fill up' }} to {{ formatFixed(mostPct, 2) }} %
      </v-btn>
      <ConstituentBars :constituents="scent.constituents" />
    </template>
    <MentholMaker v-if="hasMenthol" />
    <ScentDocumentDialog :material-id="documentedId" @close="documentedId = null" />
  </section>
</template>

<style scoped>
.small {
  margin: 2px 0 8px;
  font-size: var(--text-plain);
}
.units {
  margin-bottom: 6px;
}
.document {
  min-height: 30px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--mid);
  font: inherit;
  font-size: var(--text-plain);
  cursor: pointer;
}
.document {
  color: var(--verdigris);
  text-align: right;
}
.oil {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 70px 96px;
  gap: 8px;
  align-items: center;
  min-height: 38px;
  border-top: 1px solid var(--hairline);
  font-size: var(--text-plain);
}
.oil input {
  width: 100%;
  height: 30px;
  padding: 0 6px;
  border: 1px solid var(--hairline);
  border-radius: var(--radius-small);
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  font-weight: 700;
  text-align: right;
}
</style>
