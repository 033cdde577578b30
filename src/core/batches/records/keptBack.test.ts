import { describe, expect, it } from 'vitest';
import { begun, workTo } from '../../../../tests/fixtures/bench';
import { countOf } from './summary';
import { looksOf, ownShelfLife } from './keptBack';
import { record } from './batch';
import type { Batch } from './schema';

const DAY = 24 * 3_600_000;
const made = () => workTo(begun(), () => false);
const madeMs = (batch: Batch) => Date.parse(countOf(batch)?.at ?? '');
const later = (batch: Batch, days: number) => new Date(madeMs(batch) + days * DAY).toISOString();

function kept(): Batch {
  const batch = made();
  return record(batch, { kind: 'kept', pieces: 3 }, later(batch, 2));
}
const look = (batch: Batch, days: number, hard: number) =>
  record(batch, { kind: 'looked', hard, scent: 4, color: 'as-made' }, later(batch, days));

describe('kept-back pieces', () => {
  it('ask for a look at 1, 3, 6 and 12 months, three days early, until it is done or missed', () => {
    expect(looksOf(made(), Date.now())).toEqual([]);
    const batch = kept();
    const states = (of: Batch, days: number) =>
      looksOf(of, madeMs(of) + days * DAY).map(({ state }) => state);
    // A month is 30.44 days.
    expect(states(batch, 27)).toEqual(['later', 'later', 'later', 'later']);
    expect(states(batch, 28)).toEqual(['due', 'later', 'later', 'later']);
    const once = look(batch, 35, 5);
    expect(states(once, 40)).toEqual(['done', 'later', 'later', 'later']);
    expect(states(once, 89)).toEqual(['done', 'due', 'later', 'later']);
    expect(states(batch, 89)).toEqual(['missed', 'due', 'later', 'later']);
    expect(states(batch, 400)).toEqual(['missed', 'missed', 'missed', 'due']);
  });

  it('teach how long pieces keep: good up to the first that was not', () => {
    const batch = kept();
    expect(ownShelfLife([batch])).toEqual({ goodToMonths: null, badFromMonths: null, looks: 0 });
    const good = look(look(batch, 30.44, 5), 91.3, 3);
    expect(ownShelfLife([good]).goodToMonths).toBeCloseTo(3, 1);
    const bad = look(good, 182.6, 2);
    const { goodToMonths, badFromMonths, looks } = ownShelfLife([bad]);
    expect([goodToMonths, badFromMonths, looks]).toEqual([
      expect.closeTo(3, 1),
      expect.closeTo(6, 1),
      3,
    ]);
  });
});
