import { describe, expect, it } from 'vitest';
import { startTrial } from '@/core/batches/trials/write';
import type { TrialEntry } from '@/core/batches/trials/schema';
import { SEEN_WHATS, seenRow } from '@/core/batches/trials/seen';
import type { TrialKind } from '@/core/batches/trials/kinds';
import {
  sayAge,
  sayPiece,
  sayShouldFloat,
  sayShouldLast,
  sayTrialEntry,
  sayWhatDoes,
} from './tryMessages';

const AT = '2026-04-18T12:00:00.000+00:00';
const entry = (rest: object) => ({ id: 'a', at: AT, voidedAt: null, ...rest }) as TrialEntry;
const trial = (kind: TrialKind, volumeL: number, isCrumbs = false) =>
  startTrial(
    {
      kind,
      batchId: null,
      name: 'from the market',
      pieceG: 120,
      isCrumbs,
      ageDays: 7,
      water: { volumeL, tempC: 38, alkalinityMgL: 100 },
      flowLMin: kind === 'shower' ? 8 : null,
      stepG: null,
    },
    AT,
  );

describe('an entry of a test', () => {
  it('of what was seen has the title of its row and the word of its choice', () => {
    for (const what of SEEN_WHATS)
      for (const { value, word } of seenRow(what).choices)
        expect(sayTrialEntry(entry({ kind: 'seen', what, value }))).toBe(
          `${seenRow(what).title}: ${word}`,
        );
    expect(new Set(SEEN_WHATS.map((what) => seenRow(what).title)).size).toBeGreaterThan(8);
  });

  it.each([
    [{ kind: 'color', hex: '#88ccaa', by: 'eye' }, 'Water color #88ccaa, by eye'],
    [{ kind: 'color', hex: '#88ccaa', by: 'photo' }, 'Water color #88ccaa, by photo'],
    [{ kind: 'jug', massG: 1420.04 }, 'Pitcher and water 1,420.0 g'],
    [{ kind: 'verdict', verdict: 'sell', whys: [] }, 'Sell it'],
    [
      { kind: 'verdict', verdict: 'no', whys: ['ring', 'sinks'] },
      'Don’t sell it: leaves a ring, sinks',
    ],
    [{ kind: 'note', text: 'smells of harbor' }, 'smells of harbor'],
  ])('%j is “%s”', (rest, said) => {
    expect(sayTrialEntry(entry(rest))).toBe(said);
  });
});

it('a piece is told with its age and its water, finer below ten liters', () => {
  expect(sayPiece(trial('tub', 150))).toBe('a piece of 120.0 g · made 7 days ago · 150 L at 38°C');
  expect(sayPiece(trial('cleaning', 9.4))).toContain(' 9.4 L');
  expect(sayPiece(trial('cleaning', 10.4))).toContain(' 10 L');
  expect(sayPiece(trial('tub', 150, true))).toContain('crumbs of');
  expect(sayPiece(trial('shower', 150))).not.toContain('°C');
  expect(sayAge(null)).toBe('age unknown');
  expect(sayAge(0.9)).toBe('made today');
  expect(sayAge(1)).toBe('made yesterday');
});

it('a forecast says gone after, or how many showers, and floats only for what is dropped in', () => {
  const goneS = { low: 100, best: 120, high: 150 };
  const dropped = { kind: 'dropped', goneS, buoyancy: 'sinks' } as never;
  const showered = { kind: 'showered', showers: { low: 1, best: 1.5, high: 2 } } as never;
  expect(sayShouldLast(dropped)).toBe('It should be gone after 2.0 min (1.7–2.5 min).');
  expect(sayShouldLast(showered)).toBe('It should last 1.5 showers of eight minutes (1.0–2.0).');
  expect(sayShouldFloat(dropped)).toBe('It should sink.');
  expect(sayShouldFloat(showered)).toBe('');
});

it('a scale that is too coarse is answered with more of it, a finer scale, or both', () => {
  const does = (sampleThatDoesG: number | null, stepThatDoesG: number | null) =>
    sayWhatDoes({ sampleThatDoesG, stepThatDoesG } as never);
  expect(does(80, 0.1)).toBe('Use 80 g of it on this scale, or a scale with steps of 0.1 g.');
  expect(does(null, 0.1)).toBe('Use a scale with steps of 0.1 g.');
  expect(does(null, null)).toBe('Use a finer scale.');
});
