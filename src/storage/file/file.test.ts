import { scentDocumentsFor } from '@/core/results/scent/scentDocuments';
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addMass } from '@/core/formula/model/edit';
import { emptyBody, newFormula } from '@/core/formula/model/create';
import { keepVersion } from '@/core/formula/model/versions';
import { COLLECTION_NAMES } from '../records/names';
import { NO_RECORDS } from '../records/collections';
import { STORED_VERSION } from '../upgrades/version';
import { MAX_FILE_BYTES, readWorkshopFile, tooBig } from './read';
import { countRecords, previewImport } from './merge';
import { workshopFileName, writeWorkshopFile } from './write';
import { sampleFrom } from './sample';
import type { WorkshopFile } from './schema';
import { UPGRADES, upgraded } from '../upgrades/upgrades';
import type { PlainRecords } from '../upgrades/plain';
import { shipped } from '../../../tests/fixtures/bodies';

const NOW = '2026-04-18T10:00:00.000+02:00';
const SAMPLE = readFileSync(
  new URL('../../../demo/orrin-quay.rovack.json', import.meta.url),
  'utf8',
);

function opened(text: string): WorkshopFile {
  const result = readWorkshopFile(text);
  if (!result.ok) throw new Error(result.problem.message);
  return result.workshop;
}

function refusal(text: string) {
  const result = readWorkshopFile(text);
  if (result.ok) throw new Error('the file was taken');
  return result.problem;
}

describe('the sample workshop', () => {
  it('is whole and as this release writes it: a first visit takes it as it is', () => {
    expect(sampleFrom(SAMPLE)).toEqual(opened(SAMPLE));
    const result = readWorkshopFile(SAMPLE);
    expect(result.ok && result.refused).toEqual([]);
  });
});

describe('a workshop file', () => {
  it('comes back digit for digit', () => {
    fc.assert(
      fc.property(
        // Nothing, or a nanogram and more.
        fc.array(fc.oneof(fc.constant(0), fc.double({ min: 1e-8, max: 1_000_000, noNaN: true })), {
          minLength: 1,
          maxLength: 8,
        }),
        (grams) => {
          const body = grams.reduce(
            (b, massG) => addMass(b, shipped('kaolin'), massG / grams.length),
            emptyBody('bath-bomb'),
          );
          const formulas = [keepVersion(newFormula('Ebb', body, NOW), NOW)];
          const text = writeWorkshopFile({ ...NO_RECORDS, formulas, settings: null }, NOW);
          expect(opened(text).formulas).toEqual(formulas);
        },
      ),
      { seed: 19, numRuns: 50 },
    );
  });

  it('of this release opens in every later one: the sample is read whole', () => {
    const workshop = opened(SAMPLE);
    expect(workshop.formulas.length).toBeGreaterThanOrEqual(5);
    expect(workshop.batches.every(({ origin }) => origin === 'sample')).toBe(true);
    const again = writeWorkshopFile(workshop, workshop.exportedAt);
    expect(JSON.parse(again)).toEqual(JSON.parse(SAMPLE));
  });

  it('is named by its day', () => {
    expect(workshopFileName(NOW)).toBe('rovack-2026-04-18.rovack.json');
  });
});

