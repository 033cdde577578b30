import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mergeBy, type Shape } from './shape';

const LIST: Shape = {
  kind: 'list',
  keyOf: ({ id }: { readonly id: string }) => id,
  of: { kind: 'fields', of: {} },
};
const MAP: Shape = { kind: 'map', of: { kind: 'fields', of: {} } };
const entry = (id: string, value = 0) => ({ id, value });
const merged = (shape: Shape, base: unknown, mine: unknown, theirs: unknown) =>
  mergeBy(shape, { base, mine, theirs });

describe('a list of entries that two sides changed', () => {
  it('has what either side added, and not what either side removed', () => {
    const both = merged(
      LIST,
      [entry('a'), entry('b'), entry('c')],
      [entry('a'), entry('c'), entry('mine')],
      [entry('a'), entry('b'), entry('theirs')],
    );
    expect(both).toEqual({
      value: [entry('a'), entry('mine'), entry('theirs')],
      clashes: [],
    });
  });

  it('keeps an entry that one side removed and the other changed, and lists it', () => {
    const both = merged(LIST, [entry('a')], [], [entry('a', 7)]);
    expect(both.value).toEqual([entry('a', 7)]);
    expect(both.clashes).toEqual([
      { path: ['a'], kind: 'kept', mine: entry('a', 7), theirs: entry('a', 7) },
    ]);
  });

  it('changes each field of an entry as the side has it that changed it, and lists what both changed', () => {
    const was = { id: 'a', from: 8, to: 17 };
    const both = merged(LIST, [was], [{ ...was, from: 9 }], [{ ...was, from: 7, to: 16 }]);
    expect(both.value).toEqual([{ id: 'a', from: 9, to: 16 }]);
    expect(both.clashes).toEqual([{ path: ['a', 'from'], kind: 'value', mine: 9, theirs: 7 }]);
  });

  it('keeps two entries of one key both', () => {
    const twice = [entry('a', 1), entry('a', 2)];
    expect(merged(LIST, [], twice, [entry('b')]).value).toEqual([...twice, entry('b')]);
  });
});

describe('values that count by themselves', () => {
  const BAG: Shape = { kind: 'bag', most: 4 };
  it('are there as often as both sides added them, less what either took out', () => {
    expect(merged(BAG, [120], [120, 121], [120, 121, 122]).value).toEqual([120, 121, 121, 122]);
    expect(merged(BAG, [120, 119], [120], [120, 119, 118]).value).toEqual([120, 118]);
    // Nobody knows what both had: what is on both sides is one.
    expect(merged(BAG, undefined, [120], [120, 118]).value).toEqual([120, 118]);
  });
  it('are no more than so many, the newest', () => {
    expect(merged(BAG, [1, 2, 3], [1, 2, 3, 4], [1, 2, 3, 5]).value).toEqual([2, 3, 4, 5]);
  });
});

describe('a moment that is set once', () => {
  it('is the earlier one, and set where either side set it', () => {
    const [early, late] = ['2026-04-18T09:00:00.000Z', '2026-04-18T09:30:00.000+00:00'];
    const once = (mine: unknown, theirs: unknown) =>
      merged({ kind: 'once' }, undefined, mine, theirs).value;
    expect(once(null, late)).toBe(late);
    expect(once(late, null)).toBe(late);
    expect(once(late, early)).toBe(early);
    expect(once(early, late)).toBe(early);
  });
});

describe('random edits on two sides', () => {
  const key = fc.constantFrom('a', 'b', 'c', 'd', 'e');
  const side = fc.dictionary(key, fc.record({ id: fc.constant('x'), value: fc.nat(3) }));
  const asList = (map: Readonly<Record<string, { readonly value: number }>>) =>
    Object.entries(map).map(([id, { value }]) => ({ id, value }));

  it('lose no entry unless a side removed it and the other left it alone, and make none up', () => {
    fc.assert(
      fc.property(side, side, side, (base, mine, theirs) => {
        const both = merged(MAP, base, mine, theirs).value as typeof mine;
        for (const name of new Set([base, mine, theirs].flatMap((one) => Object.keys(one)))) {
          const [was, here, there] = [base[name]?.value, mine[name]?.value, theirs[name]?.value];
          const isRemoved =
            was !== undefined &&
            ((here === undefined && there === was) || (there === undefined && here === was));
          const isThere = here !== undefined || there !== undefined;
          expect(name in both).toBe(isThere && !isRemoved);
          if (name in both) expect([here, there]).toContain(both[name]?.value);
          // What only one side changed is as that side has it.
          if (here === was && there !== undefined) expect(both[name]?.value).toBe(there);
          if (there === was && here !== undefined) expect(both[name]?.value).toBe(here);
        }
      }),
      { seed: 28, numRuns: 500 },
    );
  });

  it('come to the same entries whichever side begins, where no value clashes', () => {
    fc.assert(
      fc.property(side, side, side, (base, mine, theirs) => {
        const [was, here, there] = [asList(base), asList(mine), asList(theirs)];
        const one = merged(LIST, was, here, there);
        const other = merged(LIST, was, there, here);
        const sorted = (value: unknown) =>
          [...(value as { id: string }[])].sort((a, b) => (a.id < b.id ? -1 : 1));
        const isClash = one.clashes.some(({ kind }) => kind === 'value');
        if (!isClash) expect(sorted(one.value)).toEqual(sorted(other.value));
        expect(one.clashes.length).toBe(other.clashes.length);
      }),
      { seed: 28, numRuns: 500 },
    );
  });
});
