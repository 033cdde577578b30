<script setup lang="ts">
import { computed } from 'vue';
import { RESPONSE_WORDS } from '@/core/batches/trials/cup-test/responses';
import type { CupTest } from '@/core/batches/trials/cup-test/schema';
import type { CupTestEffect } from '@/core/batches/trials/cup-test/answer';
import {
  counted,
  formatCount,
  formatFixed,
  formatPercent,
  formatRange,
} from '@/core/basics/format/numbers';
import { useTrialsStore } from '@/stores/trials';
import { useMaterials } from '@/ui/fields/materials';
import CupTestCurve from './CupTestCurve.vue';

/** What the cups of a test say so far. */
const props = defineProps<{ ladder: CupTest }>();
const trialStore = useTrialsStore();
const { nameOf, sentenceNameOf } = useMaterials();
const words = computed(() => RESPONSE_WORDS[props.ladder.response]);
const answer = computed(() => trialStore.answerLadder(props.ladder));

function sayEffect({ factor, effect, verdict, atLow, atHigh }: CupTestEffect): string {
  const what = sentenceNameOf(factor.materialId);
  const from = `from ${formatFixed(atLow.best, 1)} at ${formatPercent(factor.lowPct)} to ${formatFixed(atHigh.best, 1)} at ${formatPercent(factor.highPct)}`;
  const size = answer.value.isTimes
    ? `${formatFixed(effect.best, 2)} times (${formatRange(effect.low, effect.high, 2)})`
    : `${formatFixed(effect.best, 1)} ${words.value.unit} (${formatRange(effect.low, effect.high, 1)})`;
  switch (verdict) {
    case 'more':
      return `More ${what} raises it, ${from}. The effect is ${size}. The answer is clear.`;
    case 'less':
      return `More ${what} lowers it, ${from}. The effect is ${size}. The answer is clear.`;
    case 'no-matter':
      return `The amount of ${what} does not matter. The effect is ${size}. The answer is clear.`;
    case 'not-yet':
      return `The answer is not clear yet for ${what}. The effect is ${size}.`;
  }
}
</script>

<template>
  <div>
    <h3>{{ formatCount(answer.seen) }} of {{ counted(ladder.cups.length, 'cup') }} done</h3>
    <CupTestCurve
      :answer="answer"
      :x-title="nameOf(ladder.factors[0]?.materialId ?? '')"
      :y-title="`${words.title}, ${words.unit}`"
    />
    <p v-for="effect in answer.effects" :key="effect.factor.materialId">
      {{ sayEffect(effect) }}
    </p>
    <p v-if="answer.cupsToGo > 0 && answer.seen > 0" class="quiet">
      About {{ counted(answer.cupsToGo, 'more cup') }} with the same amounts would give an answer.
    </p>
  </div>
</template>

<style scoped>
h3 {
  margin: 0 0 4px;
  font-size: var(--text-lead);
}
</style>
