import { formatMass } from '../../src/core/basics/format/quantities';
import { USUAL_CONDITIONS } from '../../src/core/results/conditions/types';
import { benchCures } from '../../src/core/batches/cures/benchCures';
import { evaluate } from '../../src/core/results/evaluation/evaluate';
import { freezeReadings } from '../../src/core/batches/records/freeze';
import type { Formula } from '../../src/core/formula/model/schema';
import { SHIPPED, materialById } from '../../src/core/matter/materials/catalog';
import { portionsOf } from '../../src/core/matter/materials/portion';
import { bowlContents } from '../../src/core/batches/records/bowl';
import { currentStep, record, settleStep, startBatch } from '../../src/core/batches/records/batch';
import { nextBatchCode } from '../../src/core/batches/records/batchCode';
import { countOf, roomOf } from '../../src/core/batches/records/summary';
import { weighedEntry } from '../../src/core/batches/records/weighed';
import type { Batch, NewEntry } from '../../src/core/batches/records/schema';
import type { Fate, Fault } from '../../src/core/batches/records/kinds';
import { REFERENCE_MM2_H, dryFraction } from '../../src/core/batches/drying/forecast';
import { dryingBodyOf } from '../../src/core/batches/drying/body';
import { roomClock } from '../../src/core/batches/drying/roomClock';
import { waterActivityPct } from '../../src/core/batches/drying/waterActivity';
import { roomCurve } from '../../src/core/matter/air/roomDays';
import type { RoomDay } from '../../src/core/matter/air/roomDaySchema';
import { USUAL_REQUEST } from '../../src/core/work/scaling/request';
import { planScale } from '../../src/core/work/scaling/plan';
import type { ScaleRequest } from '../../src/core/work/scaling/requestSchema';
import { assignLots } from '../../src/core/workshop/shelf/assignLots';
import { lotMoves, stockLeft } from '../../src/core/workshop/shelf/stock';
import type { Lot } from '../../src/core/workshop/shelf/lot';
import { dryingLossFraction } from '../../src/core/batches/trays/volatile';
import { trayStartMs } from '../../src/core/batches/trays/trayRoom';
import { scatter } from './random';
import { SAMPLE_NOW, at } from './sampleTime';

/** One batch of the year: what the room and the hands were like, and what came of it. */
export interface Made {
  readonly of: Formula;
  readonly day: string;
  readonly count: number;
  readonly humidityPct: number;
  readonly tempC: number;
  readonly felt?: 'right' | 'too-dry' | 'too-wet';
  readonly rejects?: number;
  /** Minutes from one piece to the next. */
  readonly paceMin?: number;
  /** Spread of the fills, % of the target. */
  readonly fillSpreadPct?: number;
  readonly fillOffPct?: number;
  readonly skipped?: readonly string[];
  readonly squirts?: number;
  readonly faults?: readonly (readonly [Fault, number])[];
  readonly fate?: Fate;
  /** Hours after the press at which the marked piece was weighed. */
  readonly weighedAtH?: readonly number[];
  /** Taken off the tray; not yet when left out. */
  readonly wrappedAfterH?: number | null;
  readonly turnedAfterH?: number;
  readonly note?: string;
}

/** How fast the loft of the sample really dries against the shipped model: what its records should find. */
const TRUE_RATE = 1.2;
const MAKERS = ['Maud', 'Teo'] as const;

