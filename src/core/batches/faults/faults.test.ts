import { describe, expect, it } from 'vitest';
import { bodyFrom } from '../../../../tests/fixtures/bodies';
import { keepVersion } from '@/core/formula/model/versions';
import { newFormula } from '@/core/formula/model/create';
import type { Family, Method } from '@/core/formula/model/schema';
import { FAULTS, type Fault } from '../records/kinds';
import { currentStep, record, settleStep, startBatch } from '../records/batch';
import { weighedEntry } from '../records/weighed';
import type { Batch } from '../records/schema';
import { USUAL_REQUEST } from '@/core/work/scaling/request';
import { planScale } from '@/core/work/scaling/plan';
import { CAUSES, type CauseId } from './causeTable';
import { FAULT_ROWS } from './faultTable';
import { NOTHING_OUTSIDE, batchFacts, type OutsideFacts } from './facts';
import { rankCauses } from './rankCauses';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { conditionsOfBatch } from '@/core/workshop/settings/conditionsFor';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';

const PLAIN = `
600 g baking soda
330 g citric acid
40 g cornstarch
16 g kaolin
44 g sweet almond oil
10 g polysorbate 80
6 g fragrance oil
6 g water
`;

/** A batch with one thing gone wrong; all else as a careful maker does it. */
interface Wrong {
  readonly text?: string;
  readonly family?: Family;
  readonly method?: Method;
  readonly humidityPct?: number;
  readonly skipped?: readonly string[];
  /** Grams of water sprayed after the acid. */
  readonly sprayedG?: number;
  readonly felt?: 'too-dry' | 'too-wet';
  /** Minutes between two pieces. */
  readonly paceMin?: number;
  readonly fillsOverTarget?: readonly number[];
  readonly diameterMm?: number;
  readonly outside?: Partial<OutsideFacts>;
}

function made(wrong: Wrong): Batch {
  let minutes = 0;
  const now = (after = 1) => {
    minutes += after;
    return new Date(Date.UTC(2026, 3, 18, 9) + minutes * 60_000).toISOString();
  };
  const body = {
    ...bodyFrom(wrong.text ?? PLAIN),
    family: wrong.family ?? 'bath-bomb',
    method: wrong.method ?? 'press',
  };
  const formula = keepVersion(newFormula('Shoal', body, now()), now());
  const request = {
    ...USUAL_REQUEST,
    want: { kind: 'total', massG: 2000 } as const,
    mold: { shape: 'sphere', diameterMm: wrong.diameterMm ?? 60 } as const,
  };
  const planned = planScale(body, request);
  if (!planned.ok) throw new Error(planned.problem.message);
  let batch = startBatch({
    catalog: SHIPPED,
    formula,
    request,
    plan: planned.plan,
    readings: {
      modelsVersion: '1',
      sodaToAcidByMass: 1.8,
      balanceSodaToAcidByMass: 1.31,
      dampIndexPct: 12,
      windowLowPct: 10,
      windowHighPct: 17,
      freeWaterPct: 0.4,
      scentLoadPct: 0.7,
      co2L: 100,
    },
    code: 'S-001',
    now: now(),
  });
  const fills = wrong.fillsOverTarget ?? [1, 1.005, 0.995, 1, 1.002, 0.998, 1, 1];
  for (let step = currentStep(batch); step; step = currentStep(batch)) {
    if (wrong.skipped?.includes(step.id)) batch = settleStep(batch, { kind: 'skipped' }, now());
    else if (step.kind === 'room')
      batch = settleStep(
        batch,
        { kind: 'room', humidityPct: wrong.humidityPct ?? 46, tempC: 20 },
        now(),
      );
    else if (step.kind === 'weigh')
      batch = settleStep(batch, weighedEntry(step, step.targetG, 'typed'), now());
    else if (step.kind === 'squeeze') {
      if (wrong.felt && step.acidIn)
        batch = record(batch, { kind: 'squeezed', acidIn: true, felt: wrong.felt }, now());
      batch =
        wrong.felt && step.acidIn
          ? settleStep(batch, { kind: 'done' }, now())
          : settleStep(batch, { kind: 'squeezed', acidIn: step.acidIn, felt: 'right' }, now());
    } else if (step.kind === 'spray') {
      if (wrong.sprayedG)
        batch = record(
          batch,
          { kind: 'added', materialId: 'water', massG: wrong.sprayedG, squirts: 9, why: 'sprayed' },
          now(),
        );
      batch = settleStep(batch, { kind: 'done' }, now());
    } else if (step.kind === 'press') {
      for (const over of fills)
        batch = record(
          batch,
          { kind: 'filled', massG: step.targetG * over, by: 'typed' },
          now(wrong.paceMin ?? 1),
        );
      batch = settleStep(batch, { kind: 'done' }, now());
    } else if (step.kind === 'count')
      batch = settleStep(batch, { kind: 'counted', pieces: fills.length, rejects: 0 }, now());
    else batch = settleStep(batch, { kind: 'done' }, now());
  }
  return batch;
}

