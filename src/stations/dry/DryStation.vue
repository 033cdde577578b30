<script setup lang="ts">
import { MINUTE_MS } from '@/core/basics/time';
import EmptyState from '@/ui/kit/EmptyState.vue';
import { useNow } from '@vueuse/core';
import { computed, ref } from 'vue';
import { countOf } from '@/core/batches/records/summary';
import { useRoomStore } from '@/stores/room';
import { useTraysStore } from '@/stores/trays';
import ActionButton from '@/ui/actions/ActionButton.vue';
import { useActions } from '@/ui/actions/useActions';
import PageHeader from '@/shared/PageHeader.vue';
import RoomDialog from '@/shared/RoomDialog.vue';
import { counted, formatPercent } from '@/core/basics/format/numbers';
import { formatTemp } from '@/core/basics/format/quantities';
import { useAddress } from '@/shared/useAddress';
import { useChosen } from '@/ui/fields/useChosen';
import DryDetail from './DryDetail.vue';
import InspectDialog from './InspectDialog.vue';
import TrayCard from './TrayCard.vue';
import { sayTending } from './trayMessages';

const trays = useTraysStore();
const room = useRoomStore();
const now = useNow({ interval: MINUTE_MS });
/** This moment, every minute and whenever something is written: a reading just taken is not in the future. */
const nowMs = computed(() => Math.max(now.value.getTime(), newestMs.value));
const newestMs = computed(() =>
  Math.max(
    room.dryingRoom?.atMs ?? 0,
    ...trays.onTrays.flatMap(({ entries }) => Date.parse(entries.at(-1)?.at ?? '') || 0),
  ),
);
const isInspecting = ref(false);
const isReadingRoom = ref(false);

const lying = computed(() =>
  trays.onTrays.flatMap((batch) => {
    const forecast = trays.forecastOf(batch, nowMs.value);
    return forecast ? [{ batch, forecast }] : [];
  }),
);
const { chosen, pickedId: chosenId } = useChosen(
  () => lying.value,
  ({ batch }) => batch.id,
);
useAddress({
  names: ['dry'],
  param: 'code',
  current: () => chosen.value?.batch.id ?? null,
  keyOf: (id) => lying.value.find(({ batch }) => batch.id === id)?.batch.code ?? null,
  find: (code) => lying.value.find(({ batch }) => batch.code === code)?.batch.id ?? null,
  choose: (id) => (chosenId.value = id),
});
const pieces = computed(() =>
  lying.value.reduce((sum, { batch }) => sum + (countOf(batch)?.pieces ?? 0), 0),
);
/** What asks for hands, soonest first. */
const asked = computed(() =>
  lying.value
    .flatMap(({ batch, forecast }) => {
      const next = trays
        .tendingsOf(batch, forecast, nowMs.value)
        .find(({ state }) => state !== 'done');
      return next ? [{ batch, next }] : [];
    })
    .sort((a, b) => (a.next.fromMs ?? Infinity) - (b.next.fromMs ?? Infinity)),
);
const acts = computed(() => ({
  room: { name: 'Read the drying room', key: 'r', run: () => (isReadingRoom.value = true) },
  inspect: {
    name: 'Inspect the pieces',
    key: 'i',
    run: () => (isInspecting.value = true),
    isOff: !chosen.value,
  },
}));
useActions(() => Object.values(acts.value));
</script>

<template>
  <div>
    <PageHeader>
      <template #sub>
        {{
          lying.length === 0
            ? 'nothing on the trays'
            : `${counted(lying.length, 'batch', 'batches')}, ${counted(pieces, 'piece')}`
        }}
        ·
        {{
          room.dryingRoom
            ? `drying room at ${formatPercent(room.dryingRoom.humidityPct, 0)}, ${formatTemp(room.dryingRoom.tempC, 1)}`
            : 'drying room not read yet'
        }}
      </template>
      <template #actions>
        <ActionButton :action="acts.room" />
      </template>
    </PageHeader>
    <EmptyState
      v-if="lying.length === 0"
      is-page
      picture="tray"
      :elsewhere="{ name: 'Open Make', to: { name: 'make' } }"
    >
      There is nothing on the trays. A batch comes here after you count its pieces at the bench, and
      leaves when you wrap it. Its record stays in the
      <router-link :to="{ name: 'almanac' }">Almanac</router-link>.
    </EmptyState>
    <div v-else class="station">
      <div class="trays">
        <section class="asked" aria-label="Next steps">
          <ul class="plain-list">
            <li v-for="{ batch, next } in asked" :key="batch.id" :class="next.state">
              <button type="button" @click="chosenId = batch.id">
                <span class="quiet tabular">{{ batch.code }}</span>
                <b>{{ sayTending(next, nowMs) }}</b>
              </button>
            </li>
          </ul>
        </section>
        <TrayCard
          v-for="one in lying"
          :key="one.batch.id"
          :batch="one.batch"
          :forecast="one.forecast"
          :places="trays.places"
          :now-ms="nowMs"
          :chosen="one.batch.id === chosen?.batch.id"
          @choose="chosenId = one.batch.id"
        />
      </div>
      <DryDetail
        v-if="chosen"
        :key="chosen.batch.id"
        :batch="chosen.batch"
        :forecast="chosen.forecast"
        :now-ms="nowMs"
        class="side"
        @inspect="isInspecting = true"
      />
    </div>
    <InspectDialog v-if="chosen" v-model="isInspecting" :batch="chosen.batch" :now-ms="nowMs" />
    <RoomDialog v-model="isReadingRoom" place="drying-room" />
  </div>
</template>

<style scoped>
.station {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
}
.trays {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px 10px;
  align-content: start;
  padding: 10px 14px 24px;
}
.side {
  border-left: 1px solid var(--hairline);
}
.asked {
  grid-column: 1 / -1;
  padding: 0 10px;
}
.asked ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(160px, 1fr));
  gap: 4px 12px;
}
.asked li {
  border-left: 4px solid var(--hairline);
}
.asked .now {
  border-color: var(--verdigris);
}
.asked .never {
  border-color: var(--rust);
}
.asked button {
  display: grid;
  min-height: 44px;
  padding: 2px 10px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  font-size: var(--text-body);
  text-align: left;
  cursor: pointer;
}
.asked .quiet {
  font-size: var(--text-plain);
}
@media (max-width: 1150px) {
  .station,
  .trays {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    border: 0;
  }
}
</style>