/** Makes a batch the way hands do: a little off each target, a correction when the squeeze asks for one. */
export function makeBatch(
  made: Made,
  before: readonly Batch[],
  lots: readonly Lot[],
  rooms: readonly RoomDay[],
): Batch {
  const { of, day, humidityPct, tempC, count } = made;
  const version = of.versions.findLast(({ keptAt }) => keptAt < at(day, 0)) ?? of.versions[0];
  if (!version) throw new Error(`${of.name} has no version`);
  const request: ScaleRequest = {
    ...USUAL_REQUEST,
    want: { kind: 'pieces', count },
    mold: moldFor(of.body.family),
  };
  const planned = planScale(version.body, request);
  if (!planned.ok) throw new Error(planned.problem.message);
  const evaluation = evaluate(version.body, { ...USUAL_CONDITIONS, humidityPct });
  let minute = 0;
  const tick = (minutes: number) => at(day, (minute += minutes));
  const who = MAKERS[before.length % 2] ?? 'Maud';
  const signed = (entry: NewEntry): NewEntry => ({ ...entry, who });
  let batch: Batch = {
    ...startBatch({
      catalog: SHIPPED,
      formula: {
        ...of,
        body: version.body,
        versions: of.versions.slice(0, version.number),
      },
      request,
      plan: planned.plan,
      lots:
        assignLots(planned.plan.lines, lots, stockLeft(lots, lotMoves(before, lots)), day)
          .bowls[0] ?? {},
      readings: freezeReadings(evaluation, planned.plan.factor),
      code: nextBatchCode(of.name, of.id, before),
      now: tick(0),
    }),
    origin: 'sample',
  };
  const settle = (entry: NewEntry, minutes: number) => {
    batch = settleStep(batch, signed(entry), tick(minutes));
  };
  const write = (entry: NewEntry, minutes: number) => {
    batch = record(batch, signed(entry), tick(minutes));
  };
  for (let step = currentStep(batch); step; step = currentStep(batch)) {
    if (made.skipped?.includes(step.id)) settle({ kind: 'skipped' }, 1);
    else if (step.kind === 'room') settle({ kind: 'room', humidityPct, tempC }, 2);
    else if (step.kind === 'weigh') {
      const offG = Math.round((Math.random() - 0.5) * step.toleranceG * 10) / 10;
      const massG = Number(Math.max(0.1, step.targetG + offG).toFixed(1));
      settle(weighedEntry(step, massG, 'simulated-scale'), 1.5);
    } else if (step.kind === 'mix') {
      write({ kind: 'timer', seconds: step.seconds }, 1);
      settle({ kind: 'done' }, step.seconds / 60);
    } else if (step.kind === 'spray') {
      for (let i = 0; i < (made.squirts ?? 0); i++)
        write({ kind: 'added', materialId: 'water', massG: 0.68, squirts: 1, why: 'sprayed' }, 0.1);
      settle({ kind: 'done' }, 2);
    } else if (step.kind === 'squeeze') {
      if (made.felt && made.felt !== 'right' && step.acidIn)
        batch = correct(batch, made.felt, tick, who);
      settle({ kind: 'squeezed', acidIn: step.acidIn, felt: 'right' }, 2);
    } else if (step.kind === 'split') settle({ kind: 'split', share: step.share, name: 'dusk' }, 3);
    else if (step.kind === 'press') {
      for (let i = 0; i < count; i++) {
        const offPct = (made.fillOffPct ?? 0) + scatter() * (made.fillSpreadPct ?? 0.9);
        const massG = Number((step.targetG * (1 + offPct / 100)).toFixed(1));
        write({ kind: 'filled', massG, by: 'simulated-scale' }, made.paceMin ?? 1.1);
      }
      settle({ kind: 'done' }, 1);
    } else if (step.kind === 'count')
      settle(
        { kind: 'counted', pieces: count - (made.rejects ?? 0), rejects: made.rejects ?? 0 },
        3,
      );
    else settle({ kind: 'done' }, 4);
  }
  return dryOnTray(batch, made, rooms, who);
}

function correct(
  batch: Batch,
  felt: 'too-dry' | 'too-wet',
  tick: (minutes: number) => string,
  who: string,
): Batch {
  const [cure] = benchCures(
    batch,
    { felt, acidIn: true, gramsPerSquirt: 0.68 },
    { ...USUAL_CONDITIONS, humidityPct: roomOf(batch)?.humidityPct ?? 45 },
  );
  const squeezed = record(batch, { kind: 'squeezed', acidIn: true, felt, who }, tick(2));
  if (!cure) return squeezed;
  const { materialId, firstG, firstSquirts } = cure;
  const massG = Math.round(firstG * 10) / 10;
  return record(
    squeezed,
    { kind: 'added', materialId, massG, squirts: firstSquirts, why: felt, who },
    tick(3),
  );
}

