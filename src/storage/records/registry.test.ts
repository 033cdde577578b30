import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import { settingsSchema, type Settings } from '@/core/workshop/settings/settingsSchema';
import { RECORDS, SETTINGS } from './registry';
import { decided, sayOtherValue } from '../merge/decided';
import type { Shape } from '../merge/shape';
import { mergeSettings } from '../merge/merge';

const VOICE = { where: 'in two tabs', loser: 'another tab' };

/** What a schema is, below what makes it optional or null. */
function bare(schema: unknown): { readonly type?: string; readonly shape?: object } {
  const { _zod } = schema as { readonly _zod?: { readonly def: Record<string, unknown> } };
  const def = _zod?.def ?? {};
  if (def.innerType) return bare(def.innerType);
  return def;
}

/** Fields of a record that hold entries, and how they come together. */
function growing(
  schema: unknown,
  shape: Shape,
  path: string,
): readonly (readonly [string, string])[] {
  const def = bare(schema);
  const options = (def as { readonly options?: readonly unknown[] }).options;
  if (options) return options.flatMap((option) => growing(option, shape, path));
  return Object.entries(def.shape ?? {}).flatMap(([field, of]) => {
    const named = shape.kind === 'fields' ? shape.of[field] : undefined;
    const type = bare(of).type ?? '';
    const place = `${path}.${field}`;
    if (type === 'array' || type === 'record') return [[place, named?.kind ?? 'unnamed'] as const];
    return named?.kind === 'fields' ? growing(of, named, place) : [];
  });
}

describe('every list and map that is stored', () => {
  it('says how two sides of it come together: by entry, or whole on purpose', () => {
    const places = [
      ...Object.entries(RECORDS).flatMap(([name, { schema, merge }]) =>
        growing(schema, merge, name),
      ),
      ...growing(SETTINGS.schema, SETTINGS.merge, 'settings'),
    ];
    expect(places.length).toBeGreaterThan(30);
    expect(places.filter(([, how]) => how === 'unnamed')).toEqual([]);
  });
});

describe('settings that two sides changed', () => {
  const base: Settings = {
    ...USUAL_SETTINGS,
    costings: { old: { packagingEach: 0.2, laborMinutes: 30 } },
    makers: ['Wren'],
  };
  const person = (name: string, from = '08:00') => ({
    name,
    from,
    to: '17:00',
    days: [1],
    away: [],
  });
  const lock = (job: string, at = '2026-04-18T09:00:00.000Z') => ({ job, step: 'press', at });

  it('have the costings, people, hours, requests and locks of both', () => {
    const side = (one: string): Settings => ({
      ...base,
      costings: { ...base.costings, [one]: { packagingEach: 1, laborMinutes: 9 } },
      makers: [...base.makers, one],
      plan: { hours: [person(one)], locks: [lock(one)], humidityPct: null },
    });
    const { record, said } = mergeSettings({ base, mine: side('a'), theirs: side('b') }, VOICE);
    expect(said).toEqual([]);
    expect(Object.keys(record.costings)).toEqual(['old', 'a', 'b']);
    expect(record.makers).toEqual(['Wren', 'a', 'b']);
    expect(record.plan.hours.map(({ name }) => name)).toEqual(['a', 'b']);
    expect(record.plan.locks).toEqual([lock('a'), lock('b')]);
    expect(settingsSchema.safeParse(record).success).toBe(true);
  });

  it('keep of one value that both changed the other one beside it, and say so in words', () => {
    const cost = (laborMinutes: number): Settings => ({
      ...base,
      costings: { old: { packagingEach: 0.2, laborMinutes } },
    });
    const { record, said } = mergeSettings(
      { base, mine: cost(40), theirs: cost(55) },
      { ...VOICE, nameOf: (id) => (id === 'old' ? 'Quince Lantern' : undefined) },
    );
    expect(record.costings.old?.laborMinutes).toBe(40);
    expect(record.otherValues).toMatchObject([
      { path: ['costings', 'old', 'laborMinutes'], value: '55', from: 'another tab' },
    ]);
    expect(said).toEqual([
      'Workshop was changed in two tabs. Cost of Quince Lantern, labor minutes is 40; the other value was 55.',
    ]);
  });

  it('are put as the other side had them where the maker says so, also inside a list', () => {
    const from = (at: string): Settings => ({
      ...base,
      plan: { ...base.plan, hours: [person('Wren', at)] },
    });
    const { record } = mergeSettings(
      { base: from('08:00'), mine: from('09:00'), theirs: from('07:30') },
      VOICE,
    );
    const [other] = record.otherValues ?? [];
    if (!other) throw new Error('both changed it');
    expect(sayOtherValue(other, () => undefined)).toBe(
      'Working hours of Wren, start: “07:30” in another tab.',
    );
    const taken = decided(record, other, true);
    expect(taken.plan.hours[0]?.from).toBe('07:30');
    expect(taken.otherValues).toEqual([]);
    expect(decided(record, other, false).plan.hours[0]?.from).toBe('09:00');
    // A value that no longer fits changes nothing.
    expect(decided(record, { ...other, value: '"noon"' }, true).plan.hours[0]?.from).toBe('09:00');
  });

  it('have one lock of a step that was locked twice', () => {
    const locked = (...locks: Settings['plan']['locks']): Settings => ({
      ...base,
      plan: { ...base.plan, locks },
    });
    const { record } = mergeSettings(
      { base, mine: locked(lock('a')), theirs: locked(lock('a'), lock('b')) },
      VOICE,
    );
    expect(record.plan.locks).toEqual([lock('a'), lock('b')]);
  });

  it('have the room as it was read last, and no word of it', () => {
    const read = (humidityPct: number, minute: number): Settings => ({
      ...base,
      humidityPct,
      roomReadAt: new Date(Date.UTC(2026, 3, 18, 9, minute)).toISOString(),
    });
    for (const [mine, theirs] of [
      [read(40, 1), read(60, 2)],
      [read(60, 2), read(40, 1)],
    ] as const)
      expect(mergeSettings({ base, mine, theirs }, VOICE)).toMatchObject({
        record: { humidityPct: 60 },
        said: [],
      });
  });

  it('stay settings whatever two sides did to their entries', () => {
    const some = <T>(of: (name: string) => T) =>
      fc
        .uniqueArray(fc.constantFrom('a', 'b', 'c', 'd'))
        .map((names) => names.map((name) => of(name)));
    const side = fc
      .record({ people: some((name) => name), hours: some(person), locks: some(lock) })
      .map(({ people, hours, locks }): Settings => ({
        ...base,
        makers: people,
        plan: { ...base.plan, hours, locks },
      }));
    fc.assert(
      fc.property(side, side, side, (was, mine, theirs) => {
        const { record } = mergeSettings({ base: was, mine, theirs }, VOICE);
        expect(settingsSchema.safeParse(record).success).toBe(true);
        for (const name of ['a', 'b', 'c', 'd']) {
          const isIn = [was, mine, theirs].map(({ makers }) => makers.includes(name));
          const [before = false, here = false, there = false] = isIn;
          expect(record.makers.includes(name)).toBe(before ? here && there : here || there);
        }
      }),
      { seed: 28, numRuns: 300 },
    );
  });
});
