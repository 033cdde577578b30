import { isMadeOf } from '@/core/goods/archive/batchDigest';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { isInALot, usersOfMaterial } from '@/core/workshop/shelf/usersOfMaterial';
import { COLLECTION_NAMES } from '@/storage/records/names';
import { SAMPLE_MAKER, type Shop } from './sampleShop';

/** Who works in the sample: they leave with it, unless they work for the maker too. */
const SAMPLE_PEOPLE: ReadonlySet<string> = new Set(['Maud', 'Teo']);

/** Takes the sample workshop out as a whole; the maker's own records stay. */
export function removeSample(shop: Shop): void {
  const { records, settings, past, remove, changeSettings } = shop;
  if (settings.value.maker.name === SAMPLE_MAKER) changeSettings({ maker: USUAL_SETTINGS.maker });
  if (settings.value.scaleSource === 'simulated') changeSettings({ scaleSource: 'typed' });
  changeSettings(withoutSample(shop));
  const isOwn = ({ origin }: { readonly origin: string }) => origin === 'own';
  const ownFormulas = records.value.formulas.filter(isOwn);
  const ownBatches = records.value.batches.filter(isOwn);
  const ownLots = records.value.lots.filter(isOwn);
  const ownLadders = records.value.ladders.filter(isOwn);
  /** Own records may speak of the sample's materials: those stay. */
  const isInUse = (id: string) =>
    isInALot(id, ownLots) ||
    past.value.some((one) => one.origin === 'own' && isMadeOf(one, id)) ||
    usersOfMaterial(id, ownFormulas, ownBatches, ownLadders, records.value.materials.filter(isOwn))
      .length > 0;
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
function withoutSample({
  records,
  settings,
}: Shop): Pick<Settings, 'makers' | 'plan' | 'requests' | 'costings'> {
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
