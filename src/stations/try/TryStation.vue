<script setup lang="ts">
import AppTabs from '@/ui/kit/AppTabs.vue';
import { computed, ref } from 'vue';
import { KIND_WORDS } from '@/core/batches/trials/kinds';
import type { Trial } from '@/core/batches/trials/schema';
import { counted } from '@/core/basics/format/numbers';
import BatchPhotos from '@/shared/BatchPhotos.vue';
import PageHeader from '@/shared/PageHeader.vue';
import { nowMs } from '@/stores/now';
import { useTrialsStore } from '@/stores/trials';
import { shortTime } from '@/ui/frame/format';
import PitcherHand from './PitcherHand.vue';
import KeptBack from './KeptBack.vue';
import CupTestView from './CupTestView.vue';
import SeenPanel from './SeenPanel.vue';
import StartTrial from './StartTrial.vue';
import TeachPanel from './TeachPanel.vue';
import TrialHand from './TrialHand.vue';
import TrialList from './TrialList.vue';
import VerdictPanel from './VerdictPanel.vue';
import WaterColor from './WaterColor.vue';
import { sayPiece, sayTrialEntry } from '@/shared/tryMessages';

const trialStore = useTrialsStore();

type View = 'now' | 'sets' | 'kept' | 'all';
const view = ref<View>('now');
const due = computed(() => trialStore.looksDue(nowMs()).length);
const views = computed(() => [
  {
    value: 'now' as const,
    word: trialStore.inHand ? KIND_WORDS[trialStore.inHand.kind] : 'A new trial',
  },
  { value: 'sets' as const, word: 'A set of small ones' },
  {
    value: 'kept' as const,
    word: due.value > 0 ? `Kept back, ${due.value} to look at` : 'Kept back',
  },
  { value: 'all' as const, word: `All ${counted(trialStore.trials.length, 'trial')}` },
]);

const batch = computed(() => (trialStore.inHand ? trialStore.batchOf(trialStore.inHand) : null));
const title = computed(() => {
  const trial = trialStore.inHand;
  if (view.value === 'sets') return 'A set of small ones';
  if (view.value === 'kept') return 'Kept back';
  if (!trial || view.value === 'all') return 'A piece in water';
  return `${batch.value?.formulaName ?? (trial.name || 'A piece')} in water`;
});
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

function anew(): void {
  trialStore.choose(null);
  view.value = 'now';
}
</script>

<template>
  <div>
    <PageHeader>
      <template #title
        ><h1>{{ title }}</h1></template
      >
      <template #sub>
        <template v-if="trialStore.inHand && view === 'now'">
          <template v-if="batch">{{ batch.code }} · </template>{{ sayPiece(trialStore.inHand) }}
        </template>
        <template v-else>{{ counted(trialStore.trials.length, 'trial') }} on record</template>
      </template>
      <template #actions>
        <v-btn v-if="trialStore.inHand" @click="anew">A new trial</v-btn>
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
            <summary>As it happened</summary>
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
                  :aria-label="`Take back: ${sayTrialEntry(entry)}`"
                  @click="trialStore.strike(entry.id)"
                >
                  take back
                </button>
              </li>
            </ul>
            <button type="button" class="link" @click="trialStore.turn">
              {{
                trialStore.inHand.voidedAt
                  ? 'Count this trial again'
                  : 'Take the whole trial back: it teaches nothing then'
              }}
            </button>
          </details>
        </template>
        <CupTestView v-else-if="view === 'sets'" />
        <KeptBack v-else-if="view === 'kept'" />
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