/** The days after: weighings of the marked piece by the same model the forecast uses, at this workshop's own speed. */
function dryOnTray(batch: Batch, made: Made, rooms: readonly RoomDay[], who: string): Batch {
  const startMs = trayStartMs(batch);
  if (startMs === null) throw new Error('a counted batch is on its tray');
  const nowMs = Date.parse(SAMPLE_NOW);
  const curve = roomCurve(rooms, 'drying-room');
  const mix = portionsOf(SHIPPED, bowlContents(batch));
  const clock = roomClock(curve, startMs, waterActivityPct(mix));
  const loss = dryingLossFraction(mix).best;
  const body = dryingBodyOf(batch.request.mold, batch.body.method, loss);
  const lossFraction = loss * (0.9 + Math.random() * 0.2);
  const rate = TRUE_RATE * Math.exp(0.06 * scatter());
  const startG = batch.plan.pieceG;
  const iso = (hours: number) =>
    new Date(startMs + hours * 3_600_000).toISOString().replace('Z', '+00:00');
  const events: (readonly [number, NewEntry])[] = [];
  for (const hours of made.weighedAtH ?? []) {
    const dry = dryFraction(body, clock(startMs + hours * 3_600_000), REFERENCE_MM2_H.best * rate);
    const massG = startG * (1 - lossFraction * dry) + 0.006 * scatter();
    events.push([hours, { kind: 'dried', massG: Number(massG.toFixed(2)), by: 'typed' }]);
  }
  if (made.turnedAfterH !== undefined)
    events.push([made.turnedAfterH, { kind: 'tended', what: 'turn' }]);
  if (made.faults)
    events.push([
      26,
      {
        kind: 'inspected',
        looked: made.count,
        faults: made.faults.map(([fault, count]) => ({ fault, count })),
        rejects: made.rejects ?? 0,
        fate: made.fate ?? null,
      },
    ]);
  if (made.wrappedAfterH) {
    // Jars are counted as they are filled.
    if (countOf(batch) === null)
      events.push([made.wrappedAfterH, { kind: 'counted', pieces: made.count, rejects: 0 }]);
    events.push([made.wrappedAfterH, { kind: 'tended', what: 'wrap' }]);
  }
  if (made.note) events.push([27, { kind: 'note', text: made.note }]);
  return events
    .filter(([hours]) => startMs + hours * 3_600_000 < nowMs)
    .sort(([a], [b]) => a - b)
    .reduce((written, [hours, entry]) => record(written, { ...entry, who }, iso(hours)), batch);
}

export function moldFor(family: Formula['body']['family']): ScaleRequest['mold'] {
  switch (family) {
    case 'bath-bomb':
      return { shape: 'sphere', diameterMm: 70 };
    case 'shower-steamer':
      return { shape: 'half-sphere', diameterMm: 50 };
    case 'fizzing-salts':
      return { shape: 'own-volume', volumeMl: 220 };
    case 'cleaning-fizzy':
      return { shape: 'box', lengthMm: 30, widthMm: 30, heightMm: 30 };
  }
}

/** Throws when a batch was made of stock that was not there. */
export function checkStock(batches: readonly Batch[], lots: readonly Lot[]): void {
  const left = stockLeft(lots, lotMoves(batches, lots));
  for (const lot of lots)
    if ((left.get(lot.id) ?? 0) < 0)
      throw new Error(
        `${lot.code} ${materialById(SHIPPED, lot.materialId).name}: ${formatMass(left.get(lot.id) ?? 0)} left of ${formatMass(lot.receivedG)}`,
      );
}
