import { computed, type Ref } from 'vue';
import { isMadeOf, type BatchDigest } from '@/core/goods/archive/batchDigest';
import { isInALot, usersOfMaterial } from '@/core/workshop/shelf/usersOfMaterial';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { previewImport } from '@/storage/file/merge';
import { moveInTime } from '@/storage/file/moveTimes';
import { sampleFrom } from '@/storage/file/sample';
import { COLLECTION_NAMES, type CollectionName } from '@/storage/records/names';
import type { RecordOf, Records } from '@/storage/records/collections';
import { afterPaint } from './afterPaint';
import { nowIso } from './now';
import { everyRecord } from './recordLists';
import { sampleText } from './sampleText';

/** Who makes the sample’s goods: no label of one’s own bears that name. */
export const SAMPLE_MAKER = 'Orrin Quay Fizz Loft';
/** Who works in it: they leave with it, unless they work for the maker too. */
const SAMPLE_PEOPLE: ReadonlySet<string> = new Set(['Maud', 'Teo']);

/** What of the workshop the sample comes into and goes out of. */
interface Shop {
  readonly records: Readonly<Ref<Records>>;
  readonly settings: Readonly<Ref<Settings>>;
  readonly past: Readonly<Ref<readonly BatchDigest[]>>;
  readonly isFirstVisit: Readonly<Ref<boolean>>;
  readonly put: <K extends CollectionName>(name: K, changed: readonly RecordOf<K>[]) => void;
  readonly remove: (name: CollectionName, ids: readonly string[]) => void;
  readonly changeSettings: (change: Partial<Settings>) => void;
  /** Nothing is written until what this returns is called. */
  readonly hold: () => (() => void) | undefined;
}

/** The sample workshop: opened, counted, removed. */
export function sampleWays(shop: Shop) {
  const { records, settings, past, isFirstVisit, put, remove, changeSettings, hold } = shop;

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
  function removeSample(): void {
    if (settings.value.maker.name === SAMPLE_MAKER) changeSettings({ maker: USUAL_SETTINGS.maker });
    if (settings.value.scaleSource === 'simulated') changeSettings({ scaleSource: 'typed' });
    changeSettings(withoutSample());
    const isOwn = ({ origin }: { readonly origin: string }) => origin === 'own';
    const ownFormulas = records.value.formulas.filter(isOwn);
    const ownBatches = records.value.batches.filter(isOwn);
    const ownLots = records.value.lots.filter(isOwn);
    const ownLadders = records.value.ladders.filter(isOwn);
    /** Own records may speak of the sample's materials: those stay. */
    const isInUse = (id: string) =>
      isInALot(id, ownLots) ||
      past.value.some((one) => one.origin === 'own' && isMadeOf(one, id)) ||
      usersOfMaterial(
        id,
        ownFormulas,
        ownBatches,
        ownLadders,
        records.value.materials.filter(isOwn),
      ).length > 0;
    for (const name of COLLECTION_NAMES) {
      const sample = records.value[name].filter(
        ({ origin, id }) => origin === 'sample' && !(name === 'materials' && isInUse(id)),
      );
      const ids = sample.map(({ id }) => id);
      const gone = name === 'batches' ? past.value.filter(({ origin }) => origin === 'sample') : [];
      remove(name, [...ids, ...gone.map(({ id }) => id)]);
    }
  }

  /** Settings without the sample’s people, and without what was asked for and costed of its formulas. */
  function withoutSample(): Pick<Settings, 'makers' | 'plan' | 'requests' | 'costings'> {
    const { makers, plan, requests, costings } = settings.value;
    const ownHands = new Set(
      records.value.batches
        .filter(({ origin }) => origin === 'own')
        .flatMap(({ entries }) => entries.flatMap(({ who }) => who ?? [])),
    );
    const stays = (name: string) => !SAMPLE_PEOPLE.has(name) || ownHands.has(name);
    const gone = new Set(
      records.value.formulas.flatMap(({ id, origin }) => (origin === 'sample' ? [id] : [])),
    );
    const kept = <T>(of: Readonly<Record<string, T>>) =>
      Object.fromEntries(Object.entries(of).filter(([id]) => !gone.has(id)));
    return {
      makers: makers.filter(stays),
      plan: { ...plan, hours: plan.hours.filter(({ name }) => stays(name)) },
      requests: kept(requests),
      costings: kept(costings),
    };
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
  return Math.max(0, Math.floor((Date.parse(nowIso()) - Date.parse(iso)) / 60_000)) * 60_000;
}
