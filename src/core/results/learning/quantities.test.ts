import { describe, expect, it } from 'vitest';
import { gammaVariate, randomness } from '../../../../tests/fixtures/random';
import { FAMILIES, METHODS } from '@/core/formula/model/kinds';
import {
  DAMP_WANTED,
  DRYING_DIFFUSIVITY,
  FLOATS_UNDER,
  FOAM_STANDS,
  PACKED_DENSITY,
  PRESS_LOSS,
  SHARE_KEPT,
  SHOWERS_LAST,
  WEAR_SPEED,
  askedOf,
  learned,
  taughtBy,
  type Dated,
  type Quantity,
} from './quantities';

type Random = ReturnType<typeof randomness>;

/** A quantity, places a maker works in, and the record that would show a given logarithm there. */
interface Simulated<R extends Dated, Q> {
  readonly quantity: Quantity<R, Q>;
  readonly place: (random: Random) => Q;
  readonly record: (place: Q, logSeen: number) => R;
}

const pick = <T>(items: readonly T[], { uniform }: Random): T =>
  items[Math.floor(uniform() * items.length)] as T;
const between = (low: number, high: number, { uniform }: Random) => low + (high - low) * uniform();

function simulated<R extends Dated, Q>(entry: Simulated<R, Q>) {
  return entry as unknown as Simulated<Dated, unknown>;
}

const SIMULATIONS = [
  simulated({
    quantity: DAMP_WANTED,
    place: (random) => ({
      humidityPct: between(30, 70, random),
      method: pick(METHODS, random),
      family: pick(FAMILIES, random),
    }),
    record: (place, log) => ({
      ...place,
      lowOverAim: Math.exp(log),
      highOverAim: Math.exp(log),
    }),
  }),
  simulated({
    quantity: WEAR_SPEED,
    place: (random) => ({ modelLog: between(-0.6, 0.4, random) }),
    record: (place, log) => ({ ...place, overModel: Math.exp(log) }),
  }),
  simulated({
    quantity: SHOWERS_LAST,
    place: () => null,
    record: (_place, log) => ({ overModel: Math.exp(log) }),
  }),
  simulated({
    quantity: FOAM_STANDS,
    place: () => null,
    record: (_place, log) => ({ overModel: Math.exp(log) }),
  }),
  simulated({
    quantity: SHARE_KEPT,
    place: (random) => ({ weeks: between(0, 40, random) }),
    record: (place, log) => ({ ...place, share: Math.exp(log) }),
  }),
  simulated({
    quantity: DRYING_DIFFUSIVITY,
    place: (random) => ({ humidityPct: between(30, 65, random) }),
    record: (place, log) => ({ ...place, overModel: Math.exp(log) }),
  }),
  simulated({
    quantity: PRESS_LOSS,
    place: () => null,
    record: (_place, log) => ({ weighedG: 1000 * (1 + Math.exp(log)), pressedG: 1000 }),
  }),
  simulated({
    quantity: PACKED_DENSITY,
    place: (random) => ({ method: pick(METHODS, random) }),
    record: (place, log) => ({ ...place, overUsual: Math.exp(log) }),
  }),
];

const KINDS = ['normal', 'heavy-tailed', 'one blunder in ten'] as const;
const COUNTS = [3, 5, 12, 30];
const MAKERS = 500;
/** Of one or two coefficients. */
const PLAIN = SIMULATIONS.filter(({ quantity }) => quantity.prior.mean.length <= 2);

/** Scatter of one record: as the prior has it, of four degrees, or a tenfold slip now and then. */
function scatterOf(kind: (typeof KINDS)[number], sd: number, random: Random): number {
  if (kind === 'normal') return sd * random.normal();
  const heavy =
    (sd * random.normal()) / Math.sqrt(gammaVariate(2, random.uniform, random.normal) / 2);
  return kind === 'heavy-tailed' ? heavy : sd * random.normal();
}

const isBlunder = (kind: (typeof KINDS)[number], { uniform }: Random) =>
  kind === 'one blunder in ten' && uniform() < 0.1;

