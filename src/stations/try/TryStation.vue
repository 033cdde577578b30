<script setup lang="ts">
import { SIDES, valuesOf } from '@/shared/places';
import AppTabs from '@/ui/kit/AppTabs.vue';
import { computed } from 'vue';
import { shortId } from '@/shared/addresses';
import { useAddress, useAddressTab } from '@/shared/useAddress';
import { KIND_WORDS } from '@/core/batches/trials/kinds';
import type { Trial } from '@/core/batches/trials/schema';
import { shortTime } from '@/core/basics/format/dates';
import { counted, formatCount } from '@/core/basics/format/numbers';
import BatchPhotos from '@/shared/BatchPhotos.vue';
import ActionButton from '@/ui/actions/ActionButton.vue';
import { useActions } from '@/ui/actions/useActions';
import PageHeader from '@/shared/PageHeader.vue';
import { nowMs } from '@/stores/now';
import { useTrialsStore } from '@/stores/trials';
import PitcherHand from './PitcherHand.vue';
import RetainedSamples from './RetainedSamples.vue';
import CupTestView from './CupTestView.vue';
import StabilityPlans from './StabilityPlans.vue';
import SeenPanel from './SeenPanel.vue';
import StartTrial from './StartTrial.vue';
import TeachPanel from './TeachPanel.vue';
import TrialHand from './TrialHand.vue';
import TrialList from './TrialList.vue';
import VerdictPanel from './VerdictPanel.vue';
import WaterColor from './WaterColor.vue';
import { sayPiece, sayTrialEntry } from '@/shared/tryMessages';

const trialStore = useTrialsStore();

const view = useAddressTab(['try', 'test'], valuesOf(SIDES.try), 'now');
useAddress({
  names: ['try', 'test'],
  param: 'test',
  to: 'test',
  current: () => (view.value === 'now' ? (trialStore.inHand?.id ?? null) : null),
  keyOf: shortId,
  find: (key) => trialStore.trials.find(({ id }) => shortId(id) === key)?.id ?? null,
  choose: trialStore.choose,
});
const due = computed(() => trialStore.looksDue(nowMs()).length);
/** What the sides are called now: by the test in hand, what is due, how many there are. */
const SAID: Readonly<Record<string, (word: string) => string>> = {
  now: (word) => (trialStore.inHand ? KIND_WORDS[trialStore.inHand.kind] : word),
  retained: (word) => (due.value > 0 ? `${word} (${formatCount(due.value)} due)` : word),
  all: (word) => `${word} (${formatCount(trialStore.trials.length)})`,
};
const views = computed(() =>
  SIDES.try.map(({ value, word }) => ({ value, word: SAID[value]?.(word) ?? word })),
);

const batch = computed(() => (trialStore.inHand ? trialStore.batchOf(trialStore.inHand) : null));
const thing = computed(() =>
  view.value === 'now' && trialStore.inHand
    ? (batch.value?.formulaName ?? trialStore.inHand.name)
    : '',
);
const forecast = computed(() =>
  trialStore.inHand ? trialStore.forecastOf(trialStore.inHand) : null,
);
const hasColor = computed(
  () => trialStore.inHand?.kind === 'tub' || trialStore.inHand?.kind === 'salts',
);

function open(trial: Trial): void {
  trialStore.choose(trial.id);
  view.value = 'now';
}

function again(): void {
  trialStore.choose(null);
  view.value = 'now';
}
const acts = computed(() => ({
  again: { name: 'New test', key: 'n', run: again, isOff: !trialStore.inHand },
}));
useActions(() => Object.values(acts.value));
</script>

<template>
  <div>
    <PageHeader :thing="thing">
      <template #sub>
        <template v-if="trialStore.inHand && view === 'now'">
          <template v-if="batch">{{ batch.formulaName }}, {{ batch.code }} · </template
          >{{ sayPiece(trialStore.inHand) }}
        </template>
        <template v-else>{{ counted(trialStore.trials.length, 'test') }}</template>
      </template>
      <template #actions>
        <ActionButton v-if="trialStore.inHand" :action="acts.again" />
      </template>
    </PageHeader>
    <div class="station" :class="{ wide: view !== 'now' || !trialStore.inHand }">
      <div class="middle">
        <AppTabs v-model="view" label="Try" :items="views" class="views" />
        <template v-if="view === 'now'">
          <StartTrial v-if="!trialStore.inHand" />
          <PitcherHand
            v-else-if="trialStore.inHand.kind === 'scale'"
            :key="trialStore.inHand.id"
            :trial="trialStore.inHand"
          />
          <TrialHand v-else :key="trialStore.inHand.id" :trial="trialStore.inHand" />
          <details v-if="trialStore.inHand?.entries.length" class="record">
            <summary>Log</summary>
            <ul class="plain-list">
              <li
                v-for="entry in trialStore.inHand.entries"
                :key="entry.id"
                :class="{ struck: entry.voidedAt }"
              >
                <span class="quiet tabular">{{ shortTime(entry.at) }}</span>
                {{ sayTrialEntry(entry) }}
                <button
                  v-if="entry.voidedAt === null"
                  type="button"
                  class="link"
                  :aria-label="`Undo: ${sayTrialEntry(entry)}`"
                  @click="trialStore.strike(entry.id)"
                >
                  Undo
                </button>
              </li>
            </ul>
            <button type="button" class="link" @click="trialStore.turn">
              {{ trialStore.inHand.voidedAt ? 'Count this test again' : 'Don’t count this test' }}
            </button>
          </details>
        </template>
        <CupTestView v-else-if="view === 'cup'" />
        <template v-else-if="view === 'retained'">
          <RetainedSamples />
          <StabilityPlans />
        </template>
        <TrialList v-else @open="open" />
      </div>
      <aside v-if="view === 'now' && trialStore.inHand" class="side">
        <SeenPanel :key="trialStore.inHand.id" :trial="trialStore.inHand" />
        <WaterColor
          v-if="hasColor && forecast?.color"
          :trial="trialStore.inHand"
          :forecast-hex="forecast.color.waterHex"
        />
        <BatchPhotos v-if="batch" :batch="batch" :trial-id="trialStore.inHand.id" />
        <TeachPanel :trial="trialStore.inHand" :forecast="forecast" />
        <VerdictPanel :trial="trialStore.inHand" />
      </aside>
    </div>
  </div>
</template>

<style scoped>
.station {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
}
.station.wide {
  grid-template-columns: minmax(0, 1fr);
}
.middle {
  padding: 12px 24px 32px;
}
.views {
  margin-bottom: 16px;
}
.side {
  padding: 18px 20px 28px;
  border-left: 1px solid var(--hairline);
}
.record {
  margin-top: 20px;
}
.record summary {
  min-height: 44px;
  cursor: pointer;
}
.struck {
  text-decoration: line-through;
  opacity: 0.7;
}
@media (max-width: 1150px) {
  .station {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    border: 0;
  }
  .middle {
    padding: 8px 14px 20px;
  }
}
</style>
