import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainWords } from '@/core/basics/format/plainWords';
import { findBySlug, slugOf } from './addresses';

const LANTERN = { id: '3f9a2c11-0000-4000-8000-000000000000', name: 'Quince Lantern' };
const OTHER = { id: '77aa0000-0000-4000-8000-000000000000', name: 'Ebb Glass' };

describe('an address of a record', () => {
  it('bears its name and the start of its id', () => {
    expect(slugOf(LANTERN)).toBe('quince-lantern-3f9a2c');
    expect(slugOf({ ...LANTERN, name: 'Été & Brûlée!' })).toBe('ete-brulee-3f9a2c');
    expect(slugOf({ ...LANTERN, name: '灯り' })).toBe('灯り-3f9a2c');
    expect(slugOf({ ...LANTERN, name: ' — ' })).toBe('3f9a2c');
    expect(slugOf({ ...LANTERN, name: 'a'.repeat(300) })).toHaveLength(48 + 7);
  });

  it('leads to its record after a new name too, by its whole id, and by its name alone', () => {
    const list = [OTHER, LANTERN];
    const of = (slug: string) => findBySlug(slug, list)?.name;
    expect(of('some-older-name-3f9a2c')).toBe('Quince Lantern');
    expect(of(LANTERN.id)).toBe('Quince Lantern');
    expect(of('Quince-Lantern')).toBe('Quince Lantern');
    expect(of('quince-lantern-3f9a2d')).toBeUndefined();
    expect(of('')).toBeUndefined();
  });

  it('that two records share by chance leads to the one of that name, and a name of two to none', () => {
    const twin = { id: '3f9a2c99-0000-4000-8000-000000000000', name: 'Slack Water' };
    expect(findBySlug('slack-water-3f9a2c', [LANTERN, twin])).toBe(twin);
    expect(findBySlug('gone-3f9a2c', [LANTERN, twin])).toBeNull();
    const copy = { ...OTHER, name: 'Quince Lantern' };
    expect(findBySlug('quince-lantern', [LANTERN, copy])).toBeNull();
  });

  it('is found again whatever the record is called', () => {
    fc.assert(
      fc.property(fc.uuid(), fc.string({ unit: 'grapheme', maxLength: 90 }), (id, name) => {
        const one = { id, name };
        const slug = slugOf(one);
        expect(slug).toMatch(/^[\p{L}\p{N}-]+$/u);
        expect(findBySlug(slug, [one])).toBe(one);
        expect(plainWords(slug).join('-')).toBe(slug);
      }),
      { seed: 7 },
    );
  });
});
