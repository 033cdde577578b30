import { USUAL_CONDITIONS } from '../../src/core/results/conditions/types';
import { newId } from '../../src/core/basics/newId';
import { SHIPPED, catalogWith, type Catalog } from '../../src/core/matter/materials/catalog';
import { portionsOf } from '../../src/core/matter/materials/portion';
import { countOf } from '../../src/core/batches/records/summary';
import { record } from '../../src/core/batches/records/batch';
import type { Batch } from '../../src/core/batches/records/schema';
import { baseOf, bodyOfCup, cupTestCups } from '../../src/core/batches/trials/cup-test/cups';
import { expectedLoss } from '../../src/core/batches/trials/gas-loss/expectedLoss';
import { goneShare } from '../../src/core/batches/trials/gas-loss/fitCurve';
import { shippedFor } from '../../src/core/batches/trials/taught';
import { startTrial, writeIn } from '../../src/core/batches/trials/write';
import { usualKind, type Phase } from '../../src/core/batches/trials/kinds';
import type { CupTest } from '../../src/core/batches/trials/cup-test/schema';
import type { NewTrialEntry, Trial } from '../../src/core/batches/trials/schema';
import type { SeenWhat } from '../../src/core/batches/trials/seen';
import { evaluate } from '../../src/core/results/evaluation/evaluate';
import type { WorkshopFile } from '../../src/storage/file/schema';

const DAY_MS = 24 * 3_600_000;
/** Maud's pieces wear a little faster than the model has it. */
const MAUD_WEARS = 1.12;
const WETTING_S = 4;

type Workshop = Pick<
  WorkshopFile,
  'batches' | 'formulas' | 'materials' | 'settings' | 'exportedAt'
>;

/** A year of trials, two jugs, a set of small ones with its answer, and kept-back pieces, for the batches of the sample. */
export function sampleTrials(workshop: Workshop): {
  readonly trials: readonly Trial[];
  readonly ladders: readonly CupTest[];
  readonly batches: readonly Batch[];
} {
  const catalog = catalogWith(workshop.materials);
  const nowMs = Date.parse(workshop.exportedAt);
  const made = workshop.batches.filter(
    ({ outcome, startedAt }) => outcome === 'made' && nowMs - Date.parse(startedAt) > 3 * DAY_MS,
  );
  const tried = made
    .filter((_, i) => i % 8 !== 3)
    .slice(0, 20)
    .map((batch, i) => triedOnce(batch, catalog, i));
  const jugged = made.filter(({ formulaName }) => formulaName === 'Quince Lantern');
  const jugs = [
    jugged.at(-2) && jug(jugged.at(-2) as Batch, catalog, 5, 0.98),
    jugged.at(-3) && jug(jugged.at(-3) as Batch, catalog, 45, 0.93),
  ].flatMap((one) => one ?? []);
  const quince = workshop.formulas.find(({ name }) => name === 'Quince Lantern');
  return {
    trials: [...tried, ...jugs],
    ladders: quince ? [ladder(quince, workshop.exportedAt)] : [],
    batches: workshop.batches.map((batch) => withKept(batch, nowMs)),
  };
}

function madeMs(batch: Batch): number {
  return Date.parse(countOf(batch)?.at ?? batch.startedAt);
}

