import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  addLine,
  addMass,
  allLines,
  moveLine,
  removeLine,
  reorderLines,
  setLineLocked,
  setLineMass,
  setLineMaterial,
  settleUnread,
  totalMassG,
  tradeMass,
} from './edit';
import { describeVersion, keepVersion } from './versions';
import { emptyBody, newFormula, newLine } from './create';
import { formulaSchema, type FormulaBody } from './schema';
import { newId } from '@/core/basics/newId';
import { setLineWay, waysOf } from './ways';
import { withLabelNote, withNotes } from './notes';
import { bodyFrom, shipped } from '../../../../tests/fixtures/bodies';

const NOW = '2026-04-18T10:00:00.000+02:00';

function filled(): FormulaBody {
  const materials = [
    ['citric-acid', 500],
    ['sodium-bicarbonate', 1000],
    ['sweet-almond-oil', 50],
    ['cornstarch', 80],
  ] as const;
  return materials.reduce<FormulaBody>(
    (body, [id, massG]) => addMass(body, shipped(id), massG),
    emptyBody('bath-bomb'),
  );
}

function idOf(body: FormulaBody, materialId: string): string {
  return allLines(body).find((line) => line.materialId === materialId)?.id ?? '';
}

describe('editing a formula', () => {
  it('puts each new line at the end of its phase', () => {
    expect(allLines(filled()).map(({ materialId }) => materialId)).toEqual([
      'sodium-bicarbonate',
      'cornstarch',
      'sweet-almond-oil',
      'citric-acid',
    ]);
  });

  it('keeps the sum when a boundary is pulled, however far', () => {
    const body = filled();
    const [upper, lower] = [idOf(body, 'sodium-bicarbonate'), idOf(body, 'cornstarch')];
    fc.assert(
      fc.property(fc.double({ min: -5000, max: 5000, noNaN: true }), (gainG) => {
        const pulled = tradeMass(body, upper, lower, gainG);
        expect(totalMassG(pulled)).toBeCloseTo(totalMassG(body), 9);
        for (const line of allLines(pulled)) expect(line.massG).toBeGreaterThanOrEqual(0);
      }),
      { seed: 5, numRuns: 200 },
    );
  });

  it('leaves a locked line alone when its boundary is pulled', () => {
    const body = filled();
    const locked = setLineLocked(body, idOf(body, 'cornstarch'), true);
    expect(tradeMass(locked, idOf(body, 'sodium-bicarbonate'), idOf(body, 'cornstarch'), 20)).toBe(
      locked,
    );
  });

  it('adds a cure to its line, or beside it when that line is locked', () => {
    const body = filled();
    const id = idOf(body, 'cornstarch');
    expect(allLines(addMass(body, shipped('cornstarch'), 5)).find((l) => l.id === id)?.massG).toBe(
      85,
    );
    const locked = addMass(setLineLocked(body, id, true), shipped('cornstarch'), 5);
    expect(
      allLines(locked)
        .filter((l) => l.materialId === 'cornstarch')
        .map((l) => l.massG),
    ).toEqual([80, 5]);
  });

  it('makes a typed weight certain', () => {
    const empty = emptyBody('bath-bomb');
    const spread = { low: 90, best: 100, high: 120 };
    const cups = addLine(empty, empty.parts[0]?.id ?? '', shipped('cornstarch'), spread);
    const id = idOf(cups, 'cornstarch');
    expect(allLines(cups)[0]).toMatchObject({ massLowG: 90, massG: 100, massHighG: 120 });
    expect(allLines(setLineMass(cups, id, 101))[0]).toMatchObject({
      massLowG: 101,
      massG: 101,
      massHighG: 101,
    });
  });

  it('changes phase at the edge of a phase before it passes its neighbor', () => {
    const body = filled();
    const oil = idOf(body, 'sweet-almond-oil');
    const once = moveLine(body, oil, -1);
    expect(allLines(once).map((l) => l.phase)).toEqual(['dry', 'dry', 'dry', 'acid']);
    const twice = moveLine(once, oil, -1);
    expect(allLines(twice)[1]?.id).toBe(oil);
    expect(moveLine(body, idOf(body, 'sodium-bicarbonate'), -1)).toBe(body);
  });

  it('gives a carried line the phase of where it was put', () => {
    const body = filled();
    const [soda, starch, oil, acid] = allLines(body).map(({ id }) => id) as [
      string,
      string,
      string,
      string,
    ];
    const part = body.parts[0]?.id ?? '';
    const carried = reorderLines(body, part, [acid, soda, starch, oil], acid);
    expect(allLines(carried)[0]).toMatchObject({ materialId: 'citric-acid', phase: 'dry' });
    expect(() => reorderLines(body, part, [acid, soda], acid)).toThrow(/each of the 4 lines once/);
  });

  it('swaps a material and keeps its mass, id and place', () => {
    const body = filled();
    const id = idOf(body, 'cornstarch');
    const swapped = setLineMaterial(body, id, shipped('arrowroot'));
    expect(allLines(swapped)[1]).toMatchObject({ id, materialId: 'arrowroot', massG: 80 });
  });

  it('answers an unread line once', () => {
    const body = filled();
    const unread = {
      id: newId(),
      line: 3,
      text: 'salt',
      reason: { code: 'ambiguous' as const, about: 'salt' },
      choices: [],
      partId: body.parts[0]?.id ?? '',
    };
    const waiting = { ...body, unread: [unread] };
    const settled = settleUnread(waiting, unread.id, newLine(shipped('sea-salt'), 10));
    expect(settled.unread).toEqual([]);
    expect(idOf(settled, 'sea-salt')).not.toBe('');
    expect(settleUnread(waiting, unread.id, null).parts).toEqual(body.parts);
    expect(() => settleUnread(settled, unread.id, null)).toThrow(/is not in this formula/);
  });

  it.each([NaN, -1, 2_000_000])('refuses %d grams', (massG) => {
    const body = filled();
    expect(() => setLineMass(body, idOf(body, 'cornstarch'), massG)).toThrow(/massG must be 0 to/);
    expect(() => removeLine(body, 'nobody')).toThrow(/is not in this formula/);
  });
});

