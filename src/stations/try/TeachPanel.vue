<script setup lang="ts">
import { computed } from 'vue';
import {
  FOAM_STANDS,
  SHARE_KEPT,
  SHOWERS_LAST,
  askedOf,
  type Learned,
} from '@/core/results/learning/quantities';
import type { Evaluation } from '@/core/results/evaluation/types';
import type { Trial } from '@/core/batches/trials/schema';
import {
  counted,
  formatFixed,
  formatPercent,
  formatPercentRange,
  formatRange,
} from '@/core/basics/format/numbers';
import { useWorkshopStore } from '@/stores/workshop';

/** What all trials together teach, this one among them. */
const props = defineProps<{ trial: Trial; forecast: Evaluation | null }>();
const workshop = useWorkshopStore();

const times = ({ estimate, low, high }: Learned) =>
  `${formatFixed(estimate, 2)} times (${formatRange(low, high, 2)})`;

const lines = computed(() => {
  const taught = workshop.facts.trials ?? {};
  const said: string[] = [];
  const { lasting } = props.forecast ?? {};
  if (lasting && lasting.kind !== 'showered' && lasting.ownTrials > 0)
    said.push(
      `From ${counted(lasting.ownTrials, 'other test')} of yours, it should be gone after ${formatFixed(lasting.goneS.best / 60, 1)} min (${formatRange(lasting.goneS.low / 60, lasting.goneS.high / 60, 1)} min).`,
    );
  if (taught.wear)
    said.push(
      `Rovack learned how fast your pieces dissolve from ${counted(taught.wear.records, 'test')}.`,
    );
  if (taught.showers && props.trial.kind === 'shower')
    said.push(
      `Your steamers last ${times(askedOf(SHOWERS_LAST, taught.showers, null))} as many showers as estimated, from ${counted(taught.showers.records, 'test')}.`,
    );
  if (taught.foam && props.trial.kind !== 'shower')
    said.push(
      `Your foam is ${times(askedOf(FOAM_STANDS, taught.foam, null))} as high as estimated, from ${counted(taught.foam.records, 'test')}.`,
    );
  if (taught.share) {
    const kept = askedOf(SHARE_KEPT, taught.share, { weeks: 4 });
    said.push(
      `After four weeks your pieces keep ${formatPercent(100 * Math.min(1, kept.estimate), 0)} of their fizz (${formatPercentRange(100 * kept.low, 100 * kept.high)}), from ${counted(taught.share.records, 'test')} on the scale.`,
    );
  }
  return said;
});
</script>

<template>
  <section aria-label="What it teaches">
    <h2>What it teaches</h2>
    <p v-for="line in lines" :key="line">{{ line }}</p>
    <p v-if="lines.length === 0" class="quiet">
      Nothing yet. The forecast uses Rovack’s estimates only. Press “Gone” when the piece is gone.
    </p>
  </section>
</template>

<style scoped>
h2 {
  margin: 18px 0 4px;
  font-size: var(--text-title);
}
p {
  margin: 0 0 8px;
  font-size: var(--text-body);
}
</style>