describe('a file that is refused', () => {
  it.each([
    ['cut off in the middle', SAMPLE.slice(0, 5000), 'not-json', /cut off.*line \d/],
    ['no JSON at all', 'hello', 'not-json', /not a Rovack file.*not JSON/],
    ['other JSON', '{"name":"list","items":[1,2]}', 'not-a-workshop', /not a Rovack file/],
    ['a JSON list', '[1,2,3]', 'not-a-workshop', /not a Rovack file/],
    ['without a version', '{"format":"rovack-workshop"}', 'damaged', /format version/],
    [
      'from a newer release',
      SAMPLE.replace(`"formatVersion": ${STORED_VERSION}`, '"formatVersion": 99'),
      'newer',
      new RegExp(`format version 99, and this Rovack reads up to ${STORED_VERSION}\\b`),
    ],
    [
      'of no moment',
      SAMPLE.replace(/"exportedAt": "[^"]+"/, '"exportedAt": "once"'),
      'damaged',
      /no export date/,
    ],
    [
      'whose lots are no list',
      JSON.stringify({ ...JSON.parse(SAMPLE), lots: {} }),
      'damaged',
      /Its lots are not a list/,
    ],
  ])('is %s: a sentence says what and where', (_what, text, code, message) => {
    expect(refusal(text)).toMatchObject({ code, message: expect.stringMatching(message) });
  });

  it('is cut off anywhere, and says so', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: SAMPLE.trimEnd().length - 1 }), (length) => {
        expect(refusal(SAMPLE.slice(0, length)).message).toMatch(/cut off/);
      }),
      { seed: 61, numRuns: 40 },
    );
  });

  it('is too big: before it is read', () => {
    expect(refusal(`{"x":"${'a'.repeat(MAX_FILE_BYTES)}"}`)).toMatchObject({ code: 'too-big' });
    expect(tooBig(20 * 1024 * 1024)).toMatchObject({
      ok: false,
      problem: { message: 'The file has 20.0 MB. A workshop file has up to 64 MB.' },
    });
  });
});