const more = (line: string) => `${PLAIN}${line}\n`;
const iced = (waterG: number, meringueG: number) =>
  more(
    `Icing:\n100 g powdered sugar\n${waterG} g water${meringueG > 0 ? `\n${meringueG} g meringue powder` : ''}`,
  );
const CASES: readonly (readonly [name: string, cause: CauseId, fault: Fault, wrong: Wrong])[] = [
  ['bloomed in a mug of water', 'too-much-water', 'warts', { text: more('24 g water') }],
  ['the same, cracked on top', 'too-much-water', 'top-cracks', { text: more('24 g water') }],
  ['sprayed again and again with the acid in', 'acid-met-water', 'weak-fizz', { sprayedG: 16 }],
  ['an hour and a half from acid to last piece', 'acid-met-water', 'weak-fizz', { paceMin: 12 }],
  ['a foggy day', 'room-too-damp', 'warts', { humidityPct: 72, outside: { dryHumidityPct: 68 } }],
  ['clay and starch straight from the bag', 'not-sieved', 'warts', { skipped: ['sieve'] }],
  [
    'hardly any oil',
    'too-dry',
    'crumbling',
    { text: PLAIN.replace('44 g', '14 g'), felt: 'too-dry' },
  ],
  [
    'shells hardly filled, one more than the other',
    'underfilled',
    'seam-cracks',
    { fillsOverTarget: [0.93, 0.97, 0.9, 0.96, 0.91, 0.95, 0.9, 0.94] },
  ],
  ['turned over never', 'uneven-damp', 'seam-cracks', { skipped: ['scrape'], paceMin: 6 }],
  [
    'an embed like mud',
    'wet-core',
    'top-cracks',
    { text: `${PLAIN}Embed:\n60 g baking soda\n40 g citric acid\n5 g water` },
  ],
  [
    'eight slow pieces in heated air',
    'dried-in-bowl',
    'crumbling',
    { humidityPct: 34, paceMin: 8 },
  ],
  [
    'a third of it coarse salt',
    'too-much-coarse-salt',
    'crumbling',
    { text: more('240 g sea salt') },
  ],
  ['lifted for the stall', 'lifted-early', 'split-in-half', { outside: { dryWhenLifted: 0.25 } }],
  ['on a bare board', 'flat-seat', 'flat-bottom', { outside: { traySeats: 'flat' } }],
  [
    'big as a fist, on good seats',
    'too-heavy',
    'flat-bottom',
    { diameterMm: 80, outside: { traySeats: 'rounded' } },
  ],
  [
    'Epsom and glycerin in summer',
    'drew-moisture',
    'soft',
    { text: more('120 g epsom salt\n10 g glycerin'), outside: { dryHumidityPct: 60 } },
  ],
  [
    'three times the soda',
    'too-little-acid',
    'weak-fizz',
    { text: PLAIN.replace('330 g', '190 g') },
  ],
  ['acid from the back of the shelf', 'old-stock', 'weak-fizz', { outside: { oldLots: 1 } }],
  ['ultramarine for the blue', 'ultramarine', 'bad-eggs', { text: more('4 g ultramarine blue') }],
  [
    'no polysorbate',
    'too-little-emulsifier',
    'ring-in-tub',
    { text: PLAIN.replace('10 g polysorbate 80\n', '') },
  ],
  ['mica by the spoon', 'mica-floats', 'uneven-water-color', { text: more('12 g blue mica') }],
  [
    'dye thrown in dry',
    'dye-not-bloomed',
    'specks',
    { text: more('0.8 g yellow dye'), skipped: ['bloom'] },
  ],
  ['icing like milk', 'icing-too-wet', 'icing-slid', { text: iced(30, 4) }],
  ['icing like dough', 'icing-too-dry', 'icing-cracked', { text: iced(5, 4) }],
  ['sugar and water alone', 'icing-unbound', 'icing-soft', { text: iced(16, 0) }],
  [
    'iced on the day it was pressed',
    'iced-too-early',
    'icing-cracked',
    { text: iced(16, 4), outside: { dryWhenIced: 0.2 } },
  ],
];