/** Share of made-up makers whose next honest record the band holds. @param sds how far they stand from the prior */
function coverage(
  { quantity, place, record }: Simulated<Dated, unknown>,
  kind: (typeof KINDS)[number],
  sds: number,
  count: number,
  makers = MAKERS,
): number {
  const random = randomness(4000 + count + 100 * sds + quantity.name.length);
  const { mean, precision, shape, rate } = quantity.prior;
  const sd = Math.sqrt(rate / (shape - 1));
  let held = 0;
  for (let maker = 0; maker < makers; maker++) {
    const side = random.uniform() < 0.5 ? -1 : 1;
    const truth = mean.map((value, i) => {
      const own = sd / Math.sqrt(precision[i]?.[i] ?? 1);
      return value + own * (i === 0 ? side * sds : 0.5 * random.normal());
    });
    const logAt = (where: unknown) =>
      quantity.features(where).reduce((sum, x, i) => sum + x * (truth[i] ?? 0), 0);
    const seen = () => {
      const where = place(random);
      const slip = isBlunder(kind, random) ? Math.log(10) * (random.uniform() < 0.5 ? -1 : 1) : 0;
      return record(where, logAt(where) + scatterOf(kind, sd, random) + slip);
    };
    const records = Array.from({ length: count }, seen);
    const asked = place(random);
    const { low, high } = learned(quantity, records, asked);
    const next = logAt(asked) + scatterOf(kind, sd, random);
    if (next >= Math.log(low) && next <= Math.log(high)) held++;
  }
  return held / makers;
}

