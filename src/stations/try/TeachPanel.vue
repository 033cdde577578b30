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
import { counted, formatFixed } from '@/core/basics/format/numbers';
import { useWorkshopStore } from '@/stores/workshop';

/** What all trials together teach, this one among them. */
const props = defineProps<{ trial: Trial; forecast: Evaluation | null }>();
const workshop = useWorkshopStore();

const times = ({ estimate, low, high }: Learned) =>
  `${formatFixed(estimate, 2)} times (${formatFixed(low, 2)} to ${formatFixed(high, 2)})`;

const lines = computed(() => {
  const taught = workshop.facts.trials ?? {};
  const said: string[] = [];
  const { lasting } = props.forecast ?? {};
  if (lasting && lasting.kind !== 'showered' && lasting.ownTrials > 0)
    said.push(
      `Forecast with ${counted(lasting.ownTrials, 'other trial')} of yours in it: gone after ${formatFixed(lasting.goneS.best / 60, 1)} min, ${formatFixed(lasting.goneS.low / 60, 1)} to ${formatFixed(lasting.goneS.high / 60, 1)}.`,
    );
  if (taught.wear)
    said.push(
      `How fast your pieces wear is known from ${counted(taught.wear.records, 'trial')} so far.`,
    );
  if (taught.showers && props.trial.kind === 'shower')
    said.push(
      `Your steamers last ${times(askedOf(SHOWERS_LAST, taught.showers, null))} as many showers as reckoned, by ${counted(taught.showers.records, 'trial')}.`,
    );
  if (taught.foam && props.trial.kind !== 'shower')
    said.push(
      `Foam stands ${times(askedOf(FOAM_STANDS, taught.foam, null))} as high as reckoned, by ${counted(taught.foam.records, 'trial')}.`,
    );
  if (taught.share) {
    const kept = askedOf(SHARE_KEPT, taught.share, { weeks: 4 });
    said.push(
      `After four weeks ${formatFixed(100 * Math.min(1, kept.estimate), 0)} % of the fizz is still in your pieces (${formatFixed(100 * kept.low, 0)} to ${formatFixed(100 * kept.high, 0)}), by ${counted(taught.share.records, 'jug')}.`,
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
      Nothing yet: the forecast is the shipped model alone. Press “Gone” when it is gone.
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
