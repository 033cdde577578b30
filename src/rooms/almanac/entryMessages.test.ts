import { describe, expect, it } from 'vitest';
import type { BatchEntry, NewEntry } from '@/core/batches/records/schema';
import { runsOf, sayEntry, sayRun } from './entryMessages';
import { shipped } from '../../../tests/fixtures/bodies';

const nameOf = (id: string) => shipped(id).name;

function said(entry: NewEntry, title = 'Mix the powders'): string {
  const written = { ...entry, id: 'x', at: '2026-04-18T10:00:00Z', stepId: 's', voidedAt: null };
  return sayEntry(written as BatchEntry, title, nameOf);
}

describe('the story of a batch', () => {
  it.each<[NewEntry, string]>([
    [{ kind: 'room', humidityPct: 46, tempC: 19.5 }, 'Room at 46%, 19.5°C'],
    [
      { kind: 'weighed', lineId: 'l', materialId: 'kaolin', targetG: 40, massG: 40.2, by: 'typed' },
      'Kaolin clay: 40.2 g of 40.0 g',
    ],
    [
      { kind: 'added', materialId: 'water', massG: 2.1, squirts: 3, why: 'too-dry' },
      'Water: added 2.1 g, 3 squirts, squeezed too dry',
    ],
    [
      { kind: 'added', materialId: 'castor-oil', massG: 1, squirts: null, why: 'too-dry' },
      'Castor oil: added 1 g, squeezed too dry',
    ],
    [{ kind: 'timer', seconds: 90 }, 'Mix the powders: timer started, 90 s'],
    [
      { kind: 'squeezed', acidIn: true, felt: 'too-wet' },
      'Squeeze test with the acid in: Shines and sticks',
    ],
    [{ kind: 'squeezed', acidIn: false, felt: 'right' }, 'Squeeze test: Big clumps'],
    [{ kind: 'done' }, 'Mix the powders: done'],
    [{ kind: 'skipped' }, 'Mix the powders: skipped'],
    [{ kind: 'counted', pieces: 11, rejects: 1 }, 'Counted 11 pieces, 1 reject'],
    [{ kind: 'note', text: 'Door stood open.' }, 'Door stood open.'],
  ])('says %o', (entry, sentence) => {
    expect(said(entry)).toBe(sentence);
  });
});

describe('a run of entries', () => {
  const base = { at: '2026-04-18T09:00:00.000Z', stepId: 'press', voidedAt: null };
  const fill = (id: string, massG: number | null, voidedAt: string | null = null) =>
    ({ ...base, id, kind: 'filled', massG, by: 'typed', voidedAt }) as const;
  const squirt = (id: string, materialId = 'water') =>
    ({ ...base, id, kind: 'added', materialId, massG: 0.7, squirts: 1, why: 'sprayed' }) as const;

  it('is one line for pieces pressed one after the other, and for squirts of the same', () => {
    const runs = runsOf([
      fill('a', 120),
      fill('b', 122),
      fill('c', null),
      squirt('d'),
      squirt('e'),
      squirt('f', 'witch-hazel'),
      fill('g', 119, '2026-04-18T09:30:00.000Z'),
      fill('h', 121),
    ]);
    expect(runs.map((run) => sayRun(run, 'Fill and press', nameOf))).toEqual([
      '3 pieces pressed, mean 121.0 g',
      'Water: added 1.4 g, 2 squirts, sprayed',
      'Witch hazel: added 0.7 g, 1 squirt, sprayed',
      'Piece pressed, 119.0 g',
      'Piece pressed, 121.0 g',
    ]);
  });
});
