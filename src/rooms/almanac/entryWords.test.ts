import { describe, expect, it } from 'vitest';
import type { BatchEntry, NewEntry } from '@/core/records';
import { sayEntry } from './entryWords';

function said(entry: NewEntry, title = 'Mix the powders'): string {
  const written = { ...entry, id: 'x', at: '2026-04-18T10:00:00Z', stepId: 's', struckAt: null };
  return sayEntry(written as BatchEntry, title);
}

describe('the story of a batch', () => {
  it.each<[NewEntry, string]>([
    [{ kind: 'room', humidityPct: 46, tempC: 19.5 }, 'Room at 46 %, 19.5 °C'],
    [
      { kind: 'weighed', lineId: 'l', materialId: 'kaolin', targetG: 40, massG: 40.2, by: 'typed' },
      'Kaolin clay: 40.2 g of 40.0',
    ],
    [
      { kind: 'added', materialId: 'water', massG: 2.1, squirts: 3, why: 'squeezed too dry' },
      'Added 2.1 g water, 3 squirts: squeezed too dry',
    ],
    [
      { kind: 'added', materialId: 'castor-oil', massG: 1, squirts: null, why: 'squeezed too dry' },
      'Added 1 g castor oil: squeezed too dry',
    ],
    [{ kind: 'timer', seconds: 90 }, 'Mix the powders: timer started, 1.5 min'],
    [{ kind: 'squeezed', acidIn: true, felt: 'too-wet' }, 'Squeezed, acid in: shines and sticks'],
    [{ kind: 'squeezed', acidIn: false, felt: 'right' }, 'Squeezed: big clumps'],
    [{ kind: 'done' }, 'Mix the powders: done'],
    [{ kind: 'skipped' }, 'Mix the powders: skipped'],
    [{ kind: 'counted', pieces: 11, rejects: 1 }, 'Counted 11 pieces, 1 gone wrong'],
    [{ kind: 'note', text: 'Door stood open.' }, 'Door stood open.'],
  ])('says %o', (entry, sentence) => {
    expect(said(entry)).toBe(sentence);
  });
});
