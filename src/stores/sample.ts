import { MINUTE_MS } from '@/core/basics/time';
import { computed } from 'vue';
import { previewImport } from '@/storage/file/merge';
import { moveInTime } from '@/storage/file/moveTimes';
import { sampleFrom } from '@/storage/file/sample';
import { COLLECTION_NAMES } from '@/storage/records/names';
import { afterPaint } from './afterPaint';
import { nowIso } from './now';
import { everyRecord } from './recordLists';
import type { Shop } from './sampleShop';
import { sampleText } from './sampleText';

/** The sample workshop: opened, counted, removed. */
export function sampleWays(shop: Shop) {
  const { records, settings, past, isFirstVisit, put, changeSettings, hold } = shop;

  const sampleCount = computed(
    () =>
      [...everyRecord(records.value), ...past.value].filter(({ origin }) => origin === 'sample')
        .length,
  );

  /**
   * Loads the sample workshop that ships with the application, its year ending now. Nothing already here is replaced. It is
   * shown first and written then: its thousand records would keep the screen waiting.
   */
  async function openSample(): Promise<void> {
    const sample = sampleFrom(await sampleText());
    const workshop = moveInTime(sample, msSince(sample.exportedAt));
    const wasFirstVisit = isFirstVisit.value;
    const write = hold();
    try {
      const { fresh } = previewImport(workshop, records.value);
      for (const name of COLLECTION_NAMES) put(name, fresh[name]);
      changeSettings({
        formulaInHandId: workshop.formulas[0]?.id ?? null,
        ...(wasFirstVisit && { scaleSource: 'simulated' as const }),
        requests: { ...workshop.settings?.requests, ...settings.value.requests },
        makers:
          settings.value.makers.length > 0
            ? settings.value.makers
            : (workshop.settings?.makers ?? []),
        costings: { ...workshop.settings?.costings, ...settings.value.costings },
        plan:
          settings.value.plan.hours.length === 0 && workshop.settings
            ? workshop.settings.plan
            : settings.value.plan,
        maker:
          settings.value.maker.name === '' && workshop.settings
            ? workshop.settings.maker
            : settings.value.maker,
      });
    } finally {
      void afterPaint().then(write);
    }
  }

  /** Takes the sample workshop out as a whole; the maker's own records stay. */
  async function removeSample(): Promise<void> {
    (await import('./sampleRemoval')).removeSample(shop);
  }

  return {
    sampleCount,
    openSample,
    removeSample,
    fetchSample: () => void sampleText().catch(() => undefined),
  };
}

/** Whole minutes, never before. */
function msSince(iso: string): number {
  return Math.max(0, Math.floor((Date.parse(nowIso()) - Date.parse(iso)) / MINUTE_MS)) * MINUTE_MS;
}