describe('a record that is not whole', () => {
  const broken = (change: (file: Stored) => void) => {
    const file = JSON.parse(SAMPLE);
    change(file);
    const result = readWorkshopFile(JSON.stringify(file));
    if (!result.ok) throw new Error(result.problem.message);
    const { workshop, refused } = result;
    // The rest comes in.
    const all = COLLECTION_NAMES.reduce((sum, name) => sum + file[name].length, 0);
    expect(countRecords(workshop).all + refused.length).toBe(all);
    return refused.map((one) => `${one.name} (${one.why})`);
  };
  const batchOf = (file: Stored) => {
    const batch = file.batches.find(({ code }: Stored) => code === 'QL-011');
    if (!batch) throw new Error('the sample has QL-011');
    return batch;
  };

  it('is none in the sample', () => {
    const result = readWorkshopFile(SAMPLE);
    expect(result.ok && result.refused).toEqual([]);
  });

  it.each<[string, (file: Stored) => void, RegExp]>([
    [
      'a mass below nothing',
      (file) => (firstLine(file).massG = -4),
      /^Quince Lantern \(damaged at body\.parts\.0\.lines\.0\.massG/,
    ],
    ['a mass next to nothing', (file) => (firstLine(file).massG = 5e-324), /nanogram/],
    [
      'a material nobody knows',
      (file) => (firstLine(file).materialId = 'moon-dust'),
      /its material moon-dust is unknown/,
    ],
    [
      'one in an entry alone',
      (file) => (entryOf(batchOf(file), 'weighed').materialId = 'moon-dust'),
      /^QL-011 \(its material moon-dust/,
    ],
    [
      'one in a plan alone',
      (file) => (batchOf(file).plan.lines[0].materialId = 'moon-dust'),
      /^QL-011 \(its material/,
    ],
    [
      'a line twice',
      (file) => file.formulas[0].body.parts[0].lines.push(firstLine(file)),
      /contains a line twice/,
    ],
    [
      'a lowest above the highest',
      (file) => (firstLine(file).massLowG = firstLine(file).massG + 1),
      /lowest amount of a line is above its highest/,
    ],
    [
      'an entry twice',
      (file) => batchOf(file).entries.push(batchOf(file).entries[0]),
      /contains an entry twice/,
    ],
    [
      'an entry of no step',
      (file) => (batchOf(file).entries[0].stepId = 'gone'),
      /an entry is for a step/,
    ],
    [
      'an entry of no line',
      (file) => (entryOf(batchOf(file), 'weighed').lineId = file.batches[0].id),
      /weighs a line that does no/,
    ],
    ['a step in hand past the last', (file) => (batchOf(file).currentStep = 9999), /is at a step/],
    [
      'endless squirts',
      (file) => batchOf(file).entries.push(squirted(batchOf(file), 1e308)),
      /squirts/,
    ],
    [
      'a moment of 1969',
      (file) => (batchOf(file).entries[0].at = '1969-12-31T23:59:59Z'),
      /before 1970/,
    ],
    [
      'a moment that is none',
      (file) => (batchOf(file).entries[0].at = '2026-02-31T10:00:00Z'),
      /damaged at entries\.0\.at/,
    ],
    [
      'a window of a million',
      (file) => (batchOf(file).readings.windowHighPct = 1e6),
      /windowHighPct/,
    ],
    [
      'a window that ends before it begins',
      (file) => (batchOf(file).readings.windowHighPct = -900),
      /moisture range ends before/,
    ],
    ['a name of blanks', (file) => (file.formulas[0].name = '   '), /its name is blank/],
    ['a day of 1899', (file) => (file.lots[0].receivedOn = '1899-12-31'), /has a date before 1900/],
    ['a day of 2200', (file) => (file.lots[0].receivedOn = '2200-01-01'), /or after 2199/],
    ['its id twice', (file) => file.lots.push(file.lots[0]), /its id occurs twice/],
    [
      'a name without end',
      (file) => (file.formulas[0].name = 'x'.repeat(5_000_000)),
      /^x{120}… \(damaged at name/,
    ],
    [
      'a trial that saw what cannot be seen',
      (file) => (file.trials[0].entries[0].kind = 'heard'),
      /damaged at entries/,
    ],
    [
      'a set of cups that varies no material',
      (file) => (file.ladders[0].factors[0].materialId = 'moon-dust'),
      /moon-dust/,
    ],
  ])('with %s is named, and the rest comes in', (_what, change, sentence) => {
    const said = broken(change);
    expect(said).toHaveLength(1);
    expect(said[0]).toMatch(sentence);
  });

  it.each(['1900-01-01', '2199-12-31'])('is none for a day as far off as %s', (day) => {
    expect(broken((file) => (file.lots[0].receivedOn = day))).toEqual([]);
  });

  it('may be the settings: they stay as they are here', () => {
    const file = JSON.parse(SAMPLE);
    file.settings.tempC = 4000;
    const result = readWorkshopFile(JSON.stringify(file));
    expect(result.ok && result.workshop.settings).toBeNull();
    expect(result.ok && result.refused).toMatchObject([{ of: 'settings' }]);
  });
});

// eslint-disable-next-line @typescript-eslint/no-explicit-any -- a file as it is stored has no type until it is read
type Stored = any;
const firstLine = (file: Stored) => file.formulas[0].body.parts[0].lines[0];
const entryOf = (batch: Stored, kind: string) =>
  batch.entries.find((entry: Stored) => entry.kind === kind);
const squirted = (batch: Stored, squirts: number) => ({
  ...entryOf(batch, 'weighed'),
  id: '6f2ad1a4-2f39-4dd5-9a35-000000000001',
  kind: 'added',
  why: 'sprayed',
  squirts,
  massG: 1,
});

function plainlyNamed(data: object): object {
  const words = JSON.stringify(data)
    .replaceAll('"struckAt"', '"voidedAt"')
    .replaceAll('"isLaidAway"', '"isArchived"');
  return JSON.parse(words);
}

const NO_MAKER = { name: '', address: '', contact: '', dataSheet: '' };
/** What nobody could say of the maker before format 10. */
const NOT_ASKED = { telephone: '', responsibleEu: '', responsibleUk: '', origin: '' };
const IN_MARKETS: Readonly<Record<string, readonly string[]>> = {
  eu: ['eu'],
  us: ['us'],
  both: ['eu', 'us'],
};

/** What a file of format 6 or 7 says, in the words of this one. */
function asOfNow(file: object): object {
  const { settings, units, ...rest } = plainlyNamed(file) as {
    settings: Record<string, unknown>;
    units: readonly { label: { market: string } }[];
  };
  const { scentDocuments, maker, ...others } = settings;
  expect(scentDocuments).toEqual([]);
  return {
    ...rest,
    documents: [],
    documentFiles: [],
    logbook: [],
    stabilityPlans: [],
    units: units.map(({ label: { market, ...label }, ...unit }) => ({
      ...unit,
      filings: [],
      label: { ...label, markets: IN_MARKETS[market], soldAs: null, ufi: '' },
    })),
    settings: { ...others, maker: { ...(maker as object), ...NOT_ASKED } },
  };
}

describe('migrations', () => {
  it('run in order from the version that was stored, each once', () => {
    const upgrades = [
      { to: 2, name: 'a', upgrade: () => ({ formulas: [{ a: true }] }) },
      {
        to: 3,
        name: 'b',
        upgrade: ({ formulas = [] }: PlainRecords) => ({
          formulas: formulas.map((formula) => ({ ...formula, b: 'a' in formula })),
        }),
      },
    ];
    expect(upgraded({ formulas: [{}] }, 1, upgrades)).toEqual({ formulas: [{ a: true, b: true }] });
    expect(upgraded({ formulas: [{}] }, 2, upgrades)).toEqual({ formulas: [{ b: false }] });
    expect(upgraded({ formulas: [{}] }, 3, upgrades)).toEqual({ formulas: [{}] });
  });

  it('open a file of format 1: nothing lost, what is new begins empty', () => {
    const old = readFileSync(
      new URL('../../../tests/fixtures/workshop-format-1.rovack.json', import.meta.url),
      'utf8',
    );
    const before = JSON.parse(old);
    const { formulas, batches, documents } = opened(old);
    expect(batches[0]?.entries).toHaveLength(before.batches[0].entries.length);
    expect(batches[0]?.body).toEqual(before.batches[0].body);
    expect(documents).toEqual([]);
    expect(formulas).toEqual(
      before.formulas.map((formula: { versions: object[] }) => ({
        ...formula,
        archivedAt: null,
        versions: formula.versions.map((version) => ({ ...version, name: '' })),
      })),
    );
  });

  it('open a file of format 2: plans, steps and the calibrated sprayer come along', () => {
    const before = JSON.parse(
      readFileSync(
        new URL('../../../tests/fixtures/workshop-format-2.rovack.json', import.meta.url),
        'utf8',
      ),
    );
    before.settings.gramsPerSquirt = 0.55;
    const { formulas, batches, settings, tools, lots } = opened(JSON.stringify(before));
    expect(formulas).toEqual(before.formulas);
    const batch = batches[0];
    expect(batch?.entries).toHaveLength(before.batches[0].entries.length);
    expect(batch?.body).toEqual(before.batches[0].body);
    expect(batch?.request).toMatchObject({ moldId: null, fillG: null, bowls: 'equal', ways: {} });
    expect(batch?.plan.lines.every(({ stepG }) => stepG === 0.1)).toBe(true);
    expect(batch?.steps.find(({ kind }) => kind === 'weigh')).toMatchObject({
      stepG: 0.1,
      counted: null,
      premix: null,
      lots: [],
    });
    expect(tools).toMatchObject([{ kind: 'sprayer', tenSquirtsG: expect.closeTo(5.5, 9) }]);
    expect(settings).not.toHaveProperty('gramsPerSquirt');
    expect(settings).toMatchObject({ tub: before.settings.tub, basin: { volumeL: 5 } });
    expect(lots).toEqual([]);
  });

  it('open a file of format 3: text that was stored becomes codes and counts', () => {
    const before = JSON.parse(
      readFileSync(
        new URL('../../../tests/fixtures/workshop-format-3.rovack.json', import.meta.url),
        'utf8',
      ),
    );
    const { batches, formulas, rooms, settings, tools } = opened(JSON.stringify(before));
    const [batch] = batches;
    if (!batch) throw new Error('the batch came along');
    expect(batch.outcome).toBe('made');
    expect(formulas[0]?.body.unread).toMatchObject([{ reason: { code: 'before', about: '' } }]);
    expect(batch.request.bowls).toBe('by-color');
    expect(rooms[0]).toMatchObject({
      place: 'drying-room',
      readings: [{ by: 'simulated-sensor' }, {}, {}],
    });
    expect(tools.map(({ kind }) => kind)).toEqual(
      before.tools.map(({ kind }: { kind: string }) => kind.replace(' ', '-')),
    );
    expect(settings?.look).toBe('system');
    const counted = batch.steps.flatMap((step) =>
      step.kind === 'weigh' && step.counted ? [step.counted] : [],
    );
    // 1.25 quarter spoons, a quarter and a thirty-second, fourteen drops.
    expect(counted).toEqual([
      { how: 'spoons', count: 10 },
      { how: 'spoons', count: 9 },
      { how: 'drops', count: 14 },
    ]);
    const added = batch.entries.filter((entry) => entry.kind === 'added');
    expect(added[0]).toMatchObject({ why: expect.stringMatching(/^(too-dry|too-wet|sprayed)$/) });
    expect(added.at(-1)).toMatchObject({ why: 'unplanned', said: 'a pinch for luck' });
    expect(batch.entries).toHaveLength(before.batches[0].entries.length);
    const fates = batch.entries.flatMap((entry) =>
      entry.kind === 'inspected' ? [entry.fate] : [],
    );
    expect(fates.every((fate) => fate === null || !fate.includes(' '))).toBe(true);
  });

  it('open a file of format 4: it had no trials yet', () => {
    const before = readFileSync(
      new URL('../../../tests/fixtures/workshop-format-4.rovack.json', import.meta.url),
      'utf8',
    );
    const { trials, ladders, batches } = opened(before);
    expect([trials, ladders]).toEqual([[], []]);
    expect({ batches }).toEqual(plainlyNamed({ batches: JSON.parse(before).batches }));
  });

  it('open a file of format 5: it had no goods yet, and nobody had said who makes them', () => {
    const before = readFileSync(
      new URL('../../../tests/fixtures/workshop-format-5.rovack.json', import.meta.url),
      'utf8',
    );
    const { packaging, units, goods, orders, settings, batches } = opened(before);
    expect([packaging, units, goods, orders]).toEqual([[], [], [], []]);
    expect(settings?.maker).toEqual({ ...NO_MAKER, ...NOT_ASKED });
    expect({ batches }).toEqual(plainlyNamed({ batches: JSON.parse(before).batches }));
  });

  it('open a file of format 6: as it stands, it only did not say which device wrote what', () => {
    const before = readFileSync(
      new URL('../../../tests/fixtures/workshop-format-6.rovack.json', import.meta.url),
      'utf8',
    );
    const { format, formatVersion, ...stored } = JSON.parse(before);
    expect([format, formatVersion]).toEqual(['rovack-workshop', 6]);
    expect(opened(before)).toEqual(asOfNow({ format, formatVersion: STORED_VERSION, ...stored }));
  });

  it('open a file of format 7: what is like rose petals bears no label name of roses', () => {
    const before = readFileSync(
      new URL('../../../tests/fixtures/workshop-format-7.rovack.json', import.meta.url),
      'utf8',
    );
    const was = JSON.parse(before) as WorkshopFile;
    const now = opened(before);
    const inciOf = (file: WorkshopFile, name: string) =>
      file.materials.find((one) => one.name === name)?.inci;
    expect(inciOf(was, 'Cornflower petals')).toBe('Rosa Centifolia Flower');
    expect(inciOf(now, 'Cornflower petals')).toBe('');
    // A scent goes by that name whatever is in it; what ships keeps its own.
    expect(inciOf(now, 'Night Ferry fragrance')).toBe('Parfum');
    expect(inciOf(now, 'Baking soda')).toBe('Sodium Bicarbonate');
    const others = ({ materials, ...rest }: WorkshopFile) => ({
      ...rest,
      formatVersion: 0,
      materials: materials.length,
    });
    expect(others(now)).toEqual(others(asOfNow(was) as WorkshopFile));
  });

  it('open a file of format 8: fields have plain names, and a supplier’s document is a record', () => {
    const before = readFileSync(
      new URL('../../../tests/fixtures/workshop-format-8.rovack.json', import.meta.url),
      'utf8',
    );
    const now = opened(before);
    expect(now.documents).toEqual([
      {
        id: 'lavender-essential-oil',
        origin: 'own',
        kind: 'fragrance-certificate',
        materialId: 'lavender-essential-oil',
        lotId: null,
        title: '',
        dated: '2026-01-05',
        expiresOn: null,
        edition: '',
        limits: [{ category: '9', pct: 2 }],
        vanillinPct: null,
        flashPointC: 71,
        attached: null,
      },
    ]);
    expect(now.packaging.map(({ isArchived }) => isArchived)).toEqual([true, false, false]);
    const was = JSON.parse(before);
    const voided = (entries: readonly { struckAt?: string; voidedAt?: string | null }[]) =>
      entries.map(({ struckAt, voidedAt }) => struckAt ?? voidedAt ?? null);
    expect(voided(now.batches[0]?.entries ?? [])).toEqual(voided(was.batches[0].entries));
    expect(voided(now.goods)).toEqual(voided(was.goods));
    expect(JSON.stringify(now)).not.toMatch(/struck|isLaidAway|scentDocuments/);
  });

  it('open a file of format 9: each market by itself, and nothing said of what is filed', () => {
    const before = readFileSync(
      new URL('../../../tests/fixtures/workshop-format-9.rovack.json', import.meta.url),
      'utf8',
    );
    const was = JSON.parse(before) as { units: readonly { label: { market: string } }[] };
    const { units, settings } = opened(before);
    expect(units.map(({ label }) => label.markets)).toEqual(
      was.units.map(({ label }) => IN_MARKETS[label.market]),
    );
    expect(units.map(({ filings, label }) => [filings, label.soldAs, label.ufi])).toEqual(
      units.map(() => [[], null, '']),
    );
    expect(settings?.maker).toMatchObject({ name: 'Orrin Quay Bathworks', ...NOT_ASKED });
  });

  it('open a file of format 10: the limit of a scent is that of what is rinsed off', () => {
    const before = readFileSync(
      new URL('../../../tests/fixtures/workshop-format-10.rovack.json', import.meta.url),
      'utf8',
    );
    const { documents, documentFiles, logbook, stabilityPlans } = opened(before);
    expect(documents.map(({ limits, vanillinPct, kind }) => [kind, limits, vanillinPct])).toEqual([
      ['fragrance-certificate', [{ category: '9', pct: 2 }], null],
      // It gave no limit, only its vanillin.
      ['fragrance-certificate', [], 1.5],
    ]);
    expect([documentFiles, logbook, stabilityPlans]).toEqual([[], [], []]);
    const limits = scentDocumentsFor('bath-bomb', documents).map(({ maxPct }) => maxPct);
    expect(new Set(limits)).toEqual(new Set([2, null]));
  });

  it('open a file of format 11: everything in it is as it was', () => {
    const before = readFileSync(
      new URL('../../../tests/fixtures/workshop-format-11.rovack.json', import.meta.url),
      'utf8',
    );
    const was = JSON.parse(before) as Record<string, unknown>;
    const now = opened(before);
    expect(was.formatVersion).toBe(11);
    expect(now.documents).toEqual(was.documents);
    expect(now.materials).toEqual(was.materials);
    expect(now.settings).toEqual(was.settings);
  });

  it('open a file of format 12: as it stands, nothing was excluded yet', () => {
    const before = readFileSync(
      new URL('../../../tests/fixtures/workshop-format-12.rovack.json', import.meta.url),
      'utf8',
    );
    const { format, formatVersion, ...stored } = JSON.parse(before);
    expect([format, formatVersion]).toEqual(['rovack-workshop', 12]);
    expect(opened(before)).toEqual({ format, formatVersion: STORED_VERSION, ...stored });
    expect(opened(before).settings?.exclusions).toBeUndefined();
  });

  it('lead from every format there was to this one', () => {
    expect(UPGRADES.map(({ to }) => to)).toEqual(
      Array.from({ length: STORED_VERSION - 1 }, (_, i) => i + 2),
    );
  });
});

describe('previewImport', () => {
  it('tells new, same and changed apart', () => {
    const workshop = opened(SAMPLE);
    const [first, second, ...rest] = workshop.formulas;
    if (!first || !second) throw new Error('the sample has formulas');
    // Keys in another order are no change.
    const turned = Object.fromEntries(Object.entries(first).reverse()) as typeof first;
    const here = { ...workshop, formulas: [turned, { ...second, name: 'Renamed' }] };
    expect(previewImport(workshop, here)).toEqual({
      fresh: { ...NO_RECORDS, formulas: rest },
      changed: { ...NO_RECORDS, formulas: [second] },
      sameCount: countRecords(workshop).all - workshop.formulas.length + 1,
    });
  });
});
