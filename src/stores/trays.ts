import { defineStore } from 'pinia';
import { computed } from 'vue';
import { conditionsOfBatch } from '@/core/workshop/settings/conditionsFor';
import { batchFacts } from '@/core/batches/faults/facts';
import { rankCauses, type FaultCount, type RankedCause } from '@/core/batches/faults/rankCauses';
import { standing } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { trayPlaces } from '@/core/workshop/shelf/workplace';
import { gasLossShares, triedBatches } from '@/core/batches/trials/taught';
import { dryingRecordsOf } from '@/core/batches/trays/learnedDrying';
import { isOnTray } from '@/core/batches/trays/onTray';
import { outsideFacts } from '@/core/workshop/shelf/outsideFacts';
import { tendings } from '@/core/batches/trays/tending';
import { trayForecast, type TrayForecast } from '@/core/batches/trays/trayForecast';
import { speaking } from '@/core/results/learning/exclusions';
import { useRoomStore } from './room';
import { useWorkshopStore } from './workshop';

/** What lies on the trays, what the loft has taught, and what went wrong with whom. */
export const useTraysStore = defineStore('trays', () => {
  const workshop = useWorkshopStore();
  const room = useRoomStore();

  const taught = computed(() =>
    dryingRecordsOf(
      speaking(workshop.batches, 'drying', workshop.exclusions),
      room.days,
      workshop.catalog,
    ),
  );
  /** Newest first. */
  const onTrays = computed(() =>
    workshop.batches
      .filter(isOnTray)
      .sort((a, b) => Date.parse(b.startedAt) - Date.parse(a.startedAt)),
  );
  const places = computed(() => trayPlaces(workshop.tools));

  function forecastOf(batch: Batch, nowMs: number): TrayForecast | null {
    return trayForecast(batch, {
      catalog: workshop.catalog,
      days: room.days,
      taught: taught.value,
      humidityPct: workshop.settings.humidityPct,
      nowMs,
    });
  }

  /** What these pieces ask for, in the order of their work. */
  function tendingsOf(
    batch: Batch,
    forecast: TrayForecast,
    nowMs: number,
  ): ReturnType<typeof tendings> {
    return tendings(batch, forecast, nowMs, workshop.catalog);
  }

  /** Likely causes of what was seen at the last inspection, by this batch's own record. */
  function causesOf(batch: Batch, nowMs: number): readonly RankedCause[] {
    const seen = standing(batch, 'inspected').at(-1);
    return seen ? causesOfFaults(batch, seen.faults, nowMs) : [];
  }

  /** Where the fizz of a batch went that a jug on the scale found weak. */
  const causesOfWeakFizz = (batch: Batch, nowMs: number) =>
    causesOfFaults(batch, [{ fault: 'weak-fizz', count: 1 }], nowMs);

  function causesOfFaults(
    batch: Batch,
    faults: readonly FaultCount[],
    nowMs: number,
  ): readonly RankedCause[] {
    if (faults.length === 0) return [];
    const jugs = gasLossShares(
      triedBatches(workshop.trials, workshop.batches).filter((one) => one.batch.id === batch.id),
      workshop.catalog,
    );
    const outside = outsideFacts(
      batch,
      forecastOf(batch, nowMs),
      workshop.tools,
      workshop.lots,
      jugs,
    );
    return rankCauses(faults, batchFacts(batch, conditionsOfBatch(workshop.facts, batch), outside));
  }

  return { onTrays, places, taught, forecastOf, tendingsOf, causesOf, causesOfWeakFizz };
});
