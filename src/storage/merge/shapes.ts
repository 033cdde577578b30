import { byTime } from './byTime';
import { FIELDS, ONCE, WHOLE, type Shape } from './shape';
import type { StoreName } from '../keys';

const fields = (of: Readonly<Record<string, Shape>>): Shape => ({ kind: 'fields', of });
const map = (of: Shape): Shape => ({ kind: 'map', of });
const list = <T>(keyOf: (entry: T) => string, of: Shape = WHOLE): Shape => ({
  kind: 'list',
  keyOf,
  of,
});
const listInTime = <T extends { readonly at: string }>(keyOf: (entry: T) => string): Shape => ({
  kind: 'list',
  keyOf,
  of: FIELDS,
  before: byTime,
});
const at = ({ at }: { readonly at: string }) => at;
const id = ({ id }: { readonly id: string }) => id;
const itself = (one: string) => one;
/** What happened: only ever added or voided. */
const entries: Shape = {
  kind: 'list',
  keyOf: id,
  of: fields({ struckAt: ONCE }),
  before: byTime,
};

/** A mold remembers so many fills. */
const MOST_FILLS = 200;

/**
 * How each kind of record that two sides changed comes together. A list or a map that grows by entries is merged by entry,
 * never as one field: whole, the entries of one side would be lost. `shapes.test.ts` goes through every schema for one
 * that is not named here.
 */
export const SHAPES: { readonly [K in StoreName]: Shape } = {
  materials: fields({
    synonyms: list(itself),
    madeOf: list(({ materialId }: { readonly materialId: string }) => materialId),
  }),
  formulas: fields({
    changedAt: { kind: 'greater' },
    versions: list(
      ({ number }: { readonly number: number }) => String(number),
      fields({ body: WHOLE }),
    ),
  }),
  batches: fields({
    entries,
    currentStep: { kind: 'greater' },
    finishedAt: ONCE,
    // Frozen when it was begun, or changed together with an entry.
    steps: WHOLE,
  }),
  lots: fields({
    counts: listInTime(at),
    allergens: list(({ name }: { readonly name: string }) => name),
  }),
  molds: fields({ fillsG: { kind: 'bag', most: MOST_FILLS } }),
  tools: FIELDS,
  rooms: fields({
    readings: listInTime((one: { readonly at: string; readonly by: string }) => one.at + one.by),
  }),
  photos: FIELDS,
  trials: fields({
    entries,
    struckAt: ONCE,
    finishedAt: ONCE,
    // One scale wrote them, in one go.
    readings: WHOLE,
  }),
  // Its cups answer its factors: they are laid out once.
  ladders: fields({ entries, cups: WHOLE, factors: WHOLE }),
  packaging: fields({
    lots: list(id, FIELDS),
    counts: listInTime(
      (one: { readonly at: string; readonly lotId: string }) => one.at + one.lotId,
    ),
  }),
  units: fields({
    place: FIELDS,
    label: fields({ own: FIELDS }),
    packaging: list(({ packagingId }: { readonly packagingId: string }) => packagingId, FIELDS),
    // What it is made of decides its label: never half of one side and half of the other.
    contents: WHOLE,
  }),
  // Written once.
  goods: fields({ struckAt: ONCE, from: WHOLE, packaging: WHOLE, taken: WHOLE, loose: WHOLE }),
  orders: fields({ lines: list(({ unitId }: { readonly unitId: string }) => unitId, FIELDS) }),
  settings: fields({
    tub: FIELDS,
    basin: FIELDS,
    money: FIELDS,
    maker: FIELDS,
    makers: list(itself),
    scentDocuments: list(({ materialId }: { readonly materialId: string }) => materialId, FIELDS),
    requests: map(WHOLE),
    costings: map(FIELDS),
    plan: fields({
      hours: list(
        ({ name }: { readonly name: string }) => name,
        fields({ days: list(String), away: list(itself) }),
      ),
      locks: list(
        (one: { readonly job: string; readonly step: string }) => `${one.job}/${one.step}`,
      ),
    }),
    setAside: list((one: { readonly of: string; readonly id: string }) => `${one.of}/${one.id}`),
    otherValues: list(id),
  }),
};
