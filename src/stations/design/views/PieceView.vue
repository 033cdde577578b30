<script setup lang="ts">
import { computed } from 'vue';
import { crossSectionOf } from '@/core/work/cross-section/crossSection';
import { gasTrace } from '@/core/results/evaluation/gasTrace';
import type { Evaluation } from '@/core/results/evaluation/types';
import { setPartMass, setPartPerPiece } from '@/core/formula/model/parts';
import type { FormulaBody } from '@/core/formula/model/schema';
import { goneSecondsOf } from '@/core/batches/trials/taught';
import { counted } from '@/core/basics/format/numbers';
import { useDesignStore } from '@/stores/design';
import { useWorkshopStore } from '@/stores/workshop';
import TintSwatches from '../TintSwatches.vue';
import FizzTrace from './FizzTrace.vue';
import PieceCut from './PieceCut.vue';
import { bathsSentence, surfaceSentence, traceSentence } from './pieceMessages';

const props = defineProps<{ body: FormulaBody; evaluation: Evaluation }>();
const design = useDesignStore();
const workshop = useWorkshopStore();

const anatomy = computed(() =>
  crossSectionOf(props.body, design.mold, design.conditions.catalog, design.pieceG ?? undefined),
);
/** Own trials of this formula, laid over the forecast. */
const tried = computed(() =>
  goneSecondsOf(workshop.formulaInHand?.id ?? '', workshop.trials, workshop.batches),
);
const trace = computed(() => gasTrace(props.evaluation, design.pieceG ?? 0));

/** The embed of one piece is so many grams: the part follows, the main mix makes room. */
function resizeEmbed(massG: number, isDone: boolean): void {
  const { embed, pieceG, heldG } = anatomy.value ?? {};
  if (!embed || !pieceG || !heldG) return;
  const part = props.body.parts.find(({ id }) => id === embed.partId);
  const next =
    part?.perPieceG === undefined
      ? setPartMass(props.body, embed.partId, (massG / pieceG) * heldG)
      : setPartPerPiece(props.body, embed.partId, Math.max(0.1, Math.round(massG * 10) / 10));
  if (isDone) design.change(next);
  else design.pull(next);
}
</script>

<template>
  <section aria-label="Cross section">
    <h2>{{ body.method === 'loose' ? 'One fill' : 'Cross section' }}</h2>
    <p v-if="!anatomy" class="quiet">The formula is empty. Add a material first.</p>
    <template v-else>
      <PieceCut
        :anatomy="anatomy"
        :is-loose="body.method === 'loose'"
        @embed="(massG) => resizeEmbed(massG, false)"
        @step="(massG) => resizeEmbed(massG, true)"
        @end="design.endPull"
      />
      <p v-if="body.family === 'fizzing-salts'" class="small">
        {{ bathsSentence(anatomy.pieceG, evaluation.binder.verdict) }}
      </p>
      <p class="tints">
        <TintSwatches v-if="evaluation.color" v-bind="evaluation.color" />
      </p>
    </template>
  </section>
  <section v-if="evaluation.lasting" class="fizz" aria-label="Fizz over time">
    <h2>
      {{ evaluation.lasting.kind === 'showered' ? 'Under the shower' : 'Fizz over time' }}
    </h2>
    <p class="quiet small">{{ traceSentence(evaluation, design.conditions.tub.tempC) }}</p>
    <FizzTrace v-if="trace.length" :points="trace" :tried="tried" />
    <p v-if="tried.length" class="quiet small">
      ▼ {{ counted(tried.length, 'test') }} of yours, marked where the piece was gone.
    </p>
    <p v-if="evaluation.surface" class="small">
      {{ surfaceSentence(evaluation.surface, body.family) }}
    </p>
  </section>
</template>

<style scoped>
.fizz {
  margin-top: 18px;
}
.small {
  margin: 2px 0 4px;
  font-size: var(--text-plain);
}
.tints {
  margin: 6px 0 0;
}
</style>
