<script setup lang="ts">
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { typedIn } from '@/ui/fields/typedIn';
import { computed, ref } from 'vue';
import type { Evaluation } from '@/core/results/evaluation/types';
import { allLines, setLineMass } from '@/core/formula/model/edit';
import type { FormulaBody, Line } from '@/core/formula/model/schema';
import { BLEND_UNITS, blendAmount, blendMassG, type BlendUnit } from '@/core/results/scent/blend';
import { fillUpFactor, mostLoadPct } from '@/core/results/scent/fillUp';
import type { SupplierDocument } from '@/core/results/scent/documents';
import { useDesignStore } from '@/stores/design';
import { useWorkshopStore } from '@/stores/workshop';
import { counted, formatPercent } from '@/core/basics/format/numbers';
import { formatMilliliters, shownUnit, toShown } from '@/core/basics/format/quantities';
import { parseQuantity } from '@/core/basics/units/parseQuantity';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import ConstituentBars from './ConstituentBars.vue';
import MentholMaker from './MentholMaker.vue';
import type { AskedDocument } from '@/shared/askedDocument';
import SupplierDocumentDialog from '@/shared/SupplierDocumentDialog.vue';
import { useMaterials } from '@/ui/fields/materials';

const { materialOf, nameOf, portionsOf } = useMaterials();

const props = defineProps<{ body: FormulaBody; evaluation: Evaluation }>();
const design = useDesignStore();
const workshop = useWorkshopStore();

const UNIT_NAMES = computed(() => ({ g: shownUnit('g').unit, drops: 'drops', parts: 'parts' }));
const UNITS = computed(() =>
  BLEND_UNITS.map((value) => ({ value, word: UNIT_NAMES.value[value] })),
);
const unit = ref<BlendUnit>('g');
const problem = ref('');
/** What was typed and is no amount stays in sight. */
const wrong = ref<{ readonly lineId: string; readonly typed: string } | null>(null);
const askedDocument = ref<AskedDocument | null>(null);

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

/** The newest certificate of a scent that holds for all of its lots. */
function certificateOf(materialId: string): SupplierDocument | null {
  const own = workshop.documents.filter(
    (one) =>
      one.materialId === materialId && one.lotId === null && one.kind === 'fragrance-certificate',
  );
  return own.sort((a, b) => b.dated.localeCompare(a.dated))[0] ?? null;
}
const askFor = (materialId: string) =>
  (askedDocument.value = { materialId, lotId: null, document: certificateOf(materialId) });

function shown(line: Line): string {
  const amount = blendAmount(
    { material: materialOf(line.materialId), massG: line.massG },
    unit.value,
    blend.value,
    workshop.smallMeasures,
  );
  if (unit.value === 'drops') return String(Math.round(amount));
  const shown = shownUnit('g');
  return unit.value === 'parts'
    ? String(Number(amount.toFixed(2)))
    : String(Number(toShown(amount, shown).toFixed(2 + shown.moreDecimals)));
}

function take(line: Line, event: Event): void {
  const typed = typedIn(event);
  const read = parseQuantity(typed, unit.value === 'g' ? 'g' : null);
  if (!read.ok || read.value < 0) {
    wrong.value = { lineId: line.id, typed };
    problem.value = read.ok ? 'Type a number, 0 or more.' : read.problem;
    return;
  }
  wrong.value = null;
  problem.value = '';
  if (typed === shown(line)) return;
  const massG = blendMassG(
    materialOf(line.materialId),
    read.value,
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
      There is no scent yet. Add an essential oil or a fragrance to the formula.
    </p>
    <template v-else>
      <p class="small">
        <template v-if="scent.limit && scent.limit.loadPct < scent.usualHighPct">
          Scent is <b class="tabular">{{ formatPercent(scent.loadPct, 2) }}</b> of the mix (limit
          {{ formatPercent(scent.limit.loadPct, 2) }}, set by {{ scent.limit.binds }}).
        </template>
        <template v-else>
          Scent is <b class="tabular">{{ formatPercent(scent.loadPct, 2) }}</b> of the mix (usual up
          to {{ formatPercent(scent.usualHighPct) }}).
        </template>
      </p>
      <p v-if="scent.perBath" class="small">
        One bath gets
        <b class="tabular">{{ counted(Math.round(scent.perBath.drops), 'drop') }}</b> of essential
        oil ({{ formatMilliliters(scent.perBath.volumeMl, 1) }}).
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
            :aria-label="`${nameOf(line.materialId)}, ${UNIT_NAMES[unit]}`"
            @change="take(line, $event)"
          />
          <button type="button" class="document" @click="askFor(line.materialId)">
            {{ certificateOf(line.materialId) ? 'Document' : 'Add document' }}
            <span class="visually-hidden">for {{ nameOf(line.materialId) }}</span>
          </button>
        </li>
      </ul>
      <ProblemLine :problem="problem" />
      <v-btn v-if="factor !== null" :disabled="Math.abs(factor - 1) < 0.002" @click="fillUp">
        {{
          factor < 1
            ? `Lower to ${formatPercent(mostPct, 2)}`
            : `Raise to ${formatPercent(mostPct, 2)}`
        }}
      </v-btn>
      <ConstituentBars :constituents="scent.constituents" />
    </template>
    <MentholMaker v-if="hasMenthol" />
    <SupplierDocumentDialog :asked="askedDocument" @close="askedDocument = null" />
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
