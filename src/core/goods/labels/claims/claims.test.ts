import { describe, expect, it } from 'vitest';
import { CLAIMED, HARMLESS } from '../../../../../tests/fixtures/claims';
import { claimsIn } from './claimsIn';

describe('claims in a maker’s own words', () => {
  it('of sixty that claim and sixty that do not, at most three are wrong either way', () => {
    const missed = CLAIMED.filter((text) => claimsIn(text).length === 0);
    const accused = HARMLESS.filter((text) => claimsIn(text).length > 0);
    expect(CLAIMED.length + HARMLESS.length).toBe(120);
    expect(missed).toEqual([]);
    expect(accused).toEqual([]);
  });
});