/** As a workshop of no own batches judges it. */
function factsOf(batch: Batch, outside?: OutsideFacts) {
  const workshop = { catalog: SHIPPED, settings: USUAL_SETTINGS, batches: [] };
  return batchFacts(batch, conditionsOfBatch(workshop, batch), outside);
}

describe('what went wrong', () => {
  it.each(CASES)('%s: %s is first or second for %s', (_name, cause, fault, wrong) => {
    const facts = factsOf(made(wrong), { ...NOTHING_OUTSIDE, ...wrong.outside });
    const ranked = rankCauses([{ fault, count: 3 }], facts);
    expect(ranked.slice(0, 2).map(({ id }) => id)).toContain(cause);
    const found = ranked.find(({ id }) => id === cause);
    expect(found?.speaksFor.length).toBeGreaterThan(0);
    expect(found?.change).not.toBe('');
    // The same fault in a batch that went well makes this cause less likely: the batch's own facts speak.
    const plain = rankCauses([{ fault, count: 3 }], factsOf(made({})));
    expect(found?.share).toBeGreaterThan(plain.find(({ id }) => id === cause)?.share ?? 0);
  });

  it('knows a dye that wants blooming from a mix that holds none', () => {
    expect(factsOf(made({}))).toMatchObject({ hasBloomedDye: false, dyeUnbloomed: false });
    const dyed = { text: `${PLAIN}0.5 g tartrazine\n` };
    expect(factsOf(made(dyed))).toMatchObject({ hasBloomedDye: true, dyeUnbloomed: false });
    expect(factsOf(made({ ...dyed, skipped: ['bloom'] }))).toMatchObject({ dyeUnbloomed: true });
  });

  it('shares belief among causes and keeps some for what nobody wrote down', () => {
    const facts = factsOf(made({ humidityPct: 66 }));
    for (const { fault } of FAULT_ROWS) {
      const ranked = rankCauses([{ fault, count: 1 }], facts);
      const sum = ranked.reduce((total, { share }) => total + share, 0);
      expect(sum).toBeGreaterThan(0);
      expect(sum).toBeLessThan(1);
      expect([...ranked].sort((a, b) => b.share - a.share)).toEqual(ranked);
    }
    expect(rankCauses([], facts)).toEqual([]);
    expect(rankCauses([{ fault: 'warts', count: 0 }], facts)).toEqual([]);
  });

  it('takes the hand’s word over the index: what held before pressing was not too dry', () => {
    const thin = PLAIN.replace('44 g', '14 g');
    const share = (wrong: Wrong) =>
      rankCauses([{ fault: 'crumbling', count: 3 }], factsOf(made(wrong))).find(
        ({ id }) => id === 'too-dry',
      )?.share ?? 0;
    expect(share({ text: thin })).toBeLessThan(share({ felt: 'too-dry' }));
    expect(share({ felt: 'too-dry' })).toBeGreaterThan(share({}));
  });

  it('asks nothing of icing where there is none', () => {
    expect(factsOf(made({}))).toMatchObject({ icingWaterPct: null, icingBinderPct: null });
    const facts = factsOf(made({ text: iced(20, 5) }));
    expect(facts.icingWaterPct).toBeCloseTo(100 * (20 / 125), 0);
    expect(facts.icingBinderPct).toBeCloseTo(100 * (5 / 125), 0);
  });

  it('finds the cause that explains more of what was seen', () => {
    const wet = factsOf(made({ text: more('30 g water') }));
    const [first] = rankCauses(
      [
        { fault: 'warts', count: 4 },
        { fault: 'top-cracks', count: 2 },
      ],
      wet,
    );
    expect(first).toMatchObject({ id: 'too-much-water', explains: ['warts', 'top-cracks'] });
  });

  it('knows every fault and every cause it names', () => {
    expect(FAULT_ROWS.map(({ fault }) => fault)).toEqual([...FAULTS]);
    const ids = new Set<string>(CAUSES.map(({ id }) => id));
    for (const { causes } of FAULT_ROWS)
      for (const id of Object.keys(causes)) expect(ids).toContain(id);
  });
});