/** A trial two to nine days after the pieces were made. */
function triedOnce(batch: Batch, catalog: Catalog, i: number): Trial {
  const ageDays = 2 + (i % 8);
  const atMs = madeMs(batch) + ageDays * DAY_MS;
  const kind = usualKind(batch.body);
  const isCube = kind === 'cleaning';
  let trial: Trial = {
    ...startTrial(
      {
        kind,
        batchId: batch.id,
        name: '',
        pieceG: kind === 'salts' ? 75 : Math.round(10 * batch.plan.pieceG) / 10,
        isCrumbs: false,
        ageDays,
        water: isCube
          ? { volumeL: 5, tempC: 40, alkalinityMgL: 100 }
          : { volumeL: 150, tempC: 38, alkalinityMgL: 100 },
        flowLMin: kind === 'shower' ? 8 : null,
        stepG: null,
      },
      iso(atMs),
    ),
    origin: 'sample',
  };
  const who = i % 3 === 0 ? 'Teo' : 'Maud';
  const write = (entry: NewTrialEntry, seconds: number) => {
    trial = writeIn(trial, { ...entry, who }, iso(atMs + 1000 * seconds));
  };
  const seen = (what: SeenWhat, value: string, seconds: number) =>
    write({ kind: 'seen', what, value }, seconds);
  const { lasting, color } = shippedFor({ trial, batch }, catalog);
  const scatter = 1 + 0.11 * Math.sin(7 * i + 1);
  let endS = 600;
  if (kind === 'shower') {
    seen('showers', i % 2 === 0 ? '2' : '1.5', 5);
    seen('stood', 'edge', 8);
    seen('scent-head-1', String(3 + (i % 2)), 60);
    seen('scent-head-5', String(2 + (i % 2)), 300);
    seen('eyes-stung', 'no', 305);
    seen('floor-slippery', 'no', 310);
  } else if (lasting && lasting.kind !== 'showered') {
    const goneS = (lasting.goneS.best / MAUD_WEARS) * scatter + WETTING_S;
    const phase = (which: Phase, seconds: number) =>
      write({ kind: 'phase', phase: which }, seconds);
    phase('touched', 0);
    phase('first-fizz', 1);
    if (kind === 'tub') phase(i % 5 === 2 ? 'floats' : 'sinks', 4);
    phase('half', goneS * 0.26);
    phase('gone', goneS);
    endS = goneS + 200;
    if (kind !== 'cleaning') {
      seen('foam-1-min', String(1 + (i % 2)), Math.max(goneS, 60) + 1);
      seen('scent-water', String(3 + (i % 2)), endS - 90);
      seen('ring', i % 6 === 4 ? 'faint' : 'none', endS - 60);
      seen('skin', i % 3 === 0 ? 'soft' : 'plain', endS - 50);
      seen('left', i % 4 === 1 ? 'petals' : 'nothing', endS - 40);
      if (color) write({ kind: 'color', hex: color.waterHex, by: 'eye' }, endS - 30);
    }
  }
  if (isCube) {
    seen('cleaned', 'toilet', 30);
    seen('film-before', '3', 35);
    seen('film-after', '1', 400);
    seen('lime-before', '3', 405);
    seen('lime-after', '2', 410);
  }
  const again = i % 7 === 5;
  write(
    {
      kind: 'verdict',
      verdict: again ? 'again' : 'sell',
      whys: again ? ['scent-weak'] : [],
    },
    endS,
  );
  return { ...trial, finishedAt: iso(atMs + 1000 * endS) };
}

/** Twenty grams of crumbs in a liter, on the small scale. */
function jug(batch: Batch, catalog: Catalog, ageDays: number, share: number): Trial {
  const atMs = madeMs(batch) + ageDays * DAY_MS;
  const water = { volumeL: 1, tempC: 38, alkalinityMgL: 100 };
  const [stepG, sampleG, jugG] = [0.1, 60, 1312.4];
  let trial: Trial = {
    ...startTrial(
      {
        kind: 'scale',
        batchId: batch.id,
        name: '',
        pieceG: sampleG,
        isCrumbs: true,
        ageDays,
        water,
        flowLMin: null,
        stepG,
      },
      iso(atMs),
    ),
    origin: 'sample',
  };
  trial = writeIn(trial, { kind: 'jug', massG: jugG, who: 'Maud' }, iso(atMs));
  trial = writeIn(trial, { kind: 'phase', phase: 'touched', who: 'Maud' }, iso(atMs + 20_000));
  const mix = portionsOf(
    catalog,
    batch.body.parts.flatMap(({ lines }) => lines),
  );
  const gasG = share * expectedLoss(mix, sampleG, water).lossG.best;
  const readings: [number, number][] = [];
  for (let seconds = 2; seconds <= 330; seconds += 3) {
    const massG = jugG + sampleG - gasG * goneShare(seconds, 150, 2.4) - (0.05 * seconds) / 60;
    const trembles = 0.04 * Math.sin(12.9 * seconds);
    readings.push([seconds, Math.round((massG + trembles) / stepG) * stepG]);
  }
  trial = {
    ...trial,
    readings: readings.map(([seconds, massG]) => [seconds, Number(massG.toFixed(1))]),
  };
  trial = writeIn(
    trial,
    { kind: 'verdict', verdict: 'sell', whys: [], who: 'Maud' },
    iso(atMs + 400_000),
  );
  return { ...trial, finishedAt: iso(atMs + 400_000) };
}