describe('versions', () => {
  it('keeps a version only when something changed', () => {
    const started = newFormula('Quince Lantern', filled(), NOW);
    expect(describeVersion(started)).toBe('no version yet');
    const first = keepVersion(started, NOW);
    expect(keepVersion(first, NOW)).toBe(first);
    const changed = { ...first, body: addMass(first.body, shipped('cornstarch'), 1) };
    expect(describeVersion(changed)).toBe('version 1, changed since');
    const second = keepVersion(changed, NOW);
    expect(second.versions.map(({ number }) => number)).toEqual([1, 2]);
    expect(formulaSchema.parse(second)).toEqual(second);
  });
});

describe('what is told beside the lines', () => {
  const body = bodyFrom('200 g baking soda\n100 g citric acid\n7 g witch hazel');

  it('keeps notes and a note for the label, and drops them when they are empty', () => {
    const noted = withNotes(body, [' Good at 42% ', '', 'x'.repeat(600)]);
    expect(noted.notes).toEqual(['Good at 42%', 'x'.repeat(500)]);
    expect(withNotes(noted, [' '])).toEqual(body);
    expect(withNotes(body, [])).toBe(body);
    expect(withLabelNote(body, ' from the quay ').labelNote).toBe('from the quay');
    expect(withLabelNote(withLabelNote(body, 'x'), ' ')).toEqual(body);
  });

  it('says how a line goes in, only in ways that fit it, and leaves it to the rules again', () => {
    const hazel = allLines(body).find(({ materialId }) => materialId === 'witch-hazel');
    const sprayed = setLineWay(body, hazel?.id ?? '', 'sprayed');
    expect(allLines(sprayed).find(({ id }) => id === hazel?.id)?.how).toBe('sprayed');
    expect(setLineWay(sprayed, hazel?.id ?? '', null)).toEqual(body);
    const ways = (id: string) => waysOf(shipped(id));
    expect(ways('witch-hazel')).toContain('sprayed');
    expect(ways('cocoa-butter')).toContain('melted');
    expect(ways('sweet-almond-oil')).not.toContain('melted');
    expect(ways('menthol')).toEqual(expect.arrayContaining(['in-alcohol', 'in-warm-oil']));
    expect(ways('rose-petals')).toContain('on-the-floor');
    expect(ways('citric-acid')).not.toContain('sprayed');
  });
});
