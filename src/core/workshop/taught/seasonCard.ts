import { firstWhere } from '@/core/basics/numeric/firstWhere';
import type { Spread } from '@/core/basics/units/spread';
import { addLine, setLineMass } from '@/core/formula/model/edit';
import { setLineWay } from '@/core/formula/model/ways';
import type { FormulaBody, Line } from '@/core/formula/model/schema';
import type { RoomAir } from '@/core/batches/drying/forecast';
import { hoursUntilDry } from '@/core/batches/trays/forecastHours';
import type { BatchDrying } from '@/core/batches/trays/learnedDrying';
import type { Batch } from '@/core/batches/records/schema';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { portionsG, portionsOf, type Portion } from '@/core/matter/materials/portion';
import { dampReading, type DampReading } from '@/core/results/binder/damp';
import { freeWaterLimitsPct, gasShare } from '@/core/results/binder/freeWater';
import { mayHold } from '@/core/results/safety/mayHold';
import type { Mold } from '@/core/work/scaling/moldSchema';
import { windowsByHumidity } from './windowsByHumidity';

/** Humidities of the card for the wall, %: a heated winter room to a wet summer day. */
export const CARD_HUMIDITIES = [30, 38, 45, 52, 60, 68] as const;

export interface SeasonQuestion {
  readonly body: FormulaBody;
  readonly catalog: Catalog;
  /** Those that may speak of moisture. */
  readonly batches: readonly Batch[];
  readonly drying: readonly BatchDrying[];
  readonly mold: Mold;
  /** Of the drying room, °C. */
  readonly tempC: number;
  /** Grams a squirt of a material gives, over 0. */
  readonly squirtG: (materialId: string) => number;
}

/** What keeps a row from its target: more spray would leave too much loose water, or oil was moved as far as it may. */
export type SeasonLimit = 'loose-water' | 'oil-least' | 'no-water';

export interface SeasonRow {
  readonly humidityPct: number;
  /** Moisture to come to, and what the row comes to, index. */
  readonly aimPct: number;
  readonly dampPct: number;
  readonly oilG: number;
  /** Water that is not sprayed: it blooms the dye. */
  readonly bloomG: number;
  readonly sprayG: number;
  readonly squirts: number;
  readonly sprayId: string;
  readonly limit: SeasonLimit | null;
  /** Hours until dry with their band; null where it never dries. */
  readonly dryH: Spread | null;
  /** The formula with this row’s amounts. */
  readonly body: FormulaBody;
}

/** Oil is moved no further than this, as it feels and burns in: half less, half more. Rovack estimate. */
const LEAST_OIL = 0.5;
const MOST_OIL = 1.5;
/** A spray that is more than this share of the mix is no spray. Common practice. */
const MOST_SPRAY_SHARE = 0.04;
const ROUND_G = 0.1;

/**
 * What one formula wants at each humidity: first the spray moves, then the oil, never past the easy range of loose water.
 * The target is what own batches have taught, else the shipped one. Powders and bloom water stay as they are.
 * Common practice; the amounts are a Rovack estimate.
 * @returns nothing for loose salts and for a mix without solids
 */
export function seasonRows(
  question: SeasonQuestion,
  humidities: readonly number[] = CARD_HUMIDITIES,
): readonly SeasonRow[] {
  const { body } = question;
  if (body.method === 'loose') return [];
  return humidities.flatMap((humidityPct) => rowAt(question, humidityPct) ?? []);
}

/** Lines of the main mix by what they do. */
function partsOf(body: FormulaBody, catalog: Catalog) {
  const lines = body.parts[0]?.lines ?? [];
  const roleOf = ({ materialId }: Line) => materialById(catalog, materialId).role;
  // A locked line stays as it is, however it goes in.
  const isSprayed = (line: Line) => line.how === 'sprayed' && !line.locked;
  const oils = lines.filter(
    (line) => !line.locked && (roleOf(line) === 'oil' || roleOf(line) === 'butter'),
  );
  const sprayed = lines.filter(isSprayed);
  const bloom = lines.filter((line) => roleOf(line) === 'watery' && line.how !== 'sprayed');
  return { lines, oils, sprayed, bloom };
}

const WATER_ID = 'water';
const sum = (lines: readonly Line[]) => lines.reduce((all, { massG }) => all + massG, 0);

