import { describe, expect, it } from 'vitest';
import { gammaVariate, randomness } from '../../../tests/fixtures/random';
import { FAMILIES, METHODS } from '../formula';
import {
  DAMP_WANTED,
  DRYING_DIFFUSIVITY,
  EROSION_SPEED,
  GRAMS_PER_SQUIRT,
  ML_PER_DROP,
  PACKED_DENSITY,
  PRESS_LOSS,
  learned,
  type Dated,
  type Quantity,
} from '.';

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
    quantity: EROSION_SPEED,
    place: (random) => ({
      fillerFraction: between(0, 0.3, random),
      oilFraction: between(0, 0.1, random),
      baseToAcid: between(0.9, 2, random),
      waterTempC: between(20, 42, random),
      packedDensityGMl: between(0.9, 1.25, random),
    }),
    record: (place, log) => ({ ...place, overModel: Math.exp(log) }),
  }),
  simulated({
    quantity: DRYING_DIFFUSIVITY,
    place: (random) => ({ humidityPct: between(30, 65, random) }),
    record: (place, log) => ({ ...place, overModel: Math.exp(log) }),
  }),
  simulated({
    quantity: GRAMS_PER_SQUIRT,
    place: () => null,
    record: (_place, log) => ({ squirts: 10, massG: 10 * Math.exp(log) }),
  }),
  simulated({
    quantity: ML_PER_DROP,
    place: (random) => ({ isOil: random.uniform() < 0.5 }),
    record: (place, log) => ({ ...place, drops: 20, densityGMl: 0.9, massG: 18 * Math.exp(log) }),
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
/** Of few coefficients: the others cost minutes and say the same. */
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
): number {
  const random = randomness(4000 + count + 100 * sds + quantity.name.length);
  const { mean, precision, shape, rate } = quantity.prior;
  const sd = Math.sqrt(rate / (shape - 1));
  let held = 0;
  for (let maker = 0; maker < MAKERS; maker++) {
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
  return held / MAKERS;
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

  it('follows a hand that drifts over a year: the next record of the thirteenth month is in the band', () => {
    const monthly = (month: number) => new Date(Date.UTC(2026, month, 1)).toISOString();
    const shares = PLAIN.map(({ quantity, place, record }) => {
      const random = randomness(77 + quantity.name.length);
      const { mean, shape, rate } = quantity.prior;
      const sd = Math.sqrt(rate / (shape - 1));
      const held = Array.from({ length: MAKERS }, () => {
        const logAt = (where: unknown, month: number) =>
          quantity.features(where).reduce((sum, x, i) => sum + x * (mean[i] ?? 0), 0) +
          (0.2 * month) / 12;
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

  it('lets a record of half its days ago count half', () => {
    const at = (day: number) => new Date(Date.UTC(2026, 0, 1 + day)).toISOString();
    const weighed = (massG: number, day: number) => ({ squirts: 10, massG, at: at(day) });
    const estimate = (days: number) =>
      learned(
        GRAMS_PER_SQUIRT,
        [...[4, 4, 4, 4].map((g) => weighed(g, 0)), ...[6, 6].map((g) => weighed(g, days))],
        null,
      ).estimate;
    const even = Math.sqrt(0.4 * 0.6);
    expect(estimate(110)).toBeLessThan(even);
    expect(estimate(130)).toBeGreaterThan(even);
  });

  it('hardly moves by one blunder among four, and takes a range for a range', () => {
    const sound = [0.49, 0.5, 0.51, 0.5].map((g) => ({ squirts: 10, massG: 10 * g }));
    const alone = learned(GRAMS_PER_SQUIRT, sound, null);
    const slipped = learned(GRAMS_PER_SQUIRT, [...sound, { squirts: 10, massG: 50 }], null);
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
    const none = learned(GRAMS_PER_SQUIRT, [], null);
    expect(none).toMatchObject({ estimate: expect.closeTo(0.7, 9), records: 0, shift: 1 });
    expect(none.low).toBeLessThan(0.4);
    expect(none.high).toBeGreaterThan(1.2);
    const own = learned(GRAMS_PER_SQUIRT, Array(4).fill({ squirts: 10, massG: 4.8 }), null);
    expect(own.records).toBe(4);
    expect(own.estimate).toBeCloseTo(0.48, 2);
    expect(own.shift).toBeCloseTo(own.estimate / 0.7, 9);
    expect(own.high - own.low).toBeLessThan((none.high - none.low) / 2);
    expect(own.prior).toMatchObject({ estimate: expect.closeTo(0.7, 9) });
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
    expect(() => learned(GRAMS_PER_SQUIRT, [{ squirts: 10, massG: 0 }], null)).toThrow(/over 0/);
    expect(() => learned(PRESS_LOSS, [{ weighedG: NaN, pressedG: 1 }], null)).toThrow(/over 0/);
  });
});