describe('what records teach', () => {
  it.each(KINDS.flatMap((kind) => [0, 2].map((sds) => [kind, sds] as const)))(
    'with %s records, %d standard deviations from the prior: nine of ten new ones in the band',
    (kind, sds) => {
      for (const count of COUNTS) {
        const shares = PLAIN.map((entry) => coverage(entry, kind, sds, count));
        const held = shares.reduce((sum, share) => sum + share, 0) / shares.length;
        expect(held, `${count} records`).toBeGreaterThan(0.85);
        // Even noise with few records is held more surely: nobody can know yet that it is even.
        expect(held, `${count} records`).toBeLessThan(kind === 'normal' ? 0.96 : 0.95);
      }
    },
  );

  it('by method and family too: nine of ten on the mean over kinds and counts, with makers who work everywhere', () => {
    for (const entry of SIMULATIONS.filter((one) => !PLAIN.includes(one))) {
      const cells = KINDS.flatMap((kind) =>
        [0, 2].flatMap((sds) => COUNTS.map((count) => coverage(entry, kind, sds, count, 60))),
      );
      const mean = cells.reduce((sum, share) => sum + share, 0) / cells.length;
      expect(mean, entry.quantity.name).toBeGreaterThan(0.85);
      expect(mean, entry.quantity.name).toBeLessThan(0.96);
      expect(Math.min(...cells), entry.quantity.name).toBeGreaterThan(0.75);
    }
  });

  it('follows a hand that drifts over a year: the next record of the thirteenth month is in the band', () => {
    const monthly = (month: number) => new Date(Date.UTC(2026, month, 1)).toISOString();
    const shares = PLAIN.map(({ quantity, place, record }) => {
      const random = randomness(77 + quantity.name.length);
      const { mean, shape, rate } = quantity.prior;
      const sd = Math.sqrt(rate / (shape - 1));
      const held = Array.from({ length: MAKERS }, () => {
        const logAt = (where: unknown, month: number) =>
          quantity.features(where).reduce((sum, x, i) => sum + x * (mean[i] ?? 0), 0) +
          (Math.min(0.2, 2.5 * sd) * month) / 12;
        const records = Array.from({ length: 12 }, (_, month) => {
          const where = place(random);
          const seen = record(where, logAt(where, month) + sd * random.normal());
          return { ...seen, at: monthly(month) };
        });
        const asked = place(random);
        const next = logAt(asked, 12) + sd * random.normal();
        const { low, high } = learned(quantity, records, asked);
        return next >= Math.log(low) && next <= Math.log(high);
      });
      return held.filter(Boolean).length / MAKERS;
    });
    expect(Math.min(...shares)).toBeGreaterThan(0.85);
  });

  it('finds the density under which pieces float from what floated and what sank: nine of ten makers', () => {
    for (const [sds, count] of [
      [0, 5],
      [0, 12],
      [0, 30],
      [2, 5],
      [2, 12],
      [2, 30],
    ] as const) {
      const random = randomness(900 + count + sds);
      let held = 0;
      for (let maker = 0; maker < MAKERS; maker++) {
        const side = random.uniform() < 0.5 ? -1 : 1;
        const threshold = Math.log(0.993) + 0.04 * side * sds;
        const records = Array.from({ length: count }, () => {
          const densityGMl = between(0.85, 1.2, random);
          const slips = random.uniform() < 0.1;
          const floated = Math.log(densityGMl) < threshold + 0.03 * random.normal();
          return { densityGMl, floated: slips ? !floated : floated };
        });
        const { low, high } = learned(FLOATS_UNDER, records, null);
        const next = threshold + 0.03 * random.normal();
        if (next >= Math.log(low) && next <= Math.log(high)) held++;
      }
      expect(held / MAKERS, `${count} records`).toBeGreaterThan(0.85);
      // Slips count as scatter: many of them make the band a little too wide.
      expect(held / MAKERS, `${count} records`).toBeLessThan(0.98);
    }
  });

  it('lets a record of half its days ago count half', () => {
    const at = (day: number) => new Date(Date.UTC(2026, 0, 1 + day)).toISOString();
    const lasted = (overModel: number, day: number) => ({ overModel, at: at(day) });
    const estimate = (days: number) =>
      learned(
        SHOWERS_LAST,
        [
          ...[0.8, 0.8, 0.8, 0.8].map((times) => lasted(times, 0)),
          ...[1.25, 1.25].map((times) => lasted(times, days)),
        ],
        null,
      ).estimate;
    // Four of them at half their weight against two, as far on the other side of the model.
    expect(estimate(110)).toBeLessThan(1);
    expect(estimate(130)).toBeGreaterThan(1);
  });

  it('hardly moves by one blunder among four, and takes a range for a range', () => {
    const sound = [0.78, 0.8, 0.82, 0.8].map((overModel) => ({ overModel }));
    const alone = learned(SHOWERS_LAST, sound, null);
    const slipped = learned(SHOWERS_LAST, [...sound, { overModel: 8 }], null);
    expect(slipped.estimate / alone.estimate).toBeCloseTo(1, 1);
    expect(slipped.estimate).toBeLessThan(alone.high);
    const place = { humidityPct: 45, method: 'press', family: 'bath-bomb' } as const;
    const felt = (low: number, high: number) => ({ ...place, lowOverAim: low, highOverAim: high });
    const wanted = (...records: readonly ReturnType<typeof felt>[]) =>
      learned(DAMP_WANTED, records, place).estimate;
    // Too dry at 1.2 and at 1.3, right at 1.4: wetter than right alone says.
    const whole = wanted(felt(1.36, Infinity), felt(1.47, Infinity), felt(1.24, 1.58));
    expect(whole).toBeGreaterThan(wanted(felt(1.24, 1.58)));
    expect(wanted(felt(0, 0.8))).toBeLessThan(1);
    expect(wanted(felt(1.2, Infinity))).toBeGreaterThan(1);
  });

  it('is the prior without records, and says how many speak and how far it moved', () => {
    const none = learned(PRESS_LOSS, [], null);
    expect(none).toMatchObject({ estimate: expect.closeTo(0.02, 9), records: 0, shift: 1 });
    expect(none.low).toBeLessThan(0.01);
    expect(none.high).toBeGreaterThan(0.04);
    const records = Array(8).fill({ weighedG: 1010, pressedG: 1000 });
    const own = learned(PRESS_LOSS, records, null);
    expect(own.records).toBe(8);
    expect(own.estimate).toBeCloseTo(0.01, 2);
    expect(own.shift).toBeCloseTo(own.estimate / 0.02, 9);
    expect(own.high - own.low).toBeLessThan((none.high - none.low) / 2);
    expect(own.prior).toMatchObject({ estimate: expect.closeTo(0.02, 9) });
    // Taught once and asked later is the same.
    expect(askedOf(PRESS_LOSS, taughtBy(PRESS_LOSS, records), null)).toEqual(own);
  });

  it('carries what dry days taught over to damp ones, surer near what was seen', () => {
    const place = { method: 'hand', family: 'bath-bomb' } as const;
    const records = [32, 35, 38, 41].map((humidityPct) => ({
      ...place,
      humidityPct,
      lowOverAim: 1.3,
      highOverAim: 1.3,
    }));
    const near = learned(DAMP_WANTED, records, { ...place, humidityPct: 36 });
    const far = learned(DAMP_WANTED, records, { ...place, humidityPct: 70 });
    const other = learned(DAMP_WANTED, records, { ...place, method: 'press', humidityPct: 36 });
    expect(near.estimate).toBeGreaterThan(1.2);
    expect(far.high - far.low).toBeGreaterThan(near.high - near.low);
    expect(other.estimate).toBeGreaterThan(1);
    expect(other.estimate).toBeLessThan(near.estimate);
  });

  it('refuses a record that is none', () => {
    expect(() => learned(SHOWERS_LAST, [{ overModel: 0 }], null)).toThrow(/over 0/);
    expect(() => learned(PRESS_LOSS, [{ weighedG: NaN, pressedG: 1 }], null)).toThrow(/over 0/);
  });
});