function rowAt(question: SeasonQuestion, humidityPct: number): SeasonRow | null {
  const { body, catalog } = question;
  const { lines, oils, sprayed, bloom } = partsOf(body, catalog);
  const sprayId = sprayed[0]?.materialId ?? WATER_ID;
  const spray = materialById(catalog, sprayId);
  const isOil = new Set(oils);
  const isSpray = new Set(sprayed);
  const kept = portionsOf(
    catalog,
    lines.filter((line) => !isOil.has(line) && !isSpray.has(line)),
  );
  const oily = portionsOf(catalog, oils);
  const mixOf = (sprayG: number, oilTimes: number): readonly Portion[] => [
    ...kept,
    ...oily.map(({ material, massG }) => ({ material, massG: massG * oilTimes })),
    { material: spray, massG: sprayG },
  ];
  const aimOf = (reading: DampReading): number => {
    const [at] = windowsByHumidity(question.batches, body, reading, [humidityPct], catalog);
    return at?.yours?.aimPct ?? at?.shipped.aimPct ?? 0;
  };
  const over = (mix: readonly Portion[]): number => {
    const reading = dampReading(mix);
    return (reading.dampIndexPct ?? 0) - aimOf(reading);
  };
  const isEasy = (mix: readonly Portion[]): boolean =>
    dampReading(mix).freeWaterPct <= freeWaterLimitsPct(humidityPct, gasShare(mix)).easyPct;

  const mayWet = sprayed.length > 0 || mayHold(kept, spray, body.family);
  const dryG = portionsG(mixOf(0, 1));
  if (dampReading(mixOf(0, 1)).dampIndexPct === null) return null;
  const capG = mayWet ? dryG * MOST_SPRAY_SHARE : 0;
  const mostG = firstWhere((g) => !isEasy(mixOf(g, 1)), 0, capG) ?? capG;

  let [sprayG, oilTimes] = [0, 1];
  let limit: SeasonLimit | null = null;
  if (over(mixOf(0, 1)) > 0) {
    // Too damp without any spray: less oil.
    const less = firstWhere((t) => over(mixOf(0, 1 - t)) <= 0, 0, 1 - LEAST_OIL);
    oilTimes = less === undefined ? LEAST_OIL : 1 - less;
    if (less === undefined) limit = 'oil-least';
  } else {
    const found = firstWhere((g) => over(mixOf(g, 1)) >= 0, 0, mostG);
    sprayG = found ?? mostG;
    if (found === undefined) {
      // As much spray as the water allows: the rest by oil.
      const more = firstWhere((k) => over(mixOf(sprayG, k)) >= 0, 1, MOST_OIL);
      oilTimes = more ?? MOST_OIL;
      if (more === undefined) limit = mayWet ? 'loose-water' : 'no-water';
    }
  }
  const oilsNow = oils.map((line) => ({ line, massG: rounded(line.massG * oilTimes) }));
  const sprayNow = rounded(sprayG);
  const made = bodyWith(question, oilsNow, sprayed, sprayNow, sprayId);
  const mix = portionsOf(catalog, made.parts[0]?.lines ?? []);
  const reading = dampReading(mix);
  const air: RoomAir = { humidityPct, tempC: question.tempC };
  return {
    humidityPct,
    aimPct: aimOf(reading),
    dampPct: reading.dampIndexPct ?? 0,
    oilG: oilsNow.reduce((all, { massG }) => all + massG, 0),
    bloomG: sum(bloom),
    sprayG: sprayNow,
    squirts: Math.round(sprayNow / question.squirtG(sprayId)),
    sprayId,
    limit,
    dryH: hoursUntilDry(mix, question.mold, body.method, air, question.drying),
    body: made,
  };
}

const rounded = (massG: number): number =>
  Number((Math.round(massG / ROUND_G) * ROUND_G).toFixed(1));

function bodyWith(
  { body, catalog }: SeasonQuestion,
  oils: ReadonlyArray<{ readonly line: Line; readonly massG: number }>,
  sprayed: readonly Line[],
  sprayG: number,
  sprayId: string,
): FormulaBody {
  let next = oils.reduce(
    (made, { line, massG }) => (massG === line.massG ? made : setLineMass(made, line.id, massG)),
    body,
  );
  const before = sum(sprayed);
  if (before > 0)
    for (const line of sprayed)
      next = setLineMass(next, line.id, rounded((line.massG / before) * sprayG));
  else if (sprayG > 0) {
    const main = next.parts[0];
    if (!main) return next;
    const had = new Set(main.lines.map(({ id }) => id));
    const amount = { low: sprayG, best: sprayG, high: sprayG };
    next = addLine(next, main.id, materialById(catalog, sprayId), amount);
    const added = next.parts[0]?.lines.find(({ id }) => !had.has(id));
    if (added) next = setLineWay(next, added.id, 'sprayed');
  }
  return next;
}

/** Mean humidity of a room by calendar month, January first; months without a reading are left out. @param readings with ISO 8601 times */
export function monthlyHumidity(
  readings: ReadonlyArray<{ readonly at: string; readonly humidityPct: number }>,
): ReadonlyArray<{ readonly month: number; readonly humidityPct: number }> {
  const sums = new Map<number, { total: number; count: number }>();
  for (const { at, humidityPct } of readings) {
    const month = Number(at.slice(5, 7));
    const { total, count } = sums.get(month) ?? { total: 0, count: 0 };
    sums.set(month, { total: total + humidityPct, count: count + 1 });
  }
  return [...sums]
    .sort(([a], [b]) => a - b)
    .map(([month, { total, count }]) => ({ month, humidityPct: total / count }));
}
