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

const tries = useTrialsStore();

type View = 'now' | 'sets' | 'kept' | 'all';
const view = ref<View>('now');
const due = computed(() => tries.looksDue(nowMs()).length);
const views = computed(() => [
  { value: 'now' as const, word: tries.inHand ? KIND_WORDS[tries.inHand.kind] : 'A new trial' },
  { value: 'sets' as const, word: 'A set of small ones' },
  {
    value: 'kept' as const,
    word: due.value > 0 ? `Kept back, ${due.value} to look at` : 'Kept back',
  },
  { value: 'all' as const, word: `All ${counted(tries.trials.length, 'trial')}` },
]);

const batch = computed(() => (tries.inHand ? tries.batchOf(tries.inHand) : null));
const title = computed(() => {
  const trial = tries.inHand;
  if (view.value === 'sets') return 'A set of small ones';
  if (view.value === 'kept') return 'Kept back';
  if (!trial || view.value === 'all') return 'A piece in water';
  return `${batch.value?.formulaName ?? (trial.name || 'A piece')} in water`;
});
const forecast = computed(() => (tries.inHand ? tries.forecastOf(tries.inHand) : null));
const hasColor = computed(() => tries.inHand?.kind === 'tub' || tries.inHand?.kind === 'salts');

function open(trial: Trial): void {
  tries.choose(trial.id);
  view.value = 'now';
}

function anew(): void {
  tries.choose(null);
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
        <template v-if="tries.inHand && view === 'now'">
          <template v-if="batch">{{ batch.code }} · </template>{{ sayPiece(tries.inHand) }}
        </template>
        <template v-else>{{ counted(tries.trials.length, 'trial') }} on record</template>
      </template>
      <template #actions>
        <v-btn v-if="tries.inHand" @click="anew">A new trial</v-btn>
      </template>
    </PageHeader>
    <div class="station" :class="{ wide: view !== 'now' || !tries.inHand }">
      <div class="middle">
        <AppTabs v-model="view" label="Try" :items="views" class="views" />
        <template v-if="view === 'now'">
          <StartTrial v-if="!tries.inHand" />
          <PitcherHand
            v-else-if="tries.inHand.kind === 'scale'"
            :key="tries.inHand.id"
            :trial="tries.inHand"
          />
          <TrialHand v-else :key="tries.inHand.id" :trial="tries.inHand" />
          <details v-if="tries.inHand?.entries.length" class="record">
            <summary>As it happened</summary>
            <ul class="plain-list">
              <li
                v-for="entry in tries.inHand.entries"
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
                  @click="tries.strike(entry.id)"
                >
                  take back
                </button>
              </li>
            </ul>
            <button type="button" class="link" @click="tries.turn">
              {{
                tries.inHand.voidedAt
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
      <aside v-if="view === 'now' && tries.inHand" class="side">
        <SeenPanel :key="tries.inHand.id" :trial="tries.inHand" />
        <WaterColor
          v-if="hasColor && forecast?.color"
          :trial="tries.inHand"
          :forecast-hex="forecast.color.waterHex"
        />
        <BatchPhotos v-if="batch" :batch="batch" :trial-id="tries.inHand.id" />
        <TeachPanel :trial="tries.inHand" :forecast="forecast" />
        <VerdictPanel :trial="tries.inHand" />
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