/** What more starch does to the Quince Lantern: an answer after six cups. */
function ladder(formula: WorkshopFile['formulas'][number], exportedAt: string): CupTest {
  const askedMs = Date.parse(exportedAt) - 40 * DAY_MS;
  const factors = [{ materialId: 'cornstarch', lowPct: 0, highPct: 9 }];
  const question = {
    body: formula.body,
    factors,
    response: 'gone-s' as const,
    bends: false,
    cups: 6,
    cupG: 25,
    stepG: 0.1,
  };
  const conditions = {
    ...USUAL_CONDITIONS,
    catalog: SHIPPED,
    tub: { volumeL: 1, tempC: 38, alkalinityMgL: 100 },
    pieceG: 25,
  };
  const laid = cupTestCups(question, conditions);
  if (!laid.ok) throw new RangeError(`the sample's set must be laid out, got ${laid.problem}`);
  const base = baseOf(formula.body, factors);
  return {
    id: newId(),
    origin: 'sample',
    formulaId: formula.id,
    name: 'What does more cornstarch do to how long it fizzes?',
    body: formula.body,
    askedAt: iso(askedMs),
    response: 'gone-s',
    bends: false,
    factors,
    cupG: 25,
    stepG: 0.1,
    cups: [...laid.cups],
    entries: laid.cups.map((cup, i) => {
      const { lasting } = evaluate(bodyOfCup(base, cup, factors, conditions), conditions);
      const forecastS = lasting && lasting.kind !== 'showered' ? lasting.goneS.best : 60;
      // Starch slows Maud's pieces more than the model has it.
      const slowed = 1 + 0.03 * (cup.pcts[0] ?? 0) + 0.05 * Math.sin(5 * i);
      return {
        id: newId(),
        at: iso(askedMs + DAY_MS + i * 300_000),
        cupId: cup.id,
        value: Math.round((forecastS / MAUD_WEARS) * slowed),
        voidedAt: null,
      };
    }),
  };
}

/** Two pieces of some batches are laid away, and the older ones were looked at in time. */
function withKept(batch: Batch, nowMs: number): Batch {
  const isKept = ['QL-005', 'QL-008', 'QL-010', 'EG-005'].includes(batch.code);
  if (!isKept || batch.entries.some(({ kind }) => kind === 'kept')) return batch;
  const after = (days: number) => madeMs(batch) + days * DAY_MS;
  let kept = record(batch, { kind: 'kept', pieces: 2, who: 'Maud' }, iso(after(3)));
  for (const [days, hard, scent] of [
    [31, 5, 4],
    [92, 4, 3],
    [183, 4, 3],
  ] as const)
    // The last look that is due is left to whoever opens the sample.
    if (after(days) < nowMs - 25 * DAY_MS)
      kept = record(
        kept,
        { kind: 'looked', hard, scent, color: days > 100 ? 'faded' : 'as-made', who: 'Maud' },
        iso(after(days)),
      );
  return kept;
}

function iso(ms: number): string {
  return new Date(Math.round(ms)).toISOString();
}
